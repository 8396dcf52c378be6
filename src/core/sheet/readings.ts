import type { Mm } from '../measure/units';
import { barThickness, stemThickness, thinnestDirection } from '../pen/thickness';
import { bodyHeight } from '../setting/bodyHeight';
import { handOf } from '../setting/handOf';
import { lineSystem } from '../setting/lineSystem';
import { layoutSheet } from './layout';
import type { Sheet } from './sheet';

/** The numbers a scribe wants beside the sheet. Stroke weights are null for hands not written with an edge. */
export interface Readings {
  readonly body: Mm;
  /** Baseline to baseline, of each nib of a comparison sheet. */
  readonly pitches: readonly Mm[];
  /** Lines down one column; of a comparison sheet, for each nib. */
  readonly lines: number;
  /** Lines on the whole page: all columns, all bands. */
  readonly totalLines: number;
  /** Ink-free height at the foot of the block. */
  readonly reserve: Mm;
  readonly stem: Mm | null;
  readonly bar: Mm | null;
  readonly thinnest: number | null;
}

/**
 * Lines down one column; of a comparison sheet, for each nib.
 * @throws Problem when the sheet cannot be ruled.
 */
export const linesEach = (recipe: Sheet): number => layoutSheet(recipe).strips[0]?.lines.length ?? 0;

/** @throws Problem when the sheet cannot be ruled. */
export function readings(recipe: Sheet): Readings {
  const layout = layoutSheet(recipe);
  const perColumn = layout.strips.reduce((total, strip) => total + strip.lines.length, 0);
  // A comparison sheet has as many weights as nibs; its captions say them.
  const edge = handOf(recipe).penAngle !== null && recipe.nibs.length === 0;
  return {
    body: bodyHeight(recipe),
    pitches:
      layout.strips.length === 1
        ? [layout.pitch]
        : layout.strips.map(({ module }) => lineSystem(recipe).pitch * module),
    lines: linesEach(recipe),
    totalLines: perColumn * layout.columns.length,
    reserve: layout.reserve,
    stem: edge ? stemThickness(recipe.width, recipe.penAngle, recipe.slope, recipe.edge) : null,
    bar: edge ? barThickness(recipe.width, recipe.penAngle, recipe.edge) : null,
    thinnest: edge ? thinnestDirection(recipe.penAngle) : null,
  };
}
