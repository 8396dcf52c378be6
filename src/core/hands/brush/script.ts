import { cursiveLetters } from '../../hand/cursive/alphabet';
import { cursiveBounce } from '../../hand/cursive/bounce';
import { cursivePitch, cursiveTail } from '../../hand/cursive/tails';
import { pressedAccents } from '../../hand/pressed/accents';
import type { Script } from '../../hand/script';

export const script: Script = {
  letters: cursiveLetters,
  marks: pressedAccents,
  spacing: { white: 0.36, capitalWhite: 0.42, depth: 1.2, leastGap: 0.3, clear: 0.4, wordSpace: 0.75 },
  pitch: cursivePitch,
  kerning: [],
  join: cursiveTail,
  bounce: cursiveBounce,
};
