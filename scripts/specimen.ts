/**
 * Writes lines of text in a hand to a PNG, to look at its letters large:
 * `npm run specimen -- italic out.png 14 'nnonnonn' 'minimum'` (a letter unit of 14 px).
 * Options before the hand: --school NAME --slope 7 --angle 45 --body 5 (letter units) --width 2 (mm) --contrast 9 --bounce 0.5
 * --rising 6 --signs --fillers --mixed --joined --plain --choose r=long-eared,e=two-stroke. A row of the form `*a b c` writes each of its words for itself.
 * Without rows the whole alphabet is written.
 */
import { writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { freshRecipe } from '../src/core/document/defaults';
import { OPENING_HAND } from '../src/core/hands/registry';
import { loadScript } from '../src/core/hands/scripts';
import { letterZones, recipeTypeface } from '../src/core/setting/settingFace';
import { renderPng } from '../src/render/png';
import { alphabetRows, specimen } from './specimenPage';

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    school: { type: 'string' },
    slope: { type: 'string' },
    angle: { type: 'string' },
    body: { type: 'string' },
    width: { type: 'string' },
    contrast: { type: 'string' },
    bounce: { type: 'string' },
    mixed: { type: 'boolean', default: false },
    rising: { type: 'string' },
    signs: { type: 'boolean', default: false },
    fillers: { type: 'boolean', default: false },
    choose: { type: 'string', default: '' },
    joined: { type: 'boolean', default: false },
    plain: { type: 'boolean', default: false },
  },
});
const [hand = OPENING_HAND, out = 'specimen.png', unit = '14', ...rows] = positionals;
await loadScript(hand);
const number = (text: string | undefined, usual: number) => (text === undefined ? usual : Number(text));
const fresh = freshRecipe(hand, values.school);
const { writing, zones } = fresh;
const body = number(values.body, letterZones(fresh).body);
const recipe = {
  ...fresh,
  width: number(values.width, fresh.width),
  slope: number(values.slope, fresh.slope),
  penAngle: number(values.angle, fresh.penAngle),
  zones: { ...zones, body: (zones.body * body) / letterZones(fresh).body },
  writing: {
    ...writing,
    contrast: number(values.contrast, writing.contrast),
    joined: values.joined || (writing.joined && !values.plain),
    bounce: number(values.bounce, writing.bounce),
    mixed: values.mixed,
    rising: number(values.rising, writing.rising),
    signs: values.signs,
    fillers: values.fillers,
    variants: Object.fromEntries(
      values.choose
        .split(',')
        .filter(Boolean)
        .map((pair) => pair.split('=') as [string, string]),
    ),
  },
};
const face = recipeTypeface(recipe);
const drawing = specimen(recipe, rows.length > 0 || !face ? rows : alphabetRows(face));
const PX_PER_INCH = 25.4;
writeFileSync(out, renderPng(drawing, Number(unit) * PX_PER_INCH));
