import { broad } from '../../hand/bases/broad';
import { shareOfBody } from '../../hand/bases/shared';
import { defineHand } from '../../hand/define';
import { TURNS } from './turns';

export const uncial = defineHand(broad, {
  id: 'uncial',
  name: 'Uncial',
  zones: { body: 4, ascender: 2, descender: 2, capital: 0, gap: 1, branch: null, smallCapital: null },
  weight: { low: 3.5, high: 5 },
  capitals: null,
  fold: 'lower',
  width: 2.4,
  penAngle: { usual: 30, range: { low: 15, high: 35 } },
  turns: TURNS,
  slope: { usual: 0, range: { low: 0, high: 0 } },
  // The distance of the stems of h.
  breadth: shareOfBody(0.69),
  families: [
    { name: 'rounds', case: 'small', drill: 'ovals' },
    { name: 'arches', case: 'small', drill: 'arches' },
    { name: 'straights', case: 'small', drill: 'stems' },
    { name: 'small bowls', case: 'small', drill: 'waves' },
    { name: 'diagonals', case: 'small', drill: 'diagonals' },
    { name: 'pairs', case: 'other' },
    { name: 'figures', case: 'figure' },
    { name: 'marks', case: 'other' },
  ],
  diagonals: 'vwx',
  portrait: {
    looks: ['round', 'upright'],
    purposes: ['title', 'card', 'label'],
    stage: 'first',
    hours: { low: 8, high: 20 },
    history:
      'The book hand of late antiquity and the early Middle Ages: written large, slowly and in one case, before small letters existed.',
  },
  schools: [
    {
      id: 'thirty',
      name: 'slanted pen',
      remark: 'One comfortable angle throughout; thick and thin stay in balance.',
      set: { penAngle: 30 },
    },
    {
      id: 'flat',
      name: 'flat pen',
      remark: 'The edge at 15–20°: heavy stems, fine level hairlines, and more turning of the pen.',
      set: { penAngle: 18 },
    },
  ],
  remarks: ['Wide and round: most letters fill a square.', 'One case only, and no dot on i or j.'],
  script: () => import('./script').then(({ script }) => script),
  checks: () => import('./checks').then(({ checks }) => checks),
});
