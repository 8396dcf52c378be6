import { type Drawn, stroke, to } from '../../hand/notation';
import type { Degrees, NibWidths } from '../../measure/units';
import type { Knot } from '../../pen/stroke';

/** A shape of a letter as it is written down: its strokes, and where it is joined and dotted. */
export interface Figure {
  readonly strokes: string;
  /** How it is entered, and where; where it is left. Missing where it does not join. */
  readonly entry?: readonly [manner: 'line' | 'hill' | 'roof', x: number, y: number];
  readonly exit?: readonly [x: number, y: number];
  readonly over?: readonly [x: number, y: number];
  readonly under?: readonly [x: number, y: number];
}

/** The third pen: a third as wide. */
const THIRD = 1 / 3;
/** Turns of the reed that are taught, off its angle: heads, the line, teeth, bowls, tails; between them it is on its way. */
export const REED = { head: -12, line: 10, tooth: 16, bowl: 8, tail: -24 } as const;
const taught: readonly number[] = [0, ...Object.values(REED)];

const KNOT = /^(-?[\d.]+),(-?[\d.]+),(-?\d+)(?:>(-?\d+))?(?: t(-?\d+))?(?: p([\d.]+)(?:@([\d.]+))?)?$/;

/**
 * Strokes from their notation.
 * @throws Error naming the knot that cannot be read.
 */
export function strokesFrom(text: string): Drawn[] {
  return text.split(' // ').map((part, i, all) => {
    const third = part.startsWith('⅓ ');
    const knots = (third ? part.slice(2) : part).split(' | ').map(knotFrom);
    const name = third ? 'with the third pen' : all.length === 1 ? 'letter' : `stroke ${i + 1}`;
    return stroke(name, knots, undefined, third ? { nib: THIRD } : {});
  });
}

function knotFrom(text: string): Knot {
  const found = KNOT.exec(text.trim());
  if (!found) throw new Error(`“${text}” is no knot`);
  const [, x, y, dir, leave, turn, press, anchor] = found.map((group) => (group === undefined ? undefined : Number(group)));
  return to(x as NibWidths, y as NibWidths, dir as Degrees, {
    ...(leave !== undefined && { leave }),
    ...(turn !== undefined && { turn, ...(!taught.includes(turn) && { passing: true }) }),
    ...(press !== undefined && { press }),
    ...(anchor !== undefined && { anchor }),
  });
}
