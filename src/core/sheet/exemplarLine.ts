import type { Typeface } from '../type/face';
import { ornamented } from '../type/ornament';
import type { SetLine } from '../type/placed';
import { setLine } from '../type/setLine';
import type { Sheet } from './sheet';

/** The exemplar of a recipe, with manual changes and ornaments; only the text from `from` until `until`. */
export const exemplarLine = (
  { exemplar, touches, writing, capitalsOnly }: Sheet,
  face: Typeface,
  until = exemplar.length,
  from = 0,
): SetLine => {
  const text = exemplar.slice(from, until);
  const moved = from === 0 ? touches : touches.map((touch) => ({ ...touch, at: touch.at - from }));
  const mine = moved.filter(({ at }) => at >= 0 && at < text.length);
  return ornamented(face, setLine(face, capitalsOnly ? text.toUpperCase() : text, mine), writing);
};
