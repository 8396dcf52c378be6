import { fails, good } from '../verdict';
import { kindOfInk } from './kind';

/** Soot in water with a binder, ready in the bottle. */
export const carbon = kindOfInk({
  id: 'carbon',
  usual: { opacity: 5, light: false },
  dries: 10,
  inside: {
    steel: good(5, 'Carbon ink is black, dense and lasting.'),
    cane: good(6, 'Carbon ink and a cut edge have gone together longest.'),
    glass: good(4, 'Carbon ink is black; rinse the grooves before it dries.'),
    leaves: good(6, 'Carbon ink is black, dense and lasting.'),
    feed: fails('Carbon clogs a pen’s feed.', 'Use a thin dye ink.'),
    plates: fails('Carbon dries hard between the plates and ruins the pen.', 'Use a thin dye ink.'),
    hair: good(6, 'Carbon ink is black, dense and lasting.'),
  },
  mustNotDry: true,
  firstToDip: true,
  thinnedWith: 'distilled water',
  rinsing: {
    soon: 'When you stop',
    rinse: 'in water with a soft brush',
    why: 'Dried carbon does not dissolve again.',
  },
});
