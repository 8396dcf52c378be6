import { z } from 'zod';
import { withAnyNib } from '../document/chosenNib';
import { freshRecipe } from '../document/defaults';
import { countsByPen } from '../hand/hand';
import { handIdSchema } from '../hands/handId';
import type { HandId } from '../hands/registry';
import type { Mm } from '../measure/units';
import { LIMITS } from '../problem/limits';
import { shortText } from '../problem/schema';
import { bodyHeight } from '../setting/bodyHeight';
import { handOf } from '../setting/handOf';
import { lineSystem, moduleLength } from '../setting/lineSystem';
import { pin } from '../sheet/solve';

const within = (label: string, { low, high }: { low: number; high: number }) =>
  z.coerce
    .number({ error: () => `${label} must be a number.` })
    .min(low, { error: () => `${label} must be ${low} at least.` })
    .max(high, { error: () => `${label} must be ${high} at most.` });

/** Maximum number of rows marked at once. */
export const MOST_SAMPLE_ROWS = 12;
/** Maximum length of the typed text of what was written. */
const LONGEST_TEXT = 200;

/** The user's description of writing without marks: "these are three rows of Italic, five nib widths, written with 2.4 mm, 18 mm apart". */
export const sampleSchema = z.strictObject({
  hand: handIdSchema,
  /** Width of the nib in mm; of no account for a hand whose heights are not its nib's. */
  nib: within('Nib width', LIMITS.width),
  /** Height of the body in mm. */
  body: within('Body height', LIMITS.bodyMm),
  rows: within('Number of rows', { low: 1, high: MOST_SAMPLE_ROWS }).pipe(z.int()),
  /** From baseline to baseline, in mm; of no account for a single row. */
  pitch: within('Distance of the baselines', { low: 2, high: 200 }),
  /** What was written, where the scribe says it: then the model is of the same words. */
  text: shortText('The text', LONGEST_TEXT).default(''),
});
export type SampleAsked = z.infer<typeof sampleSchema>;

/** Height of the block that is shown: from the upper line of the first row to the baseline of the last. */
export const blockHeight = ({ rows, pitch, body }: Pick<SampleAsked, 'rows' | 'pitch' | 'body'>): Mm =>
  (rows - 1) * pitch + body;

/** How a hand is usually written: its nib, the height of its body in nib widths where it is counted so, in mm where not, and its lines' distance. */
export interface UsualSample {
  readonly nib: Mm;
  /** Undefined for a hand whose heights are not its nib's. */
  readonly weight: number | undefined;
  readonly body: Mm;
  readonly pitch: Mm;
}

export function usualSample(hand: HandId): UsualSample {
  const recipe = freshRecipe(hand);
  const { capitalsOnly } = handOf(recipe);
  const { pitch } = lineSystem({ ...recipe, capitalsOnly });
  return {
    nib: recipe.width,
    weight: countsByPen(handOf(recipe)) ? recipe.zones.body : undefined,
    body: bodyHeight(recipe),
    pitch: Math.round(10 * pitch * moduleLength(recipe, recipe.width)) / 10,
  };
}

/** Body height in mm for a number of nib widths. */
export const bodyOfWeight = (hand: HandId, nib: Mm, weight: number): Mm =>
  bodyHeight(pin(withAnyNib({ ...freshRecipe(hand), given: {} }, nib), 'body', weight));
