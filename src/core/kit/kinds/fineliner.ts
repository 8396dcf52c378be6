import { good, risk } from '../verdict';
import { kindOfTool } from './kind';
import { tipOnSurface } from './shared';

/** A fine tip of fibre with its own ink. */
export const fineliner = kindOfTool({
  id: 'fineliner',
  name: 'fineliner',
  writes: ['monoline'],
  nib: 'round',
  edge: 'point',
  tops: 'round',
  widths: [0.03, 3],
  supply: 'own',
  seated: false,
  anyPaper: true,
  never: ['two rails', 'blob', 'beads', 'no thick and thin', 'ragged on one side'],
  suits: ({ purpose }) =>
    purpose === 'class' || purpose === 'first tries'
      ? good(10, 'A fineliner is cheap, clean and ready: good for a class.')
      : undefined,
  oneLine: good(14, 'A fineliner writes one even line and is ready at once.'),
  onSurface: tipOnSurface('fine tip'),
  wornOut: risk(12, 'Its tip is pressed in: the line is wide and grey.', 'Replace it.'),
  asks: ['colour'],
  held: 'Hold it upright and glide; pressed, the tip sinks into its sleeve.',
  test: () => 'Test: a slow line and a quick one, both as wide.',
  restart: 'Write loops on scrap; if it stays dry it is used up.',
  putAway: [
    { id: 'cap', what: 'Cap it until it clicks, and lay it flat.', why: 'The tip dries within an hour.' },
  ],
  offers: () => [{ label: '0.5 mm fineliner', facts: { width: 0.5 } }],
});
