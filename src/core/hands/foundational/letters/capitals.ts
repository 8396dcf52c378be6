import { capitals } from '../../../hand/broad/capitals';
import type { FoundationalParts } from '../parts';

/** Capitals: Roman in their proportions, written with the pen of the small letters. */
export const foundationalCapitals = ({ m, turn }: FoundationalParts) =>
  capitals(m, m.C + m.half(), {
    bar: turn.bar,
    level: turn.level,
    diagonal: turn.diagonal,
    rising: turn.rising,
    thinStem: turn.thinStem,
    tail: turn.tail,
    tailEnd: turn.tailEnd,
  });
