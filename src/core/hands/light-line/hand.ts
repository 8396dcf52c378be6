import { pointed } from '../../hand/bases/pointed';
import { shareOfBody } from '../../hand/bases/shared';
import { defineHand } from '../../hand/define';

export const lightLine = defineHand(pointed, {
  id: 'light-line',
  name: 'Light-line cursive',
  zones: { body: 1, ascender: 2, descender: 2, capital: 3, gap: 0, branch: 2, smallCapital: null },
  weight: { low: 1, high: 1 },
  capitals: { low: 2, high: 3 },
  bodyMm: { low: 2, high: 4 },
  ratioUnit: 3,
  width: 0.4,
  slope: { usual: 38, range: { low: 35, high: 42 } },
  breadth: shareOfBody(0.62),
  families: [
    { name: 'under-turn', case: 'small', drill: 'push-pulls' },
    { name: 'compound', case: 'small', drill: 'compound-curves' },
    { name: 'oval', case: 'small', drill: 'running-ovals' },
    { name: 'loop', case: 'small', drill: 'loops' },
    { name: 'others', case: 'small', drill: 'descending-loops' },
    { name: 'pairs', case: 'other' },
    { name: 'capitals: oval', title: 'oval', case: 'capital', drill: 'ovals' },
    { name: 'capitals: stem', title: 'stem', case: 'capital', drill: 'pressure' },
    { name: 'capitals: pointed', title: 'pointed', case: 'capital', drill: 'stems' },
    { name: 'capital pairs', case: 'other' },
    { name: 'figures', case: 'figure' },
    { name: 'marks', case: 'other' },
  ],
  script: () => import('./script').then(({ script }) => script),
  checks: () => import('./checks').then(({ checks }) => checks),
  portrait: {
    looks: ['sloping', 'joined', 'hairlines'],
    purposes: ['long text', 'envelope', 'card'],
    stage: 'later',
    hours: { low: 20, high: 60 },
    history:
      'A business hand of the nineteenth century: light, quick and written from the arm, with a shade only here and there.',
  },
  schools: [
    {
      id: 'loops',
      name: 'loops of 2 units',
      remark: 'Looped ascenders rise two units over the body; t, d and p only one (the branch line).',
      set: {},
    },
  ],
  remarks: ['Few shades, long joins; the movement comes from the arm.', 'Slant 52°.'],
});
