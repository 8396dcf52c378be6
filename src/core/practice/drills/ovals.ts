import { type SlantedOval, slantedOval } from '../../geometry/oval';
import { stroke } from '../../hand/notation';
import type { NibWidths } from '../../measure/units';
import { recipeHand } from '../../sheet/recipe';
import type { Ground } from '../ground';
import { alongArc } from './arc';
import type { Built } from './drill';

const bodyOval = ({ measures: m }: Ground, cx: NibWidths): SlantedOval =>
  slantedOval(m.slope, cx, (m.T + m.B) / 2, (m.T - m.B) / 2, m.d * 0.52);

/** White between two ovals of a drill, as a share of their width. */
const OVAL_PITCH = 1.9;

/** An edge cannot be pushed, so a broad oval is two strokes, both pulled; a point goes round in one. */
export const ovals = (ground: Ground): Built => {
  const pitch = ground.measures.d * OVAL_PITCH;
  const broad = recipeHand(ground.recipe).tool === 'broad';
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
  const broad = recipeHand(ground.recipe).tool === 'broad';
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
