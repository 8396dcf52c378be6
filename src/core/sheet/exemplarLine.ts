import type { Typeface } from '../type/face';
import { ornamented } from '../type/ornament';
import type { SetLine } from '../type/placed';
import { setLine } from '../type/setLine';
import type { Sheet } from './sheet';

/** The exemplar as the recipe has it: letters touched by hand, the line ornamented. Only its first `until` characters. */
export const exemplarLine = (
  { exemplar, touches, writing, capitalsOnly }: Sheet,
  face: Typeface,
  until = exemplar.length,
): SetLine => {
  const text = exemplar.slice(0, until);
  return ornamented(face, setLine(face, capitalsOnly ? text.toUpperCase() : text, touches), writing);
};
