import type { Mm } from '../measure/units';
import type { Pen } from '../pen/pen';
import { sweep } from '../pen/pen';
import { Filling } from '../raster/fill';
import { type Grey, softened } from '../raster/grey';
import type { Figure } from '../writing/figure';

/** Some ink as a picture, and where in it the figure's origin lies, in pixels: `baseline` is a height between rows. */
export interface Inked {
  readonly ink: Grey;
  readonly baseline: number;
  readonly origin: number;
}

/** White round an exemplar, in pixels. */
const WHITE = 6;

/** A stroke that is left out: the shape it belongs to and its number in it. */
export interface LeftOut {
  readonly shape: number;
  readonly stroke: number;
}

/**
 * The model of what was to be written, inked by the engine that draws it on paper, blurred as a picture blurs it: what is
 * measured is measured on it as well, by the same code.
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
