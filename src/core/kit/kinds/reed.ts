import { risk } from '../verdict';
import { kindOfTool } from './kind';
import { CUT_BY_HAND, TRIM } from './shared';

/** A reed or bamboo, cut by hand. */
export const reed = kindOfTool({
  id: 'reed',
  name: 'reed pen',
  writes: ['broad'],
  nib: 'broad',
  edge: 'cut',
  // Blunter than a quill (estimate).
  thickness: 0.3,
  widths: [1, 30],
  firstWidths: [3, 6],
  ...CUT_BY_HAND,
  // Our own estimate: its hollow holds little more than a quill's.
  load: 5,
  suits: ({ experience }) =>
    experience === 'beginner'
      ? risk(6, 'A reed must be cut and cut again.', 'Learn on steel or felt.')
      : undefined,
  held: 'Hold it low, its cut face down, the whole edge on the paper.',
  prepare: () => [
    {
      id: 'soak',
      what: 'Stand the cut end of a dry reed in water for ten minutes, then wipe it.',
      why: 'Dry reed drinks the first ink and splits.',
    },
    TRIM,
  ],
  putAway: [
    {
      id: 'dry',
      what: 'Shake it dry and lay it flat; do not stand it in water.',
      why: 'Wet reed goes soft and grows mould.',
    },
  ],
});
