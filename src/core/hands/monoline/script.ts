import { cursiveLetters } from '../../hand/cursive/alphabet';
import { cursiveBounce } from '../../hand/cursive/bounce';
import { cursivePitch, cursiveTail } from '../../hand/cursive/tails';
import { pressedAccents } from '../../hand/pressed/accents';
import type { Script } from '../../hand/script';

/** The letters of the pressed hands in one line; where downstrokes are doubled, everything makes room for it. */
export const script: Script = {
  letters: cursiveLetters,
  marks: pressedAccents,
  spacing: { white: 0.4, capitalWhite: 0.46, depth: 1.2, leastGap: 0.3, clear: 0.4, wordSpace: 0.85 },
  pitch: cursivePitch,
  kerning: [],
  join: cursiveTail,
  bounce: cursiveBounce,
};
