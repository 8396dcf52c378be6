import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import type { Recipe } from '@/core/document/recipe';
import { type HandId, handById } from '@/core/hands/registry';
import { printerCorrection } from '@/core/page/printer';
import { ruleSheet } from '@/core/sheet/rule';
import { Raster, slopeOf } from '../support/raster';

/** Lengths on paper must hold to this, in mm, and angles to this, in degrees. */
const TOLERANCE = 0.05;
const ANGLE_TOLERANCE = 0.05;

type Changes = Omit<Partial<Recipe>, 'paper' | 'aids' | 'zones' | 'show'> & {
  paper?: Partial<Recipe['paper']>;
  aids?: Partial<Recipe['aids']>;
  zones?: Partial<Recipe['zones']>;
  show?: Partial<Recipe['show']>;
};

const make = (hand: HandId, { paper, aids, zones, show, ...rest }: Changes = {}): Recipe => {
  const base = freshRecipe(hand);
  return {
    ...base,
    ...rest,
    tint: 'strong',
    paper: { ...base.paper, ...paper },
    aids: { ...base.aids, ...aids },
    zones: { ...base.zones, ...zones },
    show: { ...base.show, ...show },
  };
};

/** Expected places are worked out by hand from the recipe, not taken from the code under test. */
interface Sheet {
  readonly name: string;
  readonly recipe: Recipe;
  /** First baseline of every band and the lines it holds. */
  readonly strips: readonly { firstBaseline: number; module: number; pitch: number; count: number }[];
  /** Heights over the baseline, in modules, of lines that run the whole way. */
  readonly lines: readonly number[];
  /** Heights of capital ticks, and where they lie. */
  readonly ticks?: { readonly heights: readonly number[]; readonly x: readonly [number, number] };
  /** Stretches of x free of anything but lines, one a column. */
  readonly stretches: readonly (readonly [number, number])[];
  readonly bars: { readonly across: number; readonly down: number; readonly page: readonly [number, number] };
  readonly barsAtLeft?: boolean;
}

// Insets: header 17 mm at the top, bars 11 mm at the foot, gauge 22 mm at the start, bars and letters 15 mm at the end.
const A4 = { across: 100, down: 100, page: [210, 297] as const };
const dot = 3 * Math.SQRT2;

const SHEETS: readonly Sheet[] = [
  {
    name: 'italic, A4, as it comes',
    recipe: make('italic'),
    strips: [{ firstBaseline: 17 + 9 * 2.4, module: 2.4, pitch: 14 * 2.4, count: 7 }],
    lines: [9, 5, 0, -4],
    ticks: { heights: [7], x: [190.5, 194.5] },
    stretches: [[40, 185]],
    bars: A4,
  },
  {
    name: 'foundational, A3 sideways, three columns',
    recipe: make('foundational', {
      width: 3,
      given: { width: 3, body: 4.5 },
      paper: { format: 'a3', width: 297, height: 420, sideways: true, columns: 3, gutter: 12 },
    }),
    strips: [{ firstBaseline: 17 + 7.5 * 3, module: 3, pitch: 11.5 * 3, count: 7 }],
    lines: [7.5, 4.5, 0, -3],
    // Columns are (420 − 22 − 15 − 24) / 3 = 119.667 mm wide.
    ticks: { heights: [6.5], x: [137, 141] },
    stretches: [
      [35, 130],
      [167, 262],
      [299, 394],
    ],
    bars: { across: 100, down: 100, page: [420, 297] },
  },
  {
    name: 'uncial, A5, zones shared, mirrored',
    recipe: make('uncial', {
      width: 2,
      given: { width: 2, body: 4 },
      shareZones: true,
      paper: { format: 'a5', width: 148, height: 210, mirrored: true },
    }),
    // Shared: pitch is body + larger of ascender and descender + gap = 7 nib widths.
    strips: [{ firstBaseline: 17 + 6 * 2, module: 2, pitch: 14, count: 12 }],
    lines: [6, 4, 0, -2],
    stretches: [[25, 115]],
    bars: { across: 100, down: 100, page: [148, 210] },
    barsAtLeft: true,
  },
  {
    name: 'textura, A6, no aids but the bars',
    recipe: make('textura', {
      width: 3,
      given: { width: 3, body: 5 },
      aids: { ladder: 'none', gauge: false, letters: false, header: false },
      paper: { format: 'a6', width: 105, height: 148 },
    }),
    strips: [{ firstBaseline: 15 + 7 * 3, module: 3, pitch: 30, count: 4 }],
    lines: [7, 5, 0, -2],
    ticks: { heights: [6.5], x: [85.5, 89.5] },
    stretches: [[22, 84]],
    bars: { across: 50, down: 100, page: [105, 148] },
  },
  {
    name: 'Roman capitals with midline and small capitals, letter',
    recipe: make('roman', {
      zones: { smallCapital: 5 },
      paper: { format: 'letter', width: 215.9, height: 279.4 },
    }),
    strips: [{ firstBaseline: 17 + 8 * 2, module: 2, pitch: 12 * 2, count: 10 }],
    lines: [8, 5, 4, 0],
    stretches: [[35, 195]],
    bars: { across: 100, down: 100, page: [215.9, 279.4] },
  },
  {
    name: 'copperplate, A4 sideways, ratio units of 3 mm',
    recipe: make('copperplate', {
      paper: { sideways: true },
      show: { slope: false },
    }),
    strips: [{ firstBaseline: 17 + 5 * 3, module: 3, pitch: 8 * 3, count: 7 }],
    lines: [5, 2, 0, -3],
    stretches: [[22, 270]],
    bars: { across: 100, down: 100, page: [297, 210] },
  },
  {
    name: 'brush lettering in millimetres, A5, given four lines',
    recipe: make('brush', {
      given: { bodyMm: 10, lines: 4 },
      show: { slope: false },
      paper: { format: 'a5', width: 148, height: 210 },
    }),
    strips: [{ firstBaseline: 17 + 20, module: 1, pitch: 34, count: 4 }],
    lines: [20, 10, 0, -10],
    stretches: [[22, 125]],
    bars: { across: 100, down: 100, page: [148, 210] },
  },
  {
    name: 'Arabic court hand in dots, A4, with half dots',
    recipe: make('court'),
    // Height of a dot of a 3 mm pen at 45°: its diagonal.
    strips: [{ firstBaseline: 17 + 5 * dot, module: dot, pitch: 9 * dot, count: 7 }],
    lines: [5, 4.5, 4, 3.5, 3, 2.5, 2, 1.5, 1, 0.5, 0, -0.5, -1, -1.5, -2, -2.5, -3],
    stretches: [[20, 178]],
    bars: A4,
    barsAtLeft: true,
  },
  {
    name: 'italic comparison of three nibs in bands, A4',
    recipe: make('italic', { nibs: [1.5, 2.4, 3.5], aids: { gauge: false } }),
    strips: [
      // Each strip: a caption of 6 mm, then two lines of 13 + 14 nib widths; 4 mm between strips.
      { firstBaseline: 17 + 6 + 9 * 1.5, module: 1.5, pitch: 14 * 1.5, count: 2 },
      { firstBaseline: 17 + 6 + 27 * 1.5 + 4 + 6 + 9 * 2.4, module: 2.4, pitch: 14 * 2.4, count: 2 },
      {
        firstBaseline: 17 + 6 + 27 * 1.5 + 4 + 6 + 27 * 2.4 + 4 + 6 + 9 * 3.5,
        module: 3.5,
        pitch: 14 * 3.5,
        count: 2,
      },
    ],
    lines: [9, 5, 0, -4],
    ticks: { heights: [7], x: [190.5, 194.5] },
    stretches: [[35, 185]],
    bars: A4,
  },
  {
    name: 'monoline on a place card, sideways',
    recipe: make('monoline', {
      aids: { header: false, letters: false },
      paper: { format: 'place-card', width: 55, height: 90, sideways: true },
      given: { bodyMm: 8 },
    }),
    strips: [{ firstBaseline: 15 + 16, module: 1, pitch: 28, count: 1 }],
    lines: [16, 8, 0, -8],
    ticks: { heights: [14], x: [70.5, 74.5] },
    stretches: [[22, 68]],
    bars: { across: 50, down: 20, page: [90, 55] },
  },
];

/** Measures one sheet; with a printer correction every place is scaled about the centre of the page. */
async function measure(sheet: Sheet, correction?: { x: number; y: number }): Promise<void> {
  const drawing = ruleSheet(sheet.recipe);
  const [pageWidth, pageHeight] = sheet.bars.page;
  expect([drawing.width, drawing.height]).toEqual([pageWidth, pageHeight]);
  const raster = await Raster.of(drawing, 600, { correction });
  expect(raster.widthPx).toBeCloseTo((pageWidth / 25.4) * 600, -1);
  const { x: fx, y: fy } = correction ?? { x: 1, y: 1 };
  const X = (x: number) => pageWidth / 2 + (x - pageWidth / 2) * fx;
  const Y = (y: number) => pageHeight / 2 + (y - pageHeight / 2) * fy;
  const near = (found: number, wanted: number, what: string) => {
    if (!(Math.abs(found - wanted) <= TOLERANCE)) {
      throw new Error(`${sheet.name}: ${what} at ${found.toFixed(3)} mm instead of ${wanted.toFixed(3)} mm`);
    }
  };

  for (const { firstBaseline, module, pitch, count } of sheet.strips) {
    for (let i = 0; i < count; i++) {
      const baseline = firstBaseline + i * pitch;
      for (const [x1, x2] of sheet.stretches) {
        for (const height of sheet.lines) {
          const y = Y(baseline - height * module);
          near(raster.lineY(y, X(x1), X(x2)), y, `line ${i + 1}, height ${height}`);
        }
      }
      const { heights, x } = sheet.ticks ?? { heights: [], x: [0, 0] };
      for (const height of heights) {
        const y = Y(baseline - height * module);
        const [x1, x2] = x;
        near(raster.lineY(y, X(x1), X(x2)), y, `capital tick of line ${i + 1}`);
      }
    }
  }

  // No further line under the last one, as far down as nothing else is drawn.
  const last = sheet.strips.at(-1) as Sheet['strips'][number];
  const next = last.firstBaseline + last.count * last.pitch;
  const [from, to] = sheet.stretches[0] as [number, number];
  if (next < pageHeight - 12) expect(raster.lineY(Y(next), X(from), X(to))).toBeNaN();

  const { across, down } = sheet.bars;
  const barY = pageHeight - 6.5;
  const barX = sheet.barsAtLeft ? 6.5 : pageWidth - 6.5;
  const [left, right] = [X((pageWidth - across) / 2), X((pageWidth + across) / 2)];
  const [top, bottom] = [Y((pageHeight - down) / 2), Y((pageHeight + down) / 2)];
  const x1 = raster.lineX(left, Y(barY + 0.5), Y(barY + 1.2));
  const x2 = raster.lineX(right, Y(barY + 0.5), Y(barY + 1.2));
  const y1 = raster.lineY(top, X(barX - 1.2), X(barX - 0.4));
  const y2 = raster.lineY(bottom, X(barX - 1.2), X(barX - 0.4));
  near(x2 - x1, across * fx, 'length of the bar across');
  near(y2 - y1, down * fy, 'length of the bar down');
}

describe('rasterised at 600 dpi by another program, every line lies where the recipe puts it', () => {
  it.each(SHEETS)('$name', (sheet) => measure(sheet), 120_000);

  it.each([SHEETS[0], SHEETS[7]] as Sheet[])(
    'scaled by a printer profile: $name',
    (sheet) => measure(sheet, printerCorrection(98.2, 97.7)),
    120_000,
  );
});

describe('slope lines lean as asked', () => {
  it.each([
    { hand: 'italic' as const, slope: 6 },
    { hand: 'copperplate' as const, slope: 35 },
    { hand: 'foundational' as const, slope: 0 },
    { hand: 'light-line' as const, slope: -12 },
  ])(
    '$hand at $slope°',
    async ({ hand, slope }) => {
      const recipe = make(hand, {
        slope,
        show: {
          slope: true,
          baseline: true,
          waistline: false,
          ascender: false,
          descender: false,
          capital: false,
          branch: false,
        },
        slopeLines: { spacing: 15, extent: 'block' },
        aids: { ladder: 'none', gauge: false },
      });
      const raster = await Raster.of(ruleSheet(recipe));
      const lean = Math.tan((slope * Math.PI) / 180);
      // Lines cross the foot of the ruled block at whole steps from its left side, x = 15 mm.
      const { zones, width, ratioUnit } = recipe;
      const module = handById(hand).basis === 'ratio' ? ratioUnit : width;
      const above = Math.max(zones.body + zones.ascender, zones.capital);
      const pitch = above + zones.descender + zones.gap;
      const count =
        Math.floor((297 - 17 - 15 - (above + zones.descender) * module) / (pitch * module) + 1e-9) + 1;
      const baselines = Array.from({ length: count }, (_, i) => 17 + (above + i * pitch) * module);
      const foot = (baselines.at(-1) as number) + zones.descender * module;
      const points: [number, number][] = [];
      const start = 15 + 15 * (slope < 0 ? 9 : 3);
      for (let y = foot - 60; y < foot - 1; y += 0.5) {
        if (baselines.some((b) => Math.abs(b - y) < 0.6)) continue;
        const x = start + (foot - y) * lean;
        points.push([raster.lineX(x, y - 0.02, y + 0.02, 0.6), y]);
      }
      expect(points.length).toBeGreaterThan(60);
      const angle = (Math.atan(-slopeOf(points)) * 180) / Math.PI;
      expect(Math.abs(angle - slope)).toBeLessThanOrEqual(ANGLE_TOLERANCE);
    },
    120_000,
  );
});
