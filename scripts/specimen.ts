/**
 * Writes lines of text in a hand to a PNG, to look at its letters large:
 * `npm run specimen -- italic out.png 14 'nnonnonn' 'minimum'` (a nib width, or a fifth of the body, of 14 px).
 * Options before the hand: --slope 7 --angle 45 --body 5 --contrast 9 --ratio 1:1:1 --joined --choose r=2,e=two.
 * A row of the form `*a b c` writes each of its words for itself, spread evenly: letters without joins.
 */
import { writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { renderPng } from '../src/render/png';
import { specimen } from './specimenPage';

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    slope: { type: 'string' },
    angle: { type: 'string' },
    body: { type: 'string' },
    contrast: { type: 'string' },
    shade: { type: 'string' },
    ratio: { type: 'string' },
    choose: { type: 'string', default: '' },
    joined: { type: 'boolean', default: false },
  },
});
const [hand = 'italic', out = 'specimen.png', unit = '14', ...rows] = positionals;
const optional = (text: string | undefined) => (text === undefined ? undefined : Number(text));
const drawing = specimen({
  hand: hand === 'copperplate' ? 'copperplate' : 'italic',
  rows,
  slope: optional(values.slope),
  angle: optional(values.angle),
  body: optional(values.body),
  contrast: optional(values.contrast),
  shade: optional(values.shade),
  ratio: values.ratio?.split(':').map(Number),
  joined: values.joined,
  chosen: Object.fromEntries(
    values.choose
      .split(',')
      .filter(Boolean)
      .map((pair) => pair.split('=') as [string, string]),
  ),
});
const PX_PER_INCH = 25.4;
writeFileSync(out, renderPng(drawing, Number(unit) * PX_PER_INCH));
