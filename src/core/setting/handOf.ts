import { type Hand, inSchool } from '../hand/hand';
import { handById } from '../hands/registry';
import type { Setting } from './setting';

/** The hand of a setting, with its school's values in place. */
export function handOf({ hand, school }: Pick<Setting, 'hand' | 'school'>): Hand {
  const key = `${hand} ${school}`;
  let known = taught.get(key);
  if (!known) {
    known = inSchool(handById(hand), school);
    taught.set(key, known);
  }
  return known;
}

/** Asked for at every step of a layout; there are a few dozen at most, as settings name only schools that exist. */
const taught = new Map<string, Hand>();
