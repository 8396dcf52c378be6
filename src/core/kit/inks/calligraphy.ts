import { good, risk } from '../verdict';
import { kindOfInk } from './kind';

/** A dense ink sold for lettering: dye or fine pigment with a binder. */
export const calligraphy = kindOfInk({
  id: 'calligraphy',
  usual: { opacity: 4, light: false },
  dries: 8,
  inside: {
    steel: good(5, 'Calligraphy ink is dense enough for a dip nib.'),
    cane: good(5, 'Calligraphy ink is dense enough for a cut edge.'),
    glass: good(5, 'Calligraphy ink stands well in the grooves.'),
    leaves: good(5, 'Calligraphy ink stays between the leaves.'),
    feed: risk(8, 'Dense calligraphy ink can clog a feed.', 'Flush the pen often, or use a dye ink.'),
    plates: risk(
      8,
      'Dense calligraphy ink can dry between the plates.',
      'Flush the pen often, or use a dye ink.',
    ),
    hair: good(3, 'Calligraphy ink flows well from hair.'),
  },
  thinnedWith: 'distilled water',
  rinsing: {
    soon: 'When you stop',
    rinse: 'in water with a soft brush',
    why: 'Its binder sticks once it is dry.',
  },
});
