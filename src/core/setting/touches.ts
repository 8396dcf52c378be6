import { z } from 'zod';
import { ranged } from '../problem/ranged';
import type { Touch } from '../type/touch';

/** As many letters as an exemplar may have. */
const MOST = 120;

const touchSchema = z.strictObject({
  at: z
    .number({ error: () => 'The place of a touched letter must be a number.' })
    .int({ error: () => 'The place of a touched letter must be a whole number.' })
    .min(0, { error: () => 'The place of a touched letter is counted from 0.' })
    .max(MOST, { error: () => `The place of a touched letter is at most ${MOST}.` }),
  along: ranged('touchAlong').optional(),
  rise: ranged('touchRise').optional(),
  shape: z
    .string({ error: () => 'The shape of a touched letter must be text.' })
    .max(24, { error: () => 'The shape of a touched letter has a name of at most 24 characters.' })
    .optional(),
}) satisfies z.ZodType<Touch>;

/** What was changed by hand about single letters of an exemplar; at most one change a letter. */
export const touchesSchema = z
  .array(touchSchema, { error: () => 'touches must be a list.' })
  .max(MOST, { error: () => `At most ${MOST} letters can be touched by hand.` })
  .refine((all) => new Set(all.map(({ at }) => at)).size === all.length, {
    error: () => 'A letter is touched twice: keep one of the two.',
  });
