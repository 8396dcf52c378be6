import { z } from 'zod';
import { ranged, whole } from '../problem/ranged';
import { choice, flag } from '../problem/schema';
import { INKS } from '../writing/inkStyle';

/**
 * A practice page as data: a list of bands, each saying *what* is practised and *how*. It lies in the recipe, so it is
 * saved, shared, undone and printed with it (docs/formats.md).
 */
export const WHATS = [
  'drill',
  'letter',
  'letters',
  'family',
  'shapes',
  'pair',
  'doubled',
  'word',
  'line',
  'picture',
  'ruling',
] as const;
export type WhatKind = (typeof WHATS)[number];

export const MODEL_TINTS = ['pale', 'middle', 'full'] as const;
export type ModelTint = (typeof MODEL_TINTS)[number];

/** Longest text of a band. */
export const LONGEST_TEXT = 200;
/** Most bands of a page recipe: far more than anybody prints at once. */
export const MOST_BANDS = 80;

export const bandSchema = z.strictObject({
  /** Tells bands apart while they are ordered; means nothing on paper. */
  id: z.string().regex(/^[A-Za-z0-9-]{1,12}$/, 'A band’s id is 1 to 12 letters, digits or hyphens.'),
  what: z.strictObject({
    kind: choice('What is practised', WHATS),
    /** The drill, the letter, the family, the text or the picture; empty for empty ruling. */
    of: z.string({ error: () => 'What a band holds must be text.' }).max(LONGEST_TEXT, {
      error: () => `A band holds at most ${LONGEST_TEXT} characters; please shorten it.`,
    }),
  }),
  how: z.strictObject({
    guided: flag('Guided cell'),
    trace: whole('cells'),
    fading: whole('cells'),
    free: whole('cells'),
    /** The sequence of cells begins anew until the lines are full. */
    repeat: flag('Repeat'),
    /** Ruled lines the band takes at least. */
    lines: whole('bandLines'),
    /** Empty ruling to the foot of the page. */
    fill: flag('Fill the page'),
    /** Rows only as tall as what is written in them: more of them fit a page. */
    snug: flag('Snug rows'),
    /** Larger or smaller than the sheet's own size: another nib, or another body under a pointed pen. */
    size: ranged('size'),
    /** One angle held, whatever the strokes ask for. */
    held: flag('Held angle'),
    ink: choice('Ink', INKS),
    tint: choice('Tint of the model', MODEL_TINTS),
  }),
});

export type Band = z.infer<typeof bandSchema>;
export type What = Band['what'];
export type How = Band['how'];

const PLAIN: How = {
  guided: true,
  trace: 3,
  fading: 3,
  free: 3,
  repeat: false,
  lines: 2,
  fill: false,
  snug: false,
  size: 1,
  held: false,
  ink: 'solid',
  tint: 'pale',
};

/** How each kind of band is usually practised: guided, faded, free; warm-ups run across the line. */
const USUAL: Readonly<Record<WhatKind, How>> = {
  drill: { ...PLAIN, trace: 2, fading: 1, free: 2, repeat: true, snug: true },
  letter: PLAIN,
  letters: { ...PLAIN, trace: 2, fading: 2, free: 4, lines: 1, snug: true },
  family: { ...PLAIN, trace: 2, fading: 2, free: 4, lines: 1, snug: true },
  shapes: { ...PLAIN, trace: 2, fading: 2, free: 4, lines: 1, snug: true },
  pair: { ...PLAIN, guided: true, trace: 2, fading: 2, free: 2 },
  doubled: { ...PLAIN, guided: true, trace: 2, fading: 2, free: 2 },
  word: { ...PLAIN, guided: false, trace: 1, fading: 1, free: 1, lines: 1 },
  line: { ...PLAIN, guided: true, trace: 0, fading: 0, free: 1, lines: 1 },
  picture: { ...PLAIN, trace: 2, fading: 0, free: 2, lines: 1 },
  ruling: { ...PLAIN, guided: false, trace: 0, fading: 0, free: 0, lines: 2 },
};

export const usualHow = (kind: WhatKind): How => USUAL[kind];

/** A band made as its kind usually is. */
export const bandOf = (id: string, kind: WhatKind, of: string, how: Partial<How> = {}): Band => ({
  id,
  what: { kind, of },
  how: { ...USUAL[kind], ...how },
});

export const practiceSchema = z.strictObject({
  bands: z
    .array(bandSchema)
    .max(MOST_BANDS, {
      error: () => `A practice page holds at most ${MOST_BANDS} bands; please take some away.`,
    })
    .refine((bands) => new Set(bands.map(({ id }) => id)).size === bands.length, {
      error: () => 'Two bands have the same id; give each its own.',
    }),
});

export type Practice = z.infer<typeof practiceSchema>;

/** Any document that holds a practice page. */
export interface WithBands {
  readonly practice: Practice;
}
