import type { LetterCase } from '../hand/hand';
import { handOf } from '../setting/handOf';
import type { Band, How } from './band';
import { bandOf } from './bands/bandOf';
import { familiesOf } from './families';
import type { Ground } from './ground';

/** Number of letters in a row of an alphabet page: a line holds them, with room to write underneath. */
const ROW = 7;
/** Cells of a collecting page: the letter in its present shape first, then as many empty ones as fit. */
const CELLS = 40;
const COLLECTING_LINES = 12;

/** An alphabet is shown as one line in full and one line to write on beneath it. */
const SHOWN: Partial<How> = { guided: true, trace: 0, fading: 0, free: 1, lines: 1, snug: false };

/** The alphabet as it is written now, with the shapes chosen for it: row by row, and a line under each to try it. */
export function alphabetBands({ face, recipe }: Pick<Ground, 'face' | 'recipe'>): Band[] {
  const families = familiesOf({ face });
  const lettersOf = (wanted: LetterCase) =>
    handOf(recipe).families.flatMap(({ name, case: of }) =>
      of === wanted ? (families.get(name) ?? []) : [],
    );
  const [small, capitals] = [lettersOf('small'), lettersOf('capital')];
  const rows = [small, capitals].flatMap((all) => {
    const sorted = all.toSorted((a, b) => a.localeCompare(b));
    return Array.from({ length: Math.ceil(sorted.length / ROW) }, (_, i) =>
      sorted.slice(i * ROW, (i + 1) * ROW).join(' '),
    );
  });
  return rows.map((text, i) => bandOf(`a${i + 1}`, 'line', text, SHOWN));
}

/** A page of empty cells to collect new shapes of one letter; the first cell shows the present shape. */
export const collectingBands = (text: string): Band[] => [
  bandOf('c1', 'letter', text, {
    guided: true,
    trace: 1,
    fading: 0,
    free: CELLS,
    lines: COLLECTING_LINES,
    repeat: false,
    snug: true,
  }),
];
