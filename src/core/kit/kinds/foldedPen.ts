import { risk } from '../verdict';
import { kindOfTool } from './kind';
import { hardTipOnSurface } from './shared';

/** A folded sheet of metal with a curved belly: a hairline on its tip, a wide stroke on its side. */
export const foldedPen = kindOfTool({
  id: 'folded-pen',
  name: 'folded pen',
  writes: ['brush'],
  edge: 'point',
  tops: 'round',
  widths: [0.2, 20],
  supply: 'dipped',
  vessel: 'leaves',
  // Its fold holds much more than a nib (estimate).
  load: 30,
  seated: false,
  flood: 1.4,
  never: ['two rails', 'beads', 'ragged on one side'],
  suits: ({ experience, purpose }) =>
    experience === 'beginner' || purpose === 'drills'
      ? risk(
          14,
          'A folded pen answers to every turn of the hand: it makes gestures, not forms.',
          'Learn on a brush pen.',
        )
      : undefined,
  onSurface: hardTipOnSurface('metal tip'),
  held: 'Hold it low with the fold upwards: upright for a hairline, on its belly for a wide stroke.',
  loading: {
    what: 'Dip the fold to half its height, or drip ink into it, and touch the rim.',
    why: 'A full fold lets go of all its ink at once.',
  },
  test: () => 'Test: one stroke from tip to belly and back.',
  restart: 'Draw a strip of wet paper through the fold, and load it again.',
  putAway: [
    {
      id: 'dry',
      what: 'Draw wet paper through the fold, then dry paper, and let it lie open.',
      why: 'Ink in the fold dries where no brush reaches.',
      caution: 'sharp',
    },
  ],
});
