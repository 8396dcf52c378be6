import type { Mm } from '../measure/units';
import type { Pen, Polygon } from '../pen/pen';
import { sweep } from '../pen/pen';
import { filled } from '../raster/fill';
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
  const polygons = figure.shapes.flatMap((shape, at) =>
    shape.cut.strokes.flatMap((stroke, number): Polygon[] =>
      without && without.shape === at && without.stroke === number
        ? []
        : sweep(pen, stroke).map((polygon) =>
            polygon.map(([x, y]): [number, number] => [
              origin + (shape.x + x) * scale,
              baseline - (shape.y + y) * scale,
            ]),
          ),
    ),
  );
  return { ink: softened(filled(polygons, width, height)), baseline, origin };
}
