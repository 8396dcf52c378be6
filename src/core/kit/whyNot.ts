import { bestWith } from './bestKit';
import type { Item } from './item';
import { isTool } from './itemKinds';
import { judgeKit, type Kit } from './judgeKit';
import { match } from './match';
import type { Need } from './need';
import { takesHolder, takesInk } from './rules/traits';
import type { Judgement, KitPart } from './verdict';

/** What is asked about: one thing, a pair, or a whole kit. */
export type Asked = Readonly<Partial<Record<KitPart, Item>>>;

export const KIT_PARTS = ['tool', 'holder', 'ink', 'paper'] as const satisfies readonly KitPart[];

/** What speaks against it. */
export interface Against {
  readonly judgement: Judgement;
  /** How much it counts, in words. */
  readonly weight: string;
}

export interface Why {
  /** What was judged: as asked, with the best of the drawer for what was left open. */
  readonly kit: Kit | undefined;
  /** In one sentence. */
  readonly sentence: string;
  readonly against: readonly Against[];
}

/** What a rule costs, in words, from the heaviest. */
const WEIGHTS: readonly (readonly [number, string])[] = [
  [20, 'weighs most heavily'],
  [10, 'weighs heavily'],
  [5, 'counts'],
  [0, 'counts a little'],
];
const weightOf = ({ points, fails }: Judgement): string =>
  fails ? 'rules it out' : (WEIGHTS.find(([least]) => -points >= least)?.[1] ?? '');

const labels = (asked: Asked): string =>
  KIT_PARTS.flatMap((part) => asked[part]?.label ?? [])
    .map((label) => `“${label}”`)
    .join(' with ');

/**
 * Why something is not what the drawer would be opened for. Judged is what was asked: the rules between its parts, and
 * never another tool. One thing that is no tool is judged in the best kit, in place of what is there; its tool is named.
 */
export function whyNot(need: Need, bench: readonly Item[], asked: Asked): Why {
  const parts = KIT_PARTS.filter((part) => asked[part]);
  const what = labels(asked);
  const [only] = parts.length === 1 ? parts : [];
  const thing = only && asked[only];
  const kit = asked.tool ? { ...asked, tool: asked.tool } : kitAround(need, bench, asked);
  if (!kit)
    return { kit, sentence: `No tool in the drawer for this hand can be used with ${what}.`, against: [] };
  const judged = judgeKit(need, kit).filter(({ rule, parts: of }) => {
    if (rule.startsWith('missing')) return false;
    // Of one thing that is no tool: what concerns it; of a kit: what lies between parts that were asked about.
    return thing && !isTool(thing.kind) ? of.includes(only as KitPart) : of.every((part) => asked[part]);
  });
  const against = judged
    .filter(({ points, unknown }) => points < 0 && !unknown)
    .sort((a, b) => a.points - b.points)
    .map((judgement) => ({ judgement, weight: weightOf(judgement) }));
  const needless = needlessParts(kit, asked);
  const around = thing && !isTool(thing.kind) ? ` for “${kit.tool.label}”` : '';
  if (needless) return { kit, sentence: needless, against };
  const best = match(need, bench).ranked[0]?.kit;
  const inBest = best && parts.every((part) => best[part]?.id === asked[part]?.id);
  const sentence = inBest
    ? `${what} ${parts.length === 1 ? 'is' : 'are'} in the best kit.`
    : against.some(({ judgement }) => judgement.fails)
      ? `${what} cannot be used${around}.`
      : against.length > 0
        ? `${what} can be used${around}. Against ${parts.length === 1 ? 'it' : 'them'}:`
        : `Nothing speaks against ${what}${around}; another is only a little better.`;
  return { kit, sentence, against };
}

/** The best kit with these things put in; where its tool cannot have them, the best kit that can. */
function kitAround(need: Need, bench: readonly Item[], asked: Asked): Kit | undefined {
  const takes = (tool: Item) =>
    (!asked.holder || takesHolder(tool.kind)) && (!asked.ink || takesInk(tool.kind));
  const best = match(need, bench).ranked.find(({ kit }) => takes(kit.tool))?.kit;
  if (best) return { ...best, ...asked };
  const things = Object.values(asked);
  const kinds = new Set(things.map(({ kind }) => kind));
  const narrowed = [...bench.filter(({ kind }) => !kinds.has(kind)), ...things];
  const [first] = things;
  const found = first && bestWith(need, narrowed, first)?.kit;
  return found && { ...found, ...asked };
}

/** "A marker needs no holder." */
function needlessParts({ tool }: Kit, asked: Asked): string | undefined {
  if (asked.holder && !takesHolder(tool.kind)) return `“${tool.label}” needs no holder.`;
  if (asked.ink && !takesInk(tool.kind)) return `“${tool.label}” has its own ink.`;
  return undefined;
}
