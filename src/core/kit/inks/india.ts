import { fails, good, risk } from '../verdict';
import { kindOfInk } from './kind';

/** Carbon bound with shellac: waterproof once dry. */
export const india = kindOfInk({
  id: 'india',
  usual: { opacity: 5, waterproof: true, light: false },
  dries: 10,
  inside: {
    steel: good(2, 'India ink is black and waterproof; rinse before it dries.'),
    cane: risk(
      3,
      'Shellac stays in the slit of a cut edge.',
      'Rinse it at every pause; cut it again when it is clogged.',
    ),
    glass: risk(3, 'Dried shellac blocks the grooves.', 'Swirl it in water at every pause.'),
    leaves: risk(2, 'Dried shellac sticks the leaves together.', 'Open and wipe them at every pause.'),
    feed: fails('India ink holds shellac: it sets in a pen and never comes out.', 'Use a thin dye ink.'),
    plates: fails(
      'India ink holds shellac: it sets between the plates and never comes out.',
      'Use a thin dye ink.',
    ),
    hair: risk(
      14,
      'Shellac sets in hair and spreads the point for good.',
      'Take carbon ink; keep an old brush for shellac.',
    ),
  },
  mustNotDry: true,
  sets: true,
  thinnedWith: 'distilled water, little of it',
  neverWith: 'other inks: shellac curdles in acid',
  rinsing: {
    soon: 'At once, and at every pause',
    rinse: 'in lukewarm water with a little ammonia-free glass cleaner or dish soap',
    why: 'Dried shellac stays in slit and reservoir.',
  },
});
