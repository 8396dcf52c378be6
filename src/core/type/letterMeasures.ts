import type { Vec } from '../geometry/vec';
import { type Degrees, type NibWidths, tanDeg } from '../measure/units';
import type { Polygon, WritingPen } from '../pen/pen';
import { barThickness, fullShade, stemThickness } from '../pen/thickness';
import { type Cut, inkOf } from './cut';
import type { Typeface } from './face';
import { readStroke } from './letterReadings';

/** What can be measured on a written letter, in letter units unless said otherwise. */
export interface LetterMeasures {
  /** Weight of an upright stroke and of a level one, as the pen makes them. */
  readonly stem: NibWidths;
  readonly bar: NibWidths;
  readonly thinnest: NibWidths;
  readonly thickest: NibWidths;
  /** Widest white inside the letter at half its own height; undefined where there is none. */
  readonly counter?: NibWidths;
  /** Ink over the box of the letter's own width and height, 0 … 1. */
  readonly ink: number;
  /** Midway between the outermost ink, along the slope. */
  readonly middle: NibWidths;
  /** Extremes of the ink, upright. */
  readonly left: NibWidths;
  readonly right: NibWidths;
  readonly top: NibWidths;
  readonly bottom: NibWidths;
}

export type Interval = readonly [number, number];

/** Where a level line meets ink made of convex polygons: disjoint intervals from left to right. */
export function inkedAt(ink: readonly Polygon[], y: number): Interval[] {
  const crossings = ink.flatMap((polygon): Interval[] => {
    let [low, high] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
    for (const [i, a] of polygon.entries()) {
      const b = polygon[(i + 1) % polygon.length] as Vec;
      if (a[1] <= y === b[1] <= y) continue;
      const x = a[0] + ((b[0] - a[0]) * (y - a[1])) / (b[1] - a[1]);
      low = Math.min(low, x);
      high = Math.max(high, x);
    }
    return low <= high ? [[low, high]] : [];
  });
  const merged: [number, number][] = [];
  for (const [from, to] of crossings.sort((a, b) => a[0] - b[0])) {
    const last = merged.at(-1);
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else merged.push([from, to]);
  }
  return merged;
}

/** Levels over which area is summed, in letter units: within half a percent for strokes of a nib's weight. */
const LEVEL: NibWidths = 0.05;

/** White narrower than this, in letter units, is a slit between strokes that touch, and no counter. */
const SLIT: NibWidths = 0.2;

/** Weight of an upright stroke and of a level one, as a pen makes them. */
function weightsOf(pen: WritingPen, slope: Degrees): Pick<LetterMeasures, 'stem' | 'bar'> {
  switch (pen.kind) {
    case 'broad':
      return {
        stem: stemThickness(pen.width, pen.angle, slope, pen.steel),
        bar: barThickness(pen.width, pen.angle, pen.steel),
      };
    case 'pointed':
      return { stem: fullShade(pen, slope), bar: pen.hairline };
    case 'monoline':
      return { stem: pen.line, bar: pen.line };
    case 'doubled':
      return { stem: pen.line + pen.gap, bar: pen.line };
  }
}

/** Whether it is a capital, which is measured against its own height. */
export const isCapital = ({ letter }: Cut): boolean => /^\p{Lu}/u.test(letter.text);

/** The height a letter is measured against: the capitals' for a capital, the body's for any other. */
export const ownHeight = ({ zones }: Pick<Typeface, 'zones'>, cut: Cut): NibWidths =>
  isCapital(cut) ? zones.capital : zones.body;

/** Measures a letter as `pen` writes it. */
export function measureLetter(face: Typeface, pen: WritingPen, cut: Cut): LetterMeasures {
  const ink = inkOf(pen, cut);
  const ys = ink.flatMap((polygon) => polygon.map(([, y]) => y));
  const [bottom, top] = extremes(ys);
  // On the slope: the letter's own width is measured along it, not across its lean.
  const lean = tanDeg(face.slope);
  const seen = extremes(ink.flatMap((polygon) => polygon.map(([x]) => x)));
  const [left, right] = extremes(ink.flatMap((polygon) => polygon.map(([x, y]) => x - y * lean)));
  let area = 0;
  for (let y = bottom + LEVEL / 2; y < top; y += LEVEL) {
    for (const [from, to] of inkedAt(ink, y)) area += (to - from) * LEVEL;
  }
  const gaps = inkedAt(ink, ownHeight(face, cut) / 2);
  const whites = gaps
    .slice(1)
    .map(([from], i) => from - (gaps[i] as Interval)[1])
    .filter((white) => white >= SLIT);
  const readings = cut.strokes.map((stroke) => readStroke(pen, stroke));
  return {
    ...weightsOf(pen, face.slope),
    thinnest: Math.min(...readings.map(({ thinnest }) => thinnest)),
    thickest: Math.max(...readings.map(({ thickest }) => thickest)),
    ...(whites.length > 0 && { counter: Math.max(...whites) }),
    ink: area / ((right - left) * (top - bottom)),
    middle: (seen[0] + seen[1]) / 2,
    left,
    right,
    top,
    bottom,
  };
}

function extremes(values: readonly number[]): [number, number] {
  let [low, high] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (const value of values) {
    low = Math.min(low, value);
    high = Math.max(high, value);
  }
  return [low, high];
}
