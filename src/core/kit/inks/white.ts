import { fails, good, risk } from '../verdict';
import { kindOfInk } from './kind';
import { OF_PIGMENT } from './shared';

/** Opaque white with gum, for dark paper and for corrections. */
export const white = kindOfInk({
  id: 'white',
  usual: { opacity: 4, waterproof: false, light: true },
  dries: 15,
  inside: {
    steel: risk(
      2,
      'White is heavy: it sinks in the pot and pales.',
      'Stir at every dip, and thin it to cream.',
    ),
    cane: risk(3, 'White stops in a narrow slit.', 'Thin it a little more than for steel.'),
    glass: risk(5, 'White stays in the grooves.', 'Thin it to milk.'),
    leaves: good(4, 'White as thick as cream stays between the leaves.'),
    feed: fails('White pigment clogs a pen’s feed.', 'Take a white gel pen or paint pen, or dip.'),
    plates: risk(
      10,
      'White pigment settles between the plates.',
      'Thin it to milk, and wash the pen the same hour.',
    ),
    hair: good(3, 'White covers well from hair.'),
  },
  mustNotDry: true,
  mixed: true,
  thinnedWith: 'distilled water, to thin cream',
  rinsing: OF_PIGMENT,
});
