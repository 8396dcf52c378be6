import 'server-only';
import type { Recipe } from '@/core/document/recipe';
import type { HandId } from '@/core/hands/registry';
import { withBands } from '@/core/practice/edit';
import { Problem } from '@/core/problem/problem';
import type { OwnLetter } from '@/core/setting/letterSet';
import { pageOfSteps } from '@/core/study/page';
import type { TodayStep } from '@/core/study/today';
import type { Unit } from '@/core/study/unit';
import { ownLettersFor } from './ownLettersFor';
import { courseIn, todayOf } from './today';

/** A sheet with the bands of a session's steps; steps the hand does not teach are left out. */
export function withSteps(
  recipe: Recipe,
  steps: readonly Omit<TodayStep, 'kind' | 'name'>[],
  curriculum: readonly Unit[],
  own: readonly OwnLetter[],
): Recipe {
  const shown = steps.flatMap((step) => {
    const unit = curriculum.find(({ key }) => key === step.unit);
    return unit ? [{ ...step, unit }] : [];
  });
  return withBands(recipe, pageOfSteps(recipe, shown, own));
}

/** An empty sheet with the page that Today asks for in its hand, and why it asks for it; the sheet as it was where that asks for nothing, or does not fit. */
export async function withTodaysPage(recipe: Recipe): Promise<{ recipe: Recipe; why?: string }> {
  const hand: HandId = recipe.hand;
  const [{ steps, why }, { curriculum }, own] = await Promise.all([
    todayOf({ hand }, new Date()),
    courseIn(hand),
    ownLettersFor(hand),
  ]);
  try {
    const laid = withSteps(recipe, steps, curriculum, own);
    return laid.practice.bands.length > 0 ? { recipe: laid, why } : { recipe };
  } catch (error) {
    if (!(error instanceof Problem)) throw error;
    return { recipe };
  }
}
