import { textWidth } from '../../drawing/textWidth';
import type { Mm } from '../../measure/units';
import type { Box } from '../../page/boxes';
import { lineSystem } from '../../setting/lineSystem';
import { ladderReach } from '../../sheet/draw/ladder';
import type { RuledLine } from '../../sheet/layout';
import type { Figure } from '../../writing/figure';
import type { Ground } from '../ground';
import type { PageRoom } from './part';

/** Minimum white between two rows, so that their lines are not confused. */
const LEAST_ROW_GAP: Mm = 1.5;
/** White at the head of a row, or after its ladder. */
export const LEAD: Mm = 1.5;

/** Bounds of the padding, which is a third of the body. */
const LEAST_PAD: Mm = 2.6;
const MOST_PAD: Mm = 9;
const PAD_SHARE = 0.34;

/** Room for lettering under the baseline. */
export const LABEL: Mm = 4.2;
export const LABEL_SIZE: Mm = 2.5;

/** White between the ink of a snug row and its edge, as a share of the body. */
const SNUG = 0.16;

/** How far a row's ladder reaches into it. */
export const ladderOf = ({ recipe, module }: Ground, { width }: PageRoom): Mm =>
  ladderReach(recipe, { width: recipe.width, module }, { columns: [{ x: 0, y: 0, width, height: 0 }] });

/** White between the inks of two cells. */
export const padOf = ({ zones, unit }: Ground): Mm =>
  Math.min(MOST_PAD, Math.max(LEAST_PAD, PAD_SHARE * zones.body * unit));

/**
 * Reach of a row above and below its baseline, so that neither its zones nor its ink meet a neighbour's; `marks` is the margin around
 * the ink. A snug row holds the body and whatever ink reaches beyond it.
 */
export function rowReach(
  { recipe, module, unit, zones }: Ground,
  figure?: Figure,
  snug = false,
  marks: Mm = 0,
): { above: Mm; below: Mm; gap: Mm } {
  const system = lineSystem(recipe);
  const labels = figure && figure.labels.length > 0 ? LABEL : 0;
  const { top, bottom } = inkReach(figure, unit, marks);
  const gap = Math.max(LEAST_ROW_GAP, recipe.zones.gap * module);
  if (snug && figure) {
    const clear = SNUG * zones.body * unit;
    return {
      above: Math.max(zones.body * unit, top) + clear,
      below: Math.max(bottom, 0, labels) + clear,
      gap: LEAST_ROW_GAP,
    };
  }
  return {
    above: Math.max(system.above * module, top),
    below: Math.max(system.below * module, bottom, labels),
    gap,
  };
}

/** How far a figure's ink, with marks around it, reaches above and below the baseline; nothing where there is none. */
const inkReach = (figure: Figure | undefined, unit: Mm, marks: Mm) =>
  figure
    ? { top: figure.reach.top * unit + marks, bottom: marks - figure.reach.bottom * unit }
    : { top: 0, bottom: 0 };

/** Maximum reach of the lettering under a figure beyond its ink, over both sides. */
export const overhang = ({ labels, reach }: Figure, unit: Mm): Mm =>
  labels.reduce((most, { x, text: label }) => {
    const half = textWidth(label, LABEL_SIZE) / 2;
    return Math.max(most, half - (x - reach.left) * unit, half - (reach.right - x) * unit);
  }, 0);

/** White between two letterings under a figure. */
const LABEL_GAP: Mm = 0.3;

/** The lettering under a figure, without what would overlap the lettering of the figure before it. */
export function labelsWithRoom({ labels }: Figure, unit: Mm): Figure['labels'] {
  let end = Number.NEGATIVE_INFINITY;
  return labels.filter(({ x, text: label }) => {
    const half = textWidth(label, LABEL_SIZE) / 2;
    const fits = x * unit - half >= end + LABEL_GAP;
    if (fits) end = x * unit + half;
    return fits;
  });
}

/** A ruled line cut to a box: what lies outside is not ruled. */
export function within(line: RuledLine, box: Box): RuledLine {
  const [low, high] = [box.y, box.y + box.height];
  const inside = (y: Mm | null) => (y !== null && y > low && y < high ? y : null);
  return {
    baseline: line.baseline,
    waistline: inside(line.waistline),
    ascender: inside(line.ascender),
    descender: inside(line.descender),
    capital: inside(line.capital),
    branch: inside(line.branch),
    smallCapital: inside(line.smallCapital),
    top: Math.max(low, line.top),
    bottom: Math.min(high, line.bottom),
  };
}
