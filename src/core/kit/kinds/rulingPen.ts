import { plain } from '../../measure/units';
import { good, risk } from '../verdict';
import { kindOfTool } from './kind';
import { hardTipOnSurface } from './shared';

/** Two jaws of steel with a screw: the line is as wide as they stand apart. */
export const rulingPen = kindOfTool({
  id: 'ruling-pen',
  name: 'ruling pen',
  writes: ['monoline'],
  nib: 'round',
  edge: 'point',
  tops: 'square',
  widths: [0.1, 3],
  supply: 'dipped',
  vessel: 'leaves',
  // A drop between the jaws, about 5 mm high (estimate).
  load: 20,
  seated: false,
  never: ['two rails', 'no thick and thin', 'beads', 'ragged on one side'],
  suits: ({ purpose }) =>
    purpose === 'finished piece'
      ? good(6, 'A ruling pen draws any ink or gouache as an even line.')
      : risk(4, 'A ruling pen is slow to fill.', 'Take a fineliner or a glass pen for practice.'),
  oneLine: good(8, 'A ruling pen draws one even line, as wide as its jaws are set.'),
  onSurface: hardTipOnSurface('steel tip'),
  held: 'Hold it upright, both jaws on the paper; on its side it makes a wide, lively stroke.',
  prepare: ({ width }) => [
    {
      id: 'jaws',
      what: `Set the screw${width === null ? '' : ` to a line of ${plain(width)} mm`} and draw a line on scrap.`,
      why: 'The gap between the jaws is the width of the line.',
    },
  ],
  loading: {
    what: 'Put a drop between the jaws with a brush or dropper, 5 mm high at most, and wipe the outsides.',
    why: 'Dipped, it is wet outside and blots along the ruler.',
  },
  test: () => 'Test: a line along a ruler, and one without; both edges of it smooth.',
  restart: 'Draw a strip of wet paper between the jaws, and fill it again.',
  putAway: [
    {
      id: 'dry',
      what: 'Open the screw, wipe both jaws inside, and leave it open.',
      why: 'Ink between closed jaws rusts them and springs the screw.',
      caution: 'sharp',
    },
  ],
});
