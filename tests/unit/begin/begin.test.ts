import { describe, expect, it } from 'vitest';
import { NOBODY } from '@/core/about/about';
import { beginning } from '@/core/begin/firstPage';
import { FIRST_TOOL_IDS, FIRST_TOOLS } from '@/core/begin/firstTools';
import { parseRecipe } from '@/core/document/recipe';
import { PURPOSES } from '@/core/hand/portrait';
import { handById } from '@/core/hands/registry';
import { asNib } from '@/core/kit/item';
import { parseItem } from '@/core/kit/itemFormat';
import { bandOf } from '@/core/practice/bands/bandOf';
import { compose } from '@/core/practice/compose';
import { lettersOn } from '@/core/practice/newLetters';
import { WORDS } from '../../support/practice';

const begin = (wish: Parameters<typeof beginning>[0], about = NOBODY) => beginning(wish, about, WORDS);

describe('a first page', () => {
  it.each(PURPOSES.flatMap((purpose) => FIRST_TOOL_IDS.map((tool) => [purpose, tool] as const)))(
    'for %s with %s: the tool can write it, the page is one sheet and holds letters',
    async (purpose, tool) => {
      const { chosen, others, recipe, item } = await begin({ purpose, tool });
      expect(handById(chosen.hand).tool).toBe(FIRST_TOOLS[tool].family);
      expect(chosen.reasons.length).toBeGreaterThan(0);
      expect(others.map(({ hand }) => hand)).not.toContain(chosen.hand);
      expect(compose(parseRecipe(JSON.parse(JSON.stringify(recipe))), {}).pages).toHaveLength(1);
      expect(lettersOn(recipe.practice.bands).length).toBeGreaterThan(0);
      if (!item) return;
      expect(parseItem(JSON.parse(JSON.stringify(item)))).toEqual(item);
      const nib = asNib(item);
      if (nib && handById(chosen.hand).basis === 'nib') expect(recipe.width).toBe(nib.width);
    },
  );

  it('of somebody who answers nothing is one all the same', async () => {
    const { recipe } = await begin({});
    expect(recipe.practice.bands.length).toBeGreaterThan(0);
  });

  it('goes by the scribe: paper and writing hand', async () => {
    const { recipe } = await begin({ tool: 'nib' }, { ...NOBODY, side: 'left', paper: 'letter' });
    expect(recipe.paper).toMatchObject({ format: 'letter', width: 215.9, mirrored: true });
  });

  it('is of the hand that is chosen instead', async () => {
    const { chosen, recipe } = await begin({ tool: 'nib', hand: 'uncial' });
    expect([chosen.hand, recipe.hand]).toEqual(['uncial', 'uncial']);
  });
});

it('the letters of a page are those with cells of their own, each once', () => {
  const bands = [
    bandOf('a', 'drill', 'zigzag'),
    bandOf('b', 'letter', 'n'),
    bandOf('c', 'letters', 'm n  h'),
    bandOf('d', 'word', 'moon'),
  ];
  expect(lettersOn(bands)).toEqual(['n', 'm', 'h']);
  expect(lettersOn([])).toEqual([]);
});
