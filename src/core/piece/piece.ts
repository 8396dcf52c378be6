import { z } from 'zod';
import { paperShape } from '../page/pageShape';
import { Problem } from '../problem/problem';
import { ranged, whole } from '../problem/ranged';
import { read } from '../problem/read';
import { choice, flag, shortText } from '../problem/schema';
import { settingShape } from '../setting/setting';
import { touchesIn } from '../setting/touches';
import {
  ALIGNMENTS,
  BORDERS,
  FINISHES,
  FLOURISHES,
  FOLDS,
  MOTIFS,
  PIECE_FORMAT,
  PIECE_LIMITS,
  PIECE_VERSION,
  PLACES,
  ROLES,
  WRITING_HANDS,
} from './pieceFormat';

const colour = (label: string) =>
  z.string().regex(/^#[0-9a-f]{6}$/, { error: () => `${label} must be a colour such as #1f2430.` });

/** A line moved as a whole: the change belongs to the word that begins at `at` and follows it to whatever line it is on. */
const nudgeSchema = z.strictObject({
  at: z.int().min(0).max(PIECE_LIMITS.text),
  x: ranged('nudge'),
  y: ranged('nudge'),
});

const blockSchema = z.strictObject({
  id: shortText('Name of the block', 40).min(1, { error: () => 'A block needs a name.' }),
  role: choice('Role', ROLES),
  /** Paragraphs parted by line breaks; `{name}` stands for a column of the list it is written for. */
  text: z.string({ error: () => 'Text must be text.' }).max(PIECE_LIMITS.text, {
    error: (issue) =>
      `The text has ${(issue.input as string).length} characters; a block holds ${PIECE_LIMITS.text}. Nothing was changed: split it into several pieces.`,
  }),
  /** Hand, pen and size. */
  setting: z.strictObject(settingShape),
  capitals: flag('In capitals'),
  align: choice('Alignment', ALIGNMENTS),
  /** Space added to the pitch that the hand's zones need, in nib widths (units of a ratio). */
  leading: ranged('leading'),
  /** White over the block, in mm. */
  before: ranged('before'),
  /** White added to every word space, as a share of the body. */
  wordSpace: ranged('wordSpace'),
  colour: colour('Colour of the ink'),
  /** Height of the first letter in lines; 0 for a letter like the others. */
  initial: whole('initialLines'),
  finish: z.strictObject({
    kind: choice('Finish', FINISHES),
    colour: colour('Colour of the finish'),
    off: ranged('finishOff'),
  }),
  flourish: choice('Flourish', FLOURISHES),
  /** Letters moved or given another shape by hand; a word's first letter moves the word. */
  touches: touchesIn(PIECE_LIMITS.text, PIECE_LIMITS.touches),
  nudges: z
    .array(nudgeSchema)
    .max(PIECE_LIMITS.touches, { error: () => 'Too many lines are moved by hand.' }),
});

const rowSchema = z.strictObject({
  values: z.record(shortText('Name of a column', 40), shortText('A value of the list', PIECE_LIMITS.cell)),
  state: choice('State of a row', ['to write', 'written', 'spoiled']),
});

/** A finished piece as versioned plain JSON (docs/formats.md): blocks of text in a frame on a paper. */
export const pieceSchema = z.strictObject({
  format: z.literal(PIECE_FORMAT),
  version: z.literal(PIECE_VERSION),
  title: shortText('Title', 80),
  paper: z.strictObject(paperShape),
  /** A corner kept free at the upper right, for postage. */
  postage: z.strictObject({
    on: flag('Corner for postage'),
    width: ranged('postageWidth'),
    height: ranged('postageHeight'),
  }),
  fold: choice('Fold', FOLDS),
  place: choice('Place of the writing', PLACES),
  blocks: z
    .array(blockSchema)
    .min(1, { error: () => 'A piece has at least one block.' })
    .max(PIECE_LIMITS.blocks, { error: () => `A piece has at most ${PIECE_LIMITS.blocks} blocks.` })
    .refine((all) => new Set(all.map(({ id }) => id)).size === all.length, {
      error: () => 'Two blocks have the same name.',
    }),
  border: z.strictObject({
    kind: choice('Border', BORDERS),
    inset: ranged('inset'),
    spacing: ranged('tickSpacing'),
    length: ranged('tickLength'),
    colour: colour('Colour of the border'),
  }),
  scatter: z.strictObject({
    motif: choice('Motif', MOTIFS),
    count: whole('motifs'),
    size: ranged('motifSize'),
    clear: ranged('clear'),
    colour: colour('Colour of the motifs'),
    seed: whole('seed'),
  }),
  /** The hand that writes it. */
  side: choice('Writing hand', WRITING_HANDS),
  /** Ink of one dip as it was found by a written test line, in µl, by hand and nib (`penKey`). */
  loads: z.record(z.string().max(120), ranged('load')),
  /** What it is written for, row by row: names, addresses. */
  rows: z.array(rowSchema).max(PIECE_LIMITS.rows, {
    error: () => `A list holds ${PIECE_LIMITS.rows} rows; split it into several.`,
  }),
});

export type Piece = z.infer<typeof pieceSchema>;
export type Block = Piece['blocks'][number];
export type Row = Piece['rows'][number];

/**
 * Reads a piece from untrusted data.
 * @throws Problem naming the field, when the data is no piece, is from a later version, or is out of range.
 */
export function parsePiece(data: unknown): Piece {
  const { format, version } = (typeof data === 'object' && data !== null ? data : {}) as Record<
    string,
    unknown
  >;
  if (format !== PIECE_FORMAT) {
    throw new Problem('format', 'This is not an Elvane piece: its “format” is not “elvane-piece”.');
  }
  if (typeof version === 'number' && version > PIECE_VERSION) {
    throw new Problem(
      'version',
      `This piece is of version ${version}; this Elvane reads up to version ${PIECE_VERSION}. Update Elvane to open it.`,
    );
  }
  return read(pieceSchema, data, { what: 'the piece' });
}
