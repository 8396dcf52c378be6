import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { freshRecipe } from '../document/defaults';
import { HANDS } from '../hands/registry';
import { loadScript } from '../hands/scripts';
import { LIMITS } from '../problem/limits';
import { recipeTypeface } from '../setting/settingFace';
import type { Typeface } from './face';
import { setLine } from './setLine';
import { closeness } from './spacing';

/** The hand's letters with more, or less, white than its own. */
async function faceWith(
  hand: (typeof HANDS)[number]['id'],
  writing: { letterSpace?: number; wordSpace?: number },
): Promise<Typeface> {
  await loadScript(hand);
  const recipe = freshRecipe(hand);
  const face = recipeTypeface({ ...recipe, writing: { ...recipe.writing, ...writing } });
  if (!face) throw new Error(`${hand} has no letters`);
  return face;
}

const ROW_HANDS = HANDS.filter(({ basis }) => basis !== 'dots').map(({ id }) => id);

describe.each(ROW_HANDS)('white asked for in %s', (hand) => {
  it('moves letters apart by that share of the body, and words by theirs', async () => {
    const [own, wider, apart] = [
      await faceWith(hand, {}),
      await faceWith(hand, { letterSpace: 0.2 }),
      await faceWith(hand, { wordSpace: 0.5 }),
    ];
    const { body } = own.zones;
    const word = hand === 'roman' ? 'NINE' : 'nine';
    const steps = word.length - 1;
    expect(setLine(wider, word).width - setLine(own, word).width).toBeCloseTo(steps * 0.2 * body, 1);
    expect(setLine(apart, word).width).toBeCloseTo(setLine(own, word).width, 6);
    const two = `${word} ${word}`;
    expect(setLine(apart, two).width - setLine(own, two).width).toBeCloseTo(0.5 * body, 1);
  });

  it('never lets letters touch, however little is asked for', async () => {
    const face = await faceWith(hand, {
      letterSpace: LIMITS.letterSpace.low,
      wordSpace: LIMITS.wordSpace.low,
    });
    const letters = [...face.letters.values()].filter(({ letter }) => /^\p{L}$/u.test(letter.text));
    fc.assert(
      fc.property(fc.constantFrom(...letters), fc.constantFrom(...letters), (before, after) => {
        const white = face.pair(before, after) + closeness(before.profile, after.profile);
        expect(white).toBeGreaterThanOrEqual(face.script.spacing.leastGap - 1e-9);
      }),
      { numRuns: 60 },
    );
  });
});

it('words of the court hand stand farther apart where that is asked for, and its letters do not', async () => {
  const [own, apart] = [
    await faceWith('court', {}),
    await faceWith('court', { wordSpace: 0.5, letterSpace: 0.3 }),
  ];
  expect(setLine(apart, 'نور').width).toBeCloseTo(setLine(own, 'نور').width, 6);
  expect(setLine(apart, 'نور نور').width).toBeGreaterThan(
    setLine(own, 'نور نور').width + 0.4 * own.zones.body,
  );
});
