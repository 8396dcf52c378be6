import { slantedOval } from '../../geometry/oval';
import { line, stroke, to } from '../../hand/notation';
import type { NibWidths } from '../../measure/units';
import type { Knot } from '../../pen/stroke';
import type { Ground } from '../ground';
import { onOval } from './arc';
import { type Built, count, stem } from './drill';

export const wave = ({ measures: m }: Ground): Built => {
  const middle = m.X / 2;
  const rise = 0.28 * m.X;
  const half = Math.max(m.d, 0.75 * m.X);
  const knots = count(5).map((i) => to(i * half, middle + (i % 2 === 0 ? -rise : rise), 0));
  return { strokes: [stroke('wave', knots)] };
};

/** Height at which round arches leave their stem, as a share of the body; narrow hands bring arches of their own. */
const BRANCH = 0.55;

function arch({ measures: m }: Ground, x: NibWidths): Knot[] {
  const [end, spring] = [x + m.d, BRANCH * m.X];
  return [to(x, spring, 90), to(x + m.d / 2, m.T, 0), to(end, spring, -90), line(end, m.B)];
}

/** The same, upside down. */
const turned = (ground: Ground, x: NibWidths): Knot[] => {
  const { measures: m } = ground;
  const flip = ({ x: kx, y, dir, ...knot }: Knot): Knot => ({
    ...knot,
    x: 2 * x + ground.measures.d - kx,
    y: m.T + m.B - y,
    dir: dir === undefined ? undefined : dir,
  });
  return arch(ground, x).map(flip).reverse().map(relined);
};

/** When a stroke is reversed, a line that led to a knot leads away from it, so its flag moves to the knot before. */
const relined = ({ line: _, ...knot }: Knot, i: number, all: readonly Knot[]): Knot =>
  all[i - 1]?.line ? { ...knot, line: true } : knot;

export const arches = (ground: Ground): Built => {
  const { measures: m } = ground;
  return {
    strokes: [stem(0, m.T, m.B), ...count(3).map((i) => stroke('arch', arch(ground, i * m.d)))],
  };
};

export const cups = (ground: Ground): Built => {
  const { measures: m } = ground;
  return {
    strokes: count(3).flatMap((i) => [
      stroke('cup', turned(ground, i * m.d)),
      ...(i === 2 ? [stem((i + 1) * m.d, m.T, m.B)] : []),
    ]),
  };
};

/** Half the width of the turns of pointed strokes, as a share of the breadth. */
const TURN_SHARE = 0.5;

/** Height, as a share of the body, at which a turn begins. */
const TURN_HEIGHT = 0.34;

const turnKnots = ({ measures: m }: Ground) => {
  const half = m.d * TURN_SHARE;
  const low = m.B + TURN_HEIGHT * m.X;
  const high = m.T - TURN_HEIGHT * m.X;
  return {
    under: (x: NibWidths): Knot[] => [
      line(x, low, { dir: -90 }),
      to(x + half, m.B, 0),
      to(x + m.d, low, 68),
      to(x + m.d * 1.12, m.X * 0.62, 66),
    ],
    over: (x: NibWidths): Knot[] => [
      to(x - m.d * 1.12, m.X * 0.38, 66),
      to(x - m.d, high, 68),
      to(x - half, m.T, 0),
      to(x, high, -90),
    ],
  };
};

export const underTurns = (ground: Ground): Built => ({
  strokes: count(3).map((i) =>
    stroke('under-turn', [
      to(i * ground.measures.d * 1.5, ground.measures.T),
      ...turnKnots(ground).under(i * ground.measures.d * 1.5),
    ]),
  ),
});

export const overTurns = (ground: Ground): Built => ({
  strokes: count(3).map((i) =>
    stroke('over-turn', [
      ...turnKnots(ground).over(i * ground.measures.d * 1.5),
      line(i * ground.measures.d * 1.5, ground.measures.B),
    ]),
  ),
});

export const compounds = (ground: Ground): Built => ({
  strokes: count(2).map((i) => {
    const x = i * ground.measures.d * 2.4;
    const turns = turnKnots(ground);
    return stroke('compound curve', [...turns.over(x), ...turns.under(x)]);
  }),
});

/** Half the height of a loop's end, as a fraction of its zone, and half its width, as a fraction of the breadth. */
const LOOP = { half: 0.36, width: 0.3 } as const;

function loopKnots({ measures: m }: Ground, x: NibWidths): Knot[] {
  const H = LOOP.half * (m.A - m.X);
  const q = LOOP.width * m.d;
  const end = slantedOval(m.slope, 0, m.A - H, H, q);
  const ring = { ...end, cx: x + end.reach };
  const left = 90 - ring.phase;
  return [
    to(x - m.d * 0.9, m.B, 20),
    onOval(ring, left - 180),
    onOval(ring, (left - 180) / 2),
    onOval(ring, 0),
    onOval(ring, left / 2),
    { ...onOval(ring, left), dir: -90 },
    ...turnKnots({ measures: m } as Ground).under(x),
  ];
}

export const loops = (ground: Ground): Built => ({
  strokes: count(3).map((i) => stroke('loop', loopKnots(ground, i * ground.measures.d * 1.9))),
});

export const descendingLoops = (ground: Ground): Built => {
  const { measures: m } = ground;
  const flip = ({ x, y, line: _, ...knot }: Knot): Knot => ({ ...knot, x: -x, y: m.X - y });
  return {
    strokes: count(3).map((i) => {
      const knots = loopKnots({ ...ground, measures: { ...m, A: m.X - m.D } }, 0)
        .map(flip)
        .reverse();
      // The straight descent from the loop becomes the descent into it.
      const straight = knots.findIndex(({ dir }) => dir === -90);
      const shade = knots.map((knot, at) => (at === straight + 1 ? { ...knot, line: true } : knot));
      return stroke(
        'descending loop',
        shade.map((knot) => ({ ...knot, x: knot.x + i * m.d * 1.9 })),
      );
    }),
  };
};
