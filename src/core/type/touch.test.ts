import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { freshRecipe } from '../document/defaults';
import { loadScript } from '../hands/scripts';
import { recipeTypeface } from '../setting/settingFace';
import type { Typeface } from './face';
import { lettersOf, type SetLine } from './placed';
import { setLine } from './setLine';
import { carriedOver, type Touch, touched, wordAt } from './touch';

await loadScript('brush');
const brush = recipeTypeface(freshRecipe('brush')) as Typeface;
const places = (set: SetLine) => lettersOf(set).map(({ x, y }) => [x, y] as const);
const TEXT = 'snow and ice';

describe('a letter touched by hand', () => {
  it('moves by the share of the body asked for, and those after it come along', () => {
    const { body } = brush.zones;
    const [plain, moved] = [[], [{ at: 5, along: 0.2, rise: 0.1 }]].map((touches) =>
      places(setLine(brush, TEXT, touches)),
    );
    const lean = Math.tan((brush.slope * Math.PI) / 180);
    for (const [i, [x, y]] of (plain ?? []).entries()) {
      const [mx, my] = moved?.[i] ?? [Number.NaN, Number.NaN];
      const touchedHere = i === 4;
      expect(my - y).toBeCloseTo(touchedHere ? 0.1 * body : 0, 9);
      expect(mx - x).toBeCloseTo((i >= 4 ? 0.2 * body : 0) + (touchedHere ? 0.1 * body * lean : 0), 6);
    }
  });

  it('is joined where it stands: the hairline before it ends where it begins', () => {
    const set = setLine(brush, 'nun', [{ at: 1, along: 0.3, rise: 0.2 }]);
    const [, u] = lettersOf(set);
    const join = set.placed.findLast(
      (item, i) => item.kind === 'join' && set.placed[i + 1] === u && item.cut.letter.text === 'n→u',
    );
    if (!join || join.kind === 'missing' || !u) throw new Error('n and u are not joined');
    const end = join.cut.strokes[0]?.path.at(-1)?.[3];
    const entry = u.cut.letter.entry;
    if (!end || !entry) throw new Error('no entry');
    const lean = Math.tan((brush.slope * Math.PI) / 180);
    expect(join.y + end[1]).toBeCloseTo(u.y + entry.y, 6);
    expect(join.x + end[0]).toBeCloseTo(u.x + entry.x + entry.y * lean, 6);
  });

  it('takes the shape it is given there, and only there', () => {
    const other = brush.shapesOf('e').find(({ letter }) => letter.variant !== 'usual');
    if (!other) throw new Error('e has one shape');
    const shapes = lettersOf(setLine(brush, 'eve', [{ at: 2, shape: other.letter.variant }]));
    expect(shapes.map(({ cut }) => cut.letter.variant)).toEqual(['usual', 'usual', other.letter.variant]);
    const unknown = lettersOf(setLine(brush, 'eve', [{ at: 2, shape: 'no such shape' }]));
    expect(unknown.map(({ cut }) => cut.letter.variant)).toEqual(['usual', 'usual', 'from above']);
  });
});

describe('touches', () => {
  it('add up for one letter, and go when nothing is left of them', () => {
    const once = touched([], { at: 3, rise: 0.1 });
    expect(touched(once, { at: 3, along: 0.2 })).toEqual([{ at: 3, rise: 0.1, along: 0.2 }]);
    expect(touched(once, { at: 3, rise: 0 })).toEqual([]);
  });

  it('know their word', () => {
    expect(wordAt(TEXT, 6)).toEqual([5, 8]);
    expect(wordAt(TEXT, 4)).toEqual([4, 4]);
  });

  it('stay with their letters when the text around them is edited', () => {
    // Ends and middles of letters of their own: only then is it plain what stayed.
    const of = (...units: string[]) => fc.string({ unit: fc.constantFrom(...units), maxLength: 12 });
    fc.assert(
      fc.property(of('a', 'b'), of('c', ' '), of('c', ' '), of('d', 'e'), (head, from, into, tail) => {
        const [before, after] = [head + from + tail, head + into + tail];
        const touches: Touch[] = [...before].map((_, at) => ({ at, rise: 0.1 }));
        const carried = carriedOver(touches, before, after);
        for (const { at } of carried) expect(after[at]).toBeDefined();
        const kept = new Set(carried.map(({ at }) => at));
        for (let i = 0; i < head.length; i++) expect(kept.has(i)).toBe(true);
        for (let i = 0; i < tail.length; i++) expect(kept.has(after.length - 1 - i)).toBe(true);
      }),
    );
    expect(
      carriedOver(
        [
          { at: 0, rise: 0.1 },
          { at: 9, rise: 0.2 },
        ],
        'snow and ice',
        'snow, and ice',
      ),
    ).toEqual([
      { at: 0, rise: 0.1 },
      { at: 10, rise: 0.2 },
    ]);
  });
});
