import type { Hand } from '../hand';

export const italic = {
  id: 'italic',
  name: 'Italic',
  tool: 'broad',
  basis: 'nib',
  zones: { body: 5, ascender: 4, descender: 4, capital: 7, gap: 1, branch: null, smallCapital: null },
  weight: { low: 4, high: 6 },
  capitals: { low: 5.5, high: 7.5 },
  width: 2.4,
  penAngle: {
    usual: 45,
    range: { low: 35, high: 50 },
    turns: [
      { angle: 20, where: 'bar of t, bars of capitals' },
      { angle: 35, where: 's, so that its back does not go black' },
      { angle: 65, where: 'upstroke-side diagonals of v w x A M N' },
    ],
  },
  slope: { usual: 6, range: { low: 0, high: 11 } },
  capitalsOnly: false,
  rightToLeft: false,
  schools: [
    {
      id: 'low-capitals',
      name: 'low capitals',
      remark: 'Capitals of 7 nib widths stay clearly under the ascenders.',
      set: {},
    },
    {
      id: 'tall-capitals',
      name: 'tall capitals',
      remark: 'Capitals as tall as the ascenders: a later habit, and a weaker build.',
      set: { zones: { capital: 9 } },
    },
    {
      id: 'small-writing',
      name: 'small writing',
      remark: 'Ascenders and descenders of 3 nib widths, for small sizes and tight pages.',
      set: { zones: { ascender: 3, descender: 3, capital: 6.5 } },
    },
  ],
  remarks: [
    'Narrow and springing: arches leave the stem low and rise; o is an oval, never a circle.',
    'Capitals are always shorter than ascenders.',
    'Readable up to 11° of slope; past that letters seem to fall.',
  ],
} as const satisfies Hand;
