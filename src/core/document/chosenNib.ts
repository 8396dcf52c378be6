import { countsByPen } from '../hand/hand';
import { heightAmount } from '../hand/heightUnit';
import { contrastOf, type Nib } from '../kit/nib';
import { type Mm, plain } from '../measure/units';
import { counted } from '../measure/words';
import { DIP_NIB_EDGE } from '../pen/edge';
import { Problem } from '../problem/problem';
import { bodyHeight } from '../setting/bodyHeight';
import { handOf } from '../setting/handOf';
import { pin, roomForLines, settle } from '../sheet/solve';
import { freshRecipe } from './defaults';
import type { Recipe } from './recipe';

/** A nib as it is chosen for a sheet. */
export type ChosenNib = Pick<Nib, 'id' | 'kind' | 'width' | 'edge' | 'hairline'>;

/** The width a nib gives a sheet; in a hand of one line, a tip's line without pressure, and of two points one point's. */
export function widthGiven(recipe: Recipe, nib: ChosenNib): Mm {
  if (handOf(recipe).tool !== 'monoline') return nib.width;
  return nib.kind === 'two-point' ? freshRecipe(recipe.hand).width : (nib.hairline ?? nib.width);
}

/** The sheet's pen is this nib: its edge, and the contrast its tip makes. */
const ofNib = (recipe: Recipe, nib: ChosenNib): Recipe => ({
  ...recipe,
  nib: nib.id,
  edge: nib.edge,
  writing: { ...recipe.writing, contrast: contrastOf(nib) ?? recipe.writing.contrast },
});

/** The sheet with a nib taken from the drawer, its width pinned. */
export const withNib = (recipe: Recipe, nib: ChosenNib): Recipe =>
  ofNib(pin(recipe, 'width', widthGiven(recipe, nib)), nib);

/** The sheet with a width of nobody's nib. */
export const withAnyNib = (recipe: Recipe, width: Mm): Recipe => ({
  ...pin(recipe, 'width', width),
  nib: '',
  edge: DIP_NIB_EDGE,
});

/** Weights that differ by less than this count as equal: half a tenth of a nib width. */
const WEIGHT_SEEN = 0.05;
/** Ratio to the hand’s range of weights beyond which the result is another hand; `core/kit/rules.ts` rejects such kits. */
const FAR_OFF = 2;

/**
 * The sheet ruled for a nib that is owned: it keeps its own measured width, and weight, body or lines follow. A body
 * wanted besides is ruled where the weight that follows can be written at all; else the hand's own weight is.
 */
export function withChosenNib(recipe: Recipe, nib: ChosenNib, bodyMm: Mm | null): Recipe {
  const width = widthGiven(recipe, nib);
  const own = ofNib(recipe, nib);
  if (!countsByPen(handOf(recipe))) {
    const settled = pin(own, 'width', width);
    return bodyMm === null ? settled : pin(settled, 'bodyMm', bodyMm);
  }
  if (bodyMm === null) return pin(own, 'width', width);
  const { weight } = handOf(recipe);
  const inHand = (body: number) => body >= weight.low / FAR_OFF && body <= weight.high * FAR_OFF;
  try {
    const ruled = settle({ ...own, given: { width, bodyMm } });
    if (inHand(ruled.zones.body)) return ruled;
  } catch (error) {
    if (!(error instanceof Problem)) throw error;
  }
  return pin({ ...own, given: {} }, 'width', width);
}

/** What choosing it will rule, before it is chosen: "2 mm, 5.3 nib widths: a body of 10.6 mm, 9 lines". */
export function whatFollows(recipe: Recipe, nib: ChosenNib, bodyMm: Mm | null): string {
  let ruled: Recipe;
  try {
    ruled = withChosenNib(recipe, nib, bodyMm);
  } catch (error) {
    if (!(error instanceof Problem)) throw error;
    return `cannot be ruled on this page: ${error.message}`;
  }
  const hand = handOf(ruled);
  const { body } = ruled.zones;
  const lines = counted(ruled.given.lines ?? roomForLines(ruled), 'line');
  const height = `a body of ${plain(bodyHeight(ruled), 1)} mm, ${lines}`;
  if (!countsByPen(hand)) {
    const pressed = hand.tool === 'monoline' ? 'a line' : 'a shade';
    return `${pressed} of ${plain(ruled.width)} mm: ${height}`;
  }
  const weight = `${plain(ruled.width)} mm, ${heightAmount(hand, body, 1)}`;
  const { low, high } = hand.weight;
  const off =
    body < low - WEIGHT_SEEN
      ? `, blacker than ${hand.name} is written`
      : body > high + WEIGHT_SEEN
        ? `, lighter than ${hand.name} is written`
        : '';
  return `${weight}: ${height}${off}`;
}
