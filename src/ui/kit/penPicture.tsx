import { line, stroke, to } from '@/core/hand/notation';
import { type Pen, type Polygon, sweep } from '@/core/pen/pen';
import { compileStroke, type Knot } from '@/core/pen/stroke';

/** Strokes written by our own pen, for small pictures: five units tall, the baseline at 0. */
export const written = (pen: Pen, ...strokes: (readonly Knot[])[]): Polygon[] =>
  strokes.flatMap((knots) => sweep(pen, compileStroke(stroke('seen', knots))));

export const broad = (width: number): Pen => ({ kind: 'broad', width, steel: 0.05, angle: 45 });
export const point: Pen = { kind: 'pointed', spread: 1, hairline: 0.1 };
export const spot = (x: number, y: number, size: number): Polygon[] =>
  written({ kind: 'monoline', line: size }, [to(x, y), line(x + 0.01, y)]);
export const stem = (x: number, lean = 0): Knot[] => [to(x + lean, 5), line(x, 0)];

const pathOf = (polygons: readonly Polygon[]): string =>
  polygons
    .map((polygon) => `M${polygon.map(([x, y]) => `${x.toFixed(2)} ${(-y).toFixed(2)}`).join('L')}Z`)
    .join('');

/** A small picture: ink, and in the colour of the theme's accent what is done about it. */
export function PenPicture({ ink, hand = [] }: { ink: readonly Polygon[]; hand?: readonly Polygon[] }) {
  return (
    <svg viewBox="-1.5 -6.2 6 7.4" className="h-14 w-14 shrink-0" aria-hidden="true">
      <path d={pathOf(ink)} fill="currentColor" />
      {hand.length > 0 && <path d={pathOf(hand)} className="fill-accent" />}
    </svg>
  );
}
