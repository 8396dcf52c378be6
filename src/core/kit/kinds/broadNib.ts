import { plain } from '../../measure/units';
import { kindOfTool } from './kind';
import { DRY_STEEL, dipNibSuits, EDGE_ON_SURFACE, USUAL_SHANK } from './shared';

/** A steel nib with a cut edge, pushed into a holder and dipped. */
export const broadNib = kindOfTool({
  id: 'broad-nib',
  name: 'broad nib',
  writes: ['broad'],
  firstFor: 'broad',
  nib: 'broad',
  edge: 'cut',
  slit: true,
  widths: [0.3, 30],
  supply: 'dipped',
  seated: true,
  // Common teaching value.
  hoursDue: 60,
  never: ['two rails'],
  suits: dipNibSuits,
  onSurface: EDGE_ON_SURFACE,
  putAway: [DRY_STEEL],
  offers: ({ width, side }) => [
    {
      label: `${plain(width)} mm ${side === 'left' ? 'left-oblique' : 'square-cut'} nib`,
      facts: {
        width,
        cut: side === 'left' ? 'left-oblique' : 'square',
        cutDegrees: side === 'left' ? 15 : 0,
        reservoir: true,
        coated: true,
        ...USUAL_SHANK,
      },
    },
  ],
});
