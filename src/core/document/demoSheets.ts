import { pin, settle } from '../sheet/solve';
import { freshRecipe } from './defaults';
import { demoPages } from './demoPages';
import type { Recipe } from './recipe';

/** The shelf of the Merrowdown Observatory's studio, preparing its winter open night. */
export function demoSheets(): { id: string; name: string; recipe: Recipe }[] {
  const withPaper = (recipe: Recipe, paper: Partial<Recipe['paper']>): Recipe =>
    settle({ ...recipe, paper: { ...recipe.paper, ...paper } });
  const italic = freshRecipe('italic');
  const uncial = freshRecipe('uncial');
  return [
    ...demoPages(),
    {
      id: 'demo-placecards',
      name: 'Place cards for the open night',
      recipe: {
        ...withPaper(pin(freshRecipe('italic', 'small-writing'), 'width', 1.5), {
          format: 'card-a7',
          sideways: true,
        }),
        aids: { ladder: 'line', gauge: false, letters: false, bars: true, header: false, marks: 'none' },
        title: 'Place cards',
      },
    },
    {
      id: 'demo-compare',
      name: 'Uncial with three nibs',
      recipe: { ...uncial, title: 'Uncial with three nibs', nibs: [2, 3, 4] },
    },
    {
      id: 'demo-copperplate',
      name: 'Copperplate drills, 6 mm body',
      recipe: {
        ...withPaper(freshRecipe('copperplate'), { sideways: true }),
        title: 'Copperplate drills',
        exemplar: 'Merrowdown at dusk',
      },
    },
    {
      id: 'demo-roman',
      name: 'Dome inscription, capitals',
      recipe: { ...freshRecipe('roman'), title: 'Dome inscription', tint: 'strong' },
    },
    {
      id: 'demo-italic',
      name: 'Aurora captions in italic',
      recipe: { ...italic, title: 'Aurora captions', exemplar: 'aurora at dusk' },
    },
  ];
}
