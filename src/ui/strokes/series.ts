import type { Recipe } from '@/core/document/recipe';
import { isPressed } from '@/core/hand/hand';
import { clamp, plain, signed } from '@/core/measure/units';
import { amount } from '@/core/measure/words';
import { LIMITS } from '@/core/problem/limits';
import { handOf } from '@/core/setting/handOf';
import type { OwnLetter } from '@/core/setting/letterSet';
import { recipeTypeface } from '@/core/setting/settingFace';
import type { Compared } from './compare';

/** One property of the writing, at several values. */
export const SERIES = {
  angle: 'several pen angles',
  slope: 'several slopes',
  contrast: 'several contrasts',
  body: 'several weights',
} as const;
export type SeriesId = keyof typeof SERIES;

const isSeries = (id: string): id is SeriesId => Object.hasOwn(SERIES, id);

/** Steps off the value of the sheet: far enough apart to be told at a glance. */
const STEPS: Readonly<Record<SeriesId, readonly number[]>> = {
  angle: [-20, -10, 0, 15],
  slope: [-6, 0, 6, 12],
  contrast: [-4, 0, 4, 8],
  body: [-1.5, 0, 1.5, 3],
};

/** The series that mean something for a hand. */
export function seriesFor(recipe: Recipe): SeriesId[] {
  const hand = handOf(recipe);
  return (Object.keys(SERIES) as SeriesId[]).filter((id) => {
    if (id === 'angle') return hand.penAngle !== null;
    if (id === 'contrast') return isPressed(hand);
    if (id === 'body') return hand.basis === 'nib';
    return !hand.rightToLeft;
  });
}

/** The sheet with one value changed, and what it is then called. */
function changed(
  recipe: Recipe,
  id: Exclude<SeriesId, 'angle'>,
  step: number,
): { recipe: Recipe; name: string } {
  const hand = handOf(recipe);
  switch (id) {
    case 'slope': {
      const slope = clamp(recipe.slope + step, LIMITS.slope.low, LIMITS.slope.high);
      const name = hand.tool === 'pointed' ? `slant ${plain(90 - slope, 0)}°` : `slope ${plain(slope, 0)}°`;
      return { recipe: { ...recipe, slope }, name };
    }
    case 'contrast': {
      const contrast = clamp(recipe.writing.contrast + step, LIMITS.contrast.low, LIMITS.contrast.high);
      return {
        recipe: { ...recipe, writing: { ...recipe.writing, contrast } },
        name: `1 : ${plain(contrast)}`,
      };
    }
    case 'body': {
      const body = clamp(recipe.zones.body + step, LIMITS.body.low + 1, LIMITS.body.high);
      return { recipe: { ...recipe, zones: { ...recipe.zones, body } }, name: amount(body, 'nib width') };
    }
  }
}

/**
 * A letter with its whole plan of angles turned by the same: strokes that have an angle of their own are turned as far as
 * those at the hand's.
 */
function turnedPens(recipe: Recipe, character: string, own: readonly OwnLetter[]): readonly Compared[] {
  const face = recipeTypeface(recipe, { own });
  const cut = face?.letters.get(character);
  if (!face || !cut || face.pen.kind !== 'broad') return [];
  const { pen } = face;
  return STEPS.angle.map((step) => {
    const angle = pen.angle + step;
    const name =
      step === 0
        ? `pen at ${plain(angle, 0)}°`
        : `${plain(angle, 0)}°, every angle ${step > 0 ? '+' : ''}${signed(step, 0)}°`;
    return { face, cut, pen: { ...pen, angle }, name };
  });
}

/** A letter at several values of one property, each named; values with equal results appear once. */
export function seriesOf(
  id: string,
  recipe: Recipe,
  character: string,
  own: readonly OwnLetter[],
): readonly Compared[] {
  if (!isSeries(id)) return [];
  if (id === 'angle') return turnedPens(recipe, character, own);
  const seen = new Set<string>();
  return STEPS[id].flatMap((step): Compared[] => {
    const { recipe: varied, name } = changed(recipe, id, step);
    if (seen.has(name)) return [];
    seen.add(name);
    const face = recipeTypeface(varied, { own });
    const cut = face?.letters.get(character);
    return face && cut ? [{ face, cut, pen: face.pen, name }] : [];
  });
}
