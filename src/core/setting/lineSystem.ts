import { penUnit } from '../hand/penUnit';
import type { Mm, Modules } from '../measure/units';
import { handOf } from './handOf';
import type { Setting } from './setting';

/**
 * The vertical arithmetic of one ruled line, in modules: how far it reaches over and under its baseline and how far
 * it is to the next. Only what is here decides how many lines a page holds.
 */
export interface LineSystem {
  /** Reach of the zones over the baseline. */
  readonly above: Modules;
  /** Reach of the zones under the baseline. */
  readonly below: Modules;
  /** Baseline to baseline. */
  readonly pitch: Modules;
}

/** What the arithmetic needs of a recipe; the solver varies `zones.body`. */
export interface LineShape extends Pick<Setting, 'zones' | 'capitalsOnly'> {
  readonly shareZones: boolean;
}

/**
 * Capitals-only lines reach from the baseline to the capital line (to the body line where a hand counts its capitals
 * as the body). Otherwise a line reaches from the descender to the higher of ascender and capital. Neighbouring lines
 * that share zones put the descender of one and the ascender of the next into the same space.
 */
export function lineSystem({ zones, shareZones, capitalsOnly }: LineShape): LineSystem {
  if (capitalsOnly) {
    const above = zones.capital > 0 ? zones.capital : zones.body;
    return { above, below: 0, pitch: above + zones.gap };
  }
  const above = Math.max(zones.body + zones.ascender, zones.capital);
  const below = zones.descender;
  const overBody = above - zones.body;
  const pitch = shareZones ? zones.body + Math.max(overBody, below) + zones.gap : above + below + zones.gap;
  return { above, below, pitch };
}

/** Length of one module on paper for a nib of `width`. */
export function moduleLength(
  recipe: Pick<Setting, 'hand' | 'school' | 'penAngle' | 'ratioUnit'>,
  width: Mm,
): Mm {
  const hand = handOf(recipe);
  return penUnit(hand, width, recipe.penAngle) ?? (hand.basis === 'ratio' ? recipe.ratioUnit : 1);
}

/** Tolerance of counts for rounding errors: a line that misses by a billionth of a millimetre fits. */
const DUST = 1e-9;

/** Height taken by `lines` lines. */
export const heightOfLines = (system: LineSystem, module: Mm, lines: number): Mm =>
  (system.above + system.below + (lines - 1) * system.pitch) * module;

/** How many lines fit into `height`; 0 when not one does. */
export function linesThatFit(system: LineSystem, module: Mm, height: Mm): number {
  const rest = height - heightOfLines(system, module, 1);
  if (rest < -DUST) return 0;
  return Math.floor((rest + DUST) / (system.pitch * module)) + 1;
}
