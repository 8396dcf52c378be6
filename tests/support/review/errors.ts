import type { Habits } from '@/core/camera/habits';
import type { WrittenRow } from '@/core/camera/writePage';
import { composedAgain } from '@/core/document/keptPage';
import { heldBy } from '@/core/faults/heldBy';
import { shaped } from '@/core/faults/misshapen';
import { median } from '@/core/measure/statistics';
import { sweep } from '@/core/pen/pen';
import { dueRows } from '@/core/practice/dueRows';
import type { FigureId } from '@/core/review/figures/registry';
import type { PrintedForTest, ReviewedForTest } from './pages';

/** What was measured less what was written in truth, by figure. */
export type Errors = Partial<Record<FigureId, number>>;

const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / Math.max(1, values.length);
const deviation = (values: readonly number[]) => {
  const middle = mean(values);
  return Math.sqrt(mean(values.map((value) => (value - middle) ** 2)));
};

/** How far a page's figures are off what its simulated hand did. */
export function errorsOf(
  { page }: PrintedForTest,
  { measuring }: ReviewedForTest,
  rows: readonly WrittenRow[],
  habits: Habits,
): Errors {
  const composed = composedAgain(page);
  if (!composed) return {};
  const due = dueRows(composed, page.index);
  const ground = due[0]?.due.ground;
  if (!ground) return {};
  const { recipe, unit, zones, pen } = ground;
  const angles = rows.flatMap((row) => row.angles);
  const slopes = rows.flatMap((row) => row.slopes);
  const feet = rows.flatMap((row) => row.feet);
  const ideal = idealInk(due, habits, mean(angles));
  const truth: Partial<Record<FigureId, number>> = {
    angle: recipe.penAngle + mean(angles),
    angleSpread: deviation(angles),
    nib: pen.kind === 'broad' ? pen.width * unit * habits.nib : Number.NaN,
    slope: recipe.slope + mean(slopes),
    slopeSpread: deviation(slopes),
    body: zones.body * unit * ideal.ratio,
    feet: mean(feet) + ideal.foot * unit,
    sinking: habits.sinking,
  };
  return Object.fromEntries(
    measuring.figures.flatMap(({ id, value }) => {
      const its = truth[id];
      return its === undefined || Number.isNaN(its) ? [] : [[id, value - its]];
    }),
  );
}

/**
 * What ink does that is written by this hand without any chance in it: how tall letters of the body come out over their models,
 * and how far off the line their feet end. A flatter edge reaches less far, whatever the skeleton does.
 */
function idealInk(
  due: ReturnType<typeof dueRows>,
  habits: Habits,
  angle: number,
): { readonly ratio: number; readonly foot: number } {
  const compared = due.flatMap(({ due: { figure, ground, running } }) => {
    const [shape] = figure.shapes;
    if (running || !shape) return [];
    const { body } = ground.zones;
    const reach = (height: number, pen: typeof ground.pen) => {
      const { strokes } = shaped(
        shape.cut.upright,
        { left: 0, right: 1, body },
        { width: 1, height, slope: ground.recipe.slope, up: 0, wobble: 0 },
        (same) => ({ strokes: same, turn: 0 }),
        () => 0,
      );
      const ys = strokes.flatMap((stroke) => sweep(pen, stroke).flatMap((part) => part.map(([, y]) => y)));
      return { top: Math.max(...ys), foot: Math.min(...ys) };
    };
    const [model, own] = [reach(1, ground.pen), reach(habits.body, heldBy(ground.pen, habits.nib, angle))];
    const stands = Math.abs(model.foot) < ON_LINES * body;
    return stands
      ? [
          {
            foot: own.foot - model.foot,
            ...(Math.abs(model.top - body) < ON_LINES * body && {
              ratio: (own.top - own.foot) / (model.top - model.foot),
            }),
          },
        ]
      : [];
  });
  const ratios = compared.flatMap(({ ratio }) => ratio ?? []);
  return {
    ratio: ratios.length > 0 ? median(ratios) : habits.body,
    foot: median(compared.map(({ foot }) => foot)),
  };
}

/** As the figures take them: letters that reach the waistline and the baseline, less than this share of the body off. */
const ON_LINES = 0.16;
