import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { textWidth, wrapText } from '@/core/drawing/textWidth';
import { ovalPoint, slantedOval } from '@/core/geometry/oval';
import { directionOf, distance, subtract, type Vec } from '@/core/geometry/vec';
import { line, to } from '@/core/hand/notation';
import { exactOutlines } from '@/core/pen/exact';
import type { Pen } from '@/core/pen/pen';
import { sweep } from '@/core/pen/pen';
import { pressedByDirection } from '@/core/pen/pressure';
import { ribbons } from '@/core/pen/ribbon';
import { compileStroke } from '@/core/pen/stroke';
import { tracks } from '@/core/pen/tracks';
import { bandOf } from '@/core/practice/bands/bandOf';
import { BAND_KINDS } from '@/core/practice/bands/registry';
import { inRows, sequenceOf } from '@/core/practice/cells';
import { compose } from '@/core/practice/compose';
import { groundOf, sized } from '@/core/practice/ground';
import { placeLabels } from '@/core/practice/labels';
import { bodyHeight } from '@/core/setting/bodyHeight';
import { asOwn } from '@/core/setting/ownLetters';

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('cells in rows', () => {
  it('all are laid, in order, none wider than its row, and the last rows may be empty', () => {
    fc.assert(
      fc.property(
        fc.record({
          trace: fc.nat(6),
          fading: fc.nat(6),
          free: fc.nat(6),
          repeat: fc.boolean(),
          lines: fc.integer({ min: 1, max: 5 }),
        }),
        number(5, 60),
        fc.array(number(60, 200), { minLength: 1, maxLength: 3 }),
        (how, width, rooms) => {
          const sequence = sequenceOf(
            { ...BAND_KINDS.letter.how, ...how },
            { kind: 'broad', width: 1, steel: 0.05, angle: 45 },
          );
          const rows = inRows(sequence, width, rooms, how);
          const laid = rows.flatMap(({ cells }) => cells);
          expect(rows.length).toBeGreaterThanOrEqual(how.lines);
          if (!how.repeat) expect(laid).toEqual(sequence);
          else {
            expect(rows.length).toBe(how.lines);
            // Every row is whole: it starts as the sequence starts, and ends as it ends or free.
            for (const { cells } of rows.filter((row) => row.cells.length > 1)) {
              expect(cells[0]).toEqual(sequence[0]);
              expect(how.free > 0 ? 'free' : sequence.at(-1)?.kind).toBe(cells.at(-1)?.kind);
            }
          }
          for (const [i, { cells, pitch }] of rows.entries()) {
            expect(pitch).toBeGreaterThanOrEqual(width - 1e-9);
            expect(cells.length * pitch).toBeLessThanOrEqual(
              (rooms[Math.min(i, rooms.length - 1)] as number) + 1e-6,
            );
          }
        },
      ),
    );
  });
});

describe('lettering of guided cells', () => {
  it('finds places inside the cell, apart from each other where there is room', () => {
    const anyPlace = fc.tuple(number(12, 48), number(12, 48));
    fc.assert(
      fc.property(
        fc.uniqueArray(anyPlace, { minLength: 1, maxLength: 4 }),
        number(0, 360),
        (places, towards) => {
          const box = { x: 0, y: 0, width: 60, height: 60 };
          const spots = placeLabels(
            places.map((near) => ({ near, towards, width: 2, height: 2 })),
            places,
            box,
          );
          for (const [i, [x, y]] of spots.entries()) {
            expect(Math.min(x - 1, y - 1, 59 - x, 59 - y)).toBeGreaterThanOrEqual(0);
            for (const other of spots.slice(i + 1)) {
              expect(Math.max(Math.abs(other[0] - x), Math.abs(other[1] - y))).toBeGreaterThan(1.99);
            }
          }
        },
      ),
    );
  });
});

describe('wrapped text', () => {
  it('keeps every word in order, in lines that fit', () => {
    const words = fc.array(fc.constantFrom('a', 'nib', 'edge', 'observatory', 'of'), { maxLength: 30 });
    fc.assert(
      fc.property(words, number(20, 80), (list, room) => {
        const lines = wrapText(list.join('  '), 3, room);
        expect(lines.join(' ').split(' ').filter(Boolean)).toEqual(list);
        for (const text of lines) expect(textWidth(text, 3)).toBeLessThanOrEqual(room);
      }),
    );
  });
});

describe('pens of points', () => {
  const wave = compileStroke({
    name: 'wave',
    knots: [to(0, 0), { x: 4, y: 2, dir: 20 }, { x: 8, y: 0, dir: -40 }],
  });

  it('two bound pencils draw two lines, the nib’s width apart at its angle', () => {
    fc.assert(
      fc.property(number(0, 90), number(0.5, 4), (angle, width) => {
        const [one, other] = tracks({ kind: 'two-point', width, line: 0, angle, held: true }, wave) as [
          Vec[],
          Vec[],
        ];
        expect(one.length).toBe(other.length);
        for (const [i, point] of one.entries()) {
          expect(distance(point, other[i] as Vec)).toBeCloseTo(width, 6);
          const lies = (directionOf(subtract(point, other[i] as Vec)) + 360) % 180;
          expect(Math.min(Math.abs(lies - angle), 180 - Math.abs(lies - angle))).toBeLessThan(0.01);
        }
      }),
    );
  });

  it('a second contour stands beside downstrokes and closes on upstrokes', () => {
    const pen = { kind: 'doubled', line: 0, gap: 1, filled: false } as const;
    const gapOf = (knots: Parameters<typeof compileStroke>[0]['knots']) => {
      const [one, other] = tracks(pen, compileStroke({ name: 'stroke', knots })) as [Vec[], Vec[]];
      return distance(one[Math.floor(one.length / 2)] as Vec, other[Math.floor(other.length / 2)] as Vec);
    };
    expect(gapOf([to(0, 5), line(0, 0)])).toBeCloseTo(1, 6);
    expect(gapOf([to(0, 0), line(1, 5)])).toBeCloseTo(0, 6);
  });
});

describe('pressure by direction', () => {
  it('is none upwards, full straight down, and between them on the slant', () => {
    const pressOf = (x: number, y: number) => {
      const { presses } = pressedByDirection(compileStroke({ name: 's', knots: [to(0, 0), line(x, y)] }));
      return presses[Math.floor(presses.length / 2)] as number;
    };
    expect(pressOf(1, 5)).toBe(0);
    expect(pressOf(0, -5)).toBeCloseTo(1, 6);
    expect(pressOf(5, -5)).toBeGreaterThan(0.2);
    expect(pressOf(5, -5)).toBeLessThan(0.8);
  });
});

describe('ribbons', () => {
  /** Area of the union, on a fine grid. */
  const inked = (polygons: readonly (readonly Vec[])[]) => {
    const step = 0.05;
    const cells = new Set<string>();
    for (const polygon of polygons) {
      const [left, right] = [Math.min(...polygon.map(([x]) => x)), Math.max(...polygon.map(([x]) => x))];
      for (let x = Math.floor(left / step); x <= right / step; x++) {
        const at = (x + 0.5) * step;
        const crossings = polygon.flatMap((p, i) => {
          const q = polygon[(i + 1) % polygon.length] as Vec;
          return p[0] <= at === q[0] <= at ? [] : [p[1] + ((at - p[0]) / (q[0] - p[0])) * (q[1] - p[1])];
        });
        crossings.sort((a, b) => a - b);
        for (let i = 0; i + 1 < crossings.length; i += 2) {
          const [low, high] = [crossings[i] as number, crossings[i + 1] as number];
          for (let y = Math.round(low / step); y < Math.round(high / step); y++) cells.add(`${x},${y}`);
        }
      }
    }
    return cells.size * step * step;
  };

  it('cover what hull after hull covers, in far fewer points', () => {
    const pen: Pen = { kind: 'pointed', spread: 1, hairline: 0.1 };
    fc.assert(
      fc.property(number(-3, 3), number(2, 6), number(-80, 80), number(0.2, 1), (x, y, dir, press) => {
        const stroke = compileStroke({
          name: 'swell',
          knots: [
            { ...to(0, y), dir: -90, press: 0 },
            { x: x / 2, y: y / 2, dir: -90 + dir / 3, press },
            { x, y: 0, dir: -90 + dir, press: 0 },
          ],
        });
        const settings = { step: 0.06, tolerance: 0.0015 };
        const [fine, few] = [sweep(pen, stroke, settings), ribbons(pen, stroke, settings)];
        expect(Math.abs(inked(few) - inked(fine))).toBeLessThan(0.02 * inked(fine) + 0.02);
        expect(few.flat().length).toBeLessThan(0.7 * fine.flat().length);
        expect(exactOutlines(pen, stroke).length).toBe(few.length);
      }),
      { numRuns: 40 },
    );
  });
});

describe('a slanted oval', () => {
  it('is as high and as wide at its middle as asked for', () => {
    fc.assert(
      fc.property(number(0, 40), number(1, 4), number(0.3, 0.8), (slope, H, share) => {
        const oval = slantedOval(slope, 0, 0, H, share * H);
        const points = Array.from({ length: 720 }, (_, i) => ovalPoint(oval, i / 2));
        expect(Math.max(...points.map(({ y }) => y))).toBeCloseTo(H, 3);
        const level = points.filter(({ y }) => Math.abs(y) < 0.02 * H).map(({ x }) => Math.abs(x));
        for (const x of level) expect(Math.abs(x - share * H)).toBeLessThan(0.06 * H);
      }),
    );
  });
});

describe('a band’s ground', () => {
  it('at twice the size is ruled twice as high, by nib or by body', () => {
    for (const hand of ['italic', 'roman', 'copperplate', 'monoline'] as const) {
      const recipe = freshRecipe(hand);
      expect(bodyHeight(sized(recipe, 2))).toBeCloseTo(2 * bodyHeight(recipe), 6);
    }
  });

  it('is worked out once for the same writing', () => {
    const recipe = freshRecipe('italic');
    const again = { ...recipe, title: 'Another title' };
    expect(groundOf(again, { size: 1, held: false }).face).toBe(
      groundOf(recipe, { size: 1, held: false }).face,
    );
    expect(groundOf(recipe, { size: 1, held: true }).face).not.toBe(
      groundOf(recipe, { size: 1, held: false }).face,
    );
  });

  it('writes the scribe’s own letters', () => {
    const recipe = freshRecipe('italic');
    const { face, measures } = groundOf(recipe, { size: 1, held: false });
    const o = face?.letters.get('o')?.letter;
    const own = [{ ...asOwn(o as NonNullable<typeof o>, 'usual', measures), text: 'n' }];
    const widths = (letters: typeof own) => {
      const { pages } = compose(recipe, { own: letters, bands: [bandOf('n', 'letter', 'n')] });
      const [cell] = pages.flatMap(({ laid }) => laid.flatMap((part) => part.cells)).filter(({ ink }) => ink);
      return (cell?.ink?.right ?? 0) - (cell?.ink?.left ?? 0);
    };
    expect(widths(own)).not.toBeCloseTo(widths([]), 1);
  });
});
