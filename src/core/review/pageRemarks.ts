import { type Degrees, plain } from '../measure/units';
import { amount } from '../measure/words';
import { degrees, type Findings, figureOf, mm, off, percent, type Weighed } from './findings';
import type { FigureId, Remark, ReviewFigure } from './review';

/** Edge roughness, in mm, that reads as ragged; clean pages measure under a third of it (docs/measuring.md). */
export const RAGGED = 0.04;
/** Ratio to the model's hairline from which a hairline is thick; sound ones measure up to 1.25 (docs/measuring.md). */
export const THICK_HAIRLINE = 1.45;

/** A figure with the context that its remark is worded from. */
interface Said extends Omit<Findings, 'counted'> {
  readonly figure: ReviewFigure;
  /** Difference from what is asked. */
  readonly by: number;
  /** What it was measured on: “30 letters”. */
  readonly rests: string;
}

/** Remark on one figure. */
interface Saying {
  readonly of: FigureId;
  /** Size of the deviation; 1 is the minimum for a remark. */
  readonly weight: (said: Said) => number;
  readonly text: (said: Said) => string;
  readonly cure: (said: Said) => string;
  readonly go: (said: Said) => Remark['go'];
  readonly settles?: Weighed['settles'];
}

/** Deviates by more than its error. */
const isOff = (figure: ReviewFigure | undefined): boolean =>
  figure !== undefined && Math.abs(off(figure)) > figure.error;

/** Size of a deviation as a multiple of the minimum for a remark, which is given in the figure's own unit. */
const worth =
  (least: number) =>
  ({ by }: Said) =>
    Math.abs(by) / least;
/** The same with the minimum given as a fraction of the body height. */
const ofBody =
  (share: number) =>
  ({ by, body }: Said) =>
    Math.abs(by) / (share * body);
const toPage = (): 'page' => 'page';
const toBench = (): 'bench' => 'bench';
/** Station of the cure: the practice page where it has slope lines, else Rule. */
const toLines = ({ slopeLines }: Said): Remark['go'] => (slopeLines ? 'page' : 'rule');

/** Minimum angle between stems of a letter for a remark. */
const WORTH_SPLAY: Degrees = 2.5;

const SAYINGS: readonly Saying[] = [
  {
    of: 'angle',
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
  {
    of: 'angleSpread',
    settles: 'angle',
    weight: worth(3.5),
    text: ({ figure: { value, error }, rests }) =>
      `The pen turned in your hand: its angle wandered by ${degrees(value)} from letter to letter (±${degrees(error)}, ${rests}).`,
    cure: () =>
      'Move the whole arm and keep the fingers still; a page of one drill, slowly, looking at where the thins point.',
    go: toPage,
  },
  {
    of: 'nib',
    weight: ({ by, nib }) => (nib ? Math.abs(by) / nib / 0.06 : 0),
    text: ({ figure: { value, error }, nib = 0, body }) =>
      `This ink was left by a nib of ${plain(value, 2)} mm, not ${plain(nib, 2)} (±${plain(error, 2)}): your letters are ${amount(body / value, 'nib width', 1)} tall.`,
    cure: ({ by }) =>
      by > 0
        ? 'Measure the nib again, or rule for what it writes; where edges are ragged the paper drinks, and a better sheet or a drier ink helps.'
        : 'Measure the nib again, or rule for what it writes; a worn corner or a dry edge leaves less.',
    go: toBench,
  },
  {
    of: 'slope',
    settles: 'slope',
    weight: worth(2.5),
    text: ({ figure: { value, asked, error }, rests }) =>
      `Stems lean ${value < 0 ? 'back ' : ''}${degrees(Math.abs(value))}, and ${degrees(asked ?? 0)} is asked (±${degrees(error)}, ${rests}).`,
    cure: ({ slopeLines }) =>
      slopeLines
        ? 'Turn the page a little, and look along the slope lines before each stem.'
        : 'Rule slope lines, or turn the page a little against your arm.',
    go: toLines,
  },
  {
    of: 'slopeSpread',
    weight: worth(3),
    text: ({ figure: { value, error } }) =>
      `Stems do not lean alike: they differ by ${degrees(value)} from letter to letter (±${degrees(error)}).`,
    cure: () => 'A row of stems only, looking along the one before; slope lines help.',
    go: toLines,
  },
  {
    of: 'body',
    weight: ofBody(0.05),
    text: ({ figure: { value, error }, by }) =>
      `Letters are ${mm(Math.abs(by))} ${by > 0 ? 'taller' : 'shorter'} than the lines ask (${mm(value)}, ±${plain(error, 2)}).`,
    cure: ({ nib, upper }) =>
      `Touch both lines: begin on the ${upper} and end on the baseline${nib ? ', with the whole edge' : ''}.`,
    go: toPage,
  },
  {
    of: 'feet',
    weight: ofBody(0.035),
    text: ({ figure: { value, error }, rests }) =>
      `Feet stand ${mm(Math.abs(value))} ${value > 0 ? 'above' : 'below'} the baseline (±${mm(error)}, ${rests}).`,
    cure: () => 'Look at the line where the stroke will end, not at the nib.',
    go: toPage,
  },
  {
    of: 'sinking',
    weight: ofBody(0.06),
    text: ({ by }) => `Feet ${by > 0 ? 'sink' : 'rise'} toward the end of the line, by ${mm(Math.abs(by))}.`,
    cure: () => 'Move the paper, not the elbow: the hand writes where it began.',
    go: toPage,
  },
  {
    of: 'evenness',
    weight: worth(0.09),
    text: ({ figure: { value }, rests }) =>
      `Stems do not weigh alike: their widths differ by ${percent(value)} (${rests}).`,
    cure: () =>
      'Dip to the same depth, touch the drop off, and press alike at the end of a dip and at its start.',
    go: toPage,
  },
  {
    of: 'parallels',
    settles: 'slope',
    weight: worth(WORTH_SPLAY),
    text: ({ figure: { value, error }, rests }) =>
      `The stems of one letter are not parallel: they stand ${degrees(value)} apart (±${degrees(error)}, ${rests}).`,
    cure: () =>
      'Draw the second stem looking along the first, not at the nib; a row of n between slope lines.',
    go: toLines,
  },
  {
    of: 'counter',
    weight: worth(0.16),
    text: ({ figure: { error }, by, rests }) =>
      `The white inside letters is ${percent(by)} ${by < 0 ? 'narrower' : 'wider'} than the model’s (±${percent(error)}, ${rests}).`,
    cure: ({ by }) =>
      by < 0
        ? 'Look at the white, not at the stems: leave room for it before the second stroke comes down.'
        : 'Look at the white, not at the stems: bring the second stroke down sooner.',
    go: toPage,
  },
  {
    of: 'width',
    // The counter shows the same more precisely, and a wrong pen angle alone makes letters wide or narrow.
    weight: (said) => (figureOf(said, 'counter') || isOff(figureOf(said, 'angle')) ? 0 : worth(0.12)(said)),
    text: ({ figure: { error }, by, rests }) =>
      `Letters are ${percent(by)} ${by < 0 ? 'narrower' : 'wider'} than the model’s (±${percent(error)}, ${rests}).`,
    cure: ({ by }) =>
      by < 0
        ? 'Open each letter before it is closed: a row of o, each as wide as the model’s.'
        : 'Bring the second side of each letter in sooner: a row of o, each as wide as the model’s.',
    go: toPage,
  },
  {
    of: 'weight',
    // With a broad edge it follows from angle and width, which have remarks of their own; a monoline is as thick as its pen.
    weight: (said) => (said.pressed ? worth(0.15)(said) : 0),
    text: ({ figure: { error }, by, rests }) =>
      `Downstrokes are ${percent(by)} ${by < 0 ? 'thinner' : 'thicker'} than the model’s (±${percent(error)}, ${rests}).`,
    cure: ({ by }) =>
      by < 0
        ? 'Press a little more, all the way down and no longer: a row of downstrokes, each as thick as the model’s.'
        : 'Press a little less: a row of downstrokes, each as thick as the model’s. Where all are too thick, a stiffer point helps.',
    go: toPage,
  },
  {
    of: 'ragged',
    weight: worth(RAGGED),
    text: () => 'The edges of your strokes are ragged: the paper drinks, or its fibres catch.',
    cure: () =>
      'Write one word with the same ink on a smoother or harder sized sheet before anything else is changed; a drier ink spreads less.',
    go: toBench,
  },
  {
    of: 'hairline',
    weight: ({ by }) => by / (THICK_HAIRLINE - 1),
    text: ({ rests }) => `Your hairlines are thick beside the model’s (${rests}).`,
    cure: () =>
      'Let go of the pressure before the pen turns upwards: only the points glide. Where the edges are ragged as well, the paper drinks.',
    go: toBench,
  },
  {
    of: 'tops',
    weight: worth(0.45),
    text: ({ rests }) => `Your shades begin thin: their tops are not as square as the model’s (${rests}).`,
    cure: () =>
      'Set the points down, spread them to the full width, and only then draw down; touch the corner up afterwards.',
    go: toPage,
  },
  {
    of: 'lines',
    weight: worth(0.05),
    text: ({ figure: { error, count }, by }) =>
      `Lines come out ${percent(by)} ${by > 0 ? 'longer' : 'shorter'} than they were laid out (±${percent(error)}, ${count} lines).`,
    cure: ({ by }) =>
      by > 0
        ? 'Write to the ticks: each word begins at one. Where letters are wide as well, rule the piece for the width you write.'
        : 'Write to the ticks: each word begins at one. Let the white between letters be as wide as that inside them.',
    go: toPage,
  },
  {
    of: 'rails',
    weight: worth(0.3),
    text: ({ figure: { value }, rests }) =>
      `The middle of your shades runs dry: ${percent(value)} of your letters show two rails (${rests}).`,
    cure: () =>
      'Press less, draw shades more slowly, or reload sooner: spread too far, the tines are no longer bridged by ink. A wetter ink helps too.',
    go: toBench,
  },
];

/** Minimum deviation of the white between letters for a remark, as a fraction of the body. */
const SPACING = 0.08;

/** Compares the white between letters with the counters; needs both figures. */
function spacing(findings: Findings): Weighed[] {
  const [inside, between] = [figureOf(findings, 'inside'), figureOf(findings, 'between')];
  if (!inside || !between) return [];
  const apart = between.value - inside.value;
  if (Math.abs(apart) <= Math.hypot(inside.error, between.error)) return [];
  const close = apart < 0;
  return [
    {
      weight: Math.abs(apart) / (SPACING * findings.body),
      text: `Letters stand too ${close ? 'close' : 'far apart'}: beside the white inside them, that between them is ${mm(Math.abs(apart))} ${close ? 'less' : 'more'} than in the model.`,
      cure: close
        ? 'Open up between letters: the white between should weigh what the white inside does.'
        : 'Close up: the next stem comes where the white between weighs what the white inside does.',
      go: 'page',
    },
  ];
}

/** Tells whether the page has a remark that strokes are not parallel. */
export function splayIsSaid(findings: Findings): boolean {
  const splay = figureOf(findings, 'parallels');
  return splay !== undefined && isOff(splay) && Math.abs(off(splay)) >= WORTH_SPLAY;
}

/** Remarks on figures of the whole page that deviate by more than their errors. */
export function pageRemarks(findings: Findings): Weighed[] {
  const { counted = 'letters' } = findings;
  const found = SAYINGS.flatMap((saying): Weighed[] => {
    const figure = figureOf(findings, saying.of);
    if (!figure || !isOff(figure)) return [];
    const said = { ...findings, figure, by: off(figure), rests: `${figure.count} ${counted}` };
    return [
      {
        weight: saying.weight(said),
        text: saying.text(said),
        cure: saying.cure(said),
        go: saying.go(said),
        settles: saying.settles,
      },
    ];
  });
  return [...found, ...spacing(findings)].filter(({ weight }) => weight >= 1);
}
