import { monoline as monolineBase } from '../../hand/bases/monoline';
import { shareOfBody } from '../../hand/bases/shared';
import { CURSIVE_FAMILIES } from '../../hand/cursive/families';
import { defineHand } from '../../hand/define';

export const monoline = defineHand(monolineBase, {
  id: 'monoline',
  name: 'Monoline, doubled',
  zones: { body: 8, ascender: 8, descender: 8, capital: 14, gap: 4, branch: null, smallCapital: null },
  weight: { low: 3, high: 20 },
  capitals: { low: 6, high: 30 },
  bodyMm: { low: 3, high: 20 },
  width: 0.5,
  slope: { usual: 0, range: { low: 0, high: 30 } },
  breadth: shareOfBody(0.6),
  second: 0.8,
  style: 'filled',
  joined: true,
  families: CURSIVE_FAMILIES,
  script: () => import('./script').then(({ script }) => script),
  checks: () => import('./checks').then(({ checks }) => checks),
  portrait: {
    looks: ['round', 'joined', 'upright'],
    purposes: ['label', 'card', 'envelope'],
    stage: 'first',
    hours: { low: 3, high: 10 },
    history:
      'A modern way in: any pen writes the letter in one line, and thick strokes are drawn on afterwards.',
  },
  schools: [
    {
      id: 'doubled',
      name: 'downstrokes doubled',
      remark: 'Write widely spaced, add a second contour to each downstroke, fill.',
      set: {},
    },
    {
      id: 'open',
      name: 'doubled, left open',
      remark: 'The second contour alone: light, and room for colour.',
      set: { style: 'open' },
    },
    {
      id: 'one-line',
      name: 'one line',
      remark: 'The letter itself, before anything is added.',
      set: { style: '' },
    },
  ],
  remarks: ['Any point will do.', 'Only downstrokes are doubled; leave room for the second contour.'],
});
