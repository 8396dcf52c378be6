import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { STEADY } from '@/core/camera/habits';
import { composedAgain } from '@/core/document/keptPage';
import { LONGEST_ENTRY } from '@/core/log/entry';
import { errorOf, median, spread } from '@/core/measure/statistics';
import { dueRows } from '@/core/practice/dueRows';
import { Problem } from '@/core/problem/problem';
import { filled } from '@/core/raster/fill';
import { areaOf } from '@/core/raster/grey';
import { aligned, laid } from '@/core/review/align';
import { edgeOf } from '@/core/review/chords';
import { THICK_HAIRLINE } from '@/core/review/figures/pressure';
import { FIGURE_IDS, type FigureId } from '@/core/review/figures/registry';
import { modelOf } from '@/core/review/letter';
import { type Measuring, reviewSchema } from '@/core/review/review';
import { stemsOf } from '@/core/review/stems';
import {
  firstLetters,
  ofA5,
  pageOfRows,
  reviewedFrom,
  smaller,
  someShot,
  taken,
} from '../../support/review/pages';

/** A bar swept by an edge: a parallelogram from (x, y) along `to`, the edge `width` long at `angle`; y downwards. */
const bar = (
  x: number,
  y: number,
  to: readonly [number, number],
  width: number,
  angle: number,
): [number, number][] => {
  const [ex, ey] = [Math.cos((angle * Math.PI) / 180) * width, -Math.sin((angle * Math.PI) / 180) * width];
  return [
    [x, y],
    [x + ex, y + ey],
    [x + ex + to[0], y + ey + to[1]],
    [x + to[0], y + to[1]],
  ];
};

describe('filling', () => {
  it('covers the area of a polygon, wherever it lies and whichever way it is wound', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 20, noNaN: true }),
        fc.double({ min: 3, max: 20, noNaN: true }),
        fc.double({ min: 4, max: 15, noNaN: true }),
        fc.boolean(),
        (x, y, side, back) => {
          const square: [number, number][] = [
            [x, y],
            [x + side, y],
            [x + side, y + side],
            [x, y + side],
          ];
          const area = areaOf(filled([back ? square.reverse() : square], 50, 50));
          // Ends of rows are exact; heights to a quarter of a pixel.
          expect(Math.abs(area - side * side)).toBeLessThan(0.26 * side + 1e-6);
        },
      ),
    );
  });

  it('counts what lies twice once', () => {
    const square: [number, number][] = [
      [5, 5],
      [15, 5],
      [15, 15],
      [5, 15],
    ];
    expect(areaOf(filled([square, square], 20, 20))).toBeCloseTo(100, 5);
  });
});

describe('chords', () => {
  it('tell the angle and the width of the edge that wrote strokes of three directions', () => {
    fc.assert(
      fc.property(fc.integer({ min: 25, max: 60 }), fc.integer({ min: 18, max: 34 }), (angle, width) => {
        const strokes = [
          bar(60, 60, [0, 110], width, angle),
          bar(70, 150, [95, 12], width, angle),
          bar(150, 70, [-45, 100], width, angle),
        ];
        const edge = edgeOf(filled(strokes, 240, 240), angle + 7, width);
        expect(Math.abs((edge?.angle ?? 0) - angle)).toBeLessThan(1.5);
        expect(Math.abs((edge?.width ?? 0) / width - 1)).toBeLessThan(0.06);
        expect(edge?.plain ?? 0).toBeGreaterThan(0.1);
      }),
      { numRuns: 25 },
    );
  });

  it('of no ink there are none', () => {
    expect(edgeOf(filled([], 60, 60), 45, 20)).toBeUndefined();
  });
});

describe('stems', () => {
  it('are found with their lean, their width and their distance; a slanting hairline is none', () => {
    const lean = 6;
    const shift = Math.tan((lean * Math.PI) / 180) * 120;
    const stem = (x: number): [number, number][] => [
      [x, 150],
      [x + 20, 150],
      [x + 20 + shift, 30],
      [x + shift, 30],
    ];
    const hairline: [number, number][] = [
      [30, 150],
      [33, 150],
      [103, 30],
      [100, 30],
    ];
    const found = stemsOf(
      filled([stem(20), stem(90), hairline], 160, 170),
      150,
      120,
      Math.tan((lean * Math.PI) / 180),
    );
    expect(found).toHaveLength(2);
    for (const { slope, width } of found) {
      expect(slope).toBeCloseTo(lean, 0);
      expect(width).toBeCloseTo(20, 0);
    }
    expect((found[1]?.x ?? 0) - (found[0]?.x ?? 0)).toBeCloseTo(70, 0);
  });
});

/** Tangent of italic’s slope. */
const SLANT = Math.tan((7 * Math.PI) / 180);

describe('laying a model over ink', () => {
  it('finds how the ink was drawn out, leant and moved', async () => {
    const { page } = await pageOfRows('italic', ['n', 'a', 'm']);
    const composed = composedAgain(page);
    const [row] = composed ? dueRows(composed, 0) : [];
    if (!row) throw new Error('no row');
    const { exemplar } = modelOf(row);
    const body = row.due.ground.zones.body * row.due.ground.unit * 11.81;
    const same = aligned(laid(exemplar, body, SLANT), laid(exemplar, body, SLANT));
    expect(same.overlap).toBeGreaterThan(0.97);
    expect(same.width).toBeCloseTo(1, 1);
    const { ink, baseline } = exemplar;
    const wider = Math.round(ink.width * 1.2);
    const data = new Float32Array(wider * ink.height);
    for (let y = 0; y < ink.height; y++) {
      for (let x = 0; x < wider; x++)
        data[y * wider + x] = ink.data[y * ink.width + Math.min(ink.width - 1, Math.floor(x / 1.2))] ?? 0;
    }
    const drawn = aligned(
      laid(exemplar, body, SLANT),
      laid({ ink: { width: wider, height: ink.height, data }, baseline, origin: 0 }, body, SLANT),
    );
    expect(drawn.width).toBeGreaterThan(1.14);
    expect(drawn.width).toBeLessThan(1.26);
    expect(Math.abs(drawn.height - 1)).toBeLessThan(0.04);
  });
});

describe('statistics that do not mind one that is far off', () => {
  it('are those of the others', () => {
    const values = [1, 2, 3, 4, 5];
    expect([median(values), median([...values, 1000])]).toEqual([3, 3.5]);
    expect(spread([10, 10.5, 9.5, 10, 500])).toBeLessThan(1);
    expect(errorOf(values)).toBeGreaterThan(errorOf([...values, ...values, ...values]));
    expect([median([]), spread([1]), errorOf([])]).toEqual([Number.NaN, 0, Number.POSITIVE_INFINITY]);
  });
});

describe('what the writer is told', () => {
  let letters: string[];
  beforeAll(async () => {
    letters = await firstLetters('foundational', 4);
  });
  const known = new Map<string, Promise<Measuring>>();
  /** A page by such a hand is written and measured once. */
  const review = (habits: Partial<typeof STEADY>) => {
    const key = JSON.stringify(habits);
    const measured = async () => {
      const printed = await pageOfRows('foundational', letters, { small: true });
      const { jpeg } = await taken(printed, { ...STEADY, ...habits }, ofA5(smaller(someShot(3, 'scan'))));
      return (await reviewedFrom(jpeg, printed)).measuring;
    };
    const found = known.get(key) ?? measured();
    known.set(key, found);
    return found;
  };

  it('of a steady page is praise, and nothing else', async () => {
    const { remarks, rows, refused, wobbled, checks } = await review({});
    expect(remarks.every(({ cure }) => cure === '')).toBe(true);
    expect(remarks.length).toBeGreaterThan(0);
    expect([rows.flatMap(({ faults }) => faults), refused, wobbled]).toEqual([[], [], []]);
    expect(checks.every(({ rating }) => rating !== 'off')).toBe(true);
  }, 60_000);

  it('of a page written flat and sinking is just that, with its cures, at most three', async () => {
    const { remarks, checks } = await review({ angle: -9, sinking: 1.4 });
    expect(remarks.length).toBeLessThanOrEqual(3);
    const said = remarks.map(({ text }) => text).join(' ');
    expect(said).toMatch(/Your pen stood at 2\d°, not 30°/);
    expect(remarks.filter(({ text }) => /stood at/.test(text)).every(({ cure }) => cure.length > 20)).toBe(
      true,
    );
    expect(checks).toContainEqual({ criterion: 'angle', rating: 'off' });
  }, 60_000);

  it('of shades that run dry in their middle, and of hairlines that are thick, is that they are, with what helps', async () => {
    const printed = await pageOfRows('copperplate', await firstLetters('copperplate', 4), { small: true });
    const shot = ofA5(smaller(someShot(3, 'scan')));
    const told = async (habits: Partial<typeof STEADY>) => {
      const { jpeg } = await taken(printed, { ...STEADY, ...habits }, shot);
      const { figures, remarks } = (await reviewedFrom(jpeg, printed)).measuring;
      return {
        figure: (id: FigureId) => figures.find((one) => one.id === id)?.value ?? Number.NaN,
        said: remarks.map(({ text }) => text).join(' '),
      };
    };
    const dry = await told({ rails: 0.4 });
    expect(dry.figure('rails')).toBeGreaterThan(0.8);
    expect(dry.said).toMatch(/runs dry: \d+ % of your letters/);
    expect(dry.figure('hairline')).toBeLessThan(THICK_HAIRLINE);
    const heavy = await told({ hairline: 1.9, tops: 1.2 });
    expect(heavy.figure('rails')).toBe(0);
    expect(heavy.said).not.toMatch(/rails/);
    expect(heavy.said).toMatch(/hairlines are thick/);
    expect(heavy.figure('tops')).toBeGreaterThan(0.45);
  });

  it('of stems that are not parallel is by how much', async () => {
    const printed = await pageOfRows('italic', ['n', 'h', 'u'], { small: true });
    const { jpeg } = await taken(printed, { ...STEADY, splay: 6 }, ofA5(someShot(3, 'scan')));
    const { figures, remarks, checks } = (await reviewedFrom(jpeg, printed)).measuring;
    const apart = figures.find(({ id }) => id === 'parallels')?.value ?? Number.NaN;
    expect(Math.abs(apart - 6)).toBeLessThan(1.5);
    expect(remarks.map(({ text }) => text).join(' ')).toMatch(/not parallel: they stand [567]° apart/);
    expect(checks).toContainEqual({ criterion: 'parallels', rating: 'off' });
  });

  it('of one row that is narrow names the row and the letter comes back', async () => {
    const { rows, wobbled } = await review({ faults: { 2: { fault: 'narrow', size: 1 } } });
    const faulty = rows.filter(({ faults }) => faults.length > 0);
    expect(faulty.map(({ text }) => text)).toEqual([letters[2]]);
    expect(faulty[0]?.faults[0]?.fault).toBe('narrow');
    expect(wobbled).toEqual([`letter:${letters[2]}`]);
  }, 60_000);

  it('of rows left empty is that they are', async () => {
    const { refused, rows } = await review({ skipped: [1, 3] });
    expect(refused.join(' ')).toMatch(/2 rows are empty/);
    expect(rows).toHaveLength(2);
  }, 60_000);

  it('of a page nobody wrote on is a plain sentence', async () => {
    const printed = await pageOfRows('foundational', letters, { small: true });
    const { jpeg } = await taken(
      printed,
      { ...STEADY, skipped: [0, 1, 2, 3] },
      ofA5(smaller(someShot(3, 'scan'))),
    );
    await expect(reviewedFrom(jpeg, printed)).rejects.toThrow(Problem);
  }, 60_000);

  it('of a page as full as can be is small enough to be kept', async () => {
    const printed = await pageOfRows('foundational', [...'nhmuobdpqcea'], { width: 0.9 });
    const { jpeg } = await taken(printed, STEADY, smaller(someShot(3, 'scan')));
    const { measuring } = await reviewedFrom(jpeg, printed);
    expect(measuring.rows.length).toBe(12);
    expect(measuring.rows.every(({ letters: some }) => some.length >= 10)).toBe(true);
    expect(JSON.stringify(measuring).length).toBeLessThan(LONGEST_ENTRY - 2000);
  }, 60_000);

  it('is small enough to be kept, and has the shape that is kept', async () => {
    const measuring = await review({});
    const kept = reviewSchema.parse({
      ...measuring,
      print: 'ABCDEFGH12',
      page: 1,
      picture: 'a'.repeat(40),
      rings: 8,
      bent: 0,
      changed: false,
    });
    expect(JSON.stringify(kept).length).toBeLessThan(LONGEST_ENTRY);
    expect(new Set(kept.figures.map(({ id }) => id)).size).toBe(kept.figures.length);
    expect(kept.figures.every(({ id }) => FIGURE_IDS.includes(id))).toBe(true);
  }, 60_000);
});
