import { risk } from '../verdict';
import { kindOfTool } from './kind';
import { CUT_BY_HAND, TRIM } from './shared';

/** A feather, cut by hand. */
export const quill = kindOfTool({
  id: 'quill',
  name: 'quill',
  writes: ['broad'],
  nib: 'broad',
  edge: 'cut',
  // Blunter than steel (estimate).
  thickness: 0.2,
  firstWidths: [3, 6],
  ...CUT_BY_HAND,
  // Less than a steel nib (estimate).
  load: 4,
  suits: ({ experience }) =>
    experience === 'beginner' ? risk(10, 'A quill must be cut and cut again.', 'Learn on steel.') : undefined,
  held: 'Hold it light: the barrel flexes.',
  prepare: () => [TRIM],
  putAway: [
    {
      id: 'dry',
      what: 'Shake it dry and lay it flat; do not stand it in water.',
      why: 'Barrel and edge go soft.',
    },
  ],
});
