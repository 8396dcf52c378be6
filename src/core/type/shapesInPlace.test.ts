import { describe, expect, it } from 'vitest';
import { usualFace } from '../../../tests/support/drawnHands';
import { lettersOf } from './placed';
import { setLine } from './setLine';
import { shapesInPlaceOf } from './shapes';

describe('shapes offered for a letter inside a word', () => {
  const face = usualFace('court');
  const word = 'سماء';
  const inner = lettersOf(setLine(face, word)).filter(({ cut }) => typeof cut.letter.context === 'object');

  it('are of its own form, so that none breaks the word', () => {
    expect(inner.length).toBeGreaterThan(1);
    for (const { cut } of inner) {
      const form = (context: typeof cut.letter.context) =>
        typeof context === 'object' && 'form' in context ? context.form : undefined;
      for (const other of shapesInPlaceOf(face, cut)) {
        expect(form(other.letter.context), cut.letter.text).toBe(form(cut.letter.context));
      }
    }
  });

  it('of another form are not taken, however they were asked for', () => {
    const plain = lettersOf(setLine(face, word)).map(({ cut }) => cut.letter.variant);
    for (const { at, cut } of inner) {
      const strangers = face
        .shapesOf(cut.letter.text)
        .filter((one) => !shapesInPlaceOf(face, cut).includes(one));
      for (const { letter } of strangers.filter(({ letter: { context } }) => typeof context === 'object')) {
        const touched = lettersOf(setLine(face, word, [{ at, shape: letter.variant }]));
        expect(touched.map((one) => one.cut.letter.variant)).toEqual(plain);
      }
    }
  });
});
