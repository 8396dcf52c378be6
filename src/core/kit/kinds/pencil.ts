import { good, risk } from '../verdict';
import { kindOfTool } from './kind';
import { GRAPHITE } from './shared';

/** One pencil, on its point or its side. */
export const pencil = kindOfTool({
  id: 'pencil',
  name: 'pencil',
  writes: ['monoline', 'pointed'],
  nib: 'round',
  edge: 'point',
  tops: 'round',
  widths: [0.2, 6],
  ...GRAPHITE,
  suits: ({ purpose }) =>
    purpose === 'first tries' || purpose === 'class'
      ? good(8, 'A pencil costs next to nothing and forgives: what is wrong is rubbed out.')
      : purpose === 'drills'
        ? good(3, 'A pencil is quick to draw with.')
        : risk(18, 'Pencil rubs off.', 'Take ink for what is kept; pencil the layout.'),
  oneLine: good(10, 'A sharp pencil writes one line, and can be rubbed out.'),
  softStart: {
    first: 'A soft pencil (2B to 6B) shows pressure as dark and light before a nib has to be mastered.',
    otherwise: risk(
      16,
      'A pencil shows pressure as dark and light, and makes no shade.',
      'Take a pointed nib once pressure is learned.',
    ),
  },
  asks: ['lead'],
  held: 'On its point for lines and letters; on its side for shading.',
  prepare: ({ lead }) => [
    {
      id: 'sharpen',
      what: `Sharpen it${lead === null ? ': H to HB for lines that erase, 2B to 6B to practise pressure' : ''}.`,
      why: 'A blunt point is as wide as a nib.',
    },
  ],
  test: () => 'Test: a light line and a dark one; both rub out without a trace.',
  putAway: [
    {
      id: 'cap',
      what: 'Sharpen it, and lay the kneaded eraser with it.',
      why: 'The next page begins with a sharp point.',
    },
  ],
  offers: () => [{ label: 'soft pencil, 4B', facts: { width: 0.7, lead: '4B' } }],
});
