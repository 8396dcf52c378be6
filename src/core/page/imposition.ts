import { group, type Segment, segments } from '../drawing/build';
import type { Drawing, DrawingNode } from '../drawing/drawing';
import { movedBy } from '../drawing/move';
import type { Mm } from '../measure/units';
import { PRINT_EDGE } from './boxes';
import { checkBars } from './checkBars';
import { lineLanguage } from './lineLanguage';

/** White between small sheets on a large one, room for the cut marks of both. */
const BETWEEN: Mm = 6;
/** A cut mark: how far it stands off the corner, and its length. */
const MARK = { off: 0.8, length: 2.2 } as const;
/** Room kept at foot and side for the check bars. */
const BARS: Mm = 12;

export interface Sheet {
  readonly width: Mm;
  readonly height: Mm;
}

/** Where small sheets of one size stand on a large one; one alone where a large one holds no more. */
export function placesOn(sheet: Sheet, small: Sheet): readonly { readonly x: Mm; readonly y: Mm }[] {
  const usable = { width: sheet.width - PRINT_EDGE - BARS, height: sheet.height - PRINT_EDGE - BARS };
  const along = (room: Mm, size: Mm) => Math.max(1, Math.floor((room + BETWEEN) / (size + BETWEEN)));
  const [across, down] = [along(usable.width, small.width), along(usable.height, small.height)];
  const spare = {
    x: (usable.width - across * small.width - (across - 1) * BETWEEN) / 2,
    y: (usable.height - down * small.height - (down - 1) * BETWEEN) / 2,
  };
  return Array.from({ length: across * down }, (_, i) => ({
    x: PRINT_EDGE + spare.x + (i % across) * (small.width + BETWEEN),
    y: PRINT_EDGE + spare.y + Math.floor(i / across) * (small.height + BETWEEN),
  }));
}

/** Whether a small sheet fits on a large one with its cut marks. */
const standsOn = (sheet: Sheet, small: Sheet): boolean =>
  small.width + PRINT_EDGE + BARS <= sheet.width && small.height + PRINT_EDGE + BARS <= sheet.height;

/** Paper of the page's own size, or A4 with as many copies as fit, and cut marks. */
export const ON_SHEETS = ['own', 'a4'] as const;
export type OnSheet = (typeof ON_SHEETS)[number];

/** A4, upright and sideways: what small sheets are printed on together. */
const LARGE: readonly Sheet[] = [
  { width: 210, height: 297 },
  { width: 297, height: 210 },
];

/** The large sheet that holds the most of a small one, upright where it does not matter; undefined where none holds one. */
export function largeFor(small: Sheet): Sheet | undefined {
  const holding = LARGE.filter((sheet) => standsOn(sheet, small));
  return holding.sort((a, b) => placesOn(b, small).length - placesOn(a, small).length)[0];
}

/** Pages, each made on request. */
export interface Pages {
  readonly count: number;
  readonly page: (index: number) => Drawing;
}

/** Small pages to be put together; of a single one, that is repeated, every copy is made, by its number from 0. */
interface SmallPages {
  readonly count: number;
  readonly page: (index: number, copy: number) => Drawing;
}

/** Number of copies of a small sheet on a large one; one where none fits. */
export function copiesOnLarge(small: Sheet): number {
  const large = largeFor(small);
  return large ? placesOn(large, small).length : 1;
}

/** Small pages several on a large sheet, cut marks round each; a single one as often as there is room. Others as they are. */
export function onLarge({ count, page }: SmallPages): Pages {
  const first = page(0, 0);
  const large = largeFor(first);
  if (!large) return { count, page: (index) => page(index, 0) };
  const each = placesOn(large, first).length;
  const single = count === 1;
  return {
    count: Math.ceil(count / each),
    page: (index) => {
      const many = single ? each : Math.min(each, count - index * each);
      const drawings = Array.from({ length: many }, (_, i) =>
        single ? page(0, i) : page(index * each + i, 0),
      );
      return imposed(large, drawings, first.title);
    },
  };
}

/** Short lines that show where to cut, outside the corners. */
function cutMarks(x: Mm, y: Mm, { width, height }: Sheet): Segment[] {
  const { off, length } = MARK;
  return [
    [x, y, -1, -1],
    [x + width, y, 1, -1],
    [x, y + height, -1, 1],
    [x + width, y + height, 1, 1],
  ].flatMap(([cx, cy, dx, dy]): Segment[] => [
    [(cx as Mm) + (dx as number) * off, cy as Mm, (cx as Mm) + (dx as number) * (off + length), cy as Mm],
    [cx as Mm, (cy as Mm) + (dy as number) * off, cx as Mm, (cy as Mm) + (dy as number) * (off + length)],
  ]);
}

/** One printed sheet with some small drawings on it, cut marks round each, and check bars. */
export function imposed(sheet: Sheet, drawings: readonly Drawing[], title: string): Drawing {
  const [first] = drawings;
  const nodes: DrawingNode[] = [];
  const marks: Segment[] = [];
  const places = first ? placesOn(sheet, first) : [];
  for (const [i, drawing] of drawings.entries()) {
    const place = places[i];
    if (!place) break;
    nodes.push(...drawing.nodes.map((node) => movedBy(node, place.x, place.y)));
    marks.push(...cutMarks(place.x, place.y, drawing));
  }
  const language = lineLanguage('faint');
  const aids = {
    ladder: 'none',
    gauge: false,
    letters: false,
    bars: true,
    header: false,
    marks: 'none',
  } as const;
  const block = { x: 0, y: 0, ...sheet };
  return {
    width: sheet.width,
    height: sheet.height,
    title,
    nodes: [
      ...nodes,
      group('cut-marks', [segments(marks, { colour: language.aid, width: 0.15 })]),
      ...checkBars(
        { page: sheet, block, columns: [block], startsRight: false, marked: false, aids, yielded: [] },
        language,
      ),
    ],
  };
}
