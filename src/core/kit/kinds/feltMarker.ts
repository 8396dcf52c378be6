import { plain } from '../../measure/units';
import { good, risk } from '../verdict';
import { kindOfTool } from './kind';
import { EDGE_FOR_ONE_LINE, EDGE_ON_SURFACE } from './shared';

/** A marker with an edge of felt. */
export const feltMarker = kindOfTool({
  id: 'felt-marker',
  name: 'felt marker',
  writes: ['broad', 'monoline'],
  nib: 'broad',
  edge: 'cut',
  // Felt is blunter than steel (estimate).
  thickness: 0.3,
  firstWidths: [2, 5],
  supply: 'own',
  seated: false,
  anyPaper: true,
  never: ['two rails', 'blob', 'beads'],
  suits: ({ purpose }) => {
    switch (purpose) {
      case 'finished piece':
        return risk(14, 'Felt has no sharp edge, and its dye fades.', 'Take a dip nib for a finished piece.');
      case 'class':
      case 'first tries':
        return good(14, 'A felt marker is cheap, clean and ready: good for a class.');
      case 'envelope':
        return good(2, 'A felt marker writes on almost any paper.');
      default:
        return undefined;
    }
  },
  oneLine: EDGE_FOR_ONE_LINE,
  onSurface: EDGE_ON_SURFACE,
  wornOut: risk(16, 'The felt is worn hollow, its corners flared.', 'Press the edge back, or replace it.'),
  held: 'Hold it so that the whole edge lies on the paper, its marked face up.',
  restart: 'Cap it and lay it tip down for an hour; if it stays dry it is used up.',
  prepare: () => [
    {
      id: 'mark',
      what: 'Mark the upper face of the felt.',
      why: 'The round barrel hides the angle of the edge.',
    },
  ],
  putAway: [
    {
      id: 'cap',
      what: 'Press the edge flat on scrap, cap it until it clicks, lay it flat.',
      why: 'The edge dries first, and its corners flare.',
    },
  ],
  offers: ({ width }) => [{ label: `${plain(width)} mm broad marker`, facts: { width, cut: 'square' } }],
});
