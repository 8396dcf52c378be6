import { risk } from '../verdict';
import { kindOfTool } from './kind';
import { FED, hardTipOnSurface } from './shared';

/** A fountain pen whose point opens under pressure. */
export const flexibleFountainPen = kindOfTool({
  id: 'flexible-fountain-pen',
  name: 'flexible fountain pen',
  writes: ['pointed', 'monoline'],
  nib: 'pointed',
  edge: 'point',
  tops: 'square',
  tines: true,
  slit: true,
  widths: [0.3, 3],
  // Its tipping is rounder than the point of a dip nib (common values).
  hairline: 0.3,
  supply: 'cartridge',
  seated: false,
  never: ['beads'],
  suits: ({ purpose }) =>
    purpose === 'finished piece'
      ? risk(
          14,
          'Its hairline is coarser than a dip nib’s, and its ink thin.',
          'Take a pointed dip nib for a finished piece.',
        )
      : risk(
          6,
          'Its hairline is coarser than a dip nib’s.',
          'Practise with it; write what is kept with a pointed dip nib.',
        ),
  onSurface: hardTipOnSurface('point'),
  asks: ['flex', 'fitting', 'hairline'],
  ...FED,
  held: 'Hold it as a pointed nib, and press little: its feed follows slowly.',
  test: () => 'Test: ten shades in a row; where rails appear the feed is behind.',
});
