import { ovalPoint, type SlantedOval, slantedOval } from '../geometry/oval';
import type { ToolFamily } from '../hand/hand';
import { line, stroke, to } from '../hand/notation';
import { clamp, cosDeg, type Degrees, type NibWidths, sinDeg, tanDeg } from '../measure/units';
import type { Knot, StrokePlan } from '../pen/stroke';
import { type Recipe, recipeHand } from '../sheet/recipe';
import type { Figure } from './figure';
import type { Ground } from './ground';

/**
 * Stroke drills: what hands are made of, written by the band's own pen. Each is a short run, repeated across the line;
 * strokes stand on an upright skeleton in letter units and lean with the hand.
 */
export interface Drill {
  readonly id: string;
  readonly name: string;
  readonly remark: string;
  /** Tools that can do it. */
  readonly tools: readonly ToolFamily[];
  readonly build: (ground: Ground) => Built;
}

interface Built {
  readonly strokes: readonly StrokePlan[];
  readonly labels?: Figure['labels'];
  /** The strokes bring their own pressure. */
  readonly pressed?: boolean;
  /** Leans with the hand unless told otherwise. */
  readonly upright?: boolean;
}

const ANY: readonly ToolFamily[] = ['broad', 'pointed', 'brush', 'monoline'];
const PRESSED: readonly ToolFamily[] = ['pointed', 'brush'];
/** Pointed hands have their turns instead of arches. */
const UNTURNED: readonly ToolFamily[] = ['broad', 'brush', 'monoline'];
const UNEDGED: readonly ToolFamily[] = ['pointed', 'brush', 'monoline'];

const count = (n: number): number[] => Array.from({ length: n }, (_, i) => i);

/** Angles an edge can be laid at and still leave a saw of two legs. */
const SAW: readonly [Degrees, Degrees] = [20, 65];

const zigzag = ({ measures: m, recipe }: Ground): Built => {
  const height = m.T - m.B;
  const angle = clamp(recipe.penAngle, ...SAW);
  const broad = recipeHand(recipe).tool === 'broad';
  // Up along the edge, on the hairline; down across it, at full width.
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

const stem = (x: NibWidths, top: NibWidths, foot: NibWidths, more: Partial<Knot> = {}): StrokePlan =>
  stroke('stem', [to(x, top, undefined, more), line(x, foot)]);

const stems = ({ measures: m }: Ground): Built => ({
  strokes: count(4).map((i) => stem(i * m.d, m.T, m.B)),
});

/** Run of a steep diagonal over its height. */
const STEEP = 0.5;
/** The pen is steepened for strokes that fall to the left, or an edge would leave hardly a line. */
const STEEPER: Degrees = 20;

const diagonals = ({ measures: m, recipe }: Ground): Built => {
  const run = (m.T - m.B) * STEEP;
  const turn = recipeHand(recipe).tool === 'broad' ? STEEPER : 0;
  const right = count(3).map((i) => stroke('falling right', [to(i * m.d, m.T), line(i * m.d + run, m.B)]));
  const start = 3 * m.d + run;
  const left = count(3).map((i) =>
    stroke('falling left', [to(start + i * m.d + run, m.T, undefined, { turn }), line(start + i * m.d, m.B)]),
  );
  return { strokes: [...right, ...left] };
};

const wave = ({ measures: m }: Ground): Built => {
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

/** The same turned on its head. */
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

/** Reversed, a line that led to a knot leads away from it: the mark moves to the knot before. */
const relined = ({ line: _, ...knot }: Knot, i: number, all: readonly Knot[]): Knot =>
  all[i - 1]?.line ? { ...knot, line: true } : knot;

const arches = (ground: Ground): Built => {
  const { measures: m } = ground;
  return {
    strokes: [stem(0, m.T, m.B), ...count(3).map((i) => stroke('arch', arch(ground, i * m.d)))],
  };
};

const cups = (ground: Ground): Built => {
  const { measures: m } = ground;
  return {
    strokes: count(3).flatMap((i) => [
      stroke('cup', turned(ground, i * m.d)),
      ...(i === 2 ? [stem((i + 1) * m.d, m.T, m.B)] : []),
    ]),
  };
};

const onOval = (oval: SlantedOval, psi: Degrees, clockwise = false): Knot => {
  const { x, y, dir } = ovalPoint(oval, psi, clockwise);
  return to(x, y, dir);
};

/** Knots of an oval lie this far apart in its parameter. */
const ARC: Degrees = 30;

/** Anticlockwise from ψ = `from` when `until` is greater, clockwise when it is less. */
export function alongArc(oval: SlantedOval, from: Degrees, until: Degrees): Knot[] {
  const pieces = Math.max(1, Math.ceil(Math.abs(until - from) / ARC));
  return Array.from({ length: pieces + 1 }, (_, i) =>
    onOval(oval, from + ((until - from) * i) / pieces, until < from),
  );
}

const bodyOval = ({ measures: m }: Ground, cx: NibWidths): SlantedOval =>
  slantedOval(m.slope, cx, (m.T + m.B) / 2, (m.T - m.B) / 2, m.d * 0.52);

/** White between two ovals of a drill, as a share of their width. */
const OVAL_PITCH = 1.9;

/** An edge cannot be pushed, so a broad oval is two strokes, both pulled; a point goes round in one. */
const ovals = (ground: Ground): Built => {
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

const ovalsBack = (ground: Ground): Built => {
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

const underTurns = (ground: Ground): Built => ({
  strokes: count(3).map((i) =>
    stroke('under-turn', [
      to(i * ground.measures.d * 1.5, ground.measures.T),
      ...turnKnots(ground).under(i * ground.measures.d * 1.5),
    ]),
  ),
});

const overTurns = (ground: Ground): Built => ({
  strokes: count(3).map((i) =>
    stroke('over-turn', [
      ...turnKnots(ground).over(i * ground.measures.d * 1.5),
      line(i * ground.measures.d * 1.5, ground.measures.B),
    ]),
  ),
});

const compounds = (ground: Ground): Built => ({
  strokes: count(2).map((i) => {
    const x = i * ground.measures.d * 2.4;
    const turns = turnKnots(ground);
    return stroke('compound curve', [...turns.over(x), ...turns.under(x)]);
  }),
});

/** Half the height of a loop's end, as a share of its zone, and half its width as a share of the breadth. */
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

const loops = (ground: Ground): Built => ({
  strokes: count(3).map((i) => stroke('loop', loopKnots(ground, i * ground.measures.d * 1.9))),
});

const descendingLoops = (ground: Ground): Built => {
  const { measures: m } = ground;
  const flip = ({ x, y, line: _, ...knot }: Knot): Knot => ({ ...knot, x: -x, y: m.X - y });
  return {
    strokes: count(3).map((i) => {
      const knots = loopKnots({ ...ground, measures: { ...m, A: m.X - m.D } }, 0)
        .map(flip)
        .reverse();
      // What was the straight way down from the loop is now the way down into it.
      const straight = knots.findIndex(({ dir }) => dir === -90);
      const shade = knots.map((knot, at) => (at === straight + 1 ? { ...knot, line: true } : knot));
      return stroke(
        'descending loop',
        shade.map((knot) => ({ ...knot, x: knot.x + i * m.d * 1.9 })),
      );
    }),
  };
};

const RAMP = [0.15, 0.35, 0.55, 0.75, 1] as const;

const ramps = ({ measures: m }: Ground): Built => {
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

/** Reach of a small serif from its stem, in nib widths. */
const SERIF = 0.95;

const serifs = ({ measures: m, recipe }: Ground): Built => {
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

const diamonds = (ground: Ground): Built => {
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

/** A break takes up to so much of the height, however flat the pen. */
const BREAK_SHARE = 0.4;

/** Bows of two broken strokes, a stem's white inside and between them. */
const brokenStrokes = ({ recipe, measures: m }: Ground): Built => {
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

const angleLadder = ({ measures: m, recipe }: Ground): Built => {
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

/** Distance of hatching lines. */
const HATCH = 0.55;

const hatching = ({ measures: m, recipe }: Ground): Built => {
  const broad = recipeHand(recipe).tool === 'broad';
  const angle = broad ? clamp(recipe.penAngle, ...SAW) : 60;
  const run = (m.T - m.B) / tanDeg(angle);
  const gap = HATCH * (broad ? 1.3 : 1);
  const thin = { press: 0 };
  return {
    upright: true,
    pressed: true,
    strokes: [
      ...count(9).map((i) => stroke('hatch', [to(i * gap + run, m.T, undefined, thin), line(i * gap, m.B)])),
      ...count(9).map((i) => {
        const x = 9 * gap + run + 1.2 + i * gap;
        return stroke('hatch', [to(x + run, m.T, undefined, { press: (i + 1) / 12 }), line(x, m.B)]);
      }),
    ],
  };
};

/** Chords of a circle at the pen's thinnest: their ends draw the round. */
function chords({ measures: m, recipe }: Ground): StrokePlan[] {
  const r = m.X / 2;
  const angle = clamp(recipe.penAngle, ...SAW);
  const [along, across] = [
    [cosDeg(angle), sinDeg(angle)],
    [sinDeg(angle), -cosDeg(angle)],
  ] as const;
  const lines = Math.floor((2 * r) / HATCH);
  return count(lines).map((i) => {
    const off = (i + 0.5) * HATCH - r;
    const half = Math.max(0, Math.sqrt(r * r - off * off) - 0.5);
    const [cx, cy] = [r + off * across[0], r + off * across[1]];
    return stroke('along the contour', [
      to(cx + half * along[0], cy + half * along[1]),
      line(cx - half * along[0], cy - half * along[1]),
    ]);
  });
}

/** Meridians of a ball under its round edge, darker on the far side. */
function meridians({ measures: m }: Ground): StrokePlan[] {
  const r = (m.T - m.B) / 2;
  const cy = (m.T + m.B) / 2;
  const pressed = (knots: Knot[], press = 0) => knots.map((knot) => ({ ...knot, press }));
  const ring = (share: number): SlantedOval => ({
    cx: r,
    cy,
    H: share === 1 ? r : r * 0.96,
    q: r * share,
    reach: r * share,
    phase: 0,
  });
  return [
    stroke('left edge', pressed(alongArc(ring(1), 0, 180))),
    stroke('right edge', pressed(alongArc(ring(1), 0, -180))),
    ...[0.15, 0.4, 0.62, 0.8, 0.92].map((share, i) =>
      stroke('along the contour', pressed(alongArc(ring(share), -8, -172), i / 12)),
    ),
  ];
}

const contourHatching = (ground: Ground): Built => ({
  upright: true,
  pressed: true,
  strokes: recipeHand(ground.recipe).tool === 'broad' ? chords(ground) : meridians(ground),
});

export const DRILLS = [
  {
    id: 'zigzag',
    name: 'Zigzag',
    tools: ANY,
    build: zigzag,
    remark: 'Thin up, thick down; every thin the same way.',
  },
  {
    id: 'stems',
    name: 'Stems',
    tools: ANY,
    build: stems,
    remark: 'Parallel, and as far apart as the stems of n.',
  },
  {
    id: 'diagonals',
    name: 'Diagonals',
    tools: ANY,
    build: diagonals,
    remark: 'Falling right, then falling left with the pen a little steeper.',
  },
  { id: 'waves', name: 'Waves', tools: ANY, build: wave, remark: 'One unbroken line; the pen never turns.' },
  {
    id: 'arches',
    name: 'Arches',
    tools: UNTURNED,
    build: arches,
    remark: 'Up inside the stem before it parts; all the whites alike.',
  },
  { id: 'cups', name: 'Cups', tools: UNTURNED, build: cups, remark: 'Arches on their head: the u.' },
  {
    id: 'under-turns',
    name: 'Under-turns',
    tools: UNEDGED,
    build: underTurns,
    remark: 'Press down, let go before the turn, up on the hairline.',
  },
  {
    id: 'over-turns',
    name: 'Over-turns',
    tools: UNEDGED,
    build: overTurns,
    remark: 'Up on the hairline, over, and press only when the way is straight down.',
  },
  {
    id: 'compound-curves',
    name: 'Compound curves',
    tools: UNEDGED,
    build: compounds,
    remark: 'Over, down, under, in one breath.',
  },
  {
    id: 'ovals',
    name: 'Ovals, anticlockwise',
    tools: ANY,
    build: ovals,
    remark: 'The shape decides every a, d, g and o.',
  },
  {
    id: 'ovals-back',
    name: 'Ovals, clockwise',
    tools: ANY,
    build: ovalsBack,
    remark: 'The other way round: b, p and capitals.',
  },
  {
    id: 'loops',
    name: 'Ascending loops',
    tools: UNEDGED,
    build: loops,
    remark: 'Thin up, thick down, and the loop stays open.',
  },
  {
    id: 'descending-loops',
    name: 'Descending loops',
    tools: UNEDGED,
    build: descendingLoops,
    remark: 'Thick down, thin up, crossing on the baseline.',
  },
  {
    id: 'pressure',
    name: 'Pressure ramp',
    tools: PRESSED,
    build: ramps,
    remark: 'From a hairline to the full shade, then swelling within one stroke.',
  },
  {
    id: 'serifs',
    name: 'Heads and feet',
    tools: ['broad'],
    build: serifs,
    remark: 'Hairline, wedge, diamond and slab: one kind a piece.',
  },
  {
    id: 'diamonds',
    name: 'Diamonds',
    tools: ['broad'],
    build: diamonds,
    remark: 'Set the whole edge down and pull its own width; then leave one out.',
  },
  {
    id: 'broken-strokes',
    name: 'Broken strokes',
    tools: ['broad'],
    build: brokenStrokes,
    remark: 'Down, and break off across the full edge; the same turned half round closes it.',
  },
  {
    id: 'angle-ladder',
    name: 'Angle ladder',
    tools: ['broad'],
    build: angleLadder,
    remark: 'One stroke, six angles: see what each does to its weight.',
  },
  {
    id: 'hatching',
    name: 'Hatching',
    tools: ANY,
    build: hatching,
    remark: 'As even as rain; then growing darker.',
  },
  {
    id: 'contour-hatching',
    name: 'Hatching along a contour',
    tools: ANY,
    build: contourHatching,
    remark: 'Lines that follow a round form.',
  },
] as const satisfies readonly Drill[];

export type DrillId = (typeof DRILLS)[number]['id'];

export const drillById = (id: string): Drill | undefined => DRILLS.find((drill) => drill.id === id);

/** The drills a hand's tool can do. */
export const drillsFor = (recipe: Pick<Recipe, 'hand' | 'school'>): readonly Drill[] =>
  (DRILLS as readonly Drill[]).filter(({ tools }) => tools.includes(recipeHand(recipe).tool));

/** A drill as the hand does it: in its own way where it has one. */
export function buildDrill(drill: Drill, ground: Ground): Built {
  const own = ground.face?.script.drills?.(ground.measures)[drill.id];
  return own ? { strokes: own, pressed: true } : drill.build(ground);
}
