import { group } from '../../drawing/build';
import type { Vec } from '../../geometry/vec';
import type { Mm } from '../../measure/units';
import type { Box } from '../../page/boxes';
import type { LineLanguage } from '../../page/lineLanguage';
import { handOf } from '../../setting/handOf';
import { ruledLine } from '../../sheet/layout';
import { OFF } from '../../type/dotChains';
import type { Figure } from '../../writing/figure';
import { chainsOf, reachBeyond } from '../../writing/ink';
import type { InkStyle } from '../../writing/inkStyle';
import type { Band } from '../band';
import type { Ground } from '../ground';
import { AROUND, guide } from '../guided';
import { boundsOf, frameOf } from './modelCell';
import { type Laid, once, type PageRoom } from './part';
import { LEAD, within } from './row';

/** White between a guided cell and the rows beside it. */
export const BESIDE: Mm = 4;

/** Maximum fraction of the line that a guided cell takes, so that room to write is left. */
const MOST_GUIDED = 0.42;

/** Minimum and maximum enlargement of a guided figure; smaller only where there is no room. */
export const LARGE = 1.3;
const LARGEST = 2.6;

/** Tallest guided cell beside rows that are small. */
const MOST_BESIDE: Mm = 62;

/** Maximum fraction of a row by which a guided cell is reduced so that the band does not need another row. */
const ALMOST = 0.6;

/** Tolerance for rounding errors, so that they do not cost a row. */
const DUST = 1e-9;

/** Bodies smaller than this, in mm, carry no readable guides. */
const LEAST_GUIDED_BODY: Mm = 5;

interface GuidedPlan {
  readonly unit: Mm;
  readonly width: Mm;
  readonly height: Mm;
  /** Number of rows beside it; 0 when it stands above them. */
  readonly rows: number;
}

/** What a guided cell shows, in letter units: the figure as it is inked, with at least the body's height. */
export const guidedSpan = ({ zones, pen, unit, recipe }: Ground, { reach }: Figure, ink: InkStyle) => {
  // Letters measured in dots have their chains of dots at the left and beneath.
  const chains = inDots(recipe) ? OFF + ONE_DOT / 2 : 0;
  return {
    left: reach.left - chains,
    right: reach.right + reachBeyond(ink, pen, unit).right,
    top: Math.max(reach.top, zones.body),
    bottom: Math.min(reach.bottom, 0) - chains,
  };
};

const ONE_DOT = 1;
const inDots = (recipe: Ground['recipe']): boolean => handOf(recipe).basis === 'dots';

/**
 * How large a guided cell is and where it stands: beside as many rows as it is tall, while the line keeps room for the
 * cells; else above the rows over the whole width. Undefined where it would be too small to read.
 */
export function guidedPlan(
  ground: Ground,
  figure: Figure,
  ink: InkStyle,
  { width, height }: PageRoom,
  rows: { rowHeight: Mm; gap: Mm; cellWidth: Mm; headHeight: Mm; ladder: Mm; lines: number },
): GuidedPlan | undefined {
  const { unit, zones } = ground;
  const { left: start, right: end, top, bottom } = guidedSpan(ground, figure, ink);
  const across = end - start;
  const heightOf = (count: number) => count * rows.rowHeight + (count - 1) * rows.gap;
  const unitFor = (boxWidth: Mm, boxHeight: Mm) =>
    Math.min(LARGEST * unit, (boxWidth - 2 * AROUND) / across, (boxHeight - 2 * AROUND) / (top - bottom));
  const most = width - BESIDE - rows.ladder - LEAD - rows.cellWidth;
  const room = Math.min(MOST_GUIDED * width, most);
  const tallest = height - rows.headHeight;
  const wanted = Math.min(MOST_BESIDE, tallest, (top - bottom) * unitFor(room, tallest) + 2 * AROUND);
  const rowsIn = (boxHeight: Mm) => (boxHeight + rows.gap) / (rows.rowHeight + rows.gap);
  const enough = Math.ceil(rowsIn(wanted));
  const fewer = Math.max(Math.ceil(rowsIn(wanted) - ALMOST), Math.min(rows.lines, enough));
  // One row less where that is almost enough, unless the figure would then be no larger than the writing.
  for (const count of new Set([fewer, enough])) {
    const beside = unitFor(room, heightOf(count));
    if (count < 1 || count > rowsIn(tallest) + DUST || beside < LARGE * unit) continue;
    return { unit: beside, width: across * beside + 2 * AROUND, height: heightOf(count), rows: count };
  }
  const left = tallest - rows.rowHeight - rows.gap;
  const large = unitFor(
    width,
    Math.min(left, Math.max(MOST_BESIDE, LARGE * unit * (top - bottom) + 2 * AROUND)),
  );
  if (large * zones.body < LEAST_GUIDED_BODY) return undefined;
  return {
    unit: large,
    width: across * large + 2 * AROUND,
    height: (top - bottom) * large + 2 * AROUND,
    rows: 0,
  };
}

export function guidedCell(
  { how }: Band,
  ground: Ground,
  figure: Figure,
  unit: Mm,
  box: Box,
  what: string,
  language: LineLanguage,
): Laid {
  const { left, right, top, bottom } = guidedSpan(ground, figure, how.ink);
  const tall = (top - bottom) * unit;
  const at: Vec = [
    box.x + (box.width - (right - left) * unit) / 2 - left * unit,
    box.y + (box.height - tall) / 2 + top * unit,
  ];
  const module = (ground.module * unit) / ground.unit;
  const drawn = once(() => guide(ground.pen, figure, how.ink, at, unit, box, language.guide));
  return {
    cells: [
      {
        kind: 'guided',
        what,
        box,
        ink: boundsOf(figure, at, unit),
        under: () => [
          ...(inDots(ground.recipe)
            ? [group('dots', [chainsOf(figure, at, unit, language.model.chain)])]
            : []),
          group('guided', drawn().under),
        ],
        over: () => [group('guided', drawn().over)],
      },
    ],
    rows: [
      {
        recipe: ground.recipe,
        module,
        line: within(ruledLine(ground.recipe, module, at[1]), box),
        x: box.x,
        width: box.width,
        toWrite: false,
      },
    ],
    nodes: [frameOf(box, language)],
  };
}
