import type { NibWidths } from '../measure/units';
import { lastFor } from '../memo/memo';
import type { WritingPen } from '../pen/pen';
import { penFor } from '../pen/pen';
import type { Stroke } from '../pen/stroke';
import { trace } from '../pen/trace';
import type { Cut } from '../type/cut';
import { thicknessAt } from '../type/letterReadings';

/** Step along a stroke over which its thickness is integrated, in letter units. */
const STEP: NibWidths = 0.15;

/** One stroke of a letter: its path and the ink it lays, in letter units. */
export interface StrokeInk {
  readonly length: NibWidths;
  readonly area: number;
  /** Maximum thickness. */
  readonly thickest: NibWidths;
}

/** Ink area of a stroke: its thickness integrated along the path. Overlaps count twice, since the pen lays ink both times. */
function inkOfStroke(pen: WritingPen, stroke: Stroke): StrokeInk {
  const used = penFor(pen, stroke);
  const poses = trace(stroke, STEP, 1, 0.01);
  let area = 0;
  let thickest = 0;
  for (const [i, pose] of poses.entries()) {
    const thick = thicknessAt(used, pose);
    thickest = Math.max(thickest, thick);
    const before = poses[i - 1];
    if (before) area += ((thick + thicknessAt(used, before)) / 2) * (pose.travelled - before.travelled);
  }
  return { length: stroke.lengths.at(-1) as number, area, thickest };
}

/** The strokes of a letter, one after the other. */
export const strokesOf = lastFor((pen: WritingPen, cut: Cut): readonly StrokeInk[] =>
  cut.strokes.map((stroke) => inkOfStroke(pen, stroke)),
);
