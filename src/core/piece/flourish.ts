import { to } from '../hand/notation';
import type { Mm, NibWidths } from '../measure/units';
import type { Box } from '../page/boxes';
import type { StrokePlan } from '../pen/stroke';
import { type Figure, strokeFigure } from '../writing/figure';
import type { Extent, Finding, LaidLine } from './laid';

/** A stroke of the pen beyond the letters, in its place on the page. */
export interface LaidFlourish {
  readonly figure: Figure;
  readonly line: LaidLine;
  readonly x: Mm;
  readonly y: Mm;
  readonly ink: Extent;
}

/** Minimum and maximum length of a flourish, in bodies. */
const SHORTEST = 1.2;
const LONGEST = 4;
/** White between the writing and a stroke, in bodies. */
const AWAY = 0.35;
/** Amplitude of a wave, as a fraction of its length. */
const SWING = 0.06;

/** A wave of two swings, thin where it rises and full where it falls; from the left, `length` letter units long. */
function wave(length: NibWidths): StrokePlan {
  const swing = SWING * length;
  return {
    name: 'flourish',
    knots: [
      to(0, -swing / 2, 40),
      to(length * 0.22, swing, 0),
      to(length * 0.5, 0, -24),
      to(length * 0.78, -swing, 0),
      to(length, swing * 0.7, 36),
    ],
  };
}

/** A stroke that swings out beside the writing: first away from it, then level, then slightly back. */
function swash(length: NibWidths, outward: 1 | -1): StrokePlan {
  const rise = length * 0.14;
  const knots =
    outward === 1
      ? [to(0, 0, 20), to(length * 0.45, rise, -6), to(length, -rise * 0.2, 24)]
      : [to(-length, rise * 0.4, -24), to(-length * 0.45, rise, 6), to(0, 0, -20)];
  return { name: 'flourish', knots };
}

/**
 * The flourish a block asks for, where there is room for it: under its last line, before its first or after its last.
 * `others` is all other writing.
 */
export function flourishOf(
  lines: readonly LaidLine[],
  frame: Box,
  others: readonly LaidLine[],
): LaidFlourish | Finding | undefined {
  const [first, last] = [lines[0], lines.at(-1)];
  if (!first || !last || first.block.flourish === 'none') return undefined;
  const { flourish } = first.block;
  const line = flourish === 'entry' ? first : last;
  const { body, unit, face } = line.pen;
  const away = AWAY * body;
  const beside = flourish === 'entry' ? line.ink.left - frame.x : frame.x + frame.width - line.ink.right;
  const room = flourish === 'underline' ? (line.ink.right - line.ink.left) * 0.7 : beside - away - 0.5 * body;
  const length = Math.min(room, LONGEST * body * (flourish === 'underline' ? 2 : 1));
  const noRoom: Finding = {
    tone: 'remark',
    about: 'flourish',
    block: line.block.id,
    text: `There is no room for the flourish ${flourish === 'underline' ? 'under' : flourish === 'entry' ? 'before' : 'after'} “${line.words.map(({ text }) => text).join(' ')}”; it is left out.`,
  };
  if (length < SHORTEST * body) return noRoom;
  const plan =
    flourish === 'underline' ? wave(length / unit) : swash(length / unit, flourish === 'entry' ? -1 : 1);
  const figure = strokeFigure(face.pen, 'flourish', [plan]);
  const { left, right, top, bottom } = figure.reach;
  const [x, y] =
    flourish === 'underline'
      ? [
          (line.ink.left + line.ink.right) / 2 - ((left + right) / 2) * unit,
          line.ink.bottom + away + top * unit,
        ]
      : flourish === 'entry'
        ? [line.ink.left - away - right * unit, line.baseline - body * 0.45]
        : [line.ink.right + away - left * unit, line.baseline - body * 0.3];
  const ink = {
    left: x + left * unit,
    right: x + right * unit,
    top: y - top * unit,
    bottom: y - bottom * unit,
  };
  const inside =
    ink.left >= frame.x &&
    ink.right <= frame.x + frame.width &&
    ink.top >= frame.y &&
    ink.bottom <= frame.y + frame.height;
  const free = [...lines, ...others].every(
    (other) =>
      other === line ||
      other.ink.right < ink.left ||
      other.ink.left > ink.right ||
      other.ink.bottom < ink.top ||
      other.ink.top > ink.bottom,
  );
  return inside && free ? { figure, line, x, y, ink } : noRoom;
}
