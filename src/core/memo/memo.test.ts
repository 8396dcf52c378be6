import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lastFor, lru, once, perObject } from './memo';

describe('what was made before', () => {
  it('is kept while it is among the last asked for, and no longer', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 6 })), fc.integer({ min: 1, max: 5 }), (asked, most) => {
        let made = 0;
        const remember = lru<string>(most);
        const last: string[] = [];
        for (const key of asked.map(String)) {
          const before = made;
          expect(
            remember(key, () => {
              made += 1;
              return `made of ${key}`;
            }),
          ).toBe(`made of ${key}`);
          expect(made - before, key).toBe(last.slice(-most).includes(key) ? 0 : 1);
          last.splice(last.indexOf(key) >>> 0, 1);
          last.push(key);
        }
      }),
    );
  });

  it('is kept for a thing, even where nothing came of it', () => {
    let made = 0;
    const of = perObject((_: object) => {
      made += 1;
    });
    const [one, other] = [{}, {}];
    for (const key of [one, one, other, one]) of(key);
    expect(made).toBe(2);
  });

  it('is kept for what it was last made by', () => {
    const made: string[] = [];
    const of = lastFor((by: string, key: { name: string }) => {
      made.push(`${key.name} by ${by}`);
      return made.length;
    });
    const [a, b] = [{ name: 'a' }, { name: 'b' }];
    expect([of('pen', a), of('pen', b), of('pen', a), of('brush', a), of('pen', a)]).toEqual([1, 2, 1, 3, 4]);
    expect(made).toEqual(['a by pen', 'b by pen', 'a by brush', 'a by pen']);
  });

  it('is made when it is first asked for, even where nothing came of it', () => {
    let made = 0;
    const of = once(() => {
      made += 1;
    });
    expect(made).toBe(0);
    of();
    of();
    expect(made).toBe(1);
  });
});
