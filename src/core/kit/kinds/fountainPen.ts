import { good, risk } from '../verdict';
import { kindOfTool } from './kind';
import { FED, hardTipOnSurface } from './shared';

/** A fountain pen with a round point: F, M or B. */
export const fountainPen = kindOfTool({
  id: 'fountain-pen',
  name: 'fountain pen with a round point',
  writes: ['monoline'],
  nib: 'round',
  edge: 'point',
  tops: 'round',
  widths: [0.2, 2],
  supply: 'cartridge',
  seated: false,
  never: ['two rails', 'beads', 'no thick and thin', 'ragged on one side'],
  suits: ({ purpose }) =>
    purpose === 'finished piece'
      ? risk(6, 'Fountain pen ink is thin, and much of it fades.', 'Take a glass pen and dense ink.')
      : good(4, 'A fountain pen is ready at once.'),
  oneLine: good(12, 'A round point writes one even line.'),
  onSurface: hardTipOnSurface('round point'),
  asks: ['fitting'],
  ...FED,
  held: 'Hold it slanted, the top of the nib upwards.',
  test: () =>
    'Test: a line of loops; measure its width. Grades are no measure: far-eastern F and M are about a size finer.',
  offers: () => [{ label: 'fountain pen with a medium point', facts: { width: 0.6, fitting: 'converter' } }],
});
