import { z } from 'zod';
import { handIdSchema } from '../hands/handId';
import { choice, shortText } from '../problem/schema';
import { AIMS } from './goal';

const LEAST_MINUTES = 5;
const MOST_MINUTES = 240;

/** A goal as it is kept. */
export const goalSchema = z.strictObject({
  hand: handIdSchema,
  /** What for: "the open night". */
  name: shortText('What the goal is for', 80),
  aim: choice('What is to be learned', AIMS),
  by: z.iso.date({ error: () => 'The day must be a date, such as 2026-12-12.' }),
  minutes: z
    .number({ error: () => 'Minutes must be a number.' })
    .min(LEAST_MINUTES, { error: () => `A session has at least ${LEAST_MINUTES} minutes.` })
    .max(MOST_MINUTES, { error: () => `A session has at most ${MOST_MINUTES} minutes.` }),
  weekdays: z
    .array(z.int().min(0).max(6), { error: () => 'The days of the week must be a list.' })
    .min(1, { error: () => 'Choose at least one day of the week.' })
    .max(7),
});
export type KeptGoal = z.infer<typeof goalSchema>;
