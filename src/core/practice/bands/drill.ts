import { handOf } from '../../setting/handOf';
import { type Figure, strokeFigure } from '../../writing/figure';
import { PLAIN } from '../band';
import { buildDrill, drillById, drillsFor } from '../drills';
import { beatInWords } from '../drills/drill';
import { warmUpFor } from '../lessons';
import { none, remembered } from '../subject';
import type { BandKind } from './kind';

/** A drill of strokes: warm-ups run across the line. */
export const drill: BandKind = {
  name: 'Stroke drill',
  how: { ...PLAIN, trace: 2, fading: 1, free: 2, repeat: true, snug: true },
  needsLetters: false,
  asks: 'Drill',
  usual: ({ recipe }) => warmUpFor(recipe),
  choices: ({ recipe }) => drillsFor(recipe).map(({ id, name }) => ({ value: id, name })),
  inWords: (of) => drillById(of)?.name ?? of,
  subjects: (ground, of) => {
    const { recipe } = ground;
    const found = drillById(of);
    if (!found) return none(of, `There is no drill “${of}”.`);
    const { id, name, remark, beat, tools } = found;
    const hand = handOf(recipe);
    if (!tools.includes(hand.tool))
      return none(name, `“${name}” is not for the pen ${hand.name} is written with.`);
    const figure = remembered(ground, `drill ${id}`, () => {
      const { strokes, pressed, upright, labels } = buildDrill(found, ground);
      return strokeFigure(ground.pen, name, strokes, { slope: upright ? 0 : recipe.slope, pressed, labels });
    }) as Figure;
    const said = [remark, ...(beat ? [beatInWords(beat)] : [])].join(' ');
    return { heading: name, subjects: [{ name, remark: said, figure }], trouble: [] };
  },
};
