import { good, risk } from '../verdict';
import { kindOfInk } from './kind';

/** Brown crystals dissolved in water: pales and darkens along a stroke. */
export const walnut = kindOfInk({
  id: 'walnut',
  usual: { opacity: 2, waterproof: false, light: false },
  dries: 6,
  inside: {
    steel: good(4, 'Walnut ink flows easily and shows where strokes begin and end.'),
    cane: good(6, 'Walnut ink shows the character of a cut edge.'),
    glass: good(5, 'Walnut ink pales along a load as glass shows best.'),
    leaves: good(3, 'Walnut ink shows where strokes begin and end.'),
    feed: risk(14, 'Walnut ink leaves crystals in a feed.', 'Use a dye ink of its colour.'),
    plates: risk(8, 'Walnut ink leaves crystals between the plates.', 'Wash the pen the same day.'),
    hair: good(4, 'Walnut ink flows well from hair.'),
  },
  thinnedWith: 'distilled water',
  rinsing: {
    soon: 'When you stop',
    rinse: 'in warm water until it runs clear',
    why: 'It dissolves again, but crystals in the slit hold the next dip back.',
  },
});
