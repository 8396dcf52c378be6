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
  zones: { body: 3, ascender: 2, descender: 3, capital: 0, gap: 1, branch: null, smallCapital: null },
  weight: { low: 2, high: 5 },
  capitals: null,
  width: 3,
  penAngle: { usual: 45, range: { low: 40, high: 50 } },
  turns: {
    tail: { angle: 21, where: 'tails of r and w' },
    head: { angle: 33, where: 'heads of stems' },
    bowl: { angle: 53 },
    line: { angle: 55, where: 'the line and its joins' },
    tooth: { angle: 61, where: 'teeth' },
  },
  slope: { usual: 0, range: { low: 0, high: 15 } },
  breadth: shareOfBody(0.8),
  families: [
    { name: 'alif', case: 'small', drill: 'diamonds' },
    { name: 'teeth', case: 'small', drill: 'diamonds' },
    { name: 'hooked', case: 'small', drill: 'diamonds' },
    { name: 'd and r', case: 'small', drill: 'diamonds' },
    { name: 'combs', case: 'small' },
    { name: 'loops', case: 'small' },
    { name: 'eyes', case: 'small' },
    { name: 'rings', case: 'small' },
    { name: 'tall', case: 'small' },
    { name: 'm and h', case: 'small' },
    { name: 'besides', case: 'other' },
    { name: 'figures', case: 'figure' },
    { name: 'marks', case: 'other' },
  ],
  portrait: {
    looks: ['joined', 'sloping'],
    purposes: ['title', 'certificate'],
    stage: 'later',
    hours: { low: 60, high: 200 },
    history: 'An ornamental script of court chanceries written from right to left with a reed, whose letters are measured in dots of the pen.',
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
    'These shapes come from the construction in dots; no master of the hand has approved them. Learn it from a teacher.',
    'Everything is measured in dots of the pen itself: write the dots first.',
    'Hooked letters: head 4 dots wide, body 5 dots wide, belly dropping 1, closing rise 1, gap of 2.',
  ],
  script: () => import('./script').then(({ script }) => script),
  checks: () => import('./checks').then(({ checks }) => checks),
});
