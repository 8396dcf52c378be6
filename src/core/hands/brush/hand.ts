import { brush as brushBase } from '../../hand/bases/brush';
import { shareOfBody } from '../../hand/bases/shared';
import { CURSIVE_FAMILIES } from '../../hand/cursive/families';
import { defineHand } from '../../hand/define';

export const brush = defineHand(brushBase, {
  id: 'brush',
  name: 'Brush lettering',
  zones: { body: 10, ascender: 10, descender: 10, capital: 20, gap: 4, branch: null, smallCapital: null },
  weight: { low: 8, high: 12 },
  capitals: { low: 14, high: 24 },
  bodyMm: { low: 8, high: 12 },
  width: 1.9,
  contrast: 5,
  slope: { usual: 20, range: { low: 10, high: 30 } },
  // Stems 3.0 fifths of the body apart with the usual weight.
  breadth: shareOfBody(0.6),
  joined: true,
  families: CURSIVE_FAMILIES,
  portrait: {
    looks: ['sloping', 'joined'],
    purposes: ['card', 'title', 'envelope'],
    stage: 'first',
    hours: { low: 8, high: 25 },
    history:
      'Sign writers and advertising drew it for a hundred years; small brush pens brought it to the kitchen table.',
  },
  schools: [
    {
      id: 'on-the-line',
      name: 'on the line',
      remark: 'Every letter stands on the baseline while thick and thin are being learnt.',
      set: {},
    },
    {
      id: 'upright',
      name: 'small hard tip',
      remark: 'A slant of 80°, a body of 8 mm, thick only three times the thin: the easiest to hold steady.',
      set: { slope: 10, contrast: 3, width: 1.1, zones: { body: 8, ascender: 8, descender: 8, capital: 16 } },
    },
    {
      id: 'soft',
      name: 'large soft tip',
      remark: 'A slant of 65°, a body of 12 mm, thick eight times the thin: it shows every tremor.',
      set: {
        slope: 25,
        contrast: 8,
        width: 3.1,
        zones: { body: 12, ascender: 12, descender: 12, capital: 24 },
      },
    },
  ],
  remarks: ['Thin up, thick down; lift between letters.', 'Letters may bounce off the line once it is sure.'],
  script: () => import('./script').then(({ script }) => script),
  checks: () => import('./checks').then(({ checks }) => checks),
});
