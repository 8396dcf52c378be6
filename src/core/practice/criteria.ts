import { handOf } from '../setting/handOf';
import type { Sheet } from '../sheet/sheet';

/** Theme of a page, which selects its checklist. */
export type Theme = 'strokes' | 'letters' | 'capitals' | 'words' | 'sentences' | 'ruling';

/** A point that is inspected when writing is compared with its model. */
export interface Criterion {
  /** Key under which it is rated and remembered. */
  readonly id: CriterionId;
  /** As a sentence that is true where all is right. */
  readonly say: string;
  /** Description of the fault, to follow "its" or "their": "arch was too low". */
  readonly off: string;
}

export const CRITERION_IDS = [
  'angle',
  'shades',
  'parallels',
  'feet',
  'stems',
  'counters',
  'joints',
  'capital-line',
  'balance',
  'widths',
  'spacing',
  'same-width',
  'joins',
  'grey',
  'slope',
  'ink',
] as const;
export type CriterionId = (typeof CRITERION_IDS)[number];

type Said = Criterion & { readonly for?: 'broad' | 'pressed' };

/** Points of inspection by theme; the first that suit the tool are printed (common teaching: what a critique looks at). */
const CRITERIA: Readonly<Record<Theme, readonly Said[]>> = {
  strokes: [
    {
      id: 'angle',
      say: 'Every thin points the same way: the pen angle was held.',
      off: 'pen angle wandered',
      for: 'broad',
    },
    {
      id: 'shades',
      say: 'Shades begin and end square, and none split into two rails.',
      off: 'shades were ragged or split',
      for: 'pressed',
    },
    {
      id: 'parallels',
      say: 'Strokes are parallel, and the whites between them alike.',
      off: 'strokes were not parallel',
    },
    { id: 'feet', say: 'Heads and feet stand on the lines.', off: 'heads and feet left the lines' },
  ],
  letters: [
    {
      id: 'feet',
      say: 'Heads and feet stand on the lines, and every letter leans alike.',
      off: 'heads and feet left the lines',
    },
    {
      id: 'stems',
      say: 'Stems weigh the same from the first cell to the last.',
      off: 'stems changed weight',
    },
    {
      id: 'counters',
      say: 'The white inside my letter is as large as inside the model.',
      off: 'white inside was not the model’s',
    },
    { id: 'joints', say: 'No white shows where two strokes meet.', off: 'strokes did not meet' },
  ],
  capitals: [
    {
      id: 'capital-line',
      say: 'Capitals reach their own line and no further.',
      off: 'capital line was missed',
    },
    {
      id: 'balance',
      say: 'The letter stands on its slope: diagonals lean evenly about it.',
      off: 'diagonals leaned unevenly',
    },
    {
      id: 'widths',
      say: 'Widths follow the model: narrow stays narrow, round stays round.',
      off: 'width was not the model’s',
    },
  ],
  words: [
    {
      id: 'spacing',
      say: 'The white between letters is as large as the white inside them.',
      off: 'spacing was uneven',
    },
    {
      id: 'same-width',
      say: 'The same letter is as wide at the end of the word as at its start.',
      off: 'letters grew or shrank along the word',
    },
    {
      id: 'joins',
      say: 'Joins leave and arrive on the hairline, without a corner.',
      off: 'joins had corners',
    },
  ],
  sentences: [
    { id: 'grey', say: 'The line is evenly grey when I half close my eyes.', off: 'line was patchy' },
    {
      id: 'slope',
      say: 'Slope and size are the same at the end of the line as at its start.',
      off: 'slope wandered',
    },
    { id: 'ink', say: 'The ink is as dark after each dip as before it.', off: 'ink paled between dips' },
  ],
  ruling: [],
};

/** Maximum number of criteria on a page. */
const MOST = 3;

/** What to compare on a page about a theme, in a hand's tool. */
export function criteriaFor(theme: Theme, recipe: Sheet): Criterion[] {
  const { tool } = handOf(recipe);
  const kind = tool === 'broad' ? 'broad' : 'pressed';
  return CRITERIA[theme]
    .filter((one) => one.for === undefined || (one.for === kind && tool !== 'monoline'))
    .slice(0, MOST);
}

/** Is a criterion compared on pages about a theme? */
export const isOf = (criterion: CriterionId, theme: Theme): boolean =>
  CRITERIA[theme].some(({ id }) => id === criterion);

/** The same as sentences, to print at the foot of a page. */
export const checksFor = (theme: Theme, recipe: Sheet): string[] =>
  criteriaFor(theme, recipe).map(({ say }) => say);

const OFF = new Map(
  Object.values(CRITERIA)
    .flat()
    .map(({ id, off }) => [id, off]),
);

const SAY = new Map(
  Object.values(CRITERIA)
    .flat()
    .map(({ id, say }) => [id, say]),
);

/** A criterion as the sentence that is true where all is right. */
export const criterionSaid = (id: CriterionId): string => SAY.get(id) ?? id;

/** What was seen where a criterion was not met. */
export const offWords = (id: CriterionId): string => OFF.get(id) ?? id;
