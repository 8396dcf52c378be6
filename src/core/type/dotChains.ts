import type { Vec } from '../geometry/vec';
import type { NibWidths } from '../measure/units';
import type { Polygon } from '../pen/pen';

/** How far ink reaches from the origin of a letter measured in dots. */
interface Extent {
  readonly left: NibWidths;
  readonly right: NibWidths;
  readonly top: NibWidths;
  readonly bottom: NibWidths;
}

/** A row of the pen's own dots, corner to corner, from a place: along the line to the right, or up, or down. */
export interface DotChain {
  readonly x: NibWidths;
  readonly y: NibWidths;
  readonly towards: 'right' | 'up' | 'down';
  /** Whole and half dots. */
  readonly dots: number;
}

/** Distance of dot chains from the ink: half a dot and some white. */
export const OFF: NibWidths = 0.75;
/** Lengths are rounded to half dots; lengths under one dot are left out. */
const HALF = 0.5;

const inHalves = (length: NibWidths): number => Math.round(length / HALF) * HALF;

/** A letter measured as it is taught, by the dots of its pen: its width, its height over the line, its depth under it. */
export function dotChains({ left, right, top, bottom }: Extent): DotChain[] {
  const chains: DotChain[] = [
    { x: left, y: Math.min(bottom, 0) - OFF, towards: 'right', dots: inHalves(right - left) },
    { x: left - OFF, y: 0, towards: 'up', dots: inHalves(top) },
    { x: left - OFF, y: 0, towards: 'down', dots: inHalves(-bottom) },
  ];
  return chains.filter(({ dots }) => dots >= HALF);
}

/** The dots of a chain: rhombi of one dot, the last one halved where the length ends in a half. */
export function rhombi({ x, y, towards, dots }: DotChain): Polygon[] {
  const whole = Math.floor(dots);
  const count = whole + (dots > whole ? 1 : 0);
  const [along, aside]: readonly [Vec, Vec] =
    towards === 'right'
      ? [
          [1, 0],
          [0, 1],
        ]
      : towards === 'up'
        ? [
            [0, 1],
            [1, 0],
          ]
        : [
            [0, -1],
            [1, 0],
          ];
  const at = (i: number, j: number): Vec => [
    x + i * along[0] + j * aside[0],
    y + i * along[1] + j * aside[1],
  ];
  return Array.from({ length: count }, (_, i) => {
    const half = i === whole;
    return half
      ? [at(i, 0), at(i + HALF, -HALF), at(i + HALF, HALF)]
      : [at(i, 0), at(i + HALF, -HALF), at(i + 1, 0), at(i + HALF, HALF)];
  });
}
