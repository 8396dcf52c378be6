import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { componentsOf, inkedOf, patchesOf } from './components';
import { emptyGrey } from './grey';

/** A picture drawn with # for ink. */
function drawn(...rows: string[]) {
  const width = rows[0]?.length ?? 0;
  const set = Uint8Array.from(rows.join(''), (sign) => (sign === '#' ? 1 : 0));
  return componentsOf(set, width, rows.length);
}

describe('patches', () => {
  it('hold together across sides and corners, and nothing else', () => {
    const { components, labels } = drawn(
      '#..#....', //
      '.#....##',
      '..#...##',
    );
    expect(components.map(({ area, left, top, right, bottom }) => [area, left, top, right, bottom])).toEqual([
      [3, 0, 0, 3, 3],
      [1, 3, 0, 4, 1],
      [4, 6, 1, 8, 3],
    ]);
    expect([...labels.subarray(0, 8)]).toEqual([1, 0, 0, 2, 0, 0, 0, 0]);
  });

  it('do not reach round the ends of a row', () => {
    expect(drawn('...#', '#...').components).toHaveLength(2);
  });

  it('are the picture, each pixel in one of them, and no two of them touch', () => {
    const size = 9;
    const pixels = fc.array(fc.integer({ min: 0, max: 1 }), {
      minLength: size * size,
      maxLength: size * size,
    });
    fc.assert(
      fc.property(pixels, (bits) => {
        const set = Uint8Array.from(bits);
        const { components, labels } = componentsOf(set, size, size);
        for (const { label, area, left, top, right, bottom } of components) {
          const mine = [...labels.keys()].filter((i) => labels[i] === label);
          expect(mine).toHaveLength(area);
          const [xs, ys] = [mine.map((i) => i % size), mine.map((i) => Math.floor(i / size))];
          expect([Math.min(...xs), Math.min(...ys), Math.max(...xs) + 1, Math.max(...ys) + 1]).toEqual([
            left,
            top,
            right,
            bottom,
          ]);
        }
        for (const [i, label] of labels.entries()) {
          expect(label > 0).toBe(set[i] === 1);
          for (const step of [1, size - 1, size, size + 1]) {
            const other = i + step;
            const beside = Math.abs((other % size) - (i % size)) <= 1 && other < size * size;
            if (beside && label > 0 && labels[other]) expect(labels[other]).toBe(label);
          }
        }
      }),
    );
  });

  it('of ink are what is inked at least by half', () => {
    const ink = emptyGrey(4, 1);
    ink.data.set([0.5, 0.49, 1, 0.6]);
    expect([...inkedOf(ink)]).toEqual([1, 0, 1, 1]);
    expect(patchesOf(ink).map(({ area }) => area)).toEqual([1, 2]);
  });
});
