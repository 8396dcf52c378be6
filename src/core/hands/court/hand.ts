import { dots } from '../../hand/bases/dots';
import { shareOfBody } from '../../hand/bases/shared';
import { defineHand } from '../../hand/define';

/**
 * Heights in rhombic dots of the full pen. The stem of five dots (three of body, two of ascender) and the bowl of
 * three are starting values for ruling; teachers of the hand differ, and the numbers are the user's to change.
 */
export const court = defineHand(dots, {
  id: 'court',
  name: 'Arabic court hand',
  // Until its letters are drawn in dots, its drills are written in nib widths.
  unit: 'nib',
  zones: { body: 3, ascender: 2, descender: 3, capital: 0, gap: 1, branch: null, smallCapital: null },
  weight: { low: 2, high: 5 },
  capitals: null,
  width: 3,
  penAngle: { usual: 45, range: { low: 40, high: 50 } },
  turns: {
    head: { angle: 40, where: 'heads and closings' },
    belly: { angle: 50, where: 'falls of the belly' },
  },
  slope: { usual: 0, range: { low: 0, high: 15 } },
  breadth: shareOfBody(0.8),
  portrait: {
    looks: ['joined', 'sloping'],
    purposes: ['title', 'certificate'],
    stage: 'later',
    hours: { low: 60, high: 200 },
    history:
      'An ornamental script of court chanceries written from right to left with a reed, whose letters are measured in dots of the pen.',
  },
  schools: [
    {
      id: 'ornamental',
      name: 'ornamental kind',
      remark: 'A full pen for the body, a pen of one third for hair-thin terminals and fillers.',
      set: {},
    },
  ],
  remarks: [
    'Everything is measured in dots of the pen itself: write the dots first.',
    'Hooked letters: head 4 dots wide, body 5 dots wide, belly dropping 1, closing rise 1, gap of 2.',
  ],
});
