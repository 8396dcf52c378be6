import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CRITERION_IDS } from '@/core/practice/criteria';
import { gradesOf } from '@/core/study/grade';
import { type KeptRating, memoryOf, ratingsOf, withRating } from '@/core/study/history';
import { afterRating, chanceOf, GRADES, type Grade, isDue, standOf } from '@/core/study/memory';

const at = (day: number) => new Date(Date.UTC(2026, 0, 1 + day, 18));

describe('grades of a self-check', () => {
  const units = ['letter:n', 'letter:m', 'join:no'];
  it.each([
    ['all right', ['right', 'right', 'right'], [], [3, 3, 3]],
    ['mixed', ['right', 'near', 'off'], [], [2, 2, 2]],
    ['all off', ['off', 'off'], [], [1, 1, 1]],
    ['nothing said', [], [], [2, 2, 2]],
    ['one wobbled on a good page', ['right', 'right'], ['letter:m'], [3, 1, 3]],
    ['one wobbled on a bad page: the others were near', ['off', 'off'], ['letter:m'], [2, 1, 2]],
  ] as const)('%s', (_, ratings, wobbled, grades) => {
    const checks = ratings.map((rating, i) => ({ criterion: CRITERION_IDS[i] ?? 'feet', rating }));
    expect([...gradesOf(units, checks, wobbled).values()]).toEqual(grades);
  });

  it('what was off is remembered where it can be seen: not spacing in a letter, nor feet in a join', () => {
    const said = ratingsOf('s', {
      ended: '2026-11-27T19:00:00+01:00',
      units,
      checks: [
        { criterion: 'feet', rating: 'off' },
        { criterion: 'spacing', rating: 'off' },
      ],
      wobbled: [],
    });
    expect(said.get('letter:n')?.off).toEqual(['feet']);
    expect(said.get('join:no')?.off).toEqual(['spacing']);
    expect(said.get('letter:n')?.at).toBe('2026-11-27T18:00:00.000Z');
  });
});

describe('memory', () => {
  it('a better grade keeps longer, a lapse brings back soon, and what is not written fades', () => {
    const first = ([1, 2, 3] as Grade[]).map((grade) =>
      afterRating(undefined, { grade, at: at(0), off: [] }),
    );
    const [off, near, right] = first.map(({ due }) => Date.parse(due)) as [number, number, number];
    expect(off).toBeLessThanOrEqual(near);
    expect(near).toBeLessThan(right);
    const memory = afterRating(first[2], { grade: GRADES.right, at: at(3), off: [] });
    expect(chanceOf(memory, at(3))).toBe(1);
    expect(chanceOf(memory, at(60))).toBeLessThan(chanceOf(memory, at(10)));
    const lapsed = afterRating(memory, { grade: GRADES.off, at: at(17), off: [] });
    expect(lapsed.lapses).toBe(1);
    expect(standOf(lapsed, at(17))).toBe('wobbling');
    expect(Date.parse(lapsed.due)).toBeLessThan(Date.parse(memory.due) + 30 * 86_400_000);
    expect(isDue(memory, new Date(memory.due))).toBe(true);
  });

  it('a clock set back changes no order: a rating from before the last counts as of the same moment', () => {
    const memory = afterRating(undefined, { grade: GRADES.right, at: at(10), off: [] });
    const again = afterRating(memory, { grade: GRADES.right, at: at(2), off: [] });
    expect(again.last).toBe(memory.last);
    expect(Number.isFinite(again.stability)).toBe(true);
  });

  it('is the same whatever order sessions came in, and as before when one is taken back', () => {
    const anyRating = fc.record({
      session: fc.uuid(),
      at: fc.integer({ min: 0, max: 300 }).map((day) => at(day).toISOString()),
      grade: fc.constantFrom<Grade>(1, 2, 3),
      off: fc.subarray([...CRITERION_IDS], { maxLength: 2 }),
    });
    fc.assert(
      fc.property(
        fc.uniqueArray(anyRating, { minLength: 1, maxLength: 12, selector: (r) => r.session }),
        (all) => {
          const put = (list: readonly KeptRating[]) =>
            list.reduce<readonly KeptRating[]>((kept, one) => withRating(kept, one.session, one), []);
          expect(memoryOf(put([...all].reverse()))).toEqual(memoryOf(put(all)));
          const [one, ...others] = all;
          expect(withRating(put(all), one?.session ?? '', undefined)).toEqual(put(others));
        },
      ),
    );
  });
});
