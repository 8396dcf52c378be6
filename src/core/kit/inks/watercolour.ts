import { fails, good, risk } from '../verdict';
import { kindOfInk } from './kind';

/** Transparent pigment with gum, from pan or tube. */
export const watercolour = kindOfInk({
  id: 'watercolour',
  usual: { opacity: 1, waterproof: false, light: false },
  dries: 8,
  inside: {
    steel: risk(
      3,
      'Watercolour is pale and uneven from a nib.',
      'Mix it strong, and brush it under the nib.',
    ),
    cane: risk(
      3,
      'Watercolour is pale and uneven from a cut edge.',
      'Mix it strong, and brush it under the edge.',
    ),
    glass: risk(3, 'Watercolour is pale from glass.', 'Mix it strong.'),
    leaves: good(3, 'Watercolour mixed strong stays between the leaves.'),
    feed: fails('The gum and pigment of watercolour clog a pen’s feed.', 'Use a thin dye ink.'),
    plates: risk(
      6,
      'Pigment of watercolour settles between the plates.',
      'Mix it thin, and wash the pen the same hour.',
    ),
    hair: good(5, 'Watercolour is made for hair.'),
  },
  mixed: true,
  thinnedWith: 'water',
  rinsing: {
    soon: 'When you stop',
    rinse: 'in water with a soft brush',
    why: 'Dried gum holds the next dip back; it dissolves again.',
  },
});
