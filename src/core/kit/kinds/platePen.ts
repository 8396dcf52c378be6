import { risk } from '../verdict';
import { kindOfTool } from './kind';
import { EDGE_ON_SURFACE, FED } from './shared';

/** Two flat plates that hold the ink between them, for large letters. */
export const platePen = kindOfTool({
  id: 'plate-pen',
  name: 'flat twin-plate pen',
  writes: ['broad'],
  nib: 'broad',
  edge: 'cut',
  widths: [1, 40],
  firstWidths: [3, 6],
  supply: 'dropper',
  seated: false,
  flood: 1.6,
  never: ['two rails', 'beads'],
  suits: ({ purpose }) =>
    purpose === 'envelope'
      ? risk(10, 'A plate pen lays more ink than an envelope bears.', 'Take a nib or a marker.')
      : undefined,
  onSurface: EDGE_ON_SURFACE,
  asks: ['fitting'],
  ...FED,
  held: 'Both plates lie flat on the paper; on a corner it makes a hairline.',
  restart: 'Touch the edge to water and draw a wet edge on scrap; if it stays dry, flush it.',
});
