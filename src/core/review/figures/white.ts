import { type Figures, inMm, inPercent, isOff, percent, toPage, worth } from './figure';

/** Widths, and the white inside letters and between them. */
export const WHITE = {
  width: {
    name: 'Letters against the model',
    say: inPercent,
    floor: { marked: 0.03 },
    remark: {
      // The counter shows the same more precisely, and a wrong pen angle alone makes letters wide or narrow.
      weight: (said) => (said.beside('counter') || isOff(said.beside('angle')) ? 0 : worth(0.12)(said)),
      text: ({ figure: { error }, by, rests }) =>
        `Letters are ${percent(by)} ${by < 0 ? 'narrower' : 'wider'} than the model’s (±${percent(error)}, ${rests}).`,
      cure: ({ by }) =>
        by < 0
          ? 'Open each letter before it is closed: a row of o, each as wide as the model’s.'
          : 'Bring the second side of each letter in sooner: a row of o, each as wide as the model’s.',
      go: toPage,
    },
  },
  counter: {
    name: 'White inside letters against the model',
    say: inPercent,
    floor: { marked: 0.1 },
    remark: {
      weight: worth(0.16),
      text: ({ figure: { error }, by, rests }) =>
        `The white inside letters is ${percent(by)} ${by < 0 ? 'narrower' : 'wider'} than the model’s (±${percent(error)}, ${rests}).`,
      cure: ({ by }) =>
        by < 0
          ? 'Look at the white, not at the stems: leave room for it before the second stroke comes down.'
          : 'Look at the white, not at the stems: bring the second stroke down sooner.',
      go: toPage,
    },
  },
  inside: {
    name: 'Stems apart inside letters, off the model',
    say: inMm,
    floor: { marked: 0.1 },
  },
  between: {
    name: 'Stems apart between letters, off the model',
    say: inMm,
    floor: { marked: 0.1 },
  },
  lines: {
    name: 'Lines against the layout',
    say: inPercent,
    floor: { plain: 0.02 },
    remark: {
      weight: worth(0.05),
      text: ({ figure: { error, count }, by }) =>
        `Lines come out ${percent(by)} ${by > 0 ? 'longer' : 'shorter'} than they were laid out (±${percent(error)}, ${count} lines).`,
      cure: ({ by }) =>
        by > 0
          ? 'Write to the ticks: each word begins at one. Where letters are wide as well, rule the piece for the width you write.'
          : 'Write to the ticks: each word begins at one. Let the white between letters be as wide as that inside them.',
      go: toPage,
    },
  },
} as const satisfies Figures;
