import { broad } from '../../hand/bases/broad';
import { shareOfBody } from '../../hand/bases/shared';
import { defineHand } from '../../hand/define';
import { TURNS } from './turns';

export const foundational = defineHand(broad, {
  id: 'foundational',
  name: 'Foundational',
  zones: { body: 4.5, ascender: 3, descender: 3, capital: 6.5, gap: 1, branch: null, smallCapital: null },
  weight: { low: 4, high: 4.5 },
  capitals: { low: 6, high: 7 },
  width: 2.4,
  penAngle: { usual: 30, range: { low: 25, high: 35 } },
  turns: TURNS,
  slope: { usual: 0, range: { low: 0, high: 3 } },
  // The distance of the stems of n: arches repeat the circle.
  breadth: shareOfBody(0.67),
  families: [
    { name: 'circle', case: 'small', drill: 'ovals' },
    { name: 'circle and stem', case: 'small', drill: 'ovals-back' },
    { name: 'arches', case: 'small', drill: 'arches' },
    { name: 'stems', case: 'small', drill: 'stems' },
    { name: 'curves', case: 'small', drill: 'waves' },
    { name: 'diagonals', case: 'small', drill: 'diagonals' },
    { name: 'full width', case: 'capital', drill: 'ovals-back' },
    { name: 'four fifths', case: 'capital', drill: 'diagonals' },
    { name: 'half', case: 'capital', drill: 'stems' },
    { name: 'wide', case: 'capital', drill: 'diagonals' },
    { name: 'pairs', case: 'other' },
    { name: 'figures', case: 'figure' },
    { name: 'marks', case: 'other' },
  ],
  diagonals: 'vwxyAVWMNXY',
  portrait: {
    looks: ['round', 'upright'],
    purposes: ['label', 'card', 'long text', 'certificate'],
    stage: 'first',
    hours: { low: 10, high: 25 },
    history:
      'Made about a century ago for teaching, after a clear book hand a thousand years old: one angle and one circle from which the rest follows.',
  },
  schools: [
    {
      id: 'four-and-a-half',
      name: 'usual weight',
      remark: 'The lighter build: counters stay open while the circle is being learnt.',
      set: {},
    },
    {
      id: 'four',
      name: 'heavier',
      remark: 'The heavier build, closer to the book hands it descends from.',
      set: { zones: { body: 4, capital: 6 } },
    },
  ],
  remarks: [
    'The o is a circle on its outer edge; arches repeat that circle.',
    'The first hand of many courses: one angle, held throughout.',
  ],
  script: () => import('./script').then(({ script }) => script),
  checks: () => import('./checks').then(({ checks }) => checks),
});
