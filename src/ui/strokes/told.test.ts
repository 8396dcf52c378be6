import { beforeAll, describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { handById } from '@/core/hands/registry';
import { loadAllScripts } from '@/core/hands/scripts';
import { edgeAngle, sweep } from '@/core/pen/pen';
import { trace } from '@/core/pen/trace';
import { readStroke } from '@/core/type/letterReadings';
import { cutsOf, DRAWN, nameOf, usualFace } from '../../../tests/support/drawnHands';
import { inUnit } from './letterUnit';
import { seriesFor, seriesOf } from './series';

beforeAll(loadAllScripts);

const BROAD = DRAWN.filter((hand) => handById(hand).tool === 'broad');

describe.each(BROAD)('the pen angles told of %s', (hand) => {
  for (const { id } of handById(hand).schools) {
    const face = () => usualFace(hand, undefined, id);

    it(`are those written, the extremes among them (${id})`, () => {
      const { pen } = face();
      if (pen.kind !== 'broad') throw new Error('an edge was expected');
      for (const cut of cutsOf(face())) {
        for (const stroke of cut.strokes) {
          const written = trace(stroke, 0.05).map((pose) => edgeAngle(pen, pose));
          const told = readStroke(pen, stroke).angles ?? [];
          const what = `${nameOf(cut)} ${stroke.name}`;
          expect(Math.abs(Math.min(...told) - Math.min(...written)), what).toBeLessThan(2);
          expect(Math.abs(Math.max(...told) - Math.max(...written)), what).toBeLessThan(2);
          expect(Math.abs((told[0] ?? 0) - (written[0] ?? 0)), what).toBeLessThan(2);
          expect(Math.abs((told.at(-1) ?? 0) - (written.at(-1) ?? 0)), what).toBeLessThan(2);
        }
      }
    });

    it(`agree with the words of the teacher (${id})`, () => {
      const { pen } = face();
      if (pen.kind !== 'broad') throw new Error('an edge was expected');
      for (const cut of cutsOf(face())) {
        for (const stroke of cut.strokes) {
          const told = readStroke(pen, stroke).angles ?? [];
          const remark = stroke.remark ?? '';
          const what = `${nameOf(cut)} ${stroke.name}: ${remark} ${told.map(Math.round).join(', ')}`;
          const named = /(?:about|Pen at) (\d+)°/.exec(remark)?.[1];
          if (named)
            expect(Math.min(...told.map((angle) => Math.abs(angle - Number(named)))), what).toBeLessThan(3);
          if (/flat (again )?for a foot/.test(remark)) expect(told.at(-1), what).toBeLessThan(5);
          if (/^Flat for a head/.test(remark)) expect(told[0], what).toBeLessThan(5);
          if (/turn it up/i.test(remark))
            expect(Math.max(told[0] ?? 0, told.at(-1) ?? 0) - Math.min(...told), what).toBeGreaterThan(5);
        }
      }
    });
  }
});

describe('several pen angles beside each other', () => {
  it.each([
    ['roman', 'N'],
    ['italic', 'W'],
    ['italic', 'n'],
    ['uncial', 'n'],
  ] as const)('of %s %s are different letters, every stroke turned', (hand, letter) => {
    const recipe = freshRecipe(hand);
    expect(seriesFor(recipe)).toContain('angle');
    const series = seriesOf('angle', recipe, letter, []);
    const ink = series.map(({ cut, pen }) =>
      JSON.stringify(cut.strokes.flatMap((stroke) => sweep(pen, stroke))),
    );
    expect(new Set(ink).size).toBe(series.length);
    const middles = series.map(({ cut, pen }) =>
      cut.strokes.map((stroke) => readStroke(pen, stroke).angle ?? 0),
    );
    const [first = [], second = []] = middles;
    const turned = first.map((angle, i) => Math.round((second[i] ?? 0) - angle));
    expect(new Set(turned).size).toBe(1);
  });
});

describe('amounts', () => {
  it('agree with their number', () => {
    expect(inUnit({ said: 'nib' }, 1)).toBe('1 nib width');
    expect(inUnit({ said: 'nib' }, 0.999)).toBe('1 nib width');
    expect(inUnit({ said: 'dot' }, 2.5)).toBe('2.5 dots');
  });
});
