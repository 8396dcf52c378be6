import type { Hand } from '../hand';

/** The heavier classes of the hand run from 5 to 9 mm of body while learning; the unit here makes the body 6 mm. */
const LEARNING_BODY = { low: 5, high: 9 };

export const copperplate = {
  id: 'copperplate',
  name: 'Copperplate',
  tool: 'pointed',
  basis: 'ratio',
  zones: { body: 2, ascender: 3, descender: 3, capital: 5, gap: 0, branch: null, smallCapital: null },
  weight: { low: 1, high: 2 },
  capitals: { low: 2, high: 5 },
  bodyMm: LEARNING_BODY,
  ratioUnit: 3,
  width: 0.9,
  penAngle: null,
  slope: { usual: 35, range: { low: 30, high: 42 } },
  capitalsOnly: false,
  rightToLeft: false,
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
} as const satisfies Hand;
