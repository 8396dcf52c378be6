import { fails, good, risk } from '../verdict';
import { kindOfInk } from './kind';
import { OF_PIGMENT } from './shared';

/** Opaque pigment with gum, from the tube, mixed with water. */
export const gouache = kindOfInk({
  id: 'gouache',
  usual: { opacity: 5, waterproof: false },
  dries: 15,
  inside: {
    steel: undefined,
    cane: risk(2, 'Gouache stops in a narrow slit.', 'Thin it a little more than for steel.'),
    glass: risk(6, 'Gouache stays in the grooves.', 'Thin it to milk, or take a ruling pen.'),
    leaves: good(6, 'Gouache as thick as cream stays between the leaves.'),
    feed: fails('Gouache clogs a pen’s feed.', 'Use a thin dye ink.'),
    plates: risk(
      3,
      'Gouache runs between plates only when it is as thin as milk.',
      'Thin it, and wash the pen the same hour.',
    ),
    hair: good(3, 'Gouache covers well from hair.'),
  },
  mustNotDry: true,
  mixed: true,
  thinnedWith: 'distilled water, to thin cream',
  rinsing: OF_PIGMENT,
});
