import { describe, expect, it } from 'vitest';
import { freshRecipe } from '../document/defaults';
import { loadAllScripts } from '../hands/scripts';
import { tanDeg } from '../measure/units';
import { recipeTypeface } from '../setting/settingFace';
import { inkOf } from './cut';
import type { Typeface } from './face';
import { type Ornament, ornamented } from './ornament';
import type { PlacedInk, SetLine } from './placed';
import { setLine } from './setLine';

await loadAllScripts();
const court = recipeTypeface(freshRecipe('court')) as Typeface;
const PLAIN: Ornament = { rising: 0, signs: false, fillers: false };
const LINES = ['نور القمر', 'بحر النور', 'صبح', 'شمس'];
const inkIn = ({ placed }: SetLine) => placed.filter((item): item is PlacedInk => item.kind !== 'missing');
const corners = (items: readonly PlacedInk[]) =>
  items.flatMap(({ cut, x, y }) =>
    inkOf(court.pen, cut).flatMap((polygon) => polygon.map(([px, py]) => [px + x, py + y] as const)),
  );

/** Distance as a rhombus measures it. */
const nearest = ([x, y]: readonly [number, number], places: readonly (readonly [number, number])[]) =>
  Math.min(...places.map(([px, py]) => Math.abs(px - x) + Math.abs(py - y)));

describe('a line of the court hand', () => {
  it('is left as it is where nothing is wanted, and in hands that have no such lines', () => {
    const set = setLine(court, LINES[0] as string);
    expect(ornamented(court, set, PLAIN).placed).toEqual(set.placed);
    const italic = recipeTypeface(freshRecipe('italic')) as Typeface;
    const plain = setLine(italic, 'dew');
    expect(ornamented(italic, plain, { rising: 6, signs: true, fillers: true })).toBe(plain);
  });

  it.each(LINES)('rises to the left by the angle asked for, skeletons and all: %s', (text) => {
    const set = setLine(court, text);
    const tan = tanDeg(6);
    const up = (x: number) => (set.width - x) * tan;
    const [before, after] = [set, ornamented(court, set, { ...PLAIN, rising: 6 })].map(inkIn);
    for (const [i, item] of (before ?? []).entries()) {
      const risen = after?.[i] as PlacedInk;
      expect(risen.x).toBe(item.x);
      for (const [s, { path }] of item.cut.strokes.entries()) {
        for (const [p, [start]] of path.entries()) {
          const [x, y] = risen.cut.strokes[s]?.path[p]?.[0] ?? [Number.NaN, Number.NaN];
          expect(x).toBeCloseTo(start[0], 9);
          // Letters climb with the line; a dot is moved whole.
          const climb = item.kind === 'mark' ? up(item.x) : up(item.x + start[0]);
          expect(risen.y + y).toBeCloseTo(item.y + start[1] + climb, 6);
        }
      }
      expect(risen.cut.strokes.map(({ turns }) => turns)).toEqual(item.cut.strokes.map(({ turns }) => turns));
    }
  });

  it('signs letters that have dotted fellows with themselves, a third as large, clear of all ink', () => {
    const set = setLine(court, 'بحر');
    const signed = inkIn(ornamented(court, set, { ...PLAIN, signs: true }));
    const signs = signed.slice(set.placed.length);
    expect(signs.map(({ cut }) => cut.letter.text)).toEqual(['ح']);
    const height = (items: readonly PlacedInk[]) => {
      const ys = corners(items).map(([, y]) => y);
      return Math.max(...ys) - Math.min(...ys);
    };
    const own = court.letters.get('ح');
    if (!own) throw new Error('no letter');
    const large = height([{ kind: 'letter', cut: own, x: 0, y: 0 }]);
    expect(height(signs) / large).toBeCloseTo(1 / 3, 1);
    const others = corners(inkIn(set));
    for (const place of corners(signs)) expect(nearest(place, others)).toBeGreaterThan(0.2);
  });

  it.each(LINES)('is filled with small dots clear of ink and of each other, always alike: %s', (text) => {
    const set = setLine(court, text);
    const wish = { rising: 6, signs: true, fillers: true };
    const line = inkIn(ornamented(court, set, wish));
    expect(inkIn(ornamented(court, set, wish)).map(({ x, y }) => [x, y])).toEqual(
      line.map(({ x, y }) => [x, y]),
    );
    const unfilled = inkIn(ornamented(court, set, { ...wish, fillers: false })).length;
    const fillers = line.slice(unfilled);
    expect(fillers.length).toBeGreaterThan(30);
    const ink = corners(line.slice(0, unfilled));
    for (const [i, { x, y }] of fillers.entries()) {
      expect(nearest([x, y], ink)).toBeGreaterThan(0.3);
      for (const other of fillers.slice(0, i)) {
        expect(Math.abs(x - other.x) + Math.abs(y - other.y)).toBeGreaterThan(0.7);
      }
    }
  });
});
