import type { Letter, Measures } from '../letter';
import { family, type Shapes } from '../notation';
import { marks } from '../pressed/marks';
import { capitals } from './capitals';
import { CURSIVE_FAMILIES } from './families';
import { figures } from './figures';
import { capitalPairs, smallPairs } from './pairs';
import { cursiveParts } from './parts';
import { compounds, looped, others, ovals, underTurns } from './small';

/** Sharpness of the swelling: its width follows the fall of the way to this power. */
const SWELL = 1.6;

/** The alphabet of a round cursive hand. */
export function cursiveLetters(m: Measures): Letter[] {
  const parts = cursiveParts(m, SWELL);
  const { oval, stem, pointed } = capitals(parts);
  const shapes: Record<(typeof CURSIVE_FAMILIES)[number]['name'], Shapes> = {
    'under-turn': underTurns(parts),
    oval: ovals(parts),
    compound: compounds(parts),
    loop: looped(parts),
    others: others(parts),
    pairs: smallPairs(parts),
    'capitals: oval': oval,
    'capitals: stem': stem,
    'capitals: pointed': pointed,
    'capital pairs': capitalPairs(parts),
    figures: figures(parts),
    marks: marks(m),
  };
  return CURSIVE_FAMILIES.flatMap(({ name }) => family(name, shapes[name]));
}
