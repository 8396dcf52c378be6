import { z } from 'zod';
import { ranged, whole } from '../problem/ranged';
import { choice, flag } from '../problem/schema';
import { INKS } from '../writing/inkStyle';
import { type Band, LONGEST_TEXT, MODEL_TINTS, MOST_BANDS, type Practice } from './band';
import { bandKindIds, isBandKind } from './bands/registry';

const notAKind = () => `What is practised must be one of: ${bandKindIds().join(', ')}.`;

/** A band as it is read from outside. */
export const bandSchema = z.strictObject({
  id: z.string().regex(/^[A-Za-z0-9-]{1,12}$/, 'A band’s id is 1 to 12 letters, digits or hyphens.'),
  what: z.strictObject({
    kind: z.string({ error: notAKind }).refine((kind): boolean => isBandKind(kind), { error: notAKind }),
    of: z.string({ error: () => 'What a band holds must be text.' }).max(LONGEST_TEXT, {
      error: () => `A band holds at most ${LONGEST_TEXT} characters; please shorten it.`,
    }),
  }),
  how: z.strictObject({
    guided: flag('Guided cell'),
    trace: whole('cells'),
    fading: whole('cells'),
    free: whole('cells'),
    repeat: flag('Repeat'),
    lines: whole('bandLines'),
    fill: flag('Fill the page'),
    snug: flag('Snug rows'),
    size: ranged('size'),
    held: flag('Held angle'),
    ink: choice('Ink', INKS),
    tint: choice('Tint of the model', MODEL_TINTS),
  }),
}) satisfies z.ZodType<Band>;

/** Schema of a practice page. */
export const practiceSchema = z.strictObject({
  bands: z
    .array(bandSchema)
    .max(MOST_BANDS, {
      error: () => `A practice page holds at most ${MOST_BANDS} bands; please take some away.`,
    })
    .refine((bands) => new Set(bands.map(({ id }) => id)).size === bands.length, {
      error: () => 'Two bands have the same id; give each its own.',
    })
    .readonly(),
}) satisfies z.ZodType<Practice>;
