import { plain } from '../../measure/units';
import { good, risk } from '../verdict';
import { kindOfTool } from './kind';
import { EDGE_FOR_ONE_LINE, EDGE_ON_SURFACE, FED } from './shared';

/** A fountain pen with a cut edge. */
export const cartridgePen = kindOfTool({
  id: 'cartridge-pen',
  name: 'cartridge pen',
  writes: ['broad', 'monoline'],
  nib: 'broad',
  edge: 'cut',
  // Its edge is rounded so that it glides (estimate).
  thickness: 0.15,
  widths: [0.3, 6],
  firstWidths: [1.5, 2.5],
  supply: 'cartridge',
  seated: false,
  never: ['two rails', 'beads'],
  suits: ({ purpose }) => {
    switch (purpose) {
      case 'envelope':
        return good(8, 'A cartridge pen keeps its flow over a whole set of envelopes.');
      case 'class':
        return good(3, 'A cartridge pen needs no pots on the tables.');
      case 'finished piece':
        return risk(4, 'Cartridge ink is thin.', 'Take a dip nib and dense ink.');
      default:
        return good(4, 'A cartridge pen is ready at once.');
    }
  },
  oneLine: EDGE_FOR_ONE_LINE,
  onSurface: EDGE_ON_SURFACE,
  asks: ['fitting'],
  ...FED,
  held: 'Hold it slanted, the whole edge on the paper.',
  offers: ({ width, side }) => [
    {
      label: `cartridge pen with a ${plain(width)} mm nib`,
      facts: {
        width,
        cut: side === 'left' ? 'left-oblique' : 'square',
        fitting: 'converter',
      },
    },
  ],
});
