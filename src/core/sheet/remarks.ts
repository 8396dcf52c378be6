import { countsByPen, type Range } from '../hand/hand';
import { clamp, plain } from '../measure/units';
import { listed } from '../measure/words';
import { pageBoxes } from '../page/boxes';
import { bodyHeight } from '../setting/bodyHeight';
import { handOf } from '../setting/handOf';
import { bearableShade, CLOSES } from '../setting/settingFace';
import type { Sheet } from './sheet';

/** A remark in the margin: a caution where the sheet departs from what the hand is usually given. */
export interface Remark {
  readonly tone: 'warning' | 'caution' | 'note';
  readonly text: string;
}

/** Minimum nib width for a beginner: small nibs hide mistakes (common teaching value). */
const SMALLEST_FIRST_NIB = 1.5;
/** Tolerance outside the usual range of weights, in nib widths, within which a weight is a matter of taste. */
const FAR_OUTSIDE = 0.75;
/** Body heights under this are hard to write and to read (common teaching value). */
const THINNEST_READABLE_BODY_MM = 2;

const outside = (value: number, { low, high }: Range) => value < low - 1e-9 || value > high + 1e-9;
const span = ({ low, high }: Range) => (low === high ? plain(low) : `${plain(low)} to ${plain(high)}`);

/** What a teacher looking over the scribe's shoulder would say about this sheet. Pure; empty when nothing is odd. */
export function remarks(recipe: Sheet): Remark[] {
  const hand = handOf(recipe);
  const found: Remark[] = [];
  const say = (tone: Remark['tone'], text: string) => found.push({ tone, text });
  const { zones } = recipe;
  const byNib = hand.basis === 'nib';
  const body = bodyHeight(recipe);

  if (countsByPen(hand) && outside(zones.body, hand.weight)) {
    const nearest = clamp(zones.body, hand.weight.low, hand.weight.high);
    const unit = byNib ? 'nib widths' : 'dots';
    const what = hand.capitalsOnly ? 'capitals' : 'body';
    const why =
      zones.body < nearest
        ? 'strokes crowd the counters and the page turns black'
        : 'the letters turn pale and thin for their height';
    const far = Math.abs(zones.body - nearest) >= FAR_OUTSIDE;
    say(
      far ? 'warning' : 'caution',
      `${hand.name} is usually written with a ${what} of ${span(hand.weight)} ${unit}. At ${plain(zones.body)}, ${why}. The nearest usual weight is ${plain(nearest)}.`,
    );
  }
  if (!byNib && hand.bodyMm && outside(body, hand.bodyMm)) {
    say(
      'caution',
      `A body of ${plain(body)} mm is outside the ${span(hand.bodyMm)} mm usual for learning ${hand.name}.`,
    );
  }
  const bearable = bearableShade(recipe);
  if (recipe.width > bearable * CLOSES) {
    const what = hand.tool === 'monoline' ? 'line' : 'shade';
    say(
      'warning',
      `A ${what} of ${plain(recipe.width)} mm closes the counters of a body of ${plain(body, 1)} mm; the letters shown are pressed to ${plain(bearable, 1)} mm. Take a body of ${plain(Math.ceil((body * recipe.width) / bearable), 0)} mm or more, a smaller pen, or press less.`,
    );
  }
  if (hand.penAngle && outside(recipe.penAngle, hand.penAngle.range)) {
    say(
      'caution',
      `${hand.name} is held at ${span(hand.penAngle.range)}°; at ${plain(recipe.penAngle)}° ${recipe.penAngle > hand.penAngle.range.high ? 'upright strokes come out thinner and level ones thicker' : 'upright strokes come out thicker and level ones thinner'} than the hand asks.`,
    );
  }
  if (outside(recipe.slope, hand.slope.range)) {
    say(
      'caution',
      `${hand.name} slopes ${span(hand.slope.range)}°; this sheet slopes ${plain(recipe.slope)}°.`,
    );
  }
  if (byNib && hand.capitals && !recipe.capitalsOnly && zones.capital > 0) {
    const reach = zones.body + zones.ascender;
    if (zones.capital > reach) {
      say(
        'warning',
        `Capitals of ${plain(zones.capital)} tower over ascenders of ${plain(reach)} nib widths.`,
      );
    } else if (!hand.tallCapitals && zones.capital === reach) {
      say('caution', `${hand.name} capitals are usually shorter than the ascenders.`);
    }
  }
  if (byNib && recipe.width < SMALLEST_FIRST_NIB) {
    say('note', `Under ${SMALLEST_FIRST_NIB} mm a nib hides mistakes; beginners start larger.`);
  }
  if (recipe.capitalsOnly && zones.capital > 0 && !hand.capitalsOnly) {
    say('note', 'Ruled for capitals only, so the body line is left out.');
  }
  if (recipe.shareZones && !recipe.capitalsOnly) {
    say(
      'note',
      'Lines share their ascender and descender space: look where a descender meets an ascender below it.',
    );
  }
  const { yielded } = pageBoxes(recipe);
  if (yielded.length > 0) {
    say(
      'note',
      `On so small a sheet ${listed(yielded)} ${yielded.length > 1 || yielded[0]?.endsWith('s') ? 'make' : 'makes'} way for the writing.`,
    );
  }
  if (body < THINNEST_READABLE_BODY_MM) {
    say('caution', `A body of ${plain(body)} mm is hard to write and to read.`);
  }
  return found;
}
