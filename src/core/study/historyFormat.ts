import { z } from 'zod';
import { CRITERION_IDS } from '../practice/criteria';
import type { KeptRating } from './history';
import type { Memory } from './memory';

const grade = z.union([z.literal(1), z.literal(2), z.literal(3), z.literal(4)]);
const off = z.array(z.enum(CRITERION_IDS));

/** What is remembered of a unit, as it is stored. */
export const memorySchema = z.object({
  stability: z.number(),
  difficulty: z.number(),
  times: z.number(),
  lapses: z.number(),
  last: z.iso.datetime(),
  due: z.iso.datetime(),
  grade,
  off,
}) satisfies z.ZodType<Memory>;

export const ratingsSchema = z.array(
  z.object({ session: z.string(), at: z.iso.datetime(), grade, off }),
) satisfies z.ZodType<KeptRating[]>;
