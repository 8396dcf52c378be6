import type { Item } from './item';
import { isTool } from './itemKinds';
import { judgeKit } from './judgeKit';
import type { Need } from './need';
import type { Judgement, KitPart } from './verdict';

/** How well two things of a bench go together. */
export type Together = 'well' | 'with care' | 'not';

export interface Goes {
  readonly item: Item;
  readonly how: Together;
  /** What weighs most, in a sentence. */
  readonly why: string;
}

/** The part that a thing can take in a kit; undefined where it can take none. */
export const partOf = ({ kind }: Pick<Item, 'kind'>): KitPart | undefined =>
  isTool(kind) ? 'tool' : kind === 'holder' || kind === 'ink' || kind === 'paper' ? kind : undefined;

const PARTS: readonly KitPart[] = ['tool', 'holder', 'ink', 'paper'];
const ORDER: readonly Together[] = ['well', 'with care', 'not'];

/** Points lost from which two things go together only with care. */
const CARE = 4;

/** What the rules say about a tool and one other thing, nothing else being there. */
function between(need: Need, tool: Item, part: KitPart, other: Item): Judgement[] {
  return judgeKit(need, { tool, [part]: other }).filter(
    ({ parts, rule }) => !rule.startsWith('missing') && parts.includes('tool') && parts.includes(part),
  );
}

/** What judgements come to, the worst and the best of them weighed. */
export function togetherOf(judgements: readonly Judgement[], item: Item): Goes {
  const known = judgements.filter(({ unknown }) => !unknown);
  const out = known.find(({ fails }) => fails);
  if (out) return { item, how: 'not', why: out.reason };
  const ranked = [...known].sort((a, b) => a.points - b.points);
  const [worst, best] = [ranked[0], ranked.at(-1)];
  if (worst && best && (worst.points <= -CARE || best.points < 0)) {
    return { item, how: 'with care', why: [worst.reason, worst.cure ?? ''].join(' ').trim() };
  }
  const unsure = judgements.find(({ unknown }) => unknown);
  if (unsure) return { item, how: 'with care', why: unsure.unknown ?? unsure.reason };
  return { item, how: 'well', why: best?.reason ?? 'Nothing speaks against it.' };
}

/** What goes with a thing of the bench, by part of a kit, the best first; and what does not, and why. */
export function goesWith(
  need: Need,
  item: Item,
  bench: readonly Item[],
): ReadonlyMap<KitPart, readonly Goes[]> {
  const mine = partOf(item);
  const found = new Map<KitPart, Goes[]>();
  if (!mine) return found;
  for (const other of bench) {
    const part = partOf(other);
    if (!part || part === mine || other.archived || other.id === item.id) continue;
    // The rules are between a tool and the rest: an ink and a paper are judged by the tool that brings them together.
    if (mine !== 'tool' && part !== 'tool') continue;
    const judgements = mine === 'tool' ? between(need, item, part, other) : between(need, other, mine, item);
    if (judgements.length === 0) continue;
    found.set(part, [...(found.get(part) ?? []), togetherOf(judgements, other)]);
  }
  for (const list of found.values()) list.sort((a, b) => ORDER.indexOf(a.how) - ORDER.indexOf(b.how));
  return new Map(PARTS.flatMap((part) => (found.has(part) ? [[part, found.get(part) as Goes[]]] : [])));
}
