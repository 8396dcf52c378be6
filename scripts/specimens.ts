/** Writes the specimen of each drawn hand to docs/screenshots: all letters, rhythm strips, sixty words, the pangram. */
import { writeFileSync } from 'node:fs';
import { freshRecipe } from '../src/core/document/defaults';
import { HANDS } from '../src/core/hands/registry';
import { hasLetters, loadScript } from '../src/core/hands/scripts';
import { ARABIC_SENTENCES, ARABIC_WORDS } from '../src/core/practice/words/sky';
import { recipeTypeface } from '../src/core/setting/settingFace';
import { renderPng } from '../src/render/png';
import { alphabetRows, specimen } from './specimenPage';
import { SPECIMEN_WORDS } from './specimenWords';

const WORDS_A_ROW = 10;
const rowsOf = (words: readonly string[]) =>
  Array.from({ length: words.length / WORDS_A_ROW }, (_, i) =>
    words.slice(i * WORDS_A_ROW, (i + 1) * WORDS_A_ROW).join(' '),
  );
const LATIN = ['nnonnonn minimum nuunnu', ...rowsOf(SPECIMEN_WORDS), 'sphinx of black quartz, judge my vow'];
const ARABIC = [...rowsOf(ARABIC_WORDS), ...ARABIC_SENTENCES];

/** Pixels to an inch: a letter unit is a millimetre. */
const DPI = 150;

/** Fewer than twenty pictures are kept in the repository; `npm run specimen` draws the others as any. */
const NOT_KEPT = ['light-line', 'monoline', 'brush', 'uncial'];

for (const { id } of HANDS.filter((hand) => hasLetters(hand.id) && !NOT_KEPT.includes(hand.id))) {
  await loadScript(id);
  const fresh = freshRecipe(id);
  const recipe = { ...fresh, writing: { ...fresh.writing, joined: true } };
  const face = recipeTypeface(recipe);
  if (!face) continue;
  const rows = [...alphabetRows(face), ...(face.rightToLeft ? ARABIC : LATIN)];
  writeFileSync(`docs/screenshots/specimen-${id}.png`, renderPng(specimen(recipe, rows), DPI));
}
