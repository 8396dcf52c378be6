import { plain } from '../../measure/units';
import { good, risk } from '../verdict';
import { kindOfTool } from './kind';
import { GRAPHITE } from './shared';

/** Two pencils bound side by side: their points draw the outlines of what an edge of that width would write. */
export const pencils = kindOfTool({
  id: 'pencils',
  name: 'two bound pencils',
  plural: true,
  writes: ['broad', 'monoline'],
  nib: 'two-point',
  edge: 'gap',
  firstWidths: [5, 15],
  firstWidth: (width, [low, high]) =>
    width >= low && width <= high
      ? good(10, `${plain(width)} mm between the points is a good gap to begin with.`)
      : risk(
          6,
          `${plain(width)} mm is ${width < low ? 'a narrow' : 'a wide'} gap to begin with.`,
          `Bind them ${low}–${high} mm apart.`,
        ),
  ...GRAPHITE,
  suits: ({ purpose }) =>
    purpose === 'first tries' || purpose === 'class' || purpose === 'drills'
      ? good(9, 'Two pencils are the cheapest way to learn the angle.')
      : risk(12, 'Two pencils leave outlines only.', 'Take a nib for a piece.'),
  prepare: ({ width }) => [
    {
      id: 'bind',
      what: `Lay two sharp pencils side by side, points level, with a slip of card or eraser between them until the points stand ${
        width === null ? 'as far apart as the stroke is to be wide' : `${plain(width)} mm apart`
      }; tape them at the top and near the points.`,
      why: 'The gap between the points is the width of the stroke.',
    },
    {
      id: 'level',
      what: 'Stand both points on the paper at the pen angle of the hand: both must touch.',
      why: 'A point that hangs in the air draws half a letter.',
    },
  ],
  test: ({ width }) =>
    `Test: a zigzag at the working angle; measure from middle to middle of the two lines${width === null ? '' : ` (${plain(width)} mm)`}.`,
  putAway: [
    {
      id: 'cap',
      what: 'Untape them, sharpen, and keep the slip of card with them.',
      why: 'The next page begins with sharp points.',
    },
  ],
});
