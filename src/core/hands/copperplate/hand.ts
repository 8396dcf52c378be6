import { pointed } from '../../hand/bases/pointed';
import { shareOfBody } from '../../hand/bases/shared';
import { defineHand } from '../../hand/define';

/** The heavier classes of the hand run from 5 to 9 mm of body while learning; the unit here makes the body 6 mm. */
const LEARNING_BODY = { low: 5, high: 9 };

export const copperplate = defineHand(pointed, {
  id: 'copperplate',
  name: 'Copperplate',
  zones: { body: 2, ascender: 3, descender: 3, capital: 5, gap: 0, branch: null, smallCapital: null },
  weight: { low: 1, high: 2 },
  capitals: { low: 2, high: 5 },
  bodyMm: LEARNING_BODY,
  ratioUnit: 3,
  width: 0.75,
  slope: { usual: 35, range: { low: 30, high: 42 } },
  // Shades 2.95 fifths of the body apart.
  breadth: shareOfBody(0.59),
  families: [
    { name: 'under-turn', case: 'small', drill: 'under-turns' },
    { name: 'compound', case: 'small', drill: 'compound-curves' },
    { name: 'oval', case: 'small', drill: 'ovals' },
    { name: 'loop', case: 'small', drill: 'loops' },
    { name: 'others', case: 'small', drill: 'descending-loops' },
    { name: 'pairs', case: 'other' },
    { name: 'capitals: oval', title: 'oval', case: 'capital', drill: 'ovals' },
    { name: 'capitals: stem', title: 'stem', case: 'capital', drill: 'pressure' },
    { name: 'capitals: bowl', title: 'bowl', case: 'capital', drill: 'ovals-back' },
    { name: 'capitals: pointed', title: 'pointed', case: 'capital', drill: 'stems' },
    { name: 'capitals: turned', title: 'turned', case: 'capital', drill: 'under-turns' },
    { name: 'capital pairs', case: 'other' },
    { name: 'figures', case: 'figure' },
    { name: 'marks', case: 'other' },
  ],
  diagonals: 'vwxyAVWMNXY',
  portrait: {
    looks: ['sloping', 'joined', 'hairlines'],
    purposes: ['envelope', 'card', 'certificate'],
    stage: 'second',
    hours: { low: 25, high: 60 },
    history:
      'Came from engraved copybooks of some three hundred years ago, whose lines the flexible pointed pen then learnt to imitate.',
  },
  schools: [
    {
      id: '3-2-3',
      name: 'ratio 3:2:3',
      remark: 'Ascender and descender one and a half times the body: stately, and easy to loop.',
      set: {},
    },
    {
      id: '1-1-1',
      name: 'ratio 1:1:1',
      remark: 'All zones alike: compact, the easiest to rule.',
      set: { zones: { body: 1, ascender: 1, descender: 1, capital: 2 }, ratioUnit: 6 },
    },
    {
      id: '2-1-2',
      name: 'ratio 2:1:2',
      remark: 'Ascender and descender twice the body: the airiest.',
      set: { zones: { body: 1, ascender: 2, descender: 2, capital: 3 }, ratioUnit: 6 },
    },
  ],
  remarks: [
    'Shades fall along the slant of 55°; the tines must point the same way.',
    'Learn at a body of 5–9 mm: small writing hides its mistakes.',
  ],
  script: () => import('./script').then(({ script }) => script),
  checks: () => import('./checks').then(({ checks }) => checks),
});
