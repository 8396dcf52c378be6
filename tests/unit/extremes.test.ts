import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import type { Recipe } from '@/core/document/recipe';
import { handById } from '@/core/hands/registry';
import type { Cut } from '@/core/type/cut';
import { cutsOf, DRAWN, faceOf, nameOf } from '../support/drawnHands';
import { inkOfLetter } from '../support/letterChecks';
import { topologyOf } from '../support/topology';

/** Ends of what a sheet may ask of a hand: nib, weight, pen angle and slope, each for itself, in every school. */
function settingsOf(hand: string): readonly (readonly [string, Recipe])[] {
  const { schools, weight, penAngle, slope } = handById(hand);
  const usual = freshRecipe(hand);
  const withBody = (body: number): Recipe => ({
    ...usual,
    zones: {
      ...usual.zones,
      body,
      capital: usual.zones.capital * (handById(hand).capitalsOnly ? body / usual.zones.body : 1),
    },
  });
  const all: readonly (readonly [string, Recipe])[] = [
    ...schools.map(({ id, name }) => [name, freshRecipe(hand, id)] as const),
    ['a nib of 0.5 mm', { ...usual, width: 0.5 }],
    ['a nib of 8 mm', { ...usual, width: 8 }],
    ['the lowest body', withBody(weight.low)],
    ['the tallest body', withBody(weight.high)],
    ...(penAngle
      ? ([
          ['the flattest pen', { ...usual, penAngle: penAngle.range.low }],
          ['the steepest pen', { ...usual, penAngle: penAngle.range.high }],
        ] as const)
      : []),
    ['the least slope', { ...usual, slope: slope.range.low }],
    ['the most slope', { ...usual, slope: slope.range.high }],
  ];
  // Ends that are the usual setting are looked at once, with the first school.
  const same = JSON.stringify(usual);
  return all.filter(([, recipe], i) => i === 0 || JSON.stringify(recipe) !== same);
}

const PARTS = 6;

const edgeHands = DRAWN.filter((hand) => handById(hand).tool === 'broad');

describe.each(edgeHands)('at the ends of what may be asked, %s', (hand) => {
  it('has letters without fleck, and in as many pieces as usual', () => {
    const usual = faceOf(freshRecipe(hand));
    const pieces = new Map(
      cutsOf(usual).map((cut) => [nameOf(cut), topologyOf(inkOfLetter(cut.letter, usual.pen)).pieces]),
    );
    const faults = settingsOf(hand).flatMap(([name, recipe], setting) => {
      const face = faceOf(recipe);
      // At each end a sixth of the letters, another sixth at the next: every letter is looked at, and the run stays short.
      const some = cutsOf(face).filter((_, i) => i % PARTS === setting % PARTS);
      return some.flatMap((cut: Cut) => {
        const found = topologyOf(inkOfLetter(cut.letter, face.pen));
        const wanted = pieces.get(nameOf(cut)) ?? found.pieces;
        return found.flecks > 0 || found.pieces !== wanted
          ? [`${nameOf(cut)}, ${name}: ${found.pieces} pieces of ${wanted}, ${found.flecks} flecks`]
          : [];
      });
    });
    expect(faults).toEqual([]);
  });
});
