import type { Cubic } from '../geometry/cubic';
import type { Vec } from '../geometry/vec';
import { type Degrees, tanDeg } from '../measure/units';
import { moved, type Stroke } from '../pen/stroke';
import type { Fault, Misshapen, RowWords } from './fault';

/** Sizes of faults that are plain to see: fractions of the letter's width and height, degrees, fractions of the body, letter units. */
const WIDTH = 0.24;
const HEIGHT = 0.13;
const LEAN: Degrees = 7;
const SPLAY: Degrees = 6;
const TURN: Degrees = 12;
const BRANCH = 0.24;
const OFF_LINE = 0.35;
const APART = 0.5;
/** Distance by which strokes that do not meet stand apart at size 0, as a multiple of `APART`. */
const APART_AT_LEAST = 1.8;
/** Distance from the stem at which a moved branch is back on its model, as a fraction of the body. */
const BRANCH_REACHES = 0.55;
/** Heights between which a stroke begins inside the body, as fractions of it. */
const INSIDE = { low: 0.08, high: 0.85 } as const;

type Make = Fault['make'];

const unturned = (strokes: readonly Stroke[]): Misshapen => ({ strokes, turn: 0 });
const each = (strokes: readonly Stroke[], by: (p: Vec) => Vec): Misshapen =>
  unturned(strokes.map((stroke) => moved(stroke, by)));

const wider: Make = (strokes, { left, right }, size) => {
  const middle = (left + right) / 2;
  return each(strokes, ([x, y]) => [middle + (x - middle) * (1 + WIDTH * size), y]);
};
const taller: Make = (strokes, _, size) => each(strokes, ([x, y]) => [x, y * (1 + HEIGHT * size)]);
const leant: Make = (strokes, _, size) => {
  const lean = tanDeg(LEAN * size);
  return each(strokes, ([x, y]) => [x + y * lean, y]);
};

const beginning = (stroke: Stroke): number => stroke.path[0]?.[0][1] ?? 0;

/** The first stroke stands as it should; the others lean away from it, each about where it begins. */
const splayed: Make = (strokes, _, size) => {
  const lean = tanDeg(SPLAY * size);
  return unturned(
    strokes.map((stroke, i) => {
      const begins = beginning(stroke);
      return i === 0 ? stroke : moved(stroke, ([x, y]) => [x + (y - begins) * lean, y]);
    }),
  );
};

/** Does a stroke begin inside the body, as an arch does that leaves a stem? */
export const branches = (stroke: Stroke, body: number): boolean => {
  const y = beginning(stroke);
  return y > INSIDE.low * body && y < INSIDE.high * body;
};

/** Moves branches up where they leave the stem, and less the farther away. */
const branched: Make = (strokes, { body }, size) => {
  const by = BRANCH * size * body;
  return unturned(
    strokes.map((stroke, i) => {
      if (i === 0 || !branches(stroke, body)) return stroke;
      const [x0, y0] = (stroke.path[0] as Cubic)[0];
      return moved(stroke, ([x, y]) => {
        const away = Math.hypot(x - x0, y - y0) / (BRANCH_REACHES * body);
        return [x, y + by * Math.max(0, 1 - away)];
      });
    }),
  );
};

const apart: Make = (strokes, _, size) =>
  unturned(
    strokes.map((stroke, i) =>
      i === 0 ? stroke : moved(stroke, ([x, y]) => [x + APART * (APART_AT_LEAST + size), y]),
    ),
  );

/**
 * The faults of rows, declared once: the simulated hand writes them, the judge explains rows by them, and remarks are worded from here.
 * Where two explain a row equally well, the first is taken.
 */
const DECLARED = {
  narrow: {
    make: (strokes, shape, size) => wider(strokes, shape, -size),

    rows: {
      narrow: {
        say: (letters, one) => `Your ${letters} ${one ? 'is' : 'are'} narrower than the model.`,
        cure: 'Leave room for the counter before the second stroke comes down.',
      },
    },
  },
  wide: {
    make: wider,

    rows: {
      wide: {
        say: (letters, one) => `Your ${letters} ${one ? 'is' : 'are'} wider than the model.`,
        cure: 'Bring the second stroke down sooner; trace the letter three times, then write it.',
      },
    },
  },
  short: {
    make: (strokes, shape, size) => taller(strokes, shape, -size),

    rows: {
      short: {
        say: (letters, one) => `Your ${letters} ${one ? 'does not reach its' : 'do not reach their'} height.`,
        cure: 'Begin on the line: the pen touches it before the stroke comes down.',
      },
    },
  },
  tall: {
    make: taller,

    rows: {
      tall: {
        say: (letters, one) => `Your ${letters} ${one ? 'overshoots its' : 'overshoot their'} height.`,
        cure: 'Begin under the line, not over it; the pen touches it from below.',
      },
    },
  },
  leaning: {
    make: leant,
    settles: 'slope',
    ofPage: true,
    rows: {
      leaning: {
        say: (letters, one) => `Your ${letters} ${one ? 'leans' : 'lean'} more than the rest of the page.`,
        cure: 'Draw the first stem along the slope, and the others after it.',
      },
    },
  },
  upright: {
    make: (strokes, shape, size) => leant(strokes, shape, -size),
    settles: 'slope',
    ofPage: true,
    rows: {
      upright: {
        say: (letters, one) =>
          `Your ${letters} ${one ? 'stands' : 'stand'} more upright than the rest of the page.`,
        cure: 'Draw the first stem along the slope, and the others after it.',
      },
    },
  },
  'not parallel': {
    make: splayed,
    settles: 'slope',
    bothWays: true,
    ofSides: true,
    rows: {
      'not parallel': {
        say: (letters) => `The strokes of ${letters} are not parallel.`,
        cure: 'Draw the second stroke looking along the first, not at the nib; a row of n between slope lines.',
      },
    },
  },
  flat: {
    make: (strokes, _shape, size) => ({ strokes, turn: -TURN * size }),
    settles: 'angle',
    turns: true,
    ofPage: true,
    rows: {
      flat: {
        say: (letters) => `In ${letters} the pen lay flatter than on the rest of the page.`,
        cure: 'Lay the edge on the gauge before this row.',
      },
    },
  },
  steep: {
    make: (strokes, _shape, size) => ({ strokes, turn: TURN * size }),
    settles: 'angle',
    turns: true,
    ofPage: true,
    rows: {
      steep: {
        say: (letters) => `In ${letters} the pen stood steeper than on the rest of the page.`,
        cure: 'Lay the edge on the gauge before this row.',
      },
    },
  },
  'high branch': {
    make: branched,

    rows: {
      'high branch': {
        say: (letters) => `In ${letters} the arch leaves the stem too high.`,
        cure: 'Go back up inside the stem, and let the arch grow out of it lower down: the drill of arches shows where.',
      },
    },
  },
  'low branch': {
    make: (strokes, shape, size) => branched(strokes, shape, -size),

    rows: {
      'low branch': {
        say: (letters) => `In ${letters} the arch leaves the stem too low.`,
        cure: 'Stay in the stem longer before the arch springs: the drill of arches shows where.',
      },
    },
  },
  'off the line': {
    make: (strokes, _shape, size) => each(strokes, ([x, y]) => [x, y + OFF_LINE * size]),
    bothWays: true,
    rows: {
      'above the line': {
        say: (letters, one) => `Your ${letters} ${one ? 'stops' : 'stop'} above the baseline.`,
        cure: 'Look at the line where the stroke will end, not at the nib.',
      },
      'below the line': {
        say: (letters, one) => `Your ${letters} ${one ? 'goes' : 'go'} through the baseline.`,
        cure: 'Look at the line where the stroke will end, not at the nib.',
      },
    },
  },
  'stroke missing': {
    make: (strokes) => unturned(strokes.length > 1 ? strokes.slice(0, -1) : strokes),

    rows: {
      'stroke missing': {
        say: (letters) => `A stroke of ${letters} seems to be missing.`,
        cure: 'Follow the numbers of the guided letter: every stroke has one.',
      },
    },
  },
  'strokes apart': {
    make: apart,

    rows: {
      'strokes apart': {
        say: (letters) => `The strokes of ${letters} do not meet.`,
        cure: 'Begin the second stroke inside the first, where the guided letter shows its start.',
      },
    },
  },
} as const satisfies Readonly<Record<string, Fault>>;

export type FaultId = keyof typeof DECLARED;
export const FAULTS: Readonly<Record<FaultId, Fault>> = DECLARED;
export const FAULT_IDS = Object.keys(DECLARED) as [FaultId, ...FaultId[]];

/** Names of faults in a row: a fault with two directions has two. */
export type RowFault = { [Id in FaultId]: keyof (typeof DECLARED)[Id]['rows'] }[FaultId];
export const ROW_FAULTS = FAULT_IDS.flatMap((id) => Object.keys(FAULTS[id].rows)) as [
  RowFault,
  ...RowFault[],
];

/** Name of a fault in a row, by its direction. */
export function calledIn(id: FaultId, side: number): RowFault {
  const [first, second = first] = Object.keys(FAULTS[id].rows) as [RowFault, RowFault?];
  return side > 0 ? first : second;
}

/** What is said of a fault in a row, and what it settles. */
export const ROW_WORDS = Object.fromEntries(
  FAULT_IDS.flatMap((id) =>
    Object.entries(FAULTS[id].rows).map(([name, words]) => [name, { ...words, settles: FAULTS[id].settles }]),
  ),
) as Readonly<Record<RowFault, RowWords & Pick<Fault, 'settles'>>>;
