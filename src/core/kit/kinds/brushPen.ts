import { kindOfTool } from './kind';
import { tipOnSurface } from './shared';

/** A small brush with its own ink. */
export const brushPen = kindOfTool({
  id: 'brush-pen',
  name: 'brush pen',
  writes: ['brush', 'pointed'],
  firstFor: 'brush',
  nib: 'brush',
  edge: 'point',
  tops: 'round',
  supply: 'own',
  seated: false,
  wetness: 3,
  never: ['two rails', 'blob', 'beads'],
  onSurface: tipOnSurface('brush'),
  asks: ['flex', 'colour'],
  putAway: [
    {
      id: 'cap',
      what: 'Wipe the tip on scrap until it is clean, bring it to a point, cap it, lay it flat.',
      why: 'A tip that dries bent stays bent.',
    },
  ],
  offers: () => [{ label: 'small hard brush pen', facts: { width: 3 } }],
});
