import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import type { Vec } from '@/core/geometry/vec';
import { heading, scale } from '@/core/geometry/vec';
import { exactOutlines, type Outline } from '@/core/pen/exact';
import { type Pen, sweep } from '@/core/pen/pen';
import { compileStroke, type Stroke } from '@/core/pen/stroke';
import { strokeThickness } from '@/core/pen/thickness';
import { recipeTypeface } from '@/core/setting/settingFace';
import type { Typeface } from '@/core/type/face';
import { rastered } from '../support/rastered';

/** Inked area of path data by an independent rasteriser, in square units: coverage summed over all pixels. */
function inkedArea(data: string, box: { x: number; y: number; size: number }, pxPerUnit: number): number {
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box.x} ${box.y} ${box.size} ${box.size}"><path d="${data}"/></svg>`;
  const { pixels } = rastered(svg, Math.round(box.size * pxPerUnit));
  let sum = 0;
  for (let i = 3; i < pixels.length; i += 4) sum += pixels[i] as number;
  return sum / 255 / pxPerUnit ** 2;
}

const polygons = (list: readonly (readonly Vec[])[]) =>
  list.map((polygon) => `M${polygon.map((p) => p.join(' ')).join('L')}Z`).join('');
const outlines = (list: readonly Outline[]) =>
  list
    .map(
      (outline) =>
        `M${outline[0]?.[0].join(' ')}${outline.map(([, b, c, d]) => `C${[...b, ...c, ...d].join(' ')}`).join('')}Z`,
    )
    .join('');

/** A square just around the ink: on a needlessly large picture the rasteriser's coverage is coarser. */
function boxAround(marks: readonly (readonly Vec[])[]) {
  const [xs, ys] = [0, 1].map((axis) => marks.flat().map((p) => p[axis] as number)) as [number[], number[]];
  const [x, y] = [Math.min(...xs) - 0.2, Math.min(...ys) - 0.2];
  return { x, y, size: Math.ceil(Math.max(Math.max(...xs) - x, Math.max(...ys) - y) + 0.2) };
}

/** Pixels to a nib width: fine enough that the raster's own rounding stays well under a thousandth. */
const RASTER = 90;
/** What the raster's own rounding makes of so small a mark as an apostrophe, in square nib widths. */
const RASTER_ROUNDING = 0.0015;

describe.each(['italic', 'copperplate'] as const)(
  'exact and sampled outlines of %s agree within a thousandth of area',
  (hand) => {
    const face = recipeTypeface(freshRecipe(hand)) as Typeface;
    const { pen } = face;
    it.each(
      [...face.shapes.values()].flat().map((cut) => [cut.letter.text, cut.letter.variant, cut] as const),
    )('%s (%s)', (_, __, { strokes }) => {
      const marks = strokes.flatMap((stroke) => sweep(pen, stroke));
      const box = boxAround(marks);
      const sampled = inkedArea(polygons(marks), box, RASTER);
      const exact = inkedArea(outlines(strokes.flatMap((stroke) => exactOutlines(pen, stroke))), box, RASTER);
      expect(Math.abs(sampled - exact)).toBeLessThan(0.001 * exact + RASTER_ROUNDING);
    });
  },
);

describe('thickness of straight strokes on a 1200 dpi raster', () => {
  const W = 3;
  const pxPerMm = 1200 / 25.4;
  const TOLERANCE = 0.02;
  const straightStroke = (direction: number, length: number): Stroke => {
    const [x, y] = scale(heading(direction), length);
    return compileStroke({
      name: 'straight',
      knots: [
        { x: 0, y: 0 },
        { x, y, line: true },
      ],
    });
  };
  it.each([0, 15, 30, 45, 60, 90])('agrees with the formula in 18 directions at %i°', (angle) => {
    const pen: Pen = { kind: 'broad', width: W, steel: 0, angle };
    for (let direction = 0; direction < 360; direction += 20) {
      // Two lengths, so that what the ends add cancels.
      const area = (length: number) =>
        inkedArea(
          polygons(sweep(pen, straightStroke(direction, length))),
          { x: -10, y: -10, size: 20 },
          pxPerMm,
        );
      const thickness = (area(8) - area(4)) / 4;
      expect(Math.abs(thickness - strokeThickness(W, angle, direction, 0)), `${direction}°`).toBeLessThan(
        TOLERANCE,
      );
    }
  });
});

/** What the polygon that stands for a round point may add to a width. */
const ROUNDNESS = 0.01;

describe('pens', () => {
  const stem = compileStroke({
    name: 'stem',
    knots: [
      { x: 0, y: 5, press: 0 },
      { x: 0, y: 2.5, line: true, press: 1 },
      { x: 0, y: 0, line: true, press: 0 },
    ],
  });
  const widest = (pen: Pen) => {
    const xs = sweep(pen, stem)
      .flat()
      .map(([x]) => x);
    return Math.max(...xs) - Math.min(...xs);
  };

  it('a pointed pen swells to its shade and no further', () => {
    expect(Math.abs(widest({ kind: 'pointed', spread: 0.8, hairline: 0.1 }) - 0.8)).toBeLessThan(ROUNDNESS);
  });

  it('a monoline keeps its line', () => {
    expect(Math.abs(widest({ kind: 'monoline', line: 0.3 }) - 0.3)).toBeLessThan(ROUNDNESS);
  });

  it('a brush is round where a point is square', () => {
    const full = compileStroke({
      name: 'stem',
      knots: [
        { x: 0, y: 5, press: 1 },
        { x: 0, y: 0, line: true },
      ],
    });
    const top = (tops: 'square' | 'round') => {
      const ink = sweep({ kind: 'pointed', spread: 2, hairline: 0.1, tops }, full).flat();
      return Math.max(...ink.map(([, y]) => y));
    };
    expect(top('square')).toBeCloseTo(5.05, 1);
    expect(top('round')).toBeCloseTo(6, 1);
  });

  it('monoline is doubled on the way down, and not on the way up', () => {
    const pen: Pen = { kind: 'doubled', line: 0.1, gap: 0.8, filled: false };
    const up = compileStroke({
      name: 'up',
      knots: [
        { x: 0, y: 0 },
        { x: 0, y: 5, line: true },
      ],
    });
    expect(widest(pen)).toBeCloseTo(0.9, 1);
    const xs = sweep(pen, up)
      .flat()
      .map(([x]) => x);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(0.1, 1);
    const open = inkedArea(polygons(sweep(pen, stem)), { x: -5, y: -5, size: 15 }, 60);
    const filled = inkedArea(polygons(sweep({ ...pen, filled: true }, stem)), { x: -5, y: -5, size: 15 }, 60);
    expect(filled).toBeGreaterThan(2 * open);
  });

  it('rounding the corners of a felt takes ink from the ends and not from the stem', () => {
    const felt = (rounding: number): Pen => ({ kind: 'broad', width: 2, steel: 0.6, angle: 0, rounding });
    const area = (pen: Pen) => inkedArea(polygons(sweep(pen, stem)), { x: -5, y: -5, size: 15 }, 60);
    expect(widest(felt(0.3))).toBeCloseTo(2, 2);
    expect(area(felt(0.3))).toBeLessThan(area(felt(0.01)) - 0.05);
  });

  it('an oblique cut turns the edge on its holder', () => {
    const square: Pen = { kind: 'broad', width: 2, steel: 0, angle: 45 };
    const oblique: Pen = { kind: 'broad', width: 2, steel: 0, angle: 30, cut: 15 };
    expect(widest(oblique)).toBeCloseTo(widest(square), 9);
  });

  it('two points leave only their two tracks', () => {
    const pen: Pen = { kind: 'two-point', width: 2, line: 0.1, angle: 0 };
    expect(Math.abs(widest(pen) - 2.1)).toBeLessThan(ROUNDNESS);
    expect(inkedArea(polygons(sweep(pen, stem)), { x: -5, y: -5, size: 15 }, 60)).toBeLessThan(2 * 0.1 * 5.2);
  });

  it('a stroke laid down in part is the beginning of the whole', () => {
    const pen: Pen = { kind: 'broad', width: 1, steel: 0.05, angle: 45 };
    const whole = sweep(pen, stem);
    expect(sweep(pen, stem, { until: 1 })).toEqual(whole);
    const lowest = Math.min(
      ...sweep(pen, stem, { until: 0.5 })
        .flat()
        .map(([, y]) => y),
    );
    expect(lowest).toBeGreaterThan(2.5 - 0.4);
  });

  it('a held pen ignores the turns a letter asks for', () => {
    const turning = compileStroke({
      name: 'turning',
      knots: [
        { x: 0, y: 5, turn: 0 },
        { x: 0, y: 0, line: true, turn: 45 },
      ],
    });
    const plain = compileStroke({
      name: 'plain',
      knots: [
        { x: 0, y: 5 },
        { x: 0, y: 0, line: true },
      ],
    });
    const held: Pen = { kind: 'broad', width: 1, steel: 0, angle: 45, held: true };
    const area = (stroke: Stroke) => inkedArea(polygons(sweep(held, stroke)), { x: -5, y: -5, size: 15 }, 60);
    expect(area(turning)).toBeCloseTo(area(plain), 3);
  });
});
