import { describe, expect, it } from 'vitest';
import { readLetterSet } from '@/core/setting/letterSet';
import { asOwn, emptySet, OWN_BODY, ownLetters } from '@/core/setting/ownLetters';
import { cutsOf, DRAWN, nameOf, usualFace } from '../support/drawnHands';

/** Thousandths of a letter unit, and the lift of heights to the body letters of one's own are drawn at. */
const ROUNDING = 0.002;

describe.each(DRAWN)('a letter of %s, taken to start one of your own', (hand) => {
  const face = usualFace(hand);

  it('goes out as JSON and comes back with every stroke as it was', () => {
    const lost = cutsOf(face).flatMap((cut) => {
      const set = { ...emptySet(hand), name: 'mine', letters: [asOwn(cut.letter, 'mine', face.measures)] };
      const [back] = ownLetters(readLetterSet(JSON.stringify(set)).letters, face.zones);
      const faults = cut.letter.strokes.flatMap((stroke, i) => {
        const { knots = [], ...rest } = back?.strokes[i] ?? {};
        const same = JSON.stringify(rest) === JSON.stringify({ ...rest, ...stroke, knots: undefined });
        const near = stroke.knots.every((knot, j) =>
          Object.entries(knot).every(([key, value]) => {
            const now = knots[j]?.[key as keyof typeof knot];
            return typeof value === 'number'
              ? Math.abs(value - Number(now)) < ROUNDING * (face.zones.body / OWN_BODY + 1)
              : now === value;
          }),
        );
        return same && near ? [] : [`${nameOf(cut)}, ${stroke.name}`];
      });
      return faults;
    });
    expect(lost).toEqual([]);
  });
});
