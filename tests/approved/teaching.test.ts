import { expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import type { DrawingNode } from '@/core/drawing/drawing';
import { HANDS } from '@/core/hands/registry';
import { checksFor, type Theme } from '@/core/practice/criteria';
import { buildDrill, drillsFor } from '@/core/practice/drills';
import { groundOf } from '@/core/practice/ground';
import { lessonsOf, warmUpFor } from '@/core/practice/lessons';
import { remarks } from '@/core/sheet/remarks';
import { ruleSheet } from '@/core/sheet/rule';
import { digest } from '../support/digest';

const THEMES: readonly Theme[] = ['strokes', 'letters', 'capitals', 'words', 'sentences', 'ruling'];

const textsIn = (nodes: readonly DrawingNode[], role: string): string[] =>
  nodes.flatMap((node) => {
    if (node.kind !== 'group') return [];
    if (node.role !== role) return textsIn(node.children, role);
    return node.children.flatMap((child) => (child.kind === 'text' ? [child.text] : []));
  });

/** Which drill a family grows out of, what is compared, what the gauge shows, how each drill is written. */
it.each(HANDS.map(({ id }) => id))('%s is taught as was approved', async (hand) => {
  const recipe = freshRecipe(hand);
  const ground = groundOf(recipe, { size: 1, held: false });
  const lines = [
    `warm-up: ${warmUpFor(recipe)}`,
    ...lessonsOf(ground).map(
      ({ family, letters, case: of, drill }) => `${of} ${family}: ${letters.join(' ')} from ${drill}`,
    ),
    ...THEMES.flatMap((theme) => checksFor(theme, recipe).map((say) => `compare ${theme}: ${say}`)),
    `gauge: ${textsIn(ruleSheet(recipe).nodes, 'gauge').join(' ')}`,
    ...drillsFor(recipe).map((drill) => {
      const { strokes } = buildDrill(drill, ground);
      const drawn = strokes.map(({ name, knots }) => ({ name, knots }));
      return `drill ${drill.id}: ${strokes.length} strokes ${digest(drawn)}`;
    }),
    ...remarks({ ...recipe, zones: { ...recipe.zones, body: recipe.zones.body * 2 }, penAngle: 80 }).map(
      ({ tone, text }) => `${tone}: ${text}`,
    ),
  ];
  await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot(`./values/${hand}.teaching.txt`);
});
