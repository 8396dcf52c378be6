import { good, risk } from '../verdict';
import { kindOfTool } from './kind';
import { DRY_STEEL, dipNibSuits, USUAL_SHANK } from './shared';

/** A steel nib with two tines that open under pressure. */
export const pointedNib = kindOfTool({
  id: 'pointed-nib',
  name: 'pointed nib',
  writes: ['pointed', 'monoline'],
  firstFor: 'pointed',
  nib: 'pointed',
  edge: 'point',
  tops: 'square',
  tines: true,
  slit: true,
  widths: [0.1, 3],
  supply: 'dipped',
  seated: true,
  // Its tines tire sooner than an edge wears (common teaching value).
  hoursDue: 25,
  never: [],
  suits: dipNibSuits,
  onSurface: [
    good(9, 'A very smooth sheet lets the tines glide.'),
    good(6, 'A smooth sheet suits a point.'),
    risk(12, 'Fibres of a textured sheet snag between the tines.', 'Take a smooth, sized paper.'),
    risk(24, 'A rough sheet catches the tines and spatters.', 'Take a smooth, sized paper.'),
  ],
  asks: ['flex', 'bent', 'hairline'],
  test: () => 'Test: hairlines up, shades down, both sides of each shade smooth.',
  putAway: [DRY_STEEL],
  offers: () =>
    (['stiff', 'semi-flexible', 'flexible'] as const).map((flex) => ({
      label: `${flex} pointed nib`,
      facts: { width: 0.8, flex, coated: true, ...USUAL_SHANK },
    })),
});
