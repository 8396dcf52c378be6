import { type Hand, inSchool } from '../hand/hand';
import { handById } from '../hands/registry';
import { lru, perObject } from '../memo/memo';
import type { Setting } from './setting';

/** The hand of a setting, with its school's values in place. */
export const handOf = ({ hand, school }: Pick<Setting, 'hand' | 'school'>): Hand =>
  taughtIn(handById(hand))(school, () => inSchool(handById(hand), school));

/** Cache of hands by school: every step of a layout asks for one. */
const MOST_SCHOOLS = 16;
const taughtIn = perObject((_: Hand) => lru<Hand>(MOST_SCHOOLS));
