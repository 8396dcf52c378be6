import { USUAL_CONTRAST } from '../hand/bases/shared';

/** Default writing options; contrast and joins come from the hand. */
export const PLAIN_WRITING = {
  contrast: USUAL_CONTRAST,
  joined: false,
  letterSpace: 0,
  wordSpace: 0,
  endings: 'plain' as const,
  bounce: 0,
  mixed: false,
  rising: 0,
  signs: false,
  fillers: false,
  variants: {},
};
