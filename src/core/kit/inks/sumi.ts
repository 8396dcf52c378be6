import { fails, good } from '../verdict';
import { kindOfInk } from './kind';

/** Soot and animal glue, ground from a stick on a stone. */
export const sumi = kindOfInk({
  id: 'sumi',
  usual: { opacity: 5, light: false },
  dries: 10,
  inside: {
    steel: good(4, 'Ground stick ink is black and fine.'),
    cane: good(6, 'Ground stick ink is black and fine.'),
    glass: good(3, 'Ground stick ink is black; rinse the grooves before it dries.'),
    leaves: good(5, 'Ground stick ink is black and fine.'),
    feed: fails('Soot and glue clog a pen’s feed.', 'Use a thin dye ink.'),
    plates: fails('Soot and glue dry hard between the plates.', 'Use a thin dye ink.'),
    hair: good(8, 'Stick ink and hair are made for each other.'),
  },
  mustNotDry: true,
  thinnedWith: 'distilled water',
  neverWith: 'yesterday’s ink: its glue spoils; grind it fresh',
  rinsing: {
    soon: 'When you stop',
    rinse: 'in water with a soft brush, the stone too',
    why: 'Dried soot and glue do not dissolve again.',
  },
});
