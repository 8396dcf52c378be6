import { plain } from '../../measure/units';
import { amount } from '../../measure/words';
import { degrees, type Figures, inDegrees, inMm, toBench, toPage, worth } from './figure';

/** Edge roughness, in mm, below which edges are clean, and from which they read as ragged; clean pages measure under a third of it (docs/measuring.md). */
const CLEAN = 0.015;
const RAGGED = 0.04;

/** The edge of the pen, and what its ink left. */
export const EDGE = {
  angle: {
    name: 'Pen angle',
    say: inDegrees,
    floor: { marked: 2.7, plain: 4.2 },
    remark: {
      settles: 'angle',
      weight: worth(3),
      text: ({ figure: { value, asked, error }, by, rests }) =>
        `Your pen stood at ${degrees(value)}, not ${degrees(asked ?? 0)} (±${degrees(error)}, ${rests}). Stems came out ${by < 0 ? 'heavier and level strokes thinner' : 'lighter and level strokes thicker'}.`,
      cure: ({ gauge, figure: { asked } }) =>
        gauge
          ? 'Lay the edge on the gauge of this page before each row, and write a line of zigzags: every thin points the same way.'
          : `Fold or cut a card to ${degrees(asked ?? 0)}, set the edge along it before each line, and try zigzags on scrap: every thin points the same way.`,
      go: toPage,
    },
  },
  angleSpread: {
    name: 'Pen angle wanders by',
    say: inDegrees,
    floor: { marked: 2.1 },
    remark: {
      settles: 'angle',
      weight: worth(3.5),
      text: ({ figure: { value, error }, rests }) =>
        `The pen turned in your hand: its angle wandered by ${degrees(value)} from letter to letter (±${degrees(error)}, ${rests}).`,
      cure: () =>
        'Move the whole arm and keep the fingers still; a page of one drill, slowly, looking at where the thins point.',
      go: toPage,
    },
  },
  nib: {
    name: 'Nib, by its ink',
    say: inMm,
    floor: { marked: 0.045, plain: 0.06 },
    remark: {
      weight: ({ by, nib }) => (nib ? Math.abs(by) / nib / 0.06 : 0),
      text: ({ figure: { value, error }, nib = 0, body }) =>
        `This ink was left by a nib of ${plain(value, 2)} mm, not ${plain(nib, 2)} (±${plain(error, 2)}): your letters are ${amount(body / value, 'nib width', 1)} tall.`,
      cure: ({ by }) =>
        by > 0
          ? 'Measure the nib again, or rule for what it writes; where edges are ragged the paper drinks, and a better sheet or a drier ink helps.'
          : 'Measure the nib again, or rule for what it writes; a worn corner or a dry edge leaves less.',
      go: toBench,
    },
  },
  ragged: {
    name: 'Edges',
    say: (value) => (value < CLEAN ? 'clean' : value < RAGGED ? 'a little ragged' : 'ragged'),
    rank: true,
    floor: { marked: 0 },
    remark: {
      weight: worth(RAGGED),
      text: () => 'The edges of your strokes are ragged: the paper drinks, or its fibres catch.',
      cure: () =>
        'Write one word with the same ink on a smoother or harder sized sheet before anything else is changed; a drier ink spreads less.',
      go: toBench,
    },
  },
} as const satisfies Figures;
