import type { Item } from './item';
import { isTool } from './itemKinds';
import {
  isOut,
  judgeHolder,
  judgeInk,
  judgePaper,
  judgeSpread,
  judgeTool,
  type Kit,
  LACKING,
  total,
  withoutPaper,
} from './judgeKit';
import type { Need } from './need';
import { takesHolder, takesInk } from './rules/traits';
import type { Judgement } from './verdict';

/** The bench by slot; archived things are put away. */
export function slots(bench: readonly Item[]) {
  const present = bench.filter(({ archived }) => !archived).sort(byId);
  const of = (kind: Item['kind']) => present.filter((item) => item.kind === kind);
  return {
    tools: present.filter(({ kind }) => isTool(kind)),
    holders: of('holder'),
    inks: of('ink'),
    papers: of('paper'),
  };
}

export const byId = (a: Item, b: Item) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

/** The best things by points; ties are broken by id, so that the order of input does not matter. */
interface Best<T> {
  readonly score: number;
  readonly item: T;
}
const better = <T>(a: Best<T> | undefined, b: Best<T>): Best<T> => (a && a.score >= b.score ? a : b);

/** The best holder for a tool, or none. Holders come in the order of their ids, so ties go to the first. */
export function bestHolder(need: Need, tool: Item, holders: readonly Item[]): Best<Item | undefined> {
  if (!takesHolder(tool.kind)) return { score: 0, item: undefined };
  let best: Best<Item | undefined> | undefined;
  for (const holder of holders) {
    const judgements = judgeHolder(need, tool, holder);
    if (!isOut(judgements)) best = better(best, { score: total(judgements), item: holder });
  }
  return better(best, { score: -LACKING, item: undefined });
}

/** What the rules that see ink and paper together look at. */
const inkClass = ({ wetness, light, opacity }: Item) => `${wetness} ${light} ${opacity}`;
const paperClass = ({ sizing, tone }: Item) => `${sizing} ${tone}`;

/** Of things that are alike to a rule, the best by the other rules. */
function bestByClass(
  items: readonly Item[],
  classOf: (item: Item) => string,
  judge: (item: Item) => readonly Judgement[],
): Map<string, Best<Item>> {
  const classes = new Map<string, Best<Item>>();
  for (const item of items) {
    const judgements = judge(item);
    if (isOut(judgements)) continue;
    const key = classOf(item);
    classes.set(key, better(classes.get(key), { score: total(judgements), item }));
  }
  return classes;
}

interface InkAndPaper {
  readonly ink?: Item;
  readonly paper?: Item;
}

/** The best ink and paper for a tool, chosen together. */
export function bestInkAndPaper(
  need: Need,
  tool: Item,
  inks: readonly Item[],
  papers: readonly Item[],
): Best<InkAndPaper> {
  const wet = takesInk(tool.kind);
  const noPaper = withoutPaper(tool).points;
  const inkClasses = wet
    ? bestByClass(inks, inkClass, (ink) => judgeInk(need, tool, ink))
    : new Map<string, Best<Item>>();
  const paperClasses = bestByClass(papers, paperClass, (paper) => judgePaper(need, tool, paper));
  const inkChoices: (Best<Item> | undefined)[] = [...inkClasses.values(), undefined];
  const paperChoices: (Best<Item> | undefined)[] = [...paperClasses.values(), undefined];
  let best: (Best<InkAndPaper> & { name: string }) | undefined;
  for (const ink of inkChoices) {
    for (const paper of paperChoices) {
      const spread = paper ? judgeSpread(need, tool, ink?.item, paper.item) : [];
      if (isOut(spread)) continue;
      const score = (ink ? ink.score : wet ? -LACKING : 0) + (paper ? paper.score : noPaper) + total(spread);
      const name = `${ink?.item.id ?? '~'} ${paper?.item.id ?? '~'}`;
      if (!best || score > best.score || (score === best.score && name < best.name)) {
        best = { score, name, item: { ink: ink?.item, paper: paper?.item } };
      }
    }
  }
  return best ?? { score: -2 * LACKING, item: {} };
}

/**
 * The best kit around a tool; undefined where the tool itself is out. The rules judge a tool alone, a tool with each of the others, and
 * tool, ink and paper together; so the holder is chosen apart from ink and paper, and inks and papers that are alike to the
 * rules which see both are tried once. Nothing is left out: a test compares with trying every combination.
 */
export function bestAround(
  need: Need,
  tool: Item,
  { holders, inks, papers }: { holders: readonly Item[]; inks: readonly Item[]; papers: readonly Item[] },
): { kit: Kit; score: number } | undefined {
  const own = judgeTool(need, tool);
  if (isOut(own)) return undefined;
  const holder = bestHolder(need, tool, holders);
  const rest = bestInkAndPaper(need, tool, inks, papers);
  return {
    kit: { tool, ...(holder.item && { holder: holder.item }), ...defined(rest.item) },
    score: total(own) + holder.score + rest.score,
  };
}

const defined = ({ ink, paper }: InkAndPaper): InkAndPaper => ({
  ...(ink && { ink }),
  ...(paper && { paper }),
});

/** The best kit that has a given thing in it; undefined where the thing is ruled out everywhere. */
export function bestWith(
  need: Need,
  bench: readonly Item[],
  item: Item,
): { kit: Kit; score: number } | undefined {
  const all = slots([...bench.filter(({ id }) => id !== item.id), item]);
  const only = [item];
  const tools = isTool(item.kind) ? only : all.tools;
  const rest = {
    holders: item.kind === 'holder' ? only : all.holders,
    inks: item.kind === 'ink' ? only : all.inks,
    papers: item.kind === 'paper' ? only : all.papers,
  };
  const kits = tools.flatMap((tool) => bestAround(need, tool, rest) ?? []);
  const has = kits.filter(({ kit }) => Object.values(kit).some(({ id }) => id === item.id));
  return has.sort((a, b) => b.score - a.score || byId(a.kit.tool, b.kit.tool))[0];
}
