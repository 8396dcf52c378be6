import type { Nib } from '@/core/kit/nib';
import { freshRecipe } from '@/core/sheet/defaults';
import type { Recipe } from '@/core/sheet/recipe';
import { pin, settle } from '@/core/sheet/solve';
import { countRows } from './backup';
import { saveNib } from './nibs';
import { saveSheet } from './sheets';

/** The drawer and shelf of the Merrowdown Observatory's studio, preparing its winter open night. */
const squareCut = (width: number, uncertainty: number | null = null): Nib => ({
  id: `square-${String(width).replace('.', '-')}`,
  kind: 'broad',
  label: `${width} mm square-cut nib`,
  width,
  uncertainty,
  measuredAt: uncertainty === null ? null : '2026-11-02T10:00:00.000Z',
});

export const DEMO_NIBS: readonly Nib[] = [
  ...[1, 1.5, 2].map((width) => squareCut(width)),
  squareCut(2.4, 0.04),
  ...[3, 3.5, 4, 5, 6].map((width) => squareCut(width)),
  {
    id: 'pointed-stiff',
    kind: 'pointed',
    label: 'stiff pointed nib',
    width: 0.7,
    uncertainty: null,
    measuredAt: null,
  },
  {
    id: 'pointed-flexible',
    kind: 'pointed',
    label: 'flexible pointed nib',
    width: 1.2,
    uncertainty: null,
    measuredAt: null,
  },
  {
    id: 'brush-small',
    kind: 'brush',
    label: 'small hard brush pen',
    width: 3,
    uncertainty: null,
    measuredAt: null,
  },
  {
    id: 'two-pencils',
    kind: 'two-point',
    label: 'two bound pencils',
    width: 7.5,
    uncertainty: 0.35,
    measuredAt: '2026-11-02T10:00:00.000Z',
  },
];

function demoSheets(): { id: string; name: string; recipe: Recipe }[] {
  const withPaper = (recipe: Recipe, paper: Partial<Recipe['paper']>): Recipe =>
    settle({ ...recipe, paper: { ...recipe.paper, ...paper } });
  const italic = freshRecipe('italic');
  const uncial = freshRecipe('uncial');
  return [
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
  if (rows.sheets + rows.nibs + rows.printers > 0) return;
  for (const nib of DEMO_NIBS) await saveNib(nib);
  let time = now.getTime() - 60_000;
  for (const sheet of demoSheets()) {
    time += 1000;
    await saveSheet({ ...sheet, recipe: JSON.stringify(sheet.recipe) }, new Date(time));
  }
}
