import type { Mm } from '../measure/units';
import type { Pen } from '../pen/pen';
import { sweep } from '../pen/pen';
import { Filling } from '../raster/fill';
import { type Grey, softened } from '../raster/grey';
import type { Figure } from '../writing/figure';

/** Ink as a picture with the origin of its figure, in pixels; `baseline` lies between two rows. */
export interface Inked {
  readonly ink: Grey;
  readonly baseline: number;
  readonly origin: number;
}

/** White margin around an exemplar, in pixels. */
const WHITE = 6;

/** A stroke to leave out: the index of its shape and its index in that shape. */
export interface LeftOut {
  readonly shape: number;
  readonly stroke: number;
}

/**
 * Draws the model of what was to be written with the engine that draws it on paper, and blurs it like a picture, so that model and
 * writing are measured by the same code.
 */
export function exemplarOf(pen: Pen, figure: Figure, unit: Mm, perMm: number, without?: LeftOut): Inked {
  const scale = unit * perMm;
  const { reach } = figure;
  const origin = Math.ceil(-reach.left * scale) + WHITE;
  const baseline = Math.ceil(reach.top * scale) + WHITE;
  const width = origin + Math.ceil(reach.right * scale) + WHITE;
  const height = baseline + Math.ceil(-reach.bottom * scale) + WHITE;
  const filling = new Filling(width, height);
  for (const [at, shape] of figure.shapes.entries()) {
    const placing = {
      x: origin + shape.x * scale,
      y: baseline - shape.y * scale,
      across: scale,
      down: -scale,
    };
    for (const [number, stroke] of shape.cut.strokes.entries()) {
      if (without && without.shape === at && without.stroke === number) continue;
      for (const polygon of sweep(pen, stroke)) filling.add(polygon, placing);
    }
  }
  return { ink: softened(filling.grey()), baseline, origin };
}
