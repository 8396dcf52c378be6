import { expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import type { Recipe } from '@/core/document/recipe';
import { HANDS } from '@/core/hands/registry';
import { ruleSheet } from '@/core/sheet/rule';
import { pin, settle } from '@/core/sheet/solve';
import { DRAWN } from '../support/drawnHands';
import { outlined } from '../support/outlined';

const withPaper = (recipe: Recipe, paper: Partial<Recipe['paper']>): Recipe =>
  settle({ ...recipe, paper: { ...recipe.paper, ...paper } });

const sheets: readonly (readonly [string, Recipe])[] = [
  ...HANDS.flatMap(({ id, schools }) =>
    schools.map(({ id: school }) => [`${id}, ${school}`, freshRecipe(id, school)] as const),
  ),
  ...DRAWN.map(
    (id) => [`${id} with an exemplar`, { ...freshRecipe(id), exemplar: 'aurora at dusk' }] as const,
  ),
  ['two columns, left-handed', withPaper(freshRecipe('italic'), { columns: 2, mirrored: true })],
  ['a card', withPaper(pin(freshRecipe('italic'), 'width', 1.5), { format: 'card-a7', sideways: true })],
  ['three nibs', { ...freshRecipe('uncial'), nibs: [2, 3, 4] }],
  ['drop-out tint', { ...freshRecipe('italic'), tint: 'drop-out', exemplar: 'dome' }],
  ['capitals only', { ...freshRecipe('italic'), capitalsOnly: true, exemplar: 'dome' }],
  ['seven lines', pin(freshRecipe('textura'), 'lines', 7)],
];

it('sheets are drawn as was approved', async () => {
  const lines = sheets.flatMap(([name, recipe]) => {
    const [page, ...roles] = outlined(ruleSheet(recipe));
    return [`${name}: ${page}`, ...roles];
  });
  await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('./values/sheets.txt');
});
