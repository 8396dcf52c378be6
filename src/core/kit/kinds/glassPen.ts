import { good } from '../verdict';
import { kindOfTool } from './kind';
import { hardTipOnSurface } from './shared';

/** A tip of glass whose grooves hold the ink. */
export const glassPen = kindOfTool({
  id: 'glass-pen',
  name: 'glass pen',
  writes: ['monoline'],
  firstFor: 'monoline',
  nib: 'round',
  edge: 'point',
  tops: 'square',
  widths: [0.1, 1.5],
  supply: 'dipped',
  vessel: 'glass',
  // Its grooves hold more than a nib without a reservoir (estimate).
  load: 12,
  seated: false,
  never: ['two rails', 'no thick and thin', 'beads', 'ragged on one side'],
  oneLine: good(18, 'A glass pen writes one even line, whichever way it goes.'),
  onSurface: hardTipOnSurface('glass tip'),
  held: 'Hold it slanted and light, and turn it as it empties: one groove after the other gives its ink.',
  loading: {
    what: 'Dip to two thirds of the grooves, and touch the rim.',
    why: 'Above the grooves ink only drips.',
  },
  test: () => 'Test: a line of loops until it pales: so much one dip writes.',
  restart: 'Swirl it in clean water, dry it on a cloth, and dip again.',
  putAway: [
    {
      id: 'dry',
      what: 'Draw it over a damp cloth, turning it, and lay it where it cannot roll.',
      why: 'Its grooves hold ink, and it breaks.',
      caution: 'sharp',
    },
  ],
});
