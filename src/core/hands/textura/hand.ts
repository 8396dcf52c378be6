import { broad } from '../../hand/bases/broad';
import { defineHand } from '../../hand/define';
import { cosDeg, sinDeg } from '../../measure/units';
import { TURNS } from './turns';

/** Thickness of the edge as a share of its width. */
const STEEL = 0.05;

export const textura = defineHand(broad, {
  id: 'textura',
  name: 'Textura',
  zones: { body: 5, ascender: 2, descender: 2, capital: 6.5, gap: 1, branch: null, smallCapital: null },
  weight: { low: 4, high: 5 },
  capitals: { low: 6, high: 7 },
  width: 3,
  penAngle: { usual: 42, range: { low: 40, high: 45 } },
  turns: TURNS,
  slope: { usual: 0, range: { low: 0, high: 0 } },
  // Counter = stem: it hangs on the pen angle, not on the body; a twentieth of the edge for the steel.
  breadth: (_, penAngle) => 2 * (cosDeg(penAngle) + STEEL * sinDeg(penAngle)),
  // Bows that meet share their stroke.
  joined: true,
  families: [
    { name: 'minims', case: 'small', drill: 'stems' },
    { name: 'bows', case: 'small', drill: 'broken-strokes' },
    { name: 'ascenders', case: 'small', drill: 'diamonds' },
    { name: 'breaks', case: 'small', drill: 'broken-strokes' },
    { name: 'crescents', case: 'capital', drill: 'ovals' },
    { name: 'roofs', case: 'capital', drill: 'waves' },
    { name: 'flags', case: 'capital', drill: 'diamonds' },
    { name: 'pairs', case: 'other' },
    { name: 'figures', case: 'figure' },
    { name: 'marks', case: 'other' },
  ],
  portrait: {
    looks: ['broken', 'narrow', 'upright', 'hairlines'],
    purposes: ['certificate', 'title', 'card'],
    stage: 'second',
    hours: { low: 20, high: 50 },
    history:
      'The formal book hand of the high Middle Ages in the north: curves broken into straight strokes until a line of writing looks woven.',
  },
  schools: [
    {
      id: 'five',
      name: 'usual weight',
      remark: 'Counter equal to stem with room for the diamonds.',
      set: {},
    },
    {
      id: 'four',
      name: 'blacker',
      remark: 'Blacker and closer: the picket fence shuts.',
      set: { zones: { body: 4, capital: 5.5 } },
    },
  ],
  remarks: [
    'Counter, stem and the gap between letters are all one width: an even picket fence.',
    'Heads and feet are diamonds; their hairlines lie along the edge of the pen.',
  ],
  script: () => import('./script').then(({ script }) => script),
  checks: () => import('./checks').then(({ checks }) => checks),
});
