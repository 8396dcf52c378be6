import { broad } from '../../hand/bases/broad';
import { shareOfBody } from '../../hand/bases/shared';
import { defineHand } from '../../hand/define';

export const foundational = defineHand(broad, {
  id: 'foundational',
  name: 'Foundational',
  zones: { body: 4.5, ascender: 3, descender: 3, capital: 6.5, gap: 1, branch: null, smallCapital: null },
  weight: { low: 4, high: 4.5 },
  capitals: { low: 6, high: 7 },
  width: 2.4,
  penAngle: { usual: 30, range: { low: 25, high: 35 } },
  turns: {
    thick: { angle: 45, where: 'thick diagonals of v w x y' },
    flat: { angle: 0, where: 'diagonal of z' },
  },
  slope: { usual: 0, range: { low: 0, high: 3 } },
  breadth: shareOfBody(0.8),
  schools: [
    {
      id: 'four-and-a-half',
      name: '4½ nib widths',
      remark: 'The lighter build: counters stay open while the circle is being learnt.',
      set: {},
    },
    {
      id: 'four',
      name: '4 nib widths',
      remark: 'The heavier build, closer to the book hands it descends from.',
      set: { zones: { body: 4, capital: 6 } },
    },
  ],
  remarks: [
    'The o is a circle on its outer edge; arches repeat that circle.',
    'The first hand of many courses: one angle, held throughout.',
  ],
});
