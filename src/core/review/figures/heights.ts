import { plain } from '../../measure/units';
import { type Figures, inMm, mm, ofBody, toPage } from './figure';

/** Where letters end, against their lines. */
export const HEIGHTS = {
  body: {
    name: 'Body height',
    say: inMm,
    floor: { marked: 0.73, plain: 0.1 },
    remark: {
      weight: ofBody(0.05),
      text: ({ figure: { value, error }, by }) =>
        `Letters are ${mm(Math.abs(by))} ${by > 0 ? 'taller' : 'shorter'} than the lines ask (${mm(value)}, ±${plain(error, 2)}).`,
      cure: ({ nib, upper }) =>
        `Touch both lines: begin on the ${upper} and end on the baseline${nib ? ', with the whole edge' : ''}.`,
      go: toPage,
    },
  },
  heads: {
    name: 'Heads over the upper line',
    say: inMm,
    floor: { marked: 0.53, plain: 0.53 },
  },
  feet: {
    name: 'Feet over the baseline',
    say: inMm,
    floor: { marked: 0.53, plain: 0.53 },
    remark: {
      weight: ofBody(0.035),
      text: ({ figure: { value, error }, rests }) =>
        `Feet stand ${mm(Math.abs(value))} ${value > 0 ? 'above' : 'below'} the baseline (±${mm(error)}, ${rests}).`,
      cure: () => 'Look at the line where the stroke will end, not at the nib.',
      go: toPage,
    },
  },
  sinking: {
    name: 'Feet sink along a line by',
    say: inMm,
    floor: { marked: 0.4, plain: 0.5 },
    remark: {
      weight: ofBody(0.06),
      text: ({ by }) =>
        `Feet ${by > 0 ? 'sink' : 'rise'} toward the end of the line, by ${mm(Math.abs(by))}.`,
      cure: () => 'Move the paper, not the elbow: the hand writes where it began.',
      go: toPage,
    },
  },
} as const satisfies Figures;
