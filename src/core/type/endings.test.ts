import { beforeAll, describe, expect, it } from 'vitest';
import { freshRecipe } from '../document/defaults';
import { loadScript } from '../hands/scripts';
import { recipeTypeface } from '../setting/settingFace';
import { ENDINGS, type Endings, endingOf } from './endings';
import { setLine } from './setLine';

const WORDS =
  'now in the wane of a moon every low cloud over the valley ran down to the sea and a few slow birds flew on below it then at noon all was calm again'.split(
    ' ',
  );

describe('endings', () => {
  beforeAll(() => loadScript('italic'));

  const variants = (endings: Endings, text: string, chosen: Record<string, string> = {}) => {
    const recipe = freshRecipe('italic');
    const face = recipeTypeface({ ...recipe, writing: { ...recipe.writing, endings, variants: chosen } });
    if (!face) throw new Error('Italic has no letters.');
    return setLine(face, text).placed.flatMap((item) =>
      item.kind === 'letter' ? [`${item.cut.letter.text} ${item.cut.letter.variant}`] : [],
    );
  };
  const ended = (endings: Endings) =>
    WORDS.filter((word) => !variants(endings, word).at(-1)?.endsWith(' usual')).length;

  it('are none in plain writing, some in lively, more in festive, and never all', () => {
    const [plain, lively, festive] = ENDINGS.map(ended);
    expect(plain).toBe(0);
    expect(lively).toBeGreaterThan(0);
    expect(festive).toBeGreaterThan(lively as number);
    expect(festive).toBeLessThan(WORDS.length);
  });

  it('stand at ends only, the long ones at the end of the line', () => {
    const line = variants('festive', WORDS.join(' '));
    const inner = line.slice(0, -1);
    expect(inner.filter((name) => name.includes('thrown out'))).toEqual([]);
    // A word of one ending letter among others: its inner letters are the usual ones.
    for (const word of WORDS)
      for (const name of variants('festive', word).slice(0, -1)) expect(name).toMatch(/ usual$/);
  });

  it('are the same for the same word, and leave a chosen shape alone', () => {
    for (const word of WORDS) expect(variants('festive', word)).toEqual(variants('festive', word));
    for (const word of WORDS.filter((one) => one.endsWith('w')))
      expect(variants('festive', word, { w: 'usual' }).at(-1)).toBe('w usual');
  });

  it('come in turn where a letter has several', () => {
    const shapes = ['one', 'two', 'three'];
    const taken = new Set(WORDS.map((word) => endingOf('festive', word, shapes)));
    for (const shape of shapes) expect(taken).toContain(shape);
    expect(endingOf('festive', 'low', [])).toBeUndefined();
  });
});
