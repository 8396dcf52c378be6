import { broad } from '../../hand/bases/broad';
import { shareOfBody } from '../../hand/bases/shared';
import { defineHand } from '../../hand/define';

export const textura = defineHand(broad, {
  id: 'textura',
  name: 'Textura',
  zones: { body: 5, ascender: 2, descender: 2, capital: 6.5, gap: 1, branch: null, smallCapital: null },
  weight: { low: 4, high: 5 },
  capitals: { low: 6, high: 7 },
  width: 3,
  penAngle: { usual: 42, range: { low: 40, high: 45 } },
  turns: {
    corner: { angle: 60, where: 'hairlines drawn with the corner' },
  },
  slope: { usual: 0, range: { low: 0, high: 0 } },
  breadth: shareOfBody(0.4),
  schools: [
    {
      id: 'five',
      name: '5 nib widths',
      remark: 'Counter equal to stem with room for the diamonds.',
      set: {},
    },
    {
      id: 'four',
      name: '4 nib widths',
      remark: 'Blacker and closer: the picket fence shuts.',
      set: { zones: { body: 4, capital: 5.5 } },
    },
  ],
  remarks: [
    'Counter, stem and the gap between letters are all one width: an even picket fence.',
    'Heads and feet are diamonds; their hairlines lie along the edge of the pen.',
  ],
});
