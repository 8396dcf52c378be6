import { good, risk } from '../verdict';
import { kindOfTool } from './kind';
import { tipOnSurface } from './shared';

/** A brush of hair that comes to a point, dipped. */
export const pointedBrush = kindOfTool({
  id: 'pointed-brush',
  name: 'pointed brush',
  writes: ['brush', 'pointed'],
  nib: 'brush',
  edge: 'point',
  tops: 'round',
  widths: [0.5, 20],
  hairline: 0.4,
  supply: 'dipped',
  vessel: 'hair',
  // Hair holds several times what a nib does (estimate).
  load: 40,
  seated: false,
  never: ['two rails', 'beads', 'ragged on one side'],
  suits: ({ experience }) =>
    experience === 'beginner'
      ? risk(12, 'A brush of hair answers to every touch.', 'Learn on a small hard brush pen.')
      : good(5, 'A brush of hair swells as no felt tip does.'),
  softStart: {
    first: 'A small brush teaches thick and thin, at the price of much practice.',
    otherwise: risk(
      18,
      'A brush has no hairline as fine as a nib’s.',
      'Take a pointed nib once pressure is learned.',
    ),
  },
  onSurface: tipOnSurface('hair'),
  asks: ['flex', 'hairline'],
  held: 'Hold it nearly upright and away from the hair, the hand off the paper for large strokes.',
  prepare: () => [
    {
      id: 'wet',
      what: 'Wet the hair with clean water, press it out on a rag, and bring it to a point.',
      why: 'Dry hair takes ink in its root, where it never washes out.',
    },
  ],
  loading: {
    what: 'Load two thirds of the hair, and roll the point on the rim.',
    why: 'Ink in the ferrule spreads the hair.',
  },
  test: () => 'Test: hairline, full press, and back to the hairline, without a lift.',
  restart: 'Wash it in lukewarm water, bring it to a point, and load it again.',
  putAway: [
    {
      id: 'dry',
      what: 'Wash it with soap until the water is clear, bring it to a point, and dry it lying flat.',
      why: 'Standing on its hair or wet in the ferrule, it is ruined.',
    },
  ],
  offers: () => [{ label: 'pointed brush of hair', facts: { width: 4 } }],
});
