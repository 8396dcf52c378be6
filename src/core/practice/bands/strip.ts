import { handOf } from '../../setting/handOf';
import { type Figure, strokeFigure } from '../../writing/figure';
import { STRIP_PARTS, type StripPart } from '../../writing/stripPart';
import { PLAIN } from '../band';
import { STRIP_ROWS, stripStrokes } from '../drills/strip';
import { none, remembered } from '../subject';
import type { BandKind } from './kind';

const partOf = (of: string): StripPart | undefined => STRIP_PARTS.find((part) => part === of);

/** A row of a nib's strip: photographed, it tells how thick the nib's strokes are. */
export const strip: BandKind = {
  name: 'Strip of a nib',
  how: { ...PLAIN, trace: 0, fading: 0, free: 1, lines: 1, snug: true },
  needsLetters: false,
  ownRow: true,
  fromTheSide: true,
  guidedAs: 'A row to look at, and rows to write',
  asks: 'Strokes',
  usual: () => 'full',
  choices: ({ recipe }) =>
    STRIP_PARTS.filter((part) => STRIP_ROWS[part].tools.includes(handOf(recipe).tool)).map((part) => ({
      value: part,
      name: STRIP_ROWS[part].name,
    })),
  inWords: (of) => STRIP_ROWS[partOf(of) ?? 'full'].name,
  subjects: (ground, of, room) => {
    const part = partOf(of);
    if (!part) return none(of, `There is no row “${of}” of a strip.`);
    const { recipe, pen, unit } = ground;
    const { name, remark, tools } = STRIP_ROWS[part];
    if (!tools.includes(handOf(recipe).tool))
      return none(name, `“${name}” is not for the pen ${handOf(recipe).name} is written with.`);
    const free = room / unit;
    const figure = remembered(ground, `strip ${part} ${free}`, () => {
      const { strokes, pressed, upright } = stripStrokes(part, ground, free);
      const slope = upright ? 0 : recipe.slope;
      return { ...strokeFigure(pen, name, strokes, { slope, pressed }), strip: part };
    }) as Figure;
    return { heading: name, subjects: [{ name, remark: remark(handOf(recipe).tool), figure }], trouble: [] };
  },
};
