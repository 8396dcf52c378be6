import type { Recipe } from '@/core/document/recipe';
import { signed } from '@/core/measure/units';
import { LIMITS } from '@/core/problem/limits';
import { handOf } from '@/core/setting/handOf';
import { Slider } from '../fields/Slider';

type Change = (recipe: Recipe) => Recipe;
type White = 'letterSpace' | 'wordSpace';

/** White between letters and between words of a sheet, beyond the hand's own; a hand joined at its ports has white between words only. */
export function WhiteSliders({
  recipe,
  preview,
  commit,
}: {
  recipe: Recipe;
  preview: (change: Change) => void;
  commit: (change: Change) => void;
}) {
  const kinds: readonly White[] =
    handOf(recipe).basis === 'dots' ? ['wordSpace'] : ['letterSpace', 'wordSpace'];
  return kinds.map((kind) => {
    const to =
      (value: number): Change =>
      (now) => ({ ...now, writing: { ...now.writing, [kind]: value } });
    const { label, low, high, step } = LIMITS[kind];
    return (
      <Slider
        key={kind}
        name={label}
        value={recipe.writing[kind]}
        low={low}
        high={high}
        step={step}
        shown={inWords}
        onDrag={(value) => preview(to(value))}
        onLetGo={(value) => commit(to(value))}
      />
    );
  });
}

const inWords = (value: number): string =>
  value === 0 ? 'the hand’s own' : `${signed(100 * value, 0)} % of the body`;
