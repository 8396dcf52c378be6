import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ANATOMIES, PARTS } from './parts';
import { PART_WORDS, partsIn } from './partWords';

describe('parts of tools', () => {
  it('have an id of their own, and stand on their drawing with their names clear of it', () => {
    expect(new Set(PARTS.map(({ id }) => id)).size).toBe(PARTS.length);
    for (const { id, parts, reach, width } of ANATOMIES)
      for (const { name, at, label } of parts) {
        expect(Math.abs(at[1]), `${id} ${name}`).toBeLessThan(reach);
        expect(Math.abs(label[1]), `${id} ${name}`).toBeLessThanOrEqual(reach);
        expect(at[0], `${id} ${name}`).toBeLessThanOrEqual(width);
      }
  });

  it('have the names that sentences lead by', () => {
    for (const name of PART_WORDS) expect(PARTS.find(({ id }) => id === name)?.name).toBe(name);
  });

  it('are marked in a sentence once each, by whole words, and no letter is lost', () => {
    expect(partsIn('Never push by the tines: crossed tines, a slitted nib.')).toEqual([
      { text: 'Never push by the ' },
      { text: 'tines', part: 'tines' },
      { text: ': crossed tines, a slitted nib.' },
    ]);
    expect(partsIn('Judge by eye. The Eye is a hole.')).toEqual([
      { text: 'Judge by eye. The ' },
      { text: 'Eye', part: 'eye' },
      { text: ' is a hole.' },
    ]);
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(
          partsIn(text)
            .map((piece) => piece.text)
            .join(''),
        ).toBe(text);
      }),
    );
  });
});
