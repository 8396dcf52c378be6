import { type Figures, inPercent, percent, toBench, toPage, worth } from './figure';

/** Ratio to the model's hairline below which a line is fine; a picture does not resolve a smaller difference (docs/measuring.md). */
const FINE = 0.75;
/** Ratio to the model's hairline from which a hairline is thick; sound ones measure up to 1.25 (docs/measuring.md). */
export const THICK_HAIRLINE = 1.45;
const rank =
  ([under, like, over]: readonly [string, string, string]) =>
  (value: number): string =>
    value < FINE ? under : value > THICK_HAIRLINE ? over : like;

/** Delay of a shade behind the model's, as a fraction of its width, from which its top is round, and from which it is a point. */
const TAPERED = 0.3;
const POINTED = 0.7;

/** Thin and thick of a pen that is pressed. */
export const PRESSURE = {
  hairline: {
    name: 'Thinnest lines',
    say: rank(['finer than the model’s', 'as the model’s', 'thicker than the model’s']),
    rank: true,
    floor: { marked: 0.3 },
    remark: {
      weight: ({ by }) => by / (THICK_HAIRLINE - 1),
      text: ({ rests }) => `Your hairlines are thick beside the model’s (${rests}).`,
      cure: () =>
        'Let go of the pressure before the pen turns upwards: only the points glide. Where the edges are ragged as well, the paper drinks.',
      go: toBench,
    },
  },
  contrast: {
    name: 'Thin against thick',
    say: rank(['sharper than the model', 'as in the model', 'softer than the model']),
    rank: true,
    floor: { marked: 0.35 },
  },
  rails: {
    name: 'Letters with rails in their shades',
    say: inPercent,
    floor: { marked: 0.1 },
    remark: {
      weight: worth(0.3),
      text: ({ figure: { value }, rests }) =>
        `The middle of your shades runs dry: ${percent(value)} of your letters show two rails (${rests}).`,
      cure: () =>
        'Press less, draw shades more slowly, or reload sooner: spread too far, the tines are no longer bridged by ink. A wetter ink helps too.',
      go: toBench,
    },
  },
  tops: {
    name: 'Tops of shades',
    say: (value) =>
      value < TAPERED
        ? 'as the model’s'
        : value < POINTED
          ? 'rounder than the model’s'
          : 'pointed: pressed late',
    rank: true,
    floor: { marked: 0.25 },
    remark: {
      weight: worth(0.45),
      text: ({ rests }) => `Your shades begin thin: their tops are not as square as the model’s (${rests}).`,
      cure: () =>
        'Set the points down, spread them to the full width, and only then draw down; touch the corner up afterwards.',
      go: toPage,
    },
  },
} as const satisfies Figures;
