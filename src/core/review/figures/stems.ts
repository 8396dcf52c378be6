import { degrees, type Figures, inDegrees, inMm, inPercent, percent, toLines, toPage, worth } from './figure';

/** Minimum angle between stems of a letter for a remark, in degrees. */
export const WORTH_SPLAY = 2.5;

/** Stems: how they lean, weigh and stand. */
export const STEMS = {
  slope: {
    name: 'Slope',
    say: inDegrees,
    floor: { marked: 1.1, plain: 1.75 },
    remark: {
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
  },
  slopeSpread: {
    name: 'Slope wanders by',
    say: inDegrees,
    floor: { marked: 1.9, plain: 2.5 },
    remark: {
      weight: worth(3),
      text: ({ figure: { value, error } }) =>
        `Stems do not lean alike: they differ by ${degrees(value)} from letter to letter (±${degrees(error)}).`,
      cure: () => 'A row of stems only, looking along the one before; slope lines help.',
      go: toLines,
    },
  },
  parallels: {
    name: 'Stems of a letter out of parallel by',
    say: inDegrees,
    floor: { marked: 1.2 },
    remark: {
      settles: 'slope',
      weight: worth(WORTH_SPLAY),
      text: ({ figure: { value, error }, rests }) =>
        `The stems of one letter are not parallel: they stand ${degrees(value)} apart (±${degrees(error)}, ${rests}).`,
      cure: () =>
        'Draw the second stem looking along the first, not at the nib; a row of n between slope lines.',
      go: toLines,
    },
  },
  weight: {
    name: 'Stems against the model',
    say: inPercent,
    floor: { marked: 0.04, plain: 0.08 },
    remark: {
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
  },
  evenness: {
    name: 'Stems differ by',
    say: inPercent,
    floor: { marked: 0.03, plain: 0.05 },
    remark: {
      weight: worth(0.09),
      text: ({ figure: { value }, rests }) =>
        `Stems do not weigh alike: their widths differ by ${percent(value)} (${rests}).`,
      cure: () =>
        'Dip to the same depth, touch the drop off, and press alike at the end of a dip and at its start.',
      go: toPage,
    },
  },
  stride: {
    name: 'Stems apart',
    say: inMm,
    floor: { marked: 0.1, plain: 0.08 },
  },
} as const satisfies Figures;
