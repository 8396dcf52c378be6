import { fails, good, risk } from '../verdict';
import { kindOfInk } from './kind';

/** Flakes of mica or metal with gum. */
export const metallic = kindOfInk({
  id: 'metallic',
  usual: { opacity: 4, waterproof: false },
  dries: 30,
  inside: {
    steel: undefined,
    cane: risk(4, 'Flakes stop in a narrow slit.', 'Take steel or a brush.'),
    glass: risk(5, 'Flakes stay in the grooves.', 'Stir at every dip, and wash it often.'),
    leaves: good(3, 'Flakes pass between open leaves; stir at every load.'),
    feed: fails('Flakes clog a pen’s feed.', 'Use a thin dye ink.'),
    plates: risk(14, 'Flakes settle between the plates and stay there.', 'Take a dip nib for metallic ink.'),
    hair: risk(2, 'Flakes sink: the stroke pales.', 'Stir at every dip.'),
  },
  mustNotDry: true,
  mixed: true,
  thinnedWith: 'distilled water, to thin cream, stirred at every dip',
  rinsing: {
    soon: 'At every pause, and when you stop',
    rinse: 'in water with a soft brush until no glitter is left',
    why: 'The flakes settle in the slit and spoil the next ink.',
  },
});
