import type { Hand } from '../hand';

export const monoline = {
  id: 'monoline',
  name: 'Monoline, doubled',
  tool: 'monoline',
  basis: 'mm',
  zones: { body: 8, ascender: 8, descender: 8, capital: 14, gap: 4, branch: null, smallCapital: null },
  weight: { low: 3, high: 20 },
  capitals: { low: 6, high: 30 },
  bodyMm: { low: 3, high: 20 },
  width: 0.5,
  penAngle: null,
  slope: { usual: 0, range: { low: 0, high: 30 } },
  capitalsOnly: false,
  rightToLeft: false,
  schools: [
    {
      id: 'doubled',
      name: 'downstrokes doubled',
      remark: 'Write widely spaced, add a second contour to each downstroke, fill.',
      set: {},
    },
  ],
  remarks: ['Any point will do.', 'Only downstrokes are doubled; leave room for the second contour.'],
} as const satisfies Hand;
