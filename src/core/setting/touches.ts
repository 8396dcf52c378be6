import { z } from 'zod';
import { ranged } from '../problem/ranged';
import type { Touch } from '../type/touch';

/** Maximum number of manual changes: one for each letter of the longest exemplar. */
const IN_AN_EXEMPLAR = 120;

const touchSchema = (longest: number) =>
  z.strictObject({
    at: z
      .number({ error: () => 'The place of a touched letter must be a number.' })
      .int({ error: () => 'The place of a touched letter must be a whole number.' })
      .min(0, { error: () => 'The place of a touched letter is counted from 0.' })
      .max(longest, { error: () => `The place of a touched letter is at most ${longest}.` }),
    along: ranged('touchAlong').optional(),
    rise: ranged('touchRise').optional(),
    shape: z
      .string({ error: () => 'The shape of a touched letter must be text.' })
      .max(24, { error: () => 'The shape of a touched letter has a name of at most 24 characters.' })
      .optional(),
  }) satisfies z.ZodType<Touch>;

/**
 * What was changed by hand about single letters of a text of at most `longest` characters; at most one change a letter,
 * and `most` in all.
 */
export const touchesIn = (longest: number, most: number) =>
  z
    .array(touchSchema(longest), { error: () => 'touches must be a list.' })
    .max(most, { error: () => `At most ${most} letters can be touched by hand.` })
    .refine((all) => new Set(all.map(({ at }) => at)).size === all.length, {
      error: () => 'A letter is touched twice: keep one of the two.',
    });

/** Of an exemplar. */
export const touchesSchema = touchesIn(IN_AN_EXEMPLAR, IN_AN_EXEMPLAR);
