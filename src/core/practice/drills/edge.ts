import { line, stroke, to } from '../../hand/notation';
import { clamp, cosDeg, type Degrees, type NibWidths, sinDeg, tanDeg } from '../../measure/units';
import type { StrokePlan } from '../../pen/stroke';
import type { Ground } from '../ground';
import { type Built, count, SAW, stem } from './drill';

/** Reach of a small serif from its stem, in nib widths. */
const SERIF = 0.95;

export const serifs = ({ measures: m, recipe }: Ground): Built => {
  const pitch = Math.max(m.d, 2.4) * 1.25;
  const rise = SERIF * tanDeg(clamp(recipe.penAngle, ...SAW));
  return {
    strokes: [
      stroke('hairline entry and exit', [
        to(-SERIF, m.T - rise, recipe.penAngle),
        to(-0.3 * SERIF, m.T, 10),
        to(0, m.T - 0.7, -90),
        line(0, m.B + 0.8),
        to(0.45, m.B, 4),
        to(1.05, m.B + rise * 0.6, recipe.penAngle),
      ]),
      stroke('wedge', [to(pitch - 0.7, m.T - 0.55, 30), to(pitch, m.T, 30)]),
      stem(pitch, m.T, m.B),
      stroke('diamond head', [to(2 * pitch - 0.3, m.T), line(2 * pitch + 0.3, m.T - 0.6)]),
      stem(2 * pitch, m.T - 0.3, m.B + 0.3),
      stroke('diamond foot', [to(2 * pitch - 0.3, m.B + 0.6), line(2 * pitch + 0.3, m.B)]),
      stem(3 * pitch, m.T, m.B),
      stroke('slab', [to(3 * pitch - 0.9, m.B), line(3 * pitch + 0.9, m.B)]),
    ],
  };
};

/** A rhombic dot: the full edge pulled across itself by its own width. */
const dot = ({ recipe }: Ground, x: NibWidths, y: NibWidths): StrokePlan => {
  const half = { x: sinDeg(recipe.penAngle) / 2, y: cosDeg(recipe.penAngle) / 2 };
  return stroke('dot', [to(x - half.x, y + half.y), line(x + half.x, y - half.y)]);
};

export const diamonds = (ground: Ground): Built => {
  const { recipe, measures: m } = ground;
  const across = cosDeg(recipe.penAngle) + sinDeg(recipe.penAngle);
  const [low, high] = [m.X * 0.25, m.X * 0.75];
  return {
    upright: true,
    strokes: [
      // Apart by one dot below; corner to corner above.
      ...count(4).map((i) => dot(ground, i * across, high)),
      ...count(2).map((i) => dot(ground, (2 * i + 0.5) * across, low)),
    ],
  };
};

/** Maximum fraction of the height that a break takes, however flat the pen. */
const BREAK_SHARE = 0.4;

/** Bows of two broken strokes, a stem's white inside and between them. */
export const brokenStrokes = ({ recipe, measures: m }: Ground): Built => {
  const penAngle = clamp(recipe.penAngle, ...SAW);
  const side = Math.min(cosDeg(penAngle), BREAK_SHARE * (m.T - m.B) * tanDeg(penAngle));
  const drop = side / tanDeg(penAngle);
  const width = side + cosDeg(penAngle);
  const strokes = count(2).flatMap((i) => {
    const x = i * 2 * width;
    return [
      stroke('left', [to(x, m.T - 2 * m.half()), line(x, m.B + drop), line(x + side, m.B)]),
      stroke('right', [
        to(x + width - side, m.T),
        line(x + width, m.T - drop),
        line(x + width, m.B + 2 * m.half()),
      ]),
    ];
  });
  return { strokes };
};

const LADDER_ANGLES: readonly Degrees[] = [0, 15, 30, 45, 60, 90];

export const angleLadder = ({ measures: m, recipe }: Ground): Built => {
  const pitch = Math.max(2.6, m.X * 0.5);
  return {
    strokes: LADDER_ANGLES.map((angle, i) =>
      stroke(`at ${angle}°`, [
        to(i * pitch, m.T, undefined, { turn: angle - recipe.penAngle }),
        line(i * pitch, m.B),
      ]),
    ),
    labels: LADDER_ANGLES.map((angle, i) => ({ x: i * pitch, text: `${angle}°` })),
  };
};
