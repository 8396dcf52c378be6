import { expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { demoPages } from '@/core/document/demoPages';
import type { Recipe } from '@/core/document/recipe';
import type { DrawingNode } from '@/core/drawing/drawing';
import { HANDS } from '@/core/hands/registry';
import { compose, drawPage } from '@/core/practice/compose';
import { planCourse, USUAL_COURSE } from '@/core/practice/course/course';
import { drawPackPage, layPack } from '@/core/practice/course/draw';
import { tenMinutePage } from '@/core/practice/tenMinutes';
import { settle } from '@/core/sheet/solve';
import { DRAWN } from '../support/drawnHands';
import { outlined } from '../support/outlined';
import { WORDS } from '../support/practice';

const textsOf = (nodes: readonly DrawingNode[]): string[] =>
  nodes.flatMap((node) =>
    node.kind === 'group' ? textsOf(node.children) : node.kind === 'text' ? [node.text] : [],
  );

it('practice pages are drawn as was approved', async () => {
  const pages: readonly (readonly [string, Recipe])[] = [
    ...demoPages().map(({ name, recipe }) => [name, recipe] as const),
    ...HANDS.map(({ id }): readonly [string, Recipe] => {
      const recipe = freshRecipe(id);
      const bands = [...tenMinutePage(recipe, new Set(), WORDS)];
      return [`ten minutes of ${id}`, { ...recipe, practice: { bands } }];
    }),
  ];
  const lines = pages.flatMap(([name, recipe]) => {
    const composed = compose(recipe);
    return [
      `${name}: ${recipe.practice.bands.map(({ what }) => `${what.kind} ${what.of}`.trim()).join(' | ')}`,
      ...composed.pages.flatMap((_, i) => {
        const [page, ...roles] = outlined(drawPage(composed, i));
        return [`  page ${i + 1}, ${page}`, ...roles];
      }),
      ...composed.remarks.map(({ band, text }) => `  ${band}: ${text}`),
    ];
  });
  await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('./values/pages.txt');
});

it.each(DRAWN)('a course in %s is planned and printed as was approved', async (hand) => {
  // Zones that all differ, so that none can be printed for another.
  const fresh = freshRecipe(hand);
  const recipe = settle({ ...fresh, zones: { ...fresh.zones, ascender: fresh.zones.ascender * 0.9 } });
  const planning = planCourse(recipe, USUAL_COURSE, WORDS);
  let step = planning.next();
  while (!step.done) step = planning.next();
  const pack = layPack(recipe, step.value);
  const lines = step.value.pages.flatMap(({ title, bands, checks }) => [
    title,
    ...bands.map(({ what }) => `  ${what.kind} ${what.of}`.trimEnd()),
    ...checks.map((say) => `  compare: ${say}`),
  ]);
  const pages = step.value.pages.length + 2;
  const drawings = Array.from({ length: pages }, (_, i) => drawPackPage(pack, i));
  const front = drawings.slice(0, 2).flatMap(({ nodes }) => textsOf(nodes));
  const all = [...lines, ...drawings.flatMap((page, i) => [`page ${i + 1}`, ...outlined(page)]), ...front];
  await expect(`${all.join('\n')}\n`).toMatchFileSnapshot(`./values/${hand}.course.txt`);
});
