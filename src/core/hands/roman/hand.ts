import { broad } from '../../hand/bases/broad';
import { shareOfBody } from '../../hand/bases/shared';
import { defineHand } from '../../hand/define';
import { TURNS } from './turns';

export const roman = defineHand(broad, {
  id: 'roman',
  name: 'Roman capitals',
  zones: { body: 8, ascender: 0, descender: 0, capital: 8, gap: 4, branch: 4, smallCapital: null },
  weight: { low: 7, high: 9 },
  capitals: { low: 7, high: 9 },
  width: 2,
  penAngle: { usual: 28, range: { low: 15, high: 30 } },
  turns: TURNS,
  slope: { usual: 0, range: { low: 0, high: 0 } },
  // The distance of the stems of H.
  breadth: shareOfBody(0.64),
  style: 'cusped',
  families: [
    { name: 'full width', case: 'capital', drill: 'ovals' },
    { name: 'four fifths', case: 'capital', drill: 'diagonals' },
    { name: 'half', case: 'capital', drill: 'stems' },
    { name: 'wide', case: 'capital', drill: 'diagonals' },
    { name: 'pairs', case: 'other' },
    { name: 'small capitals', case: 'small', drill: 'stems' },
    { name: 'figures', case: 'figure' },
    { name: 'marks', case: 'other' },
  ],
  diagonals: 'AVWMNXY',
  capitalsOnly: true,
  fold: 'upper',
  portrait: {
    looks: ['round', 'upright'],
    purposes: ['title', 'certificate', 'label'],
    stage: 'second',
    hours: { low: 25, high: 80 },
    history:
      'Letters first cut in stone two thousand years ago and ever since the measure of all capitals; here as a broad pen writes them.',
  },
  schools: [
    {
      id: 'plain',
      name: 'full capitals',
      remark: 'Capitals alone, ruled at their height with the midline for the bars of E and H.',
      set: {},
    },
    {
      id: 'small-capitals',
      name: 'with small capitals',
      remark: 'A second line at 5 nib widths for small capitals, written with the same pen.',
      set: { zones: { smallCapital: 5 } },
    },
    {
      id: 'fine-small-capitals',
      name: 'with finer small capitals',
      remark:
        'Small capitals of 5 nib widths with a second nib three quarters as wide: nearer to the weight of the tall ones.',
      set: { zones: { smallCapital: 5 }, style: 'fine' },
    },
    {
      id: 'flat',
      name: 'flat pen',
      remark: 'The edge at 18°: stems near their full weight, bars and serifs fine.',
      set: { penAngle: 18 },
    },
    {
      id: 'hooked',
      name: 'hooked serifs',
      remark: 'A small hook into each stem and out of it: quicker, and the first to learn.',
      set: { style: 'hooked' },
    },
    {
      id: 'bare',
      name: 'no serifs',
      remark: 'Strokes end as the edge cuts them: skeleton and weight alone, for study and modern work.',
      set: { style: 'bare' },
    },
  ],
  remarks: [
    'Width groups: O Q C G D full; A H K N T U V X Y Z four fifths; B E F J L P R S half; M W wide; I.',
    'The bar of H lies on the midline, the bar of A one bar width lower.',
  ],
  script: () => import('./script').then(({ script }) => script),
  checks: () => import('./checks').then(({ checks }) => checks),
});
