import type { Hand } from '../hand';

export const lightLine = {
  id: 'light-line',
  name: 'Light-line cursive',
  tool: 'pointed',
  basis: 'ratio',
  zones: { body: 1, ascender: 2, descender: 2, capital: 3, gap: 0, branch: 2, smallCapital: null },
  weight: { low: 1, high: 1 },
  capitals: { low: 2, high: 3 },
  bodyMm: { low: 2, high: 4 },
  ratioUnit: 3,
  width: 0.5,
  penAngle: null,
  slope: { usual: 38, range: { low: 35, high: 42 } },
  capitalsOnly: false,
  rightToLeft: false,
  schools: [
    {
      id: 'loops',
      name: 'loops of 2 units',
      remark: 'Looped ascenders rise two units over the body; t, d and p only one (the branch line).',
      set: {},
    },
  ],
  remarks: ['Few shades, long joins; the movement comes from the arm.', 'Slant 52°.'],
} as const satisfies Hand;
