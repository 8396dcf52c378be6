import type { Knot, StrokePlan } from '../../pen/stroke';
import { type Context, type Letter, line, type Measures, stroke, to } from '../letter';
import { BAR_TURN, BASE_TURN, barStroke, THIN_TURN } from './bars';
import { withPorts } from './joins';
import { arch, bowl, cup, entry, exit, foot } from './parts';

/** Other shapes of the small letters, and ligatures. Each stays the letter it is. */
interface Variant {
  readonly text: string;
  readonly variant: string;
  readonly context?: Context;
  readonly build: (m: Measures) => StrokePlan[];
}

/** Head of an ascender thrown out to the right, as on f, in place of the small entry. */
const flourishedHead = (m: Measures, x = 0): Knot[] => [
  to(x + 2.5, m.A - 0.02, 160, { turn: FLAT }),
  to(x + 1.35, m.A, 190, { turn: 0 }),
  to(x, m.A - 1.9, -90),
];
/** Ends of flourishes lie flat, so that they taper. */
const FLAT = -30;
const TAIL_FLAT = -18;

/** Descender that swings far out to the left. */
const flourishedTail = (m: Measures, x: number): Knot[] => [
  line(x, m.D + 2.1),
  to(x - 0.95, m.D + 0.36, 208),
  to(x - 2.5, m.D, 180, { turn: 0 }),
  to(x - 4.1, m.D + 0.36, 163, { turn: TAIL_FLAT }),
];

/** Tail of g that comes back up and closes under the bowl. */
const closedTail = (m: Measures, x: number): Knot[] => [
  line(x, m.D + 1.5),
  to(x - 0.8, m.D, 186),
  to(x - 2.05, m.D + 1.2, 88),
  to(x - 0.9, -0.62, 36),
  to(x + 0.3, -0.32, 12),
];

const FLOURISH_REMARK = 'For the first line of a piece, where the ascender has room.';

const ascenders: Variant[] = [
  {
    text: 'b',
    variant: 'flourished',
    build: (m) => [
      stroke('stem', [...flourishedHead(m), line(0, m.B)], FLOURISH_REMARK),
      stroke('bowl', [...arch(m, 0), line(m.d, m.B + 1.75), to(0.38 * m.d, m.B, 181), to(0, m.B, 180)]),
    ],
  },
  {
    text: 'd',
    variant: 'flourished',
    build: (m) => [
      stroke('bowl', bowl(m)),
      stroke('stem', [...flourishedHead(m, m.d), ...exit(m, m.d)], FLOURISH_REMARK),
    ],
  },
  {
    text: 'h',
    variant: 'flourished',
    build: (m) => [
      stroke('stem', [...flourishedHead(m), ...foot(m, 0)], FLOURISH_REMARK),
      stroke('arch', [...arch(m, 0), ...exit(m, m.d)]),
    ],
  },
  {
    text: 'l',
    variant: 'flourished',
    build: (m) => [stroke('stem', [...flourishedHead(m), ...exit(m, 0)], FLOURISH_REMARK)],
  },
];

const TAIL_REMARK = 'For the last line, or wherever nothing stands below.';

const descenders: Variant[] = [
  {
    text: 'g',
    variant: 'flourished',
    build: (m) => [
      stroke('bowl', bowl(m)),
      stroke('stem', [to(m.d, m.T, -90), ...flourishedTail(m, m.d)], TAIL_REMARK),
    ],
  },
  {
    text: 'g',
    variant: 'closed tail',
    build: (m) => [
      stroke('bowl', bowl(m)),
      stroke(
        'stem and loop',
        [to(m.d, m.T, -90), ...closedTail(m, m.d)],
        'The tail comes back on the thin and closes under the bowl.',
      ),
    ],
  },
  {
    text: 'j',
    variant: 'flourished',
    build: (m) => [
      stroke('stem', [...entry(m, 0), ...flourishedTail(m, 0)], TAIL_REMARK),
      stroke('dot', [to(-0.02, m.X + 1.72), line(0.34, m.X + 1.36)]),
    ],
  },
  {
    text: 'y',
    variant: 'flourished',
    build: (m) => [
      stroke('cup', [...entry(m, 0), ...cup(m, 0)]),
      stroke('stem', [to(m.d, m.T, -90), ...flourishedTail(m, m.d)], TAIL_REMARK),
    ],
  },
  {
    text: 'y',
    variant: 'diagonal',
    build: (m) => [
      stroke('thick', [
        to(-0.62, m.T - 0.3, 45),
        to(-0.24, m.T, 4),
        to(0.06, m.T - 0.55, -76),
        line(0.52 * m.d, m.B),
      ]),
      stroke(
        'thin and tail',
        [
          to(1.02 * m.d, m.T, undefined, { turn: THIN_TURN }),
          line(0.52 * m.d, m.B, { turn: THIN_TURN }),
          to(-0.35, m.D + 0.75, 236, { turn: 0 }),
          to(-1.7, m.D + 0.1, 186, { turn: -10 }),
        ],
        'v, its thin side carried on into the tail.',
      ),
    ],
  },
];

const others: Variant[] = [
  {
    text: 'r',
    variant: 'long-eared',
    context: 'word-end',
    build: (m) => [
      stroke('stem', [...entry(m, 0), ...foot(m, 0)]),
      stroke(
        'ear',
        [
          to(0, 0.3 * m.X, 90),
          to(0.34, 0.62 * m.X, 70),
          to(1.2, m.T, 6),
          to(2.1, m.T - 0.12, -4, { turn: -10 }),
          to(3.1, m.T + 0.62, 52, { turn: -10 }),
        ],
        'At the end of a word the ear may run on and up.',
      ),
    ],
  },
  {
    text: 'e',
    variant: 'two-stroke',
    build: (m) => [
      stroke('back', [
        to(0.56 * m.d, m.T, 182),
        to(0, m.T - 1.9, -90),
        line(0, m.B + 1.3),
        to(0.46 * m.d, m.B, 2),
        to(0.94 * m.d + 0.2, m.B + 0.62, 45),
      ]),
      stroke(
        'eye',
        [
          to(0.5 * m.d, m.T, 0),
          to(0.92 * m.d, m.T - 0.86, -90),
          to(0.02, 0.42 * m.X, 196, { turn: BASE_TURN }),
        ],
        'Lifted and set down again at the top: a rounder eye.',
      ),
    ],
  },
  {
    text: 'k',
    variant: 'straight',
    build: (m) => [
      stroke('stem', [...entry(m, 0, m.A), ...foot(m, 0)]),
      stroke(
        'arm',
        [to(0.98 * m.d, m.T - 0.06, undefined, { turn: ARM }), line(0.05, 0.46 * m.X)],
        'Flatter pen, or it vanishes.',
      ),
      stroke('leg', [
        to(0.42, 0.6 * m.X, -54),
        to(0.96 * m.d, m.B + 0.26, -50),
        to(0.96 * m.d + 0.42, m.B, 8),
        to(0.96 * m.d + 0.9, m.B + 0.42, 46),
      ]),
    ],
  },
];
/** The arm of a straight k lies along the usual edge; 20° flatter it has weight. */
const ARM = -20;

/** Distance of the second letter in ligatures of two narrow letters. */
const F_STEP = 1.95;
const T_STEP = 2.05;

const fStem = (m: Measures, x: number, low = 0): StrokePlan =>
  stroke('stem', [
    to(x + 1.72 - low * 0.3, m.A - 0.34 - low, 148),
    to(x + 1.02 - low * 0.2, m.A - low, 184),
    to(x, m.A - 1.55 - low, -90),
    line(x, m.D + 1.5),
    to(x - 0.5, m.D + 0.1, 214),
  ]);

const ligatures: Variant[] = [
  {
    text: 'ff',
    variant: 'usual',
    build: (m) => [fStem(m, 0, 0.62), fStem(m, F_STEP), barStroke(m, -0.86, F_STEP + 2.2)],
  },
  {
    text: 'fi',
    variant: 'usual',
    build: (m) => [
      fStem(m, 0),
      stroke('i', [
        to(F_STEP, m.X - m.half(BAR_TURN), -90, { turn: BAR_TURN }),
        line(F_STEP, m.X - 1.4, { turn: 0 }),
        ...exit(m, F_STEP),
      ]),
      barStroke(m, -0.86, F_STEP + 0.86),
    ],
  },
  {
    text: 'tt',
    variant: 'usual',
    build: (m) => [
      stroke('first stem', [to(0, m.X + 0.62, -90), ...exit(m, 0)]),
      stroke('second stem', [to(T_STEP, m.X + 0.62, -90), ...exit(m, T_STEP)]),
      barStroke(m, -0.86, T_STEP + 2.1),
    ],
  },
  {
    text: 'st',
    variant: 'usual',
    build: (m) => [
      stroke('spine', [
        to(1.15, m.T - 0.01, 182, { turn: -8 }),
        to(0.32, m.T - 0.98, -84),
        to(0.98, 0.5 * m.X, -40),
        to(1.62, m.B + 0.98, -96),
        to(0.8, m.B + 0.01, 184),
        to(0.06, m.B + 0.2, 158),
      ]),
      stroke(
        'tie and stem',
        [to(1.12, m.T - 0.01, 56), to(2.35, m.X + 2.2, 12), to(3.25, m.X + 1.2, -90), ...exit(m, 3.25)],
        'Over from the head of s into the stem of t.',
      ),
      barStroke(m, 2.5, 2.0),
    ],
  },
];

const LIGATURE_EXIT: Readonly<Record<string, number>> = { fi: F_STEP, tt: T_STEP, st: 3.25 };

/** Variants and ligatures of the small letters. */
export const variants = (m: Measures): Letter[] => [
  ...[...ascenders, ...descenders, ...others].map(({ text, variant, context, build }) =>
    withPorts({ text, variant, family: 'variants', context, strokes: build(m) }, m),
  ),
  ...ligatures.map(({ text, variant, build }) => {
    const stem = LIGATURE_EXIT[text];
    const letter: Letter = { text, variant, family: 'ligatures', strokes: build(m) };
    const ported = withPorts({ ...letter, text: 'i' }, m);
    return {
      ...letter,
      exit: stem === undefined || !ported.exit ? undefined : { ...ported.exit, x: ported.exit.x + stem },
    };
  }),
];
