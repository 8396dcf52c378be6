import { penUnit } from '../hand/penUnit';
import { HANDS, type HandId, handById } from '../hands/registry';
import { type Mm, plain } from '../measure/units';
import { bestWith } from './bestKit';
import type { Item } from './item';
import { explain, type KitVerdict } from './match';
import { mostBody, type Need, needFor } from './need';

/** What a tool can do in one hand. */
export interface Reach {
  readonly hand: HandId;
  readonly verdict: KitVerdict;
  /** Body heights at the hand's usual weights; undefined where height does not depend on the nib. */
  readonly body?: readonly [Mm, Mm];
  readonly sentence: string;
}

const ORDER = { fits: 0, workable: 1, unsure: 2, poor: 3, incomplete: 4 } as const;

/** For one tool: the hands it can write, at which sizes, and on which of the scribe's papers. Best first. */
export function reachOf(
  tool: Item,
  bench: readonly Item[],
  about: Pick<Need, 'experience' | 'side' | 'purpose' | 'schools'>,
): Reach[] {
  const { experience, side, purpose, schools } = about;
  return HANDS.flatMap(({ id: hand }): Reach[] => {
    const need = needFor(hand, { experience, side, purpose, schools });
    const found = bestWith(need, bench, tool);
    if (!found) return [];
    const asked = handById(hand);
    const { weight, bodyMm, name } = asked;
    const unit = tool.width === null ? undefined : penUnit(asked, tool.width);
    const { verdict, risks } = explain(need, found.kit);
    const body: readonly [Mm, Mm] | undefined =
      unit !== undefined ? [weight.low * unit, weight.high * unit] : bodyMm && [bodyMm.low, bodyMm.high];
    const size = body ? ` at a body of ${plain(body[0], 1)}–${plain(body[1], 1)} mm` : '';
    const large = body && body[0] > mostBody(need) ? ', too large for this page' : '';
    const paper = found.kit.paper ? ` on ${found.kit.paper.label}` : '';
    const but = risks[0] ? ` ${risks[0].reason}` : '';
    return [{ hand, verdict, ...(body && { body }), sentence: `${name}${size}${large}${paper}.${but}` }];
  }).sort((a, b) => ORDER[a.verdict] - ORDER[b.verdict]);
}
