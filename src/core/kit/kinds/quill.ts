import { risk } from '../verdict';
import { kindOfTool } from './kind';
import { EDGE_ON_SURFACE } from './shared';

/** A feather, cut by hand. */
export const quill = kindOfTool({
  id: 'quill',
  name: 'quill',
  writes: ['broad'],
  nib: 'broad',
  edge: 'cut',
  // Blunter than steel (estimate).
  thickness: 0.2,
  slit: true,
  firstWidths: [3, 6],
  supply: 'dipped',
  vessel: 'cane',
  // Less than a steel nib (estimate).
  load: 4,
  seated: false,
  never: ['two rails', 'beads'],
  suits: ({ experience }) =>
    experience === 'beginner' ? risk(10, 'A quill must be cut and cut again.', 'Learn on steel.') : undefined,
  onSurface: EDGE_ON_SURFACE,
  held: 'Hold it light: the barrel flexes.',
  loading: {
    what: 'Brush ink under the edge, or dip to half the scoop and touch the rim.',
    why: 'A full scoop lets go of all its ink at the first touch.',
  },
  restart: 'Wipe it, touch the edge to water, and load it again.',
  prepare: () => [
    {
      id: 'cut',
      what: 'Trim the edge with a sharp knife, cutting away from you on a cut-proof surface.',
      why: 'A ragged edge writes ragged.',
      caution: 'knife',
    },
  ],
  putAway: [
    {
      id: 'dry',
      what: 'Shake it dry and lay it flat; do not stand it in water.',
      why: 'Barrel and edge go soft.',
    },
  ],
});
