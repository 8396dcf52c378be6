import { z } from 'zod';
import { ROW_FAULTS } from '../faults/faults';
import { handIdSchema } from '../hands/handId';
import { PRINT_ID } from '../page/pageCode';
import { CRITERION_IDS } from '../practice/criteria';
import { choice, shortText } from '../problem/schema';
import { RATINGS } from '../study/grade';
import { CURES } from './figures/figure';
import { FIGURE_IDS } from './figures/registry';

const number = z.number().min(-100_000).max(100_000);
const share = z.int().min(0).max(100_000);

const figureSchema = z.strictObject({
  id: choice('A figure', FIGURE_IDS),
  value: number,
  /** What the model has there; null where it has nothing of the kind. */
  asked: number.nullable(),
  /** Two standard errors, combined with the error floor of the method. */
  error: number,
  /** Number of letters or stems it rests on. */
  count: z.int().min(0).max(10_000),
});
export type ReviewFigure = z.infer<typeof figureSchema>;

const letterSchema = z.strictObject({
  /** Where it lies on the page, in tenths of a mm: left, top, width, height. */
  box: z.tuple([share, share, share, share]),
  /** Its largest deviation from the model, as a multiple of the tolerance. */
  off: number,
  /** Deviation of the edge and of the stems from the model's; null where it cannot be read. */
  angle: number.nullable(),
  slope: number.nullable(),
});
export type ReviewLetter = z.infer<typeof letterSchema>;

const rowSchema = z.strictObject({
  text: shortText('What was due', 200),
  /** Baseline and height of the body, and where the row begins and ends, in tenths of a mm. */
  baseline: share,
  body: share,
  from: share,
  to: share,
  letters: z.array(letterSchema).max(60),
  faults: z
    .array(
      z.strictObject({ fault: choice('A fault', ROW_FAULTS), score: number, value: number, letters: share }),
    )
    .max(6),
});
export type ReviewRow = z.infer<typeof rowSchema>;

const remarkSchema = z.strictObject({
  text: shortText('A remark', 400),
  cure: shortText('A cure', 400),
  go: choice('Where a remark sends', CURES),
});
export type Remark = z.infer<typeof remarkSchema>;

const checkSchema = z.strictObject({
  criterion: choice('What was compared', CRITERION_IDS),
  rating: choice('A rating', RATINGS),
});

const profileFigure = z.strictObject({
  value: number,
  error: number,
  count: z.int().min(0).max(10_000),
});

/** What a strip says of its nib: lengths in mm, the area of one load in mm². */
const profileSchema = z.strictObject({
  hairline: profileFigure.nullable(),
  full: profileFigure.nullable(),
  opening: z.array(number).max(40).readonly(),
  load: z.strictObject({ area: number, strokes: z.int().min(1).max(10_000) }).nullable(),
});

/** Stands for the print where writing was measured that was not printed here. */
export const NO_PRINT = '0000000000';

/** A page that was photographed and measured, as the desk keeps it. */
export const reviewSchema = z.strictObject({
  hand: handIdSchema,
  print: z.string().regex(PRINT_ID, { error: () => 'A print’s id is ten digits and capitals.' }),
  page: z.int().min(1).max(9999),
  title: shortText('A title', 200),
  /** Of the paper, in mm. */
  width: z.number().positive().max(2000),
  height: z.number().positive().max(2000),
  /** The page straightened, as it is kept. */
  picture: shortText('A picture', 60),
  /** Rings found of eight, and how far lens and curl had bent the page, in mm. */
  rings: z.int().min(0).max(8),
  bent: number,
  /** The nib it was to be written with, in mm, and the length of the hand's unit. */
  nib: number,
  figures: z.array(figureSchema).max(FIGURE_IDS.length),
  rows: z.array(rowSchema).max(60),
  /** Rows that could not be judged, and why. */
  refused: z.array(shortText('Why not', 200)).max(20),
  remarks: z.array(remarkSchema).max(3),
  /** Ratings of what can be rated, for the memory of what is practised. */
  checks: z.array(checkSchema).max(8),
  wobbled: z.array(z.string().max(60)).max(40),
  /** Of a page with a nib's strip. Absent in earlier reviews. */
  profile: profileSchema.nullable().default(null),
  /** Letters drawn by another version than the one that measured them. */
  changed: z.boolean(),
});
export type Review = z.infer<typeof reviewSchema>;

/** Result of measuring; the caller that stores it adds picture and print. */
export type Measuring = Pick<
  Review,
  | 'hand'
  | 'title'
  | 'width'
  | 'height'
  | 'nib'
  | 'figures'
  | 'rows'
  | 'refused'
  | 'remarks'
  | 'checks'
  | 'wobbled'
  | 'profile'
>;
