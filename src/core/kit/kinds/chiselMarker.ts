import { risk } from '../verdict';
import { kindOfTool } from './kind';
import { EDGE_ON_SURFACE } from './shared';

/** A marker with a bevelled tip: it has a slope where an edge should be. */
export const chiselMarker = kindOfTool({
  id: 'chisel-marker',
  name: 'chisel marker',
  writes: ['broad'],
  nib: 'broad',
  edge: 'cut',
  // A bevel is round where it touches (estimate).
  thickness: 0.8,
  firstWidths: [2, 5],
  supply: 'own',
  seated: false,
  anyPaper: true,
  never: ['two rails', 'blob', 'beads'],
  suits: () =>
    risk(
      16,
      'A bevelled tip has no edge: its line changes with how steeply it is held.',
      'Take a felt marker that is cut straight across.',
    ),
  onSurface: EDGE_ON_SURFACE,
  wornOut: risk(16, 'The felt is worn round.', 'Replace it.'),
  held: 'Hold it so steeply that the whole bevel lies on the paper.',
  restart: 'Cap it and lay it tip down for an hour; if it stays dry it is used up.',
  putAway: [{ id: 'cap', what: 'Cap it until it clicks, lay it flat.', why: 'The tip dries first.' }],
});
