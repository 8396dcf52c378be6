import { ENDINGS, type Endings } from '@/core/type/endings';
import type { Typeface } from '@/core/type/face';
import { OneOf } from '../fields/OneOf';

/** How often words and lines end in a shape made for that; nothing for a hand that has none. */
export function EndingsChoice({
  face,
  value,
  onChoose,
}: {
  face: Typeface;
  value: Endings;
  onChoose: (endings: Endings) => void;
}) {
  const has = [...face.shapes.values()]
    .flat()
    .some(({ letter: { context } }) => context === 'word-end' || context === 'line-end');
  if (!has) return null;
  return (
    <label className="flex items-center justify-between gap-2 text-sm">
      Endings of words and lines
      <OneOf className="select select-sm w-28" choices={ENDINGS} value={value} onChoose={onChoose} />
    </label>
  );
}
