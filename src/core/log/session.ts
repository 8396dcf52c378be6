import { z } from 'zod';
import { handIdSchema } from '../hands/handId';
import { SEEN } from '../kit/seen';
import { CRITERION_IDS } from '../practice/criteria';
import { choice, flag, shortText } from '../problem/schema';
import { RATINGS } from '../study/grade';
import { REASONS } from '../study/plan';
import { ofKey } from '../study/unit';

const LONGEST_ID = 60;
const LONGEST_NOTE = 1000;
/** Units of one session: far more than anybody writes in two hours. */
const MOST_UNITS = 80;
/** Nobody sits longer than a day. */
const MOST_MINUTES = 1440;

const time = (label: string) =>
  z.iso.datetime({
    offset: true,
    error: () => `${label} must be a time, such as 2026-11-27T18:30:00+01:00.`,
  });
const id = shortText('An id', LONGEST_ID);

/** What is practised, by its key; kept even where a later version no longer teaches it. */
export const unitKey = z
  .string({ error: () => 'What was practised must be text.' })
  .max(LONGEST_ID)
  .refine((key) => ofKey(key) !== undefined, {
    error: () => 'What was practised must be a kind and a thing, such as letter:n.',
  });

const units = z
  .array(unitKey, { error: () => 'What was practised must be a list.' })
  .max(MOST_UNITS, { error: () => `A session has at most ${MOST_UNITS} things to practise.` });

const minutes = (label: string) =>
  z
    .number({ error: () => `${label} must be a number of minutes.` })
    .min(0, { error: () => `${label} cannot be less than 0 minutes.` })
    .max(MOST_MINUTES, { error: () => `${label} is at most ${MOST_MINUTES} minutes.` });

const checksSchema = z
  .array(
    z.strictObject({
      criterion: choice('What was compared', CRITERION_IDS),
      rating: choice('A rating', RATINGS),
    }),
    { error: () => 'The self-check must be a list.' },
  )
  .max(8, { error: () => 'A self-check has at most 8 points.' });

/** A thing of the bench as it was called then: the log reads on when the bench has changed. */
const used = z.strictObject({ id, label: shortText('A name', 80) });

/** The kit a session was written with. */
export const sessionKitSchema = z.strictObject({
  tool: used.optional(),
  ink: used.optional(),
  paper: used.optional(),
});

/** What was written at the desk in one sitting, and what came of it. */
export const sessionSchema = z.strictObject({
  hand: handIdSchema,
  /** With the offset of the clock on the wall, so that a session of the evening stays on its day wherever it is read. */
  began: time('When it began'),
  ended: time('When it ended'),
  /** Minutes of writing: pauses are not in it. */
  minutes: minutes('A session'),
  units,
  checks: checksSchema.default([]),
  wobbled: units.default([]),
  /** What a photograph of the page showed, beside what was judged by eye: it goes before it. */
  measured: z.strictObject({ review: id, checks: checksSchema, wobbled: units.default([]) }).optional(),
  note: shortText('A note', LONGEST_NOTE).default(''),
  kit: sessionKitSchema.default({}),
  /** What went wrong, as the diagnosis knows it. */
  trouble: choice('What went wrong', SEEN).optional(),
  /** A photo that is kept, by its id. */
  picture: id.optional(),
  /** It came in a file: its hours and its ink are not on this bench. */
  elsewhere: z.literal(true, { error: () => 'Written elsewhere is true, or left out.' }).optional(),
});
export type Session = z.infer<typeof sessionSchema>;

/** A step of a session that is under way. */
export const stepSchema = z.strictObject({
  unit: unitKey,
  minutes: minutes('A step'),
  /** The letter, the strip or the word it is written in. */
  text: shortText('A text', LONGEST_ID),
  reason: choice('Why it is there', REASONS),
});

/** A session under way: what a reload or a crash goes on from. */
export const sittingSchema = z.strictObject({
  hand: handIdSchema,
  began: time('When it began'),
  steps: z.array(stepSchema, { error: () => 'The steps must be a list.' }).max(MOST_UNITS),
  /** The step at hand; as many as there are when all are done. */
  at: z
    .int({ error: () => 'The step at hand must be a whole number.' })
    .min(0)
    .max(MOST_UNITS),
  skipped: units.default([]),
  /** Seconds of writing until now. */
  seconds: z
    .number()
    .min(0)
    .max(MOST_MINUTES * 60),
  paused: flag('Paused').default(false),
  kit: sessionKitSchema.default({}),
});
export type Sitting = z.infer<typeof sittingSchema>;
