import type { Recipe } from '@/core/document/recipe';
import { handById } from '@/core/hands/registry';
import { plain } from '@/core/measure/units';
import type { WritingPen } from '@/core/pen/pen';
import { handSetting } from '@/core/setting/handSetting';
import type { OwnLetter } from '@/core/setting/letterSet';
import { recipeTypeface } from '@/core/setting/settingFace';
import type { Cut } from '@/core/type/cut';
import type { Typeface } from '@/core/type/face';

/** What a letter can be laid beside: a name for the list, and how it is written. */
export interface Comparison {
  readonly id: string;
  readonly name: string;
  readonly group: 'angle' | 'shape' | 'school' | 'letter';
}

export interface Compared {
  readonly face: Typeface;
  readonly pen: WritingPen;
  readonly cut: Cut;
  readonly name: string;
}

/** Everything the letter can be compared with. */
export function comparisons(recipe: Recipe, face: Typeface, cut: Cut, heldAngle: number): Comparison[] {
  const { text, variant } = cut.letter;
  return [
    ...(face.pen.kind === 'broad'
      ? [
          {
            id: 'angle:held',
            name: `held at ${plain(heldAngle, 0)}° throughout`,
            group: 'angle' as const,
          },
        ]
      : []),
    ...(face.shapes.get(text) ?? [])
      .filter((other) => other.letter.variant !== variant)
      .map(({ letter }) => ({
        id: `shape:${letter.variant}`,
        name: `${text}, ${letter.variant}`,
        group: 'shape' as const,
      })),
    ...handById(recipe.hand)
      .schools.filter(({ id }) => id !== recipe.school)
      .map(({ id, name }) => ({ id: `school:${id}`, name, group: 'school' as const })),
    ...[...face.letters.keys()]
      .filter((other) => other !== text)
      .map((other) => ({ id: `letter:${other}`, name: other, group: 'letter' as const })),
  ];
}

/** The other letter of a comparison, in the pen and the face it is written with. */
export function compared(
  id: string,
  recipe: Recipe,
  face: Typeface,
  cut: Cut,
  heldAngle: number,
  own: readonly OwnLetter[],
): Compared | undefined {
  const [group, value] = [id.slice(0, id.indexOf(':')), id.slice(id.indexOf(':') + 1)];
  const found = comparisons(recipe, face, cut, heldAngle).find((one) => one.id === id);
  if (!found) return undefined;
  const { name } = found;
  switch (group) {
    case 'angle':
      return face.pen.kind === 'broad'
        ? { face, cut, pen: { ...face.pen, angle: heldAngle, held: true }, name }
        : undefined;
    case 'shape': {
      const other = face.shapes.get(cut.letter.text)?.find(({ letter }) => letter.variant === value);
      return other && { face, cut: other, pen: face.pen, name };
    }
    case 'letter': {
      const other = face.letters.get(value);
      return other && { face, cut: other, pen: face.pen, name };
    }
    default: {
      const part = handSetting(recipe.hand, value);
      const theirs = recipeTypeface(
        { ...recipe, ...part, width: recipe.width, writing: recipe.writing },
        { own },
      );
      const other = theirs?.letters.get(cut.letter.text);
      return theirs && other && { face: theirs, cut: other, pen: theirs.pen, name };
    }
  }
}
