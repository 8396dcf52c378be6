import { brush as brushBase } from '../../hand/bases/brush';
import { shareOfBody } from '../../hand/bases/shared';
import { defineHand } from '../../hand/define';

export const brush = defineHand(brushBase, {
  id: 'brush',
  name: 'Brush lettering',
  zones: { body: 10, ascender: 10, descender: 10, capital: 20, gap: 4, branch: null, smallCapital: null },
  weight: { low: 8, high: 12 },
  capitals: { low: 14, high: 24 },
  bodyMm: { low: 8, high: 12 },
  width: 3,
  slope: { usual: 20, range: { low: 10, high: 30 } },
  breadth: shareOfBody(0.55),
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
      name: 'steep',
      remark: 'A slant of 80°: easier with a small hard tip.',
      set: { slope: 10 },
    },
  ],
  remarks: ['Thin up, thick down; lift between letters.', 'Letters may bounce off the line once it is sure.'],
});
