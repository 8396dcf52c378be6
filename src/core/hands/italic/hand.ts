import { broad } from '../../hand/bases/broad';
import { shareOfBody } from '../../hand/bases/shared';
import { defineHand } from '../../hand/define';
import { TURNS } from './turns';

export const italic = defineHand(broad, {
  id: 'italic',
  name: 'Italic',
  zones: { body: 5, ascender: 4, descender: 4, capital: 7, gap: 1, branch: null, smallCapital: null },
  weight: { low: 4, high: 6 },
  capitals: { low: 5.5, high: 7.5 },
  tallCapitals: false,
  width: 2.4,
  penAngle: { usual: 45, range: { low: 35, high: 50 } },
  turns: TURNS,
  slope: { usual: 6, range: { low: 0, high: 11 } },
  // Stems 2.25 nib widths apart at a body of five leave a white of 1.6.
  breadth: shareOfBody(0.45),
  families: [
    { name: 'straight', case: 'small', drill: 'stems' },
    { name: 'branching', case: 'small', drill: 'arches' },
    { name: 'a-shape', case: 'small', drill: 'cups' },
    { name: 'oval', case: 'small', drill: 'ovals' },
    { name: 's', case: 'small', drill: 'waves' },
    { name: 'diagonal', case: 'small', drill: 'diagonals' },
    { name: 'ligatures', case: 'other' },
    { name: 'pairs', case: 'other' },
    { name: 'full width', case: 'capital', drill: 'ovals-back' },
    { name: 'four fifths', case: 'capital', drill: 'diagonals' },
    { name: 'half', case: 'capital', drill: 'stems' },
    { name: 'wide', case: 'capital', drill: 'diagonals' },
    { name: 'stem', case: 'capital', drill: 'serifs' },
    { name: 'capital pairs', case: 'other' },
    { name: 'swash capitals', case: 'other' },
    { name: 'figures', case: 'figure' },
    { name: 'marks', case: 'other' },
  ],
  diagonals: 'vwxyAVWMNXY',
  portrait: {
    looks: ['narrow', 'sloping', 'joined'],
    purposes: ['envelope', 'card', 'certificate', 'long text'],
    stage: 'first',
    hours: { low: 15, high: 40 },
    history:
      'Grew in southern chanceries out of the quick writing of educated people some five hundred years ago; taught again today because it is at once formal and fast.',
  },
  schools: [
    {
      id: 'low-capitals',
      name: 'formal',
      remark:
        'Letters side by side, the pen lifted; capitals of 7 nib widths stay clearly under the ascenders.',
      set: {},
    },
    {
      id: 'tall-capitals',
      name: 'formal, tall capitals',
      remark: 'Capitals as tall as the ascenders: a later habit, and a weaker build.',
      set: { zones: { capital: 9 }, tallCapitals: true },
    },
    {
      id: 'small-writing',
      name: 'everyday',
      remark:
        'A small nib, ascenders and descenders of 3 nib widths, and letters joined wherever a hairline leads on: for letters, diaries and tight pages.',
      set: { zones: { ascender: 3, descender: 3, capital: 6.5 }, width: 1.3, joined: true },
    },
  ],
  remarks: [
    'Narrow and springing: arches leave the stem low and rise; o is an oval, never a circle.',
    'Capitals are always shorter than ascenders.',
    'Readable up to 11° of slope; past that letters seem to fall.',
  ],
  script: () => import('./script').then(({ script }) => script),
  checks: () => import('./checks').then(({ checks }) => checks),
});
