import type { Bounds } from '../../drawing/bounds';
import { group, rectangle, segments, text } from '../../drawing/build';
import type { DrawingNode } from '../../drawing/drawing';
import type { Vec } from '../../geometry/vec';
import type { Mm } from '../../measure/units';
import type { Box } from '../../page/boxes';
import type { LineLanguage } from '../../page/lineLanguage';
import type { Pen } from '../../pen/pen';
import type { Figure } from '../../writing/figure';
import { inkNodes, reachBeyond } from '../../writing/ink';
import type { Band, ModelTint } from '../band';
import type { Cell, CellPlan } from '../cells';
import type { Ground } from '../ground';
import { LABEL, LABEL_SIZE, labelsWithRoom } from './row';

/** Width of frames and ticks. */
const FRAME_LINE: Mm = 0.15;

/** Ticks below the baseline separate the cells to fill. */
const TICK: Mm = 1.4;

/** Bounds of a figure's ink on the page, with marks around it and what its second contour adds to the right. */
export const boundsOf = ({ reach }: Figure, [x, y]: Vec, unit: Mm, around = 0, right = 0): Bounds => ({
  left: x + reach.left * unit - around,
  right: x + (reach.right + right) * unit + around,
  top: y - reach.top * unit - around,
  bottom: y - reach.bottom * unit + around,
});

/** Thickness, in mm, below which a pale line is lost under the ruling (a user's request; not tried on paper). */
const SEEN_IN_PALE: Mm = 0.18;

/** The tint a model is printed in: a pale one a step darker where its hairlines would be lost. */
export function seenTint(tint: ModelTint, pen: Pen, unit: Mm): ModelTint {
  const hairline = pen.kind === 'pointed' ? pen.hairline * unit : Number.POSITIVE_INFINITY;
  return tint === 'pale' && hairline < SEEN_IN_PALE ? 'middle' : tint;
}

/** A cell of a row: its model where it has one, the labels under it. */
export function cellOf(
  { how }: Band,
  { pen, unit }: Ground,
  figure: Figure,
  plan: CellPlan | { kind: 'model'; model: 'solid' },
  box: Box,
  at: Vec,
  { model: tones, small }: LineLanguage,
): Cell {
  const { model } = plan;
  const colour = tones[plan.kind === 'model' ? 'full' : seenTint(how.tint, pen, unit)];
  const line = tones[how.tint === 'pale' ? 'middle' : how.tint];
  const beyond = model ? reachBeyond(model, pen, unit) : undefined;
  return {
    kind: plan.kind,
    what: figure.text,
    box,
    ...(beyond && { ink: boundsOf(figure, at, unit, beyond.around, beyond.right) }),
    under: () =>
      model
        ? [
            group(
              plan.kind,
              inkNodes(pen, figure, model, at, unit, model === 'solid' ? colour : line, tones.chain),
            ),
          ]
        : [],
    over: () =>
      labelsWithRoom(figure, unit).map((label) =>
        text(at[0] + label.x * unit, at[1] + LABEL - 0.8, label.text, {
          size: LABEL_SIZE,
          colour: small,
          anchor: 'middle',
        }),
      ),
  };
}

/** A short mark under the baseline where a cell to fill begins, on the side the writing starts from. */
export const tick = (box: Box, baseline: Mm, startsRight: boolean, language: LineLanguage): DrawingNode => {
  const x = startsRight ? box.x + box.width : box.x;
  return segments([[x, baseline + 0.4, x, baseline + 0.4 + TICK]], {
    colour: language.aid,
    width: FRAME_LINE,
  });
};

export const frameOf = ({ x, y, width, height }: Box, language: LineLanguage): DrawingNode => ({
  kind: 'path',
  commands: rectangle(x, y, width, height),
  stroke: { colour: language.ladder, width: FRAME_LINE },
});
