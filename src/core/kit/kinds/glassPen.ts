import { good } from '../verdict';
import { kindOfTool } from './kind';
import { tipOnSurface } from './shared';

/** A tip of glass whose grooves hold the ink. */
export const glassPen = kindOfTool({
  id: 'glass-pen',
  name: 'glass pen',
  writes: ['monoline'],
  firstFor: 'monoline',
  edge: 'point',
  tops: 'square',
  widths: [0.1, 1.5],
  supply: 'dipped',
  // Its grooves hold more than a nib without a reservoir (estimate).
  load: 12,
  seated: false,
  never: ['two rails', 'no thick and thin'],
  oneLine: good(18, 'A glass pen writes one even line, whichever way it goes.'),
  onSurface: tipOnSurface('glass tip'),
  putAway: [
    {
      id: 'dry',
      what: 'Draw it over a damp cloth, turning it, and lay it where it cannot roll.',
      why: 'Its grooves hold ink, and it breaks.',
      caution: 'sharp',
    },
  ],
});
