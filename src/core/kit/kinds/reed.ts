import { risk } from '../verdict';
import { kindOfTool } from './kind';
import { EDGE_ON_SURFACE } from './shared';

/** A reed or bamboo, cut by hand. */
export const reed = kindOfTool({
  id: 'reed',
  name: 'reed pen',
  writes: ['broad'],
  nib: 'broad',
  edge: 'cut',
  // Blunter than a quill (estimate).
  thickness: 0.3,
  slit: true,
  widths: [1, 30],
  firstWidths: [3, 6],
  supply: 'dipped',
  vessel: 'cane',
  // Our own estimate: its hollow holds little more than a quill's.
  load: 5,
  seated: false,
  never: ['two rails', 'beads'],
  suits: ({ experience }) =>
    experience === 'beginner'
      ? risk(6, 'A reed must be cut and cut again.', 'Learn on steel or felt.')
      : undefined,
  onSurface: EDGE_ON_SURFACE,
  held: 'Hold it low, its cut face down, the whole edge on the paper.',
  prepare: () => [
    {
      id: 'soak',
      what: 'Stand the cut end of a dry reed in water for ten minutes, then wipe it.',
      why: 'Dry reed drinks the first ink and splits.',
    },
    {
      id: 'cut',
      what: 'Trim the edge with a sharp knife, cutting away from you on a cut-proof surface.',
      why: 'A ragged edge writes ragged.',
      caution: 'knife',
    },
  ],
  loading: {
    what: 'Brush ink under the edge, or dip to half the scoop and touch the rim.',
    why: 'A full scoop lets go of all its ink at the first touch.',
  },
  restart: 'Wipe it, touch the edge to water, and load it again.',
  putAway: [
    {
      id: 'dry',
      what: 'Shake it dry and lay it flat; do not stand it in water.',
      why: 'Wet reed goes soft and grows mould.',
    },
  ],
});
