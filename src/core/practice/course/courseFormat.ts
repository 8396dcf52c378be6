import { z } from 'zod';
import { whole } from '../../problem/ranged';
import { practiceSchema } from '../bandFormat';
import { type Course, type CourseOptions, PACK_PAGES } from './course';

const LONGEST_TITLE = 200;
const MOST_CHECKS = 6;
/** Maximum number of letters: far more than a hand has, with all their marks. */
const MOST_LETTERS = 1000;
const LONGEST_LETTER = 8;

/** What is asked of a pack, read from outside. */
export const courseSchema = z.strictObject({
  sessions: whole('sessions'),
  minutes: whole('minutes'),
  largeFirst: z.boolean({ error: () => 'Large first must be true or false.' }),
}) satisfies z.ZodType<CourseOptions>;

/** A course planned elsewhere: what `planCourse` answers, read from outside. */
export const plannedSchema = z.strictObject({
  options: courseSchema,
  pages: z
    .array(
      z.strictObject({
        title: z.string().max(LONGEST_TITLE),
        session: whole('sessions').optional(),
        bands: practiceSchema.shape.bands,
        checks: z.array(z.string().max(LONGEST_TITLE)).max(MOST_CHECKS),
      }),
    )
    .min(1)
    .max(PACK_PAGES.most),
  left: z.array(z.string().max(LONGEST_LETTER)).max(MOST_LETTERS).default([]),
  enough: whole('sessions').optional(),
}) satisfies z.ZodType<Course>;
