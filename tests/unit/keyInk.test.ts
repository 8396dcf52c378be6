import { beforeAll, describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { HANDS } from '@/core/hands/registry';
import { loadAllScripts } from '@/core/hands/scripts';
import type { Polygon } from '@/core/pen/pen';
import { recipeTypeface } from '@/core/setting/settingFace';
import { inkOf, keyInkOf } from '@/core/type/cut';

beforeAll(loadAllScripts);

/** A letter as small as a key is drawn at some ten pixels a body: so far it may stray, in letter units, and nobody sees it. */
const SEEN = 0.12;

const reach = (ink: readonly Polygon[]) => {
  const points = ink.flat();
  return [0, 1].flatMap((axis) => {
    const all = points.map((point) => point[axis] as number);
    return [
      all.reduce((a, b) => Math.min(a, b), Number.POSITIVE_INFINITY),
      all.reduce((a, b) => Math.max(a, b), Number.NEGATIVE_INFINITY),
    ];
  });
};

describe('a letter as small as a key', () => {
  for (const { id, name } of HANDS)
    it(`of ${name} reaches as far as its ink does, in a part of the points`, () => {
      const face = recipeTypeface(freshRecipe(id));
      expect(face).toBeDefined();
      if (!face) return;
      let [small, whole] = [0, 0];
      for (const cut of face.letters.values()) {
        const [key, ink] = [keyInkOf(face.pen, cut), inkOf(face.pen, cut)];
        const [keyReach, inkReach] = [reach(key), reach(ink)];
        keyReach.forEach((at, i) => {
          expect(Math.abs(at - (inkReach[i] ?? 0)), cut.letter.text).toBeLessThan(SEEN);
        });
        small += key.flat().length;
        whole += ink.flat().length;
      }
      expect(small).toBeLessThan(whole / 2);
    });
});
