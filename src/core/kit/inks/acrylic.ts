import { fails, risk } from '../verdict';
import { kindOfInk } from './kind';

/** Pigment in a plastic binder. */
export const acrylic = kindOfInk({
  id: 'acrylic',
  usual: { opacity: 4, waterproof: true },
  dries: 15,
  inside: {
    steel: risk(5, 'Acrylic stains and clogs.', 'Dip only, and wash the nib at once.'),
    cane: risk(7, 'Acrylic sets in the slit.', 'Wash it at every pause; cut it again when it is clogged.'),
    glass: risk(5, 'Acrylic sets in the grooves.', 'Swirl it in water at every pause.'),
    leaves: risk(5, 'Acrylic sets between the leaves.', 'Open and wash them at every pause.'),
    feed: fails('Acrylic sets in a pen for good.', 'Use it with a dip nib, and wash at once.'),
    plates: fails('Acrylic sets between the plates for good.', 'Use it with a dip nib, and wash at once.'),
    hair: risk(
      8,
      'Acrylic sets in hair within minutes.',
      'Keep the brush wet, and wash it with soap at every pause.',
    ),
  },
  mustNotDry: true,
  sets: true,
  thinnedWith: 'water, a third at most: more breaks its binder',
  neverWith: 'gum arabic, shellac or alcohol',
  rinsing: {
    soon: 'At once, and every quarter of an hour while you write',
    rinse: 'in cold water with a little dish soap, before it dries',
    why: 'Dried acrylic is plastic: only a solvent takes it off.',
    caution: 'solvent',
  },
});
