import type { Recipe } from '../src/core/document/recipe';
import { segments } from '../src/core/drawing/build';
import type { Drawing, DrawingNode } from '../src/core/drawing/drawing';
import { tanDeg } from '../src/core/measure/units';
import { letterZones, recipeTypeface } from '../src/core/setting/settingFace';
import type { Typeface } from '../src/core/type/face';
import { ornamented } from '../src/core/type/ornament';
import { setLine } from '../src/core/type/setLine';
import { writeLine } from '../src/core/type/writeLine';

const INK = '#1F2430';
const RULE = '#9db3c8';
const AROUND = 3;
/** Room under the line of hands without descenders: marks and tails go there all the same. */
const LEAST_BELOW = 2;
/** White between letters that are written for themselves. */
const APART = 2.5;

/**
 * Rows of writing on their guidelines, one letter unit a millimetre. A row of the form `*a b c` writes each of its
 * words for itself, spread evenly: letters without joins.
 * @throws Error for a hand whose letters are not drawn.
 */
export function specimen(recipe: Recipe, rows: readonly string[]): Drawing {
  const face = recipeTypeface(recipe);
  if (!face) throw new Error(`${recipe.hand} has no letters.`);
  const { body, ascender, descender, capital } = letterZones(recipe);
  const above = Math.max(body + ascender, capital);
  const lean = tanDeg(recipe.slope);
  const pitch = above + Math.max(descender, LEAST_BELOW) + 2;
  const back = AROUND + (descender + 1) * lean;
  const nodes: DrawingNode[] = [];
  let width = 0;
  const lines = rows.map((row, i) => {
    const y = AROUND + above + i * pitch;
    let x = back;
    const parts = row.startsWith('*') ? row.slice(1).split(' ') : [row];
    const ink = parts.flatMap((text) => {
      const set = ornamented(face, setLine(face, text), recipe.writing);
      const start = x + set.left;
      x = start + set.width + (parts.length > 1 ? APART : 0);
      return writeLine(face, set, start, y, 1, INK);
    });
    width = Math.max(width, x + above * lean + AROUND);
    return { y, ink };
  });
  const rules = [0, body, body + ascender, -descender, capital];
  for (const { y, ink } of lines) {
    nodes.push(
      segments(
        rules.map((height) => [0, y - height, width, y - height]),
        { colour: RULE, width: 0.03 },
      ),
      ...ink,
    );
  }
  return { width, height: 2 * AROUND + rows.length * pitch, title: `${recipe.hand} specimen`, nodes };
}

/** Letters to a row of a hand's whole alphabet. */
const ROW = 26;

/** Every usual letter, family by family, in rows to be written each for itself. */
export function alphabetRows(face: Typeface): string[] {
  const texts = [...face.shapes.keys()];
  return Array.from({ length: Math.ceil(texts.length / ROW) }, (_, i) => {
    return `*${texts.slice(i * ROW, (i + 1) * ROW).join(' ')}`;
  });
}
