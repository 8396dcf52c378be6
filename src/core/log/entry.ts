import { z } from 'zod';
import { aboutSchema } from '../about/aboutFormat';
import { studentsSchema } from '../classroom/student';
import { JUDGEMENTS } from '../eye/judgement';
import { handIdSchema } from '../hands/handId';
import { ADDITIONS, COMPLAINTS } from '../kit/mix';
import { mixSchema } from '../kit/mixFormat';
import { needSchema } from '../kit/needFormat';
import { SEATS } from '../kit/seat';
import { SEEN } from '../kit/seen';
import { BUNDLED } from '../practice/words/wordList';
import { wordListId } from '../practice/words/wordListFormat';
import { Problem } from '../problem/problem';
import { read } from '../problem/read';
import { choice, shortText } from '../problem/schema';
import { ownModelSchema } from '../review/ownModel';
import { reviewSchema } from '../review/review';
import { goalSchema } from '../study/goalFormat';
import { sessionSchema, sittingSchema } from './session';

/** Longest data of an entry, as JSON. */
export const LONGEST_ENTRY = 20_000;
const LONGEST_ID = 60;
/** Steps of one preparation that can be ticked off, and letters of one hand. */
const MOST_STEPS = 40;
const MOST_LETTERS = 400;

const id = shortText('An id', LONGEST_ID);
const letters = z
  .array(shortText('A letter', 8), { error: () => 'Letters must be a list.' })
  .max(MOST_LETTERS, { error: () => `At most ${MOST_LETTERS} letters can be known.` });

/**
 * What the desk remembers, by kind: a schema each, the same on entry, on reading and in a backup. A new kind is a line
 * here and needs no other place.
 */
export const ENTRIES = {
  /** An ink mixed, to be mixed again. */
  mix: mixSchema,
  /** What was added for a complaint about an ink, and whether it helped. */
  remedy: z.strictObject({
    complaint: z.enum(COMPLAINTS),
    addition: z.enum(ADDITIONS),
    helped: z.boolean({ error: () => 'Whether it helped must be yes or no.' }),
  }),
  /** What was wrong with a tool, and what cured it. */
  cure: z.strictObject({ seen: z.enum(SEEN), cause: id, tool: id }),
  /** Steps of a tool's preparation that are done. */
  prepared: z.strictObject({
    done: z
      .array(shortText('A step', LONGEST_ID), { error: () => 'The steps done must be a list.' })
      .max(MOST_STEPS, { error: () => `A preparation has at most ${MOST_STEPS} steps.` }),
  }),
  /** How a nib was found to sit in a holder; one entry a pair. */
  seat: z.strictObject({ tool: id, holder: id, how: choice('How it sits', SEATS) }),
  /** Volume of a drop of the scribe's own dropper. */
  drop: z.strictObject({
    ml: z
      .number({ error: () => 'A drop must be a number of ml.' })
      .positive({ error: () => 'A drop is more than 0 ml.' })
      .max(1, { error: () => 'A drop is at most 1 ml.' }),
  }),
  /** The kit chosen, and what was asked for. */
  kit: z.strictObject({
    need: needSchema,
    parts: z.strictObject({ tool: id, holder: id.optional(), ink: id.optional(), paper: id.optional() }),
  }),
  /** The scribe, asked once. */
  about: aboutSchema,
  /** A page that was printed and not yet said to be written: one a hand. */
  printed: z.strictObject({
    hand: handIdSchema,
    letters,
    at: z.iso.datetime({ error: () => 'When it was printed must be a time.' }),
  }),
  /** Whom a teacher prints pages for. */
  class: z.strictObject({ students: studentsSchema, wordList: wordListId.default(BUNDLED) }),
  /** A session that was written, with its self-check. */
  session: sessionSchema,
  /** A session under way. */
  sitting: sittingSchema,
  /** When a piece must be ready, with the time its work takes and what is first; one entry a piece. */
  due: z.strictObject({
    sheet: id,
    at: z.iso.datetime({ local: true, error: () => 'When it must be ready must be a day and a time.' }),
    minutes: z.number().min(0).max(1_000_000),
    next: shortText('What is next', 200),
  }),
  /** A tool that was cleaned; one entry a tool. */
  cleaned: z.strictObject({ tool: id }),
  /** Smallest difference that the eye detected, from a staircase of `trials` questions. */
  eye: z.strictObject({
    judgement: choice('What was judged', JUDGEMENTS),
    threshold: z.number().positive().max(1000),
    trials: z.int().min(1).max(1000),
  }),
  /** A page that was photographed and measured. */
  review: reviewSchema,
  /** The best letter of one's own, as a model: one of each. */
  model: ownModelSchema,
  /** What is to be learned by when: one a hand. */
  goal: goalSchema,
  /** Letters known in a hand, and those to stress. */
  known: z.strictObject({
    letters,
    stressed: letters.default([]),
    /** Letters the logbook counts as known and the scribe does not. */
    not: letters.default([]),
  }),
} as const satisfies Record<string, z.ZodType>;

export type EntryKind = keyof typeof ENTRIES;
export type EntryData<K extends EntryKind> = z.infer<(typeof ENTRIES)[K]>;

const isKind = (kind: string): kind is EntryKind => Object.hasOwn(ENTRIES, kind);
export const ENTRY_KINDS = Object.keys(ENTRIES).filter(isKind);

/** @throws Problem naming the kinds there are. */
export function readKind(kind: string): EntryKind {
  if (isKind(kind)) return kind;
  throw new Problem(
    'kind',
    `The desk remembers no “${kind.slice(0, LONGEST_ID)}”; it remembers: ${ENTRY_KINDS.join(', ')}.`,
  );
}

/**
 * Reads the data of an entry of a kind.
 * @throws Problem naming the kind or the field that is wrong.
 */
export function readEntry(name: string, data: unknown): EntryData<EntryKind> {
  const kind = readKind(name);
  return read<EntryData<EntryKind>>(ENTRIES[kind], data, { what: `the ${kind}` });
}

/** Something the desk remembers. */
export interface Entry<K extends EntryKind = EntryKind> {
  readonly id: string;
  readonly kind: K;
  readonly data: EntryData<K>;
  readonly at: string;
}

/** Entries as they are stored, read; what cannot be read is passed over. */
export function readEntries(
  rows: readonly { readonly id: string; readonly kind: string; readonly data: string; readonly at: string }[],
): Entry[] {
  return rows.flatMap(({ id: entry, kind, data, at }) => {
    try {
      return isKind(kind) ? [{ id: entry, kind, data: readEntry(kind, JSON.parse(data)), at }] : [];
    } catch {
      return [];
    }
  });
}
