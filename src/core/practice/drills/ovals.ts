import { ovalPoint, type SlantedOval, slantedOval } from '../../geometry/oval';
import { directionOf, subtract, type Vec } from '../../geometry/vec';
import { stroke, to } from '../../hand/notation';
import type { Degrees, NibWidths } from '../../measure/units';
import { handOf } from '../../setting/handOf';
import type { Ground } from '../ground';
import { alongArc } from './arc';
import { type Built, count, EASY_BEAT } from './drill';

const bodyOval = ({ measures: m }: Ground, cx: NibWidths): SlantedOval =>
  slantedOval(m.slope, cx, (m.T + m.B) / 2, (m.T - m.B) / 2, m.d * 0.52);

/** White between two ovals of a drill, as a share of their width. */
const OVAL_PITCH = 1.9;

/** An edge cannot be pushed, so a broad oval is two strokes, both pulled; a point goes round in one. */
export const ovals = (ground: Ground): Built => {
  const pitch = ground.measures.d * OVAL_PITCH;
  const broad = handOf(ground.recipe).tool === 'broad';
  const ring = (i: number) => bodyOval(ground, i * pitch);
  if (!broad) {
    return {
      strokes: [0, 1].flatMap((i) => [stroke('anticlockwise', alongArc(ring(i), -20, 350))]),
    };
  }
  return {
    strokes: [
      stroke('left side, anticlockwise', alongArc(ring(0), -10, 190)),
      stroke('left side, anticlockwise', alongArc(ring(1), -10, 190)),
      stroke('right side, clockwise', alongArc(ring(1), 10, -190)),
    ],
  };
};

export const ovalsBack = (ground: Ground): Built => {
  const pitch = ground.measures.d * OVAL_PITCH;
  const broad = handOf(ground.recipe).tool === 'broad';
  const ring = (i: number) => bodyOval(ground, i * pitch);
  if (!broad) {
    return { strokes: [0, 1].map((i) => stroke('clockwise', alongArc(ring(i), 200, -170))) };
  }
  return {
    strokes: [
      stroke('right side, clockwise', alongArc(ring(0), 10, -190)),
      stroke('right side, clockwise', alongArc(ring(1), 10, -190)),
      stroke('left side, anticlockwise', alongArc(ring(1), -10, 190)),
    ],
  };
};

/** Advance of running ovals with each turn, as a fraction of the breadth, and the arc between two of their knots. */
const RUN = 0.3;
const KNOT: Degrees = 30;
const FULL_TURN: Degrees = 360;
/** Step of the numerical derivative: small enough that its chord gives the direction of travel. */
const NEXT: Degrees = 0.01;

/** Ovals over each other without lifting, moving on a little with every turn, from the arm: counted as they are written. */
export const runningOvals = (ground: Ground): Built => {
  const { measures: m } = ground;
  const { beats } = EASY_BEAT;
  const oval = bodyOval(ground, 0);
  const at = (psi: Degrees): Vec => {
    const { x, y } = ovalPoint(oval, psi);
    return [x + (psi / FULL_TURN) * RUN * m.d, y];
  };
  const knots = count((beats * FULL_TURN) / KNOT + 1).map((i) => {
    const psi = i * KNOT;
    const [x, y] = at(psi);
    return to(x, y, directionOf(subtract(at(psi + NEXT), [x, y])), { press: 0 });
  });
  return {
    pressed: true,
    strokes: [stroke('running ovals', knots)],
    labels: count(beats).map((i) => ({ x: (i + 0.5) * RUN * m.d, text: `${i + 1}` })),
  };
};
