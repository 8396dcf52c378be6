import { paperFormat } from '../measure/paper';
import type { Mm } from '../measure/units';
import { Problem } from '../problem/problem';
import { handOf } from '../setting/handOf';
import type { Setting } from '../setting/setting';
import { CODE_FOOT, LEAST_MARKED, MARKED_EDGE } from './marks';
import type { PageShape, Paper } from './pageShape';

/** Strip along each edge that desktop printers commonly leave blank. */
export const PRINT_EDGE: Mm = 5;

/** Space the aids take between the print edge and the ruled block. */
export const HEADER_HEIGHT: Mm = 12;
export const BAR_SPACE: Mm = 6;
export const GAUGE_SPACE: Mm = 17;
export const LETTER_SPACE: Mm = 4;

/** Minimum inset of the block: half the width of an outermost line still falls on the sheet. */
const LEAST_INSET: Mm = 0.5;

/** Minimum size of a block that is ruled. */
const SMALLEST_BLOCK: Mm = 10;

export interface Box {
  readonly x: Mm;
  readonly y: Mm;
  readonly width: Mm;
  readonly height: Mm;
}

/** What the division of a page depends on: its paper, its aids, and the hand written on it. */
export type Furnished = Pick<PageShape, 'aids'> & Pick<Setting, 'hand' | 'school'>;

export interface PageBoxes {
  readonly page: { readonly width: Mm; readonly height: Mm };
  /** The ruled area: the page less its margins and what the aids need. */
  readonly block: Box;
  readonly columns: readonly Box[];
  /** True where lines start at the right: left-to-right hands mirrored, right-to-left hands not. */
  readonly startsRight: boolean;
  /** Whether it carries the marks by which a photograph of it is read. */
  readonly marked: boolean;
  /** Aids drawn on the page: on small paper some are dropped to leave room for writing. */
  readonly aids: PageShape['aids'];
  /** The dropped aids, in words, in the order they were dropped. */
  readonly yielded: readonly string[];
}

/** Whether a pen-angle gauge is drawn: only an edge has an angle. */
const hasGauge = (recipe: Furnished): boolean => recipe.aids.gauge && handOf(recipe).penAngle !== null;

/** Minimum fraction of the room inside the margins, across and down, that is left for writing, whatever aids are asked for. */
const LEAST_WRITTEN = 0.75;

/** Order in which aids are dropped: the least useful while writing is dropped first. */
const YIELDING = [
  { name: 'the pen-angle gauge', without: { gauge: false } },
  { name: 'the letters beside the lines', without: { letters: false } },
  { name: 'the check bars', without: { bars: false } },
  { name: 'the header', without: { header: false } },
] as const satisfies readonly { name: string; without: Partial<PageShape['aids']> }[];

/** The sheet as it lies: width across, height down. */
export function pageSize(paper: Paper): { width: Mm; height: Mm } {
  const format = paperFormat(paper.format) ?? paper;
  return paper.sideways
    ? { width: format.height, height: format.width }
    : { width: format.width, height: format.height };
}

/** Margins that are wider on the page than was asked for, and what needs the room. */
export function grownMargins(
  recipe: Furnished & Pick<PageShape, 'paper'>,
): Readonly<Partial<Record<'top' | 'right' | 'bottom' | 'left', { readonly mm: Mm; readonly by: string }>>> {
  const { page, block, startsRight } = pageBoxes(recipe);
  const { margins } = recipe.paper;
  const { aids } = pageBoxes(recipe);
  const start = hasGauge({ ...recipe, aids }) ? 'the pen-angle gauge needs' : 'a line’s own width needs';
  const end = aids.bars ? 'the check bar needs' : 'the letters beside the lines need';
  const all = {
    top: { mm: block.y, by: 'the header needs' },
    right: { mm: page.width - block.x - block.width, by: startsRight ? start : end },
    bottom: { mm: page.height - block.y - block.height, by: 'the check bar needs' },
    left: { mm: block.x, by: startsRight ? end : start },
  };
  const sides = ['top', 'right', 'bottom', 'left'] as const;
  return Object.fromEntries(
    sides.flatMap((side) => (all[side].mm > margins[side] + GROWN ? [[side, all[side]]] : [])),
  );
}

/** Minimum growth of a margin for a remark. */
const GROWN: Mm = 1;

/**
 * Divides the page. Margins grow where an aid needs the room, so that nothing is ever drawn over the lines or off
 * the sheet; on small paper aids yield, one after the other, until there is room to write.
 * @throws Problem when margins and aids leave no room to rule.
 */
export function pageBoxes(recipe: Furnished & Pick<PageShape, 'paper'>): PageBoxes {
  let { aids } = recipe;
  const yielded: string[] = [];
  for (const { name, without } of YIELDING) {
    const room = roomOf({ ...recipe, aids });
    if (room.across >= LEAST_WRITTEN && room.down >= LEAST_WRITTEN) break;
    const fewer = { ...aids, ...without };
    const gained = roomOf({ ...recipe, aids: fewer });
    if (gained.across <= room.across && gained.down <= room.down) continue;
    aids = fewer;
    yielded.push(name);
  }
  return { ...divided({ ...recipe, aids }), aids, yielded };
}

/** The fractions of the room inside the margins that the block takes. */
function roomOf(recipe: Furnished & Pick<PageShape, 'paper'>): {
  readonly across: number;
  readonly down: number;
} {
  const { margins } = recipe.paper;
  const page = pageSize(recipe.paper);
  const { width, height } = blockOf(recipe).block;
  return {
    across: width / Math.max(1, page.width - margins.left - margins.right),
    down: height / Math.max(1, page.height - margins.top - margins.bottom),
  };
}

/** The page less its margins and what the aids need, however little that leaves. */
function blockOf(
  recipe: Furnished & Pick<PageShape, 'paper'>,
): Pick<PageBoxes, 'page' | 'block' | 'startsRight' | 'marked'> {
  const { paper, aids } = recipe;
  const page = pageSize(paper);
  const startsRight = handOf(recipe).rightToLeft !== paper.mirrored;
  const marked = aids.marks === 'every' && Math.min(page.width, page.height) >= LEAST_MARKED;
  const edge = marked ? MARKED_EDGE : PRINT_EDGE;
  const inset = marked ? MARKED_EDGE : LEAST_INSET;
  const startNeed = hasGauge(recipe) ? PRINT_EDGE + GAUGE_SPACE : inset;
  const endNeed =
    aids.bars || aids.letters
      ? PRINT_EDGE + (aids.bars ? BAR_SPACE : 0) + (aids.letters ? LETTER_SPACE : 0)
      : inset;
  const top = Math.max(paper.margins.top, aids.header ? edge + HEADER_HEIGHT : inset, marked ? CODE_FOOT : 0);
  const bottom = Math.max(paper.margins.bottom, aids.bars ? edge + BAR_SPACE : inset);
  const left = Math.max(paper.margins.left, inset, startsRight ? endNeed : startNeed);
  const right = Math.max(paper.margins.right, inset, startsRight ? startNeed : endNeed);
  const block = { x: left, y: top, width: page.width - left - right, height: page.height - top - bottom };
  return { page, block, startsRight, marked };
}

function divided(recipe: Furnished & Pick<PageShape, 'paper'>): Omit<PageBoxes, 'aids' | 'yielded'> {
  const { paper } = recipe;
  const { page, block, startsRight, marked } = blockOf(recipe);
  const columnWidth = (block.width - (paper.columns - 1) * paper.gutter) / paper.columns;
  if (block.height < SMALLEST_BLOCK || columnWidth < SMALLEST_BLOCK) {
    throw new Problem(
      'paper.margins',
      'Margins, columns and aids leave no room to rule. Choose smaller margins, fewer columns, a larger sheet, or switch aids off.',
    );
  }
  const columns = Array.from({ length: paper.columns }, (_, index) => ({
    x: block.x + index * (columnWidth + paper.gutter),
    y: block.y,
    width: columnWidth,
    height: block.height,
  }));
  return { page, block, columns, startsRight, marked };
}
