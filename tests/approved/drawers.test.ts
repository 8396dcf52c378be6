import { expect, it } from 'vitest';
import { handById } from '@/core/hands/registry';
import { DEMO_BENCH } from '@/core/kit/demoBench';
import { firstList } from '@/core/kit/firstList';
import type { Item } from '@/core/kit/item';
import { match } from '@/core/kit/match';
import { type Need, needFor, USUAL_SCHOOLS } from '@/core/kit/need';
import { describePurchase, purchases } from '@/core/kit/purchase';

// Twenty drawers, from nothing to a teacher's two hundred things: what Kit says first, and what it would have bought.

const things = (...ids: readonly string[]): Item[] =>
  ids.map((id) => {
    const found = DEMO_BENCH.find((item) => item.id === id);
    if (!found) throw new Error(`The demo has no ${id}`);
    return found;
  });
const PADS = ['paper-smooth', 'paper-layout'] as const;
/** A school's cupboard: everything several times over. */
const cupboard: Item[] = Array.from({ length: 4 }, (_, i) =>
  DEMO_BENCH.map((item) => ({ ...item, id: `${item.id}-${i}`, label: `${item.label} (${i + 1})` })),
).flat();

const learner = { experience: 'beginner', purpose: 'first tries' } as const;
const DRAWERS: readonly (readonly [name: string, drawer: readonly Item[], need: Need])[] = [
  ['nothing, italic', [], needFor('italic', learner)],
  ['nothing, copperplate', [], needFor('copperplate', learner)],
  ['nothing, brush', [], needFor('brush', learner)],
  ['nothing, one line', [], needFor('monoline', learner)],
  ['nothing, Arabic', [], needFor('court', learner)],
  ['one dip nib and no more', things('square-3'), needFor('italic')],
  ['one felt marker on copy paper', things('felt-3-5', 'paper-copy'), needFor('italic', learner)],
  ['two pencils', things('two-pencils'), needFor('foundational', learner)],
  [
    'a soft pencil, learning pressure',
    things('pencil-soft'),
    needFor('copperplate', { ...learner, schools: { ...USUAL_SCHOOLS, firstPointed: 'soft' } }),
  ],
  ['a soft pencil, school of the stiff nib', things('pencil-soft'), needFor('copperplate', learner)],
  ['a fountain pen and its cartridges', things('cartridge-1-5', 'ink-cartridge', ...PADS), needFor('italic')],
  ['a plate pen and carbon ink alone', things('plate-4', 'ink-carbon', ...PADS), needFor('textura')],
  ['a plate pen, carbon and dye', things('plate-4', 'ink-carbon', 'ink-dye', ...PADS), needFor('textura')],
  [
    'a glass pen and every ink',
    [...things('glass', ...PADS), ...DEMO_BENCH.filter(({ kind }) => kind === 'ink')],
    needFor('monoline'),
  ],
  [
    'a white gel pen on night blue',
    things('gel-white', 'paper-night'),
    needFor('monoline', { purpose: 'finished piece' }),
  ],
  [
    'a fineliner on night blue',
    things('fineliner', 'paper-night'),
    needFor('monoline', { purpose: 'finished piece' }),
  ],
  [
    'a beginner’s set, left hand',
    things('square-2', 'left-2-3', 'holder-straight', 'ink-carbon', ...PADS),
    needFor('italic', { ...learner, side: 'left' }),
  ],
  [
    'a pointed set without a holder that fits',
    things('elbow', 'holder-oblique', 'ink-carbon', ...PADS),
    needFor('copperplate'),
  ],
  [
    'a flexible fountain pen',
    things('fountain-flexible', 'ink-dye', ...PADS),
    needFor('copperplate', { purpose: 'finished piece' }),
  ],
  [
    'a teacher’s cupboard, a class',
    cupboard,
    needFor('uncial', { purpose: 'class', experience: 'beginner' }),
  ],
  [
    'a teacher’s cupboard, a panel',
    cupboard,
    needFor('textura', { purpose: 'finished piece', experience: 'practised', bodyMm: 20 }),
  ],
];

it('of twenty drawers Kit says first what was approved', async () => {
  const lines = DRAWERS.flatMap(([name, drawer, need]) => {
    const { ranked, refused } = match(need, drawer);
    const [best] = ranked;
    const [bought, ...later] = purchases(need, drawer);
    const { tool, holder, ink, paper } = best?.kit ?? {};
    const kit = [tool, holder, ink, paper].flatMap((item) => item?.label ?? []).join(', ');
    const list = best
      ? []
      : [
          `  begin with: ${firstList(need)
            .things.map(({ what }) => what)
            .join('; ')}`,
        ];
    return [
      `${name} (${drawer.length} things; ${handById(need.hand).name}, ${need.purpose}, ${need.experience}, ${need.side})`,
      ...(best ? [`  ${best.verdict}: ${kit}`] : ['  nothing to write with']),
      ...(best?.reasons ?? []).map(({ reason }) => `    + ${reason}`),
      ...(best?.risks ?? []).slice(0, 3).map(({ reason, cure }) => `    − ${reason} ${cure ?? ''}`.trimEnd()),
      ...(best?.unknown ?? []).slice(0, 2).map(({ what }) => `    ? ${what}`),
      ...list,
      ...(bought ? [`  would be bettered by: ${describePurchase(bought)}`] : ['  nothing need be bought']),
      ...later.map((next) => `    after that: ${describePurchase(next)}`),
      ...refused
        .slice(0, 2)
        .map(({ items, reason }) => `  × ${items.map(({ label }) => label).join(' with ')}: ${reason}`),
      '',
    ];
  });
  await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('./values/kit.drawers.txt');
});
