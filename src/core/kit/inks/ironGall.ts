import { good, risk } from '../verdict';
import { kindOfInk } from './kind';

/** Iron salt and tannin: pale at first, black as it takes up air. */
export const ironGall = kindOfInk({
  id: 'iron gall',
  usual: { opacity: 4, waterproof: true, light: false },
  dries: 8,
  inside: {
    steel: risk(2, 'Iron gall is acidic.', 'Rinse steel at once and dry it.'),
    cane: good(5, 'Iron gall does nothing to a feather or a reed: they were made for each other.'),
    glass: good(5, 'The acid of iron gall does nothing to glass.'),
    leaves: risk(3, 'Iron gall eats the metal.', 'Open, wipe and dry it at once.'),
    feed: risk(12, 'Iron gall eats a pen’s metal.', 'Flush with water after every use.'),
    plates: risk(
      12,
      'Iron gall eats the plates, and its sediment stays between them.',
      'Flush with water after every use.',
    ),
    hair: risk(6, 'Its acid makes hair brittle.', 'Rinse it at once, or take carbon ink.'),
  },
  mustNotDry: true,
  corrodes: true,
  thinnedWith: 'distilled water',
  neverWith: 'chalk, alkaline cleaners or other inks: the iron falls out of it',
  rinsing: {
    soon: 'Within minutes',
    rinse: 'in plenty of clean water, then dry it well',
    why: 'Its acid eats metal, and its sediment clogs a slit.',
  },
});
