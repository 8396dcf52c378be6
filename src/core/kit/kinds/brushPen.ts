import { risk } from '../verdict';
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
  softStart: {
    first: 'A small brush pen teaches thick and thin before a nib has to be mastered.',
    otherwise: risk(
      14,
      'A brush pen has no hairline as fine as a nib’s.',
      'Take a pointed nib once pressure is learned.',
    ),
  },
  onSurface: tipOnSurface('brush'),
  asks: ['flex', 'tip', 'hairline', 'colour'],
  held: 'Hold it slanted, so that the side of the tip makes the shade.',
  restart: 'Cap it and lay it tip down for an hour; if it stays dry it is used up.',
  test: () => 'Test: hairlines up, full press down, the point comes back each time.',
  putAway: [
    {
      id: 'cap',
      what: 'Wipe the tip on scrap until it is clean, bring it to a point, cap it, lay it flat.',
      why: 'A tip that dries bent stays bent.',
    },
  ],
  offers: () => [{ label: 'small hard brush pen', facts: { width: 3 } }],
});
