import { NOBODY } from '@/core/about/about';
import type { ChosenNib } from '@/core/document/chosenNib';
import { codeOf, keptFrom } from '@/core/document/keptPage';
import { nibStrip } from '@/core/document/nibStrip';
import type { HandId } from '@/core/hands/registry';
import { loadScript } from '@/core/hands/scripts';
import { compose } from '@/core/practice/compose';
import type { PrintedForTest } from './pages';

/** The printed strip of a nib as it is believed to be. */
export async function stripOf(hand: HandId, nib: ChosenNib & { dipped?: boolean }): Promise<PrintedForTest> {
  await loadScript(hand);
  const recipe = nibStrip(NOBODY, hand, { dipped: true, ...nib, label: 'a nib' });
  const page = keptFrom(compose(recipe, { bands: recipe.practice.bands }), 0);
  return { page, code: codeOf('STRPSTRP12', page) };
}
