import { handOf } from '../../setting/handOf';
import type { Sheet } from '../../sheet/sheet';

/** What a page is about, for what to compare afterwards. */
export type Theme = 'strokes' | 'letters' | 'capitals' | 'words' | 'sentences' | 'ruling';

/** What people inspect, by theme; the first that suit the tool are printed (common teaching; what a critique looks at). */
const CHECKS: Readonly<
  Record<Theme, readonly { readonly say: string; readonly for?: 'broad' | 'pressed' }[]>
> = {
  strokes: [
    { say: 'Every thin points the same way: the pen angle was held.', for: 'broad' },
    { say: 'Shades begin and end square, and none split into two rails.', for: 'pressed' },
    { say: 'Strokes are parallel, and the whites between them alike.' },
    { say: 'Heads and feet stand on the lines.' },
  ],
  letters: [
    { say: 'Heads and feet stand on the lines, and every letter leans alike.' },
    { say: 'Stems weigh the same from the first cell to the last.' },
    { say: 'The white inside my letter is as large as inside the model.' },
    { say: 'No white shows where two strokes meet.' },
  ],
  capitals: [
    { say: 'Capitals reach their own line and no further.' },
    { say: 'The letter stands on its slope: diagonals lean evenly about it.' },
    { say: 'Widths follow the model: narrow stays narrow, round stays round.' },
  ],
  words: [
    { say: 'The white between letters is as large as the white inside them.' },
    { say: 'The same letter is as wide at the end of the word as at its start.' },
    { say: 'Joins leave and arrive on the hairline, without a corner.' },
  ],
  sentences: [
    { say: 'The line is evenly grey when I half close my eyes.' },
    { say: 'Slope and size are the same at the end of the line as at its start.' },
    { say: 'The ink is as dark after each dip as before it.' },
  ],
  ruling: [],
};

/** Most checks a page has room for. */
const MOST = 3;

export function checksFor(theme: Theme, recipe: Sheet): string[] {
  const { tool } = handOf(recipe);
  const kind = tool === 'broad' ? 'broad' : 'pressed';
  return CHECKS[theme]
    .filter((check) => check.for === undefined || (check.for === kind && tool !== 'monoline'))
    .map(({ say }) => say)
    .slice(0, MOST);
}
