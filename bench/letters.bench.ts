import { bench, describe } from 'vitest';
import { italic } from '@/core/hands/italic/metrics';
import { sweep } from '@/core/pen/pen';
import { freshRecipe } from '@/core/sheet/defaults';
import { ruleSheet } from '@/core/sheet/rule';
import { setLine } from '@/core/type/setLine';
import { inkOf, typeface } from '@/core/type/typeface';
import { writeLine } from '@/core/type/writeLine';

const face = typeface({ hand: 'italic', zones: italic.zones, penAngle: 45, slope: 6 });
if (!face) throw new Error('italic has letters');
const cuts = [...face.letters.values()];
/** About 1,500 letters: a full A4 page of small writing. */
const PAGE = Array.from({ length: 30 }, () => 'the quick brown fox jumps over the lazy dog at dusk now');
let turn = 0;

describe('letters', () => {
  bench('screen outline of one letter', () => {
    const cut = cuts[turn++ % cuts.length];
    if (cut) for (const stroke of cut.strokes) sweep(face.pen, stroke);
  });
  bench('the whole alphabet from data, no cache', () => {
    // A new angle each time: nothing is reused.
    typeface({ hand: 'italic', zones: italic.zones, penAngle: 40 + ((turn++ * 0.001) % 9), slope: 6 });
  });
  bench('a page of 1,500 letters set, warm', () => {
    for (const line of PAGE) setLine(face, line);
  });
  bench('a page of 1,500 letters set and outlined for the screen, warm', () => {
    for (const line of PAGE)
      for (const item of setLine(face, line).placed) if (item.kind === 'letter') inkOf(face.pen, item.cut);
  });
  bench('a line written as exact outlines, warm', () => {
    writeLine(face, setLine(face, PAGE[0] as string), 10, 50, 1, '#000000');
  });
  bench('recipe → drawing with an exemplar line', () => {
    ruleSheet({ ...freshRecipe('italic'), exemplar: 'aurora over the dome' });
  });
});
