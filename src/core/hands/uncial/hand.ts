import { broad } from '../../hand/bases/broad';
import { shareOfBody } from '../../hand/bases/shared';
import { defineHand } from '../../hand/define';

export const uncial = defineHand(broad, {
  id: 'uncial',
  name: 'Uncial',
  zones: { body: 4, ascender: 2, descender: 2, capital: 0, gap: 1, branch: null, smallCapital: null },
  weight: { low: 3.5, high: 5 },
  capitals: null,
  width: 2.4,
  penAngle: { usual: 30, range: { low: 15, high: 35 } },
  turns: {
    steep: { angle: 45, where: 'first stem and diagonal of n' },
    head: { angle: 10, where: 'flat heads of t and g' },
  },
  slope: { usual: 0, range: { low: 0, high: 0 } },
  breadth: shareOfBody(0.95),
  schools: [
    {
      id: 'thirty',
      name: 'pen at 30°',
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
});
