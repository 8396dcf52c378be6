import { USUAL_CONTRAST } from '../hand/bases/shared';

/** Writing as it is where nothing is asked for; the hand has its own contrast and joins. */
export const PLAIN_WRITING = {
  contrast: USUAL_CONTRAST,
  joined: false,
  bounce: 0,
  mixed: false,
  rising: 0,
  signs: false,
  fillers: false,
  variants: {},
};
