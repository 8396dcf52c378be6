import { plain } from '../measure/units';

/** What the eye is trained to tell. */
export const JUDGEMENTS = ['slope', 'weight', 'spacing'] as const;
export type Judgement = (typeof JUDGEMENTS)[number];

interface Kind {
  readonly name: string;
  readonly question: string;
  /** Where it begins, and how small and large a difference can be. */
  readonly first: number;
  readonly least: number;
  readonly most: number;
  readonly inWords: (difference: number) => string;
}

/** Differences shown: slope in degrees, weight and spacing as shares (estimates; a trained eye tells a degree of slope). */
export const KINDS: Readonly<Record<Judgement, Kind>> = {
  slope: {
    name: 'slope',
    question: 'Which row leans more?',
    first: 6,
    least: 0.3,
    most: 12,
    inWords: (difference) => `${plain(difference, 1)}° of slope`,
  },
  weight: {
    name: 'weight',
    question: 'Which row is heavier?',
    first: 0.12,
    least: 0.01,
    most: 0.25,
    inWords: (difference) => `${plain(difference * 100, 0)} % of weight`,
  },
  spacing: {
    name: 'spacing',
    question: 'Which row is spaced unevenly?',
    first: 0.4,
    least: 0.03,
    most: 0.6,
    inWords: (difference) => `${plain(difference * 100, 0)} % of the white between two stems`,
  },
};

/** A question: which of two rows has the difference, and the row's letters. */
export interface Question {
  readonly kind: Judgement;
  readonly difference: number;
  /** The row that leans, weighs or wobbles more: the upper one is 0. */
  readonly answer: 0 | 1;
  readonly text: string;
  /** Of each letter, how far it is off its place, −1 … 1; for spacing. */
  readonly shifts: readonly number[];
}

/** Rows to look at: stems and rounds in turn, as rhythm strips are. */
const ROWS = ['minimum', 'nonunion', 'hominum', 'nnonnonn', 'undone', 'miniumno'] as const;

/** A question of a kind with a difference; `random` gives numbers from 0 to 1. */
export function questionOf(kind: Judgement, difference: number, random: () => number): Question {
  const text = ROWS[Math.floor(random() * ROWS.length)] ?? ROWS[0];
  // Each letter deviates by the full difference in one direction or the other; with smaller random deviations the worst letter alone would
  // give the row away.
  const shifts = [...text].map(() => (random() < 0.5 ? -1 : 1));
  return { kind, difference, answer: random() < 0.5 ? 0 : 1, text, shifts };
}
