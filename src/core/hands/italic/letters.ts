import type { Letter, Measures } from '../letter';
import { capitals } from './capitals';
import { lowercase } from './lowercase';
import { marks } from './marks';
import { swashCapitals } from './swash';
import { variants } from './variants';

/** The whole alphabet of italic: small letters, capitals, figures and marks. */
export const italicLetters = (m: Measures): Letter[] => [
  ...lowercase(m),
  ...variants(m),
  ...capitals(m),
  ...swashCapitals(m),
  ...marks(m),
];
