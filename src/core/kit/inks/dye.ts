import { good, risk } from '../verdict';
import { kindOfInk } from './kind';

/** A dye in water: what fountain pens are filled with. */
export const dye = kindOfInk({
  id: 'dye',
  usual: { opacity: 2, waterproof: false, light: false },
  dries: 5,
  inside: {
    steel: risk(4, 'Dye ink is thin for a dip nib.', 'Add a drop of gum arabic, in a separate pot.'),
    cane: risk(3, 'Dye ink is thin for a cut edge.', 'Add a drop of gum arabic, in a separate pot.'),
    glass: good(6, 'A thin ink flows long from the grooves.'),
    leaves: risk(4, 'Thin ink runs out between the leaves.', 'Load little, or take a denser ink.'),
    feed: good(8, 'A thin dye ink is what such a pen is made for.'),
    plates: good(8, 'A thin dye ink flows between the plates and washes out again.'),
    hair: good(2, 'Dye ink washes out of hair.'),
  },
  wantsGum: true,
  fades: true,
  thinnedWith: 'distilled water',
  rinsing: {
    soon: 'When you stop',
    rinse: 'in clean water until it runs clear',
    why: 'It washes out, but crystals left in the slit hold the next dip back.',
  },
});
