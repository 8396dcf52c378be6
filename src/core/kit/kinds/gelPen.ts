import { good, risk } from '../verdict';
import { kindOfTool } from './kind';
import { hardTipOnSurface } from './shared';

/** A ball with opaque gel: light colours show on dark paper. */
export const gelPen = kindOfTool({
  id: 'gel-pen',
  name: 'gel pen',
  writes: ['monoline'],
  nib: 'round',
  edge: 'point',
  tops: 'round',
  widths: [0.2, 2],
  supply: 'own',
  covers: true,
  seated: false,
  anyPaper: true,
  never: ['two rails', 'beads', 'no thick and thin', 'ragged on one side'],
  suits: ({ purpose }) =>
    purpose === 'finished piece'
      ? risk(8, 'Gel smears for minutes and skips on curves.', 'Take a nib for a finished piece.')
      : undefined,
  oneLine: good(11, 'A gel pen writes one even line.'),
  onSurface: hardTipOnSurface('ball'),
  asks: ['colour'],
  held: 'Hold it upright: the ball must roll.',
  test: () => 'Test: loops both ways; wipe the ball when it carries a blob.',
  restart: 'Write loops on scrap with the point straight down; warm the tip in the hand.',
  putAway: [{ id: 'cap', what: 'Cap it and lay it flat.', why: 'Air at the ball stops the gel.' }],
});
