import { loadAllScripts } from '@/core/hands/scripts';
import { DEMO_BENCH } from '@/core/kit/demoBench';
import { DEMO_KNOWN, demoPages } from '@/core/practice/demoPages';
import { freshRecipe } from '@/core/sheet/defaults';
import type { Recipe } from '@/core/sheet/recipe';
import { pin, settle } from '@/core/sheet/solve';
import { countRows } from './backup';
import { saveItems } from './items';
import { saveRecord } from './records';
import { saveSheet } from './sheets';

/** The shelf of the Merrowdown Observatory's studio, preparing its winter open night; its bench is in the core. */
function demoSheets(): { id: string; name: string; recipe: Recipe }[] {
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
        aids: { ladder: 'line', gauge: false, letters: false, bars: true, header: false },
        title: 'Place cards',
      },
    },
    {
      id: 'demo-compare',
      name: 'Uncial with three nibs',
      recipe: { ...uncial, title: 'Uncial with three nibs', bands: [2, 3, 4] },
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

/** Fills an empty store; one with anything in it is left alone. */
export async function seedDemo(now: Date): Promise<void> {
  const rows = await countRows();
  if (rows.sheets + rows.items + rows.printers > 0) return;
  await loadAllScripts();
  await saveItems(DEMO_BENCH);
  let time = now.getTime() - 60_000;
  for (const sheet of demoSheets()) {
    time += 1000;
    await saveSheet({ ...sheet, recipe: JSON.stringify(sheet.recipe) }, new Date(time));
  }
  await saveRecord({
    id: 'known-italic',
    kind: 'known',
    data: JSON.stringify({ letters: DEMO_KNOWN, stressed: [] }),
    at: now.toISOString(),
  });
}
