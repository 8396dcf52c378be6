import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { demoSheets } from '@/core/document/demoSheets';
import type { Recipe } from '@/core/document/recipe';
import type { Drawing } from '@/core/drawing/drawing';
import { HANDS } from '@/core/hands/registry';
import { bandOf } from '@/core/practice/bands/bandOf';
import { compose, drawPage } from '@/core/practice/compose';
import { USUAL_COURSE } from '@/core/practice/course/course';
import { frontPages } from '@/core/practice/course/front';
import { ruleSheet } from '@/core/sheet/rule';

/** Every colour a drawing holds, wherever it stands. */
const coloursIn = (drawing: Drawing): Set<string> =>
  new Set(
    JSON.stringify(drawing)
      .match(/"#[0-9a-fA-F]{6}"/g)
      ?.map((found) => found.slice(1, -1).toLowerCase()),
  );

/** Pale cyan, or the white that takes the inside out of an outline: what a scanner can be told to leave out. */
function dropsOut(colour: string): boolean {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => Number.parseInt(colour.slice(at, at + 2), 16) / 255);
  const [most, least] = [Math.max(r, g, b), Math.min(r, g, b)];
  if (least === 1) return true;
  const hue = 60 * (4 + (r - g) / (most - least));
  return most === b && hue > 180 && hue < 210 && (most + least) / 2 > 0.6;
}

/** The marks a photograph is read by are black: they are not to drop out. */
const unmarked = (drawing: Drawing): Drawing => ({
  ...drawing,
  nodes: drawing.nodes.filter((node) => node.kind !== 'group' || node.role !== 'marks'),
});

const stranger = (drawing: Drawing) =>
  [...coloursIn(unmarked(drawing))].filter((colour) => !dropsOut(colour));
const dropped = (recipe: Recipe): Recipe => ({ ...recipe, tint: 'drop-out' });

describe('a page in drop-out tint holds colours that drop out only', () => {
  it.each(HANDS.map(({ id }) => id))(
    '%s: a ruled sheet, a practice page of every kind, the front of a pack',
    (hand) => {
      const recipe = { ...dropped(freshRecipe(hand)), exemplar: 'nn' };
      expect(stranger(ruleSheet(recipe))).toEqual([]);
      const letter = HANDS.find(({ id }) => id === hand)?.rightToLeft ? 'ب' : 'n';
      const bands = [
        bandOf('a', 'letter', letter, { guided: true }),
        bandOf('b', 'picture', 'comet', { guided: true }),
        bandOf('c', 'drill', 'ovals', { guided: true }),
        bandOf('d', 'word', 'no such letter: ж', { tint: 'full' }),
        bandOf('e', 'letter', letter, { ink: 'skeleton', tint: 'middle' }),
        bandOf('f', 'ruling', ''),
      ];
      const composed = compose(recipe, { bands, checks: ['Stems are parallel.'] });
      for (const [i] of composed.pages.entries())
        expect(stranger(drawPage(composed, i)), `page ${i + 1}`).toEqual([]);
      const course = { options: USUAL_COURSE, pages: [{ title: 'Strokes', bands, checks: [] }], left: ['q'] };
      for (const page of frontPages(recipe, course)) expect(stranger(page)).toEqual([]);
    },
  );

  it('the demo sheets too', () => {
    for (const { name, recipe } of demoSheets())
      expect(stranger(ruleSheet(dropped(recipe))), name).toEqual([]);
  });
});
