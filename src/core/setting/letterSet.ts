import { z } from 'zod';
import { handIdSchema } from '../hands/handId';
import { Problem } from '../problem/problem';
import { read } from '../problem/read';
import { LETTER_SET_FORMAT, LETTER_SET_LIMITS, LETTER_SET_VERSION } from './letterSetFormat';

const L = LETTER_SET_LIMITS;

/** Names are plain words; markup has no place in them. */
const PLAIN = /^[\p{L}\p{N} .,'’()&+–-]*$/u;
const words = (label: string, longest: number) =>
  z
    .string({ error: () => `${label} must be text.` })
    .max(longest, { error: () => `${label} is longer than ${longest} characters.` })
    .regex(PLAIN, {
      error: () => `${label} may hold letters, digits, spaces and . , ' ( ) & + – only.`,
    });
const remark = z
  .string({ error: () => 'A remark must be text.' })
  .max(200, { error: () => 'A remark is longer than 200 characters.' })
  .regex(/^[^<>]*$/, { error: () => 'A remark may not hold < or >.' });

const number = (label: string, low: number, high: number) =>
  z
    .number({ error: () => `${label} must be a number from ${low} to ${high}.` })
    .min(low, { error: (issue) => `${label} is ${issue.input}; the nearest allowed is ${low}.` })
    .max(high, { error: (issue) => `${label} is ${issue.input}; the nearest allowed is ${high}.` });

const place = (label: string) => number(label, -L.reach, L.reach);
const direction = (label: string) => number(label, -720, 720);

const knotSchema = z.strictObject({
  x: place('x'),
  y: place('y'),
  dir: direction('dir').optional(),
  leave: direction('leave').optional(),
  line: z.boolean({ error: () => 'line must be true or false.' }).optional(),
  turn: number('turn', -90, 90).optional(),
  passing: z.boolean({ error: () => 'passing must be true or false.' }).optional(),
  press: number('press', 0, 1.5).optional(),
  anchor: number('anchor', 0, 1).optional(),
});

/** Thinnest pen a stroke may be written with, as a share of the main one's width. */
const THINNEST = 0.05;
/** Shortest stroke that leaves a mark of its own. */
const SHORTEST = 0.01;

const strokeSchema = z
  .strictObject({
    name: words('The name of a stroke', 40),
    remark: remark.optional(),
    nib: number('nib', THINNEST, 1).optional(),
    finishes: z.boolean({ error: () => 'finishes must be true or false.' }).optional(),
    knots: z
      .array(knotSchema, { error: () => 'knots must be a list.' })
      .min(2, { error: () => 'A stroke needs at least two knots: where it begins and where it ends.' })
      .max(L.knots, { error: () => `A stroke may have at most ${L.knots} knots.` }),
  })
  .refine(({ knots }) => knots[0]?.line !== true, {
    path: ['knots', 0],
    error: () => 'The first knot of a stroke cannot be reached by a line; leave out “line”.',
  })
  .refine(
    ({ knots }) =>
      knots.every((knot, i) => {
        const before = knots[i - 1];
        return !before || Math.hypot(knot.x - before.x, knot.y - before.y) >= SHORTEST;
      }),
    { path: ['knots'], error: () => 'Two neighbouring knots of a stroke lie in the same place.' },
  );

const portSchema = z.strictObject({
  kind: words('The kind of a join', 20),
  x: place('x'),
  y: place('y'),
  dir: direction('dir'),
});

const letterSchema = z.strictObject({
  text: z
    .string({ error: () => 'text must be the character the letter is for.' })
    .min(1, { error: () => 'text must be the character the letter is for.' })
    .max(8, { error: () => 'text is longer than 8 characters.' })
    .regex(/^[^\s<>\p{Cc}]+$/u, { error: () => 'text may not hold spaces, < or >.' }),
  variant: words('The name of a variant', 24).min(1, { error: () => 'variant must have a name.' }),
  strokes: z
    .array(strokeSchema, { error: () => 'strokes must be a list.' })
    .min(1, { error: () => 'A letter needs at least one stroke.' })
    .max(L.strokes, { error: () => `A letter may have at most ${L.strokes} strokes.` }),
  entry: portSchema.optional(),
  exit: portSchema.optional(),
  shades: z.tuple([place('shades'), place('shades')]).optional(),
});

/** Chosen shapes by letter. */
export const variantsSchema = z
  .record(
    z.string().max(8, { error: () => 'A letter is longer than 8 characters.' }),
    words('The name of a variant', 24),
    { error: () => 'variants must be an object of letters and the shapes chosen for them.' },
  )
  .refine((all) => Object.keys(all).length <= L.variants, {
    error: () => `At most ${L.variants} letters can have a chosen variant.`,
  });

/** Letters of one's own. */
export const ownLettersSchema = z
  .array(letterSchema, { error: () => 'letters must be a list.' })
  .max(L.letters, { error: () => `A set may have at most ${L.letters} letters of its own.` });

export const letterSetSchema = z.strictObject({
  format: z.literal(LETTER_SET_FORMAT),
  version: z.literal(LETTER_SET_VERSION),
  name: words('The name of the set', 60),
  hand: handIdSchema,
  variants: variantsSchema,
  letters: ownLettersSchema,
});

export type LetterSet = z.infer<typeof letterSetSchema>;
export type OwnLetter = LetterSet['letters'][number];

/**
 * Reads a letter set from the text of a file.
 * @throws Problem when it is too large, is not JSON (with where it breaks off), is not a letter set, or one of its
 * letters cannot be written; the message names the letter, the stroke and the knot.
 */
export function readLetterSet(text: string): LetterSet {
  if (text.length > L.bytes) {
    throw new Problem(
      'file',
      `The file is larger than ${L.bytes / 1024} kB; a letter set of ${L.letters} letters is smaller.`,
    );
  }
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    throw new Problem('file', `The file is not readable JSON${whereItBreaks(text, error)}`);
  }
  return parseLetterSet(data);
}

/** Where JSON stops making sense, in words. */
function whereItBreaks(text: string, error: unknown): string {
  if (/\b(NaN|Infinity)\b/.test(text)) return ': NaN and Infinity are not numbers in JSON.';
  const message = error instanceof Error ? error.message : '';
  const position = /position (\d+)/.exec(message)?.[1];
  if (/end of (JSON )?input/i.test(message))
    return ': it breaks off before its end, inside an unclosed stroke or list.';
  if (position === undefined) return '.';
  const line = text.slice(0, Number(position)).split('\n').length;
  return `: it breaks in line ${line}.`;
}

/** The same from parsed JSON. */
export function parseLetterSet(data: unknown): LetterSet {
  if (
    typeof data !== 'object' ||
    data === null ||
    (data as { format?: unknown }).format !== LETTER_SET_FORMAT
  ) {
    throw new Problem('format', `This is not a letter set: its “format” is not “${LETTER_SET_FORMAT}”.`);
  }
  const { version, letters } = data as { version?: unknown; letters?: unknown };
  if (typeof version === 'number' && version > LETTER_SET_VERSION) {
    throw new Problem(
      'version',
      `This set is of version ${version}; this Elvane reads up to version ${LETTER_SET_VERSION}.`,
    );
  }
  // Lists far too long are refused before anything walks through them.
  if (Array.isArray(letters) && letters.length > L.letters) {
    throw new Problem(
      'letters',
      `A set may have at most ${L.letters} letters of its own; this has ${letters.length}.`,
    );
  }
  const set = read(letterSetSchema, data, { what: 'the set', where: (path) => whereOf(path, letters) });
  // Size of the set as stored, with defaults written out, so that an accepted set can be read again.
  const size = JSON.stringify(set).length;
  if (size > L.bytes) {
    throw new Problem(
      'letters',
      `The set is ${Math.ceil(size / 1024)} kB as it is kept; the most is ${L.bytes / 1024} kB. Take some letters or knots away.`,
    );
  }
  return set;
}

/** “In letter 2 (“a”), stroke 1, knot 3: ”. */
function whereOf(path: readonly PropertyKey[], letters: unknown): string {
  if (path[0] !== 'letters' || typeof path[1] !== 'number') return '';
  const text = (letters as { text?: unknown }[])[path[1]]?.text;
  const named = typeof text === 'string' && /^[^\s<>]{1,8}$/.test(text) ? ` (“${text}”)` : '';
  const parts = [`letter ${path[1] + 1}${named}`];
  if (path[2] === 'strokes' && typeof path[3] === 'number') parts.push(`stroke ${path[3] + 1}`);
  if (path[4] === 'knots' && typeof path[5] === 'number') parts.push(`knot ${path[5] + 1}`);
  return `In ${parts.join(', ')}: `;
}
