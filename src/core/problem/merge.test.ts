import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { merge, sameData } from './merge';

const value = (was: unknown, mine: unknown, theirs: unknown) => {
  const merged = merge({ was, mine, theirs });
  return merged.kind === 'merged' ? merged.value : merged;
};

describe('two changes of one record', () => {
  const was = { label: 'a nib', hours: 3, note: '' };

  it('are both kept where they are of different fields', () => {
    const theirs = { ...was, hours: 4.5 };
    expect(value(was, { ...was, note: 'springs' }, theirs)).toEqual({ ...theirs, note: 'springs' });
  });

  it('of one field to different values are a conflict, named by its path', () => {
    const merged = merge({
      was: { kit: was },
      mine: { kit: { ...was, hours: 4 } },
      theirs: { kit: { ...was, hours: 5 } },
    });
    expect(merged).toEqual({ kind: 'conflict', path: ['kit', 'hours'] });
  });

  it('of one list keep what either added and drop what either removed', () => {
    expect(value(['n', 'm', 'o'], ['n', 'm', 'o', 'a'], ['m', 'o', 'd'])).toEqual(['m', 'o', 'd', 'a']);
  });

  it('that both make a record where there was none keep the members of both', () => {
    expect(value(undefined, { letters: ['n'] }, { letters: ['m'] })).toEqual({ letters: ['m', 'n'] });
  });
});

describe('by property', () => {
  const record = fc.dictionary(
    fc.constantFrom('a', 'b', 'c'),
    fc.oneof(fc.integer(), fc.array(fc.integer())),
  );

  it('a side that changed nothing yields the other, whatever it is', () => {
    fc.assert(
      fc.property(record, record, (was, other) => {
        expect(value(was, was, other)).toEqual(other);
        expect(sameData(value(was, other, was), other)).toBe(true);
      }),
    );
  });

  it('a change that is sent twice is the same as one that is sent once', () => {
    fc.assert(
      fc.property(record, record, record, (was, mine, theirs) => {
        const once = merge({ was, mine, theirs });
        fc.pre(once.kind === 'merged');
        if (once.kind === 'merged') expect(sameData(value(was, mine, once.value), once.value)).toBe(true);
      }),
    );
  });
});
