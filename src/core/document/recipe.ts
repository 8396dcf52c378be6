import { z } from 'zod';
import type { HandId } from '../hands/registry';
import { practiceSchema } from '../practice/bandFormat';
import { NO_PRACTICE } from '../practice/noPractice';
import { BUNDLED } from '../practice/words/wordList';
import { wordListId } from '../practice/words/wordListFormat';
import { Problem } from '../problem/problem';
import { read } from '../problem/read';
import { schoolOfHand } from '../setting/setting';
import { sheetShape } from '../sheet/sheet';
import { RECIPE_FORMAT, RECIPE_VERSION } from './format';
import { MIGRATIONS } from './migrations';

/**
 * The recipe: everything that decides what a sheet looks like, as versioned plain JSON (docs/formats.md): a setting and
 * a page, what the sheet adds, and what is practised on it.
 */
export const recipeSchema = z
  .strictObject({
    format: z.literal(RECIPE_FORMAT),
    version: z.literal(RECIPE_VERSION),
    ...sheetShape,
    /** What is practised on the sheet, band by band. Absent in earlier recipes. */
    practice: practiceSchema.default(NO_PRACTICE),
    /** The list its words come from, by its id; absent in earlier recipes. */
    wordList: wordListId.default(BUNDLED),
  })
  .refine(schoolOfHand.check, {
    path: ['school'],
    error: (issue) => schoolOfHand.refusal(issue.input as { hand: HandId; school: string }),
  });

export type Recipe = z.infer<typeof recipeSchema>;

/**
 * Reads a recipe of any version up to the current one from untrusted data.
 * @throws Problem naming the field, when the data is not a recipe, is from a later version, or is out of range.
 */
export function parseRecipe(data: unknown): Recipe {
  if (typeof data !== 'object' || data === null || (data as { format?: unknown }).format !== RECIPE_FORMAT) {
    throw new Problem('format', 'This is not an Elvane recipe: its “format” is not “elvane-recipe”.');
  }
  let current = data as Readonly<Record<string, unknown>>;
  const version = current.version;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    throw new Problem('version', 'The recipe’s “version” must be a whole number from 1.');
  }
  if (version > RECIPE_VERSION) {
    throw new Problem(
      'version',
      `This recipe is of version ${version}; this Elvane reads up to version ${RECIPE_VERSION}. Update Elvane to open it.`,
    );
  }
  for (let v = version; v < RECIPE_VERSION; v++) current = MIGRATIONS[v]?.(current) ?? current;
  return read(recipeSchema, current, { what: 'the recipe' });
}
