import type { Mm } from '../measure/units';
import { type BandKindId, kindOf } from '../practice/bands/registry';
import type { Ground } from '../practice/ground';
import type { Subject } from '../practice/subject';
import type { UnitKind } from './unit';

/** The band a unit is practised in. */
const BAND: Readonly<Record<UnitKind, BandKindId>> = {
  stroke: 'drill',
  letter: 'letter',
  rhythm: 'line',
  join: 'pair',
  word: 'word',
};

/** Width of a line on the screen: long enough for any text. */
const ROOM: Mm = 1000;

/** What a unit looks like as it is written, and what is said of it; undefined where the hand cannot write it. */
export const shownAs = (ground: Ground, kind: UnitKind, text: string): Subject | undefined =>
  kindOf(BAND[kind]).subjects?.(ground, text, ROOM).subjects[0];
