import type { Letter, Measures } from '../letter';
import { capitals } from './capitals';
import { lowercase } from './lowercase';
import { marks } from './marks';

/** The whole alphabet of copperplate. */
export const copperplateLetters = (m: Measures): Letter[] => [...lowercase(m), ...capitals(m), ...marks(m)];
