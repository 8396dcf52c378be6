import { line, stroke, to } from '../../hand/notation';
import { clamp, type Degrees, tanDeg } from '../../measure/units';
import type { Knot } from '../../pen/stroke';
import { handOf } from '../../setting/handOf';
import type { Ground } from '../ground';
import { type Built, count, EASY_BEAT, SAW, stem } from './drill';

export const zigzag = ({ measures: m, recipe }: Ground): Built => {
  const height = m.T - m.B;
  const angle = clamp(recipe.penAngle, ...SAW);
  const broad = handOf(recipe).tool === 'broad';
  // The upstroke runs along the edge and leaves a hairline; the downstroke runs across it at full width.
  const up = broad ? height / tanDeg(angle) : m.d * 0.8;
  const down = broad ? height * tanDeg(angle) : 0;
  const knots: Knot[] = [to(0, m.B)];
  let x = 0;
  for (const _ of count(2)) {
    x += up;
    knots.push(line(x, m.T));
    x += down;
    knots.push(line(x, m.B));
  }
  return { strokes: [stroke('zigzag', knots)] };
};

export const stems = ({ measures: m }: Ground): Built => ({
  strokes: count(4).map((i) => stem(i * m.d, m.T, m.B)),
});

/** Run of a steep diagonal over its height. */
const STEEP = 0.5;

/** The pen is steepened for strokes that fall to the left; otherwise the edge would leave hardly a line. */
const STEEPER: Degrees = 20;

export const diagonals = ({ measures: m, recipe }: Ground): Built => {
  const run = (m.T - m.B) * STEEP;
  const turn = handOf(recipe).tool === 'broad' ? STEEPER : 0;
  const right = count(3).map((i) => stroke('falling right', [to(i * m.d, m.T), line(i * m.d + run, m.B)]));
  const start = 3 * m.d + run;
  const left = count(3).map((i) =>
    stroke('falling left', [to(start + i * m.d + run, m.T, undefined, { turn }), line(start + i * m.d, m.B)]),
  );
  return { strokes: [...right, ...left] };
};

const RAMP = [0.15, 0.35, 0.55, 0.75, 1] as const;

export const ramps = ({ measures: m }: Ground): Built => {
  const pitch = m.d * 0.85;
  const end = RAMP.length * pitch;
  return {
    pressed: true,
    strokes: [
      ...RAMP.map((press, i) => stem(i * pitch, m.T, m.B, { press })),
      stroke('swelling', [
        to(end, m.T, -90, { press: 0 }),
        to(end, m.X * 0.5, -90, { press: 1 }),
        to(end, m.B, -90, { press: 0 }),
      ]),
      stroke('growing', [to(end + pitch, m.T, -90, { press: 0 }), to(end + pitch, m.B, -90, { press: 1 })]),
    ],
  };
};

/** Advance from one beat to the next, as a fraction of the breadth. */
const NEAR = 0.3;

/** Down and up again along the slope without lifting, from the arm: counted as they are written. */
export const pushPulls = ({ measures: m }: Ground): Built => {
  const knots = count(EASY_BEAT.beats).flatMap((i) => [
    to(i * NEAR * m.d, m.T, undefined, { press: 0 }),
    line((i + 0.5) * NEAR * m.d, m.B),
  ]);
  return {
    pressed: true,
    strokes: [
      stroke(
        'push and pull',
        knots.map((knot, i) => (i === 0 ? knot : { ...knot, line: true })),
      ),
    ],
    labels: count(EASY_BEAT.beats).map((i) => ({ x: (i + 0.25) * NEAR * m.d, text: `${i + 1}` })),
  };
};
