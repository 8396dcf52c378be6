import { good } from '../verdict';
import { kindOfTool } from './kind';
import { tipOnSurface } from './shared';

/** A felt tip fed with opaque paint by a valve. */
export const paintPen = kindOfTool({
  id: 'paint-pen',
  name: 'paint pen',
  writes: ['monoline'],
  nib: 'round',
  edge: 'point',
  tops: 'round',
  widths: [0.5, 15],
  supply: 'own',
  covers: true,
  wetness: 3,
  seated: false,
  anyPaper: true,
  never: ['two rails', 'beads', 'no thick and thin', 'ragged on one side'],
  suits: ({ purpose }) =>
    purpose === 'envelope'
      ? good(6, 'A paint pen covers any envelope, and rain does not run it.')
      : undefined,
  oneLine: good(9, 'A paint pen writes one opaque line.'),
  onSurface: tipOnSurface('felt tip'),
  asks: ['colour'],
  held: 'Hold it slanted, and do not pump it over the sheet.',
  prepare: () => [
    {
      id: 'shake',
      what: 'Shake it capped until the ball rattles freely, then pump the tip on scrap.',
      why: 'Pigment sinks; the first paint is clear.',
    },
  ],
  test: () => 'Test: a line on scrap of the same paper: does it cover, and does it stay even?',
  restart: 'Shake it capped, then pump the tip on scrap until paint comes.',
  putAway: [
    { id: 'cap', what: 'Wipe the tip, cap it, lay it flat.', why: 'Paint that dries in the felt stays.' },
  ],
});
