import type { Item } from './item';
import { isTool } from './itemKinds';
import type { Need } from './need';
import {
  anyPaperServes,
  HOLDER_RULES,
  INK_RULES,
  PAPER_RULES,
  SPREAD_RULES,
  TOOL_RULES,
  takesHolder,
  takesInk,
} from './rules';
import type { Judgement, KitPart } from './verdict';

/**
 * Matching: of all combinations of tool × holder × ink × paper, the best for a need. The rules judge a tool alone, a
 * tool with each of the others, and tool, ink and paper together; so the holder can be chosen apart from ink and paper,
 * and inks and papers that are alike to the rules which see both are tried once. Nothing is left out: a test compares
 * with trying every combination.
 */
export interface Kit {
  readonly tool: Item;
  readonly holder?: Item;
  readonly ink?: Item;
  readonly paper?: Item;
}

/** Points lost by a kit that lacks something it needs. */
const LACKING = 40;

/** `unsure`: it passes by the known facts, and unknown facts could change that. */
export type KitVerdict = 'fits' | 'workable' | 'poor' | 'incomplete' | 'unsure';

export interface RankedKit {
  readonly kit: Kit;
  readonly score: number;
  readonly verdict: KitVerdict;
  /** The two or three that matter most, best first. */
  readonly reasons: readonly Judgement[];
  /** Worst first, each with what would lower it. */
  readonly risks: readonly Judgement[];
  /** Facts to look up, and of which thing. */
  readonly unknown: readonly Unknown[];
  /** Tools whose best kit is in no respect better than this one. */
  readonly folded: readonly Item[];
  /** What puts it before the next of the ranking, with the figures of both; undefined for the last. */
  readonly decided?: string;
}

export interface Unknown {
  readonly what: string;
  /** Id of the thing. */
  readonly of: string;
}

/** A combination that cannot be: named, and never ranked. */
export interface Refusal {
  readonly items: readonly Item[];
  readonly reason: string;
  readonly cure?: string;
}

export interface Match {
  readonly ranked: readonly RankedKit[];
  readonly refused: readonly Refusal[];
}

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

const byId = (a: Item, b: Item) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

type Rules<A extends unknown[]> = Readonly<
  Record<string, (...args: A) => Omit<Judgement, 'rule' | 'parts'> | undefined>
>;

/** All rules of a table, asked one after the other. */
function asking<A extends unknown[]>(
  parts: readonly KitPart[],
  rules: Rules<A>,
): (...args: A) => Judgement[] {
  const table = Object.entries(rules);
  return (...args) => {
    const found: Judgement[] = [];
    for (const [rule, judge] of table) {
      const verdict = judge(...args);
      if (verdict) found.push({ rule, parts, ...verdict });
    }
    return found;
  };
}

const judgeTool = asking(['tool'], TOOL_RULES);
const judgeHolder = asking(['tool', 'holder'], HOLDER_RULES);
const judgeInk = asking(['tool', 'ink'], INK_RULES);
const judgePaper = asking(['tool', 'paper'], PAPER_RULES);
const judgeSpread = asking(['tool', 'ink', 'paper'], SPREAD_RULES);

const lack = (what: KitPart, cure: string): Judgement => ({
  rule: `missing ${what}`,
  parts: [what],
  points: -LACKING,
  reason: `The drawer has no ${what} for it.`,
  cure,
});

/** Copy paper need not be listed to be at hand. */
const ANY_PAPER: Judgement = {
  rule: 'surface',
  parts: ['paper'],
  points: 1,
  reason: 'Any copy paper serves.',
};

/** Everything the rules have to say about a kit. */
export function judgeKit(need: Need, { tool, holder, ink, paper }: Kit): Judgement[] {
  return [
    ...judgeTool(need, tool),
    ...(!takesHolder(tool.kind)
      ? []
      : holder
        ? judgeHolder(need, tool, holder)
        : [lack('holder', 'Get a holder that takes its shank.')]),
    ...(!takesInk(tool.kind)
      ? []
      : ink
        ? judgeInk(need, tool, ink)
        : [lack('ink', 'Get an ink this tool can bear.')]),
    ...(paper
      ? [...judgePaper(need, tool, paper), ...judgeSpread(need, tool, ink, paper)]
      : anyPaperServes(tool.kind)
        ? [ANY_PAPER]
        : [lack('paper', 'Get a smooth, sized paper.')]),
  ];
}

const total = (judgements: readonly Judgement[]): number =>
  judgements.reduce((sum, { points }) => sum + points, 0);
const isOut = (judgements: readonly Judgement[]): boolean => judgements.some(({ fails }) => fails);

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
  const noPaper = anyPaperServes(tool.kind) ? ANY_PAPER.points : -LACKING;
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

/** The best kit around a tool; undefined where the tool itself is out. */
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

/** How many reasons a kit is shown with. */
const REASONS = 3;
const FITS = 45;
const WORKABLE = 22;

/** Number of points lost for one reason from which a kit is spoiled, whatever else is good about it. */
const GRAVE = -20;

function verdictOf(judgements: readonly Judgement[], known: readonly Judgement[]): KitVerdict {
  if (judgements.some(({ rule }) => rule.startsWith('missing'))) return 'incomplete';
  const grave = known.some(({ points }) => points <= GRAVE);
  const worth = (score: number): KitVerdict =>
    score >= FITS && !grave ? 'fits' : score >= WORKABLE ? 'workable' : 'poor';
  const [atWorst, asKnown] = [worth(total(judgements)), worth(total(known))];
  return atWorst === asKnown ? asKnown : 'unsure';
}

/** A kit with its verdict and the reasons that matter. */
export function explain(need: Need, kit: Kit): RankedKit {
  const judgements = judgeKit(need, kit);
  const score = total(judgements);
  const known = judgements.filter(({ unknown }) => !unknown);
  const bad = known.filter(({ points }) => points < 0);
  const unknown = judgements.flatMap(({ unknown, of }) => (unknown && of ? [{ what: unknown, of }] : []));
  return {
    kit,
    score,
    verdict: verdictOf(judgements, known),
    reasons: judgements
      // That a pen can make the strokes is why it is ranked at all: it tells it from no other.
      .filter(({ points, rule, school }) => points > 0 && (rule !== 'family' || school))
      .sort((a, b) => b.points - a.points)
      .slice(0, REASONS),
    risks: bad.sort((a, b) => a.points - b.points),
    unknown,
    folded: [],
  };
}

/** Whether a kit is in no respect better than another of the same kind of tool. */
function isDominated(need: Need, kit: Kit, by: Kit): boolean {
  if (kit.tool.kind !== by.tool.kind) return false;
  const theirs = new Map(judgeKit(need, by).map(({ rule, points }) => [rule, points]));
  const ours = judgeKit(need, kit);
  const rules = new Set([...theirs.keys(), ...ours.map(({ rule }) => rule)]);
  const mine = new Map(ours.map(({ rule, points }) => [rule, points]));
  return [...rules].every((rule) => (mine.get(rule) ?? 0) <= (theirs.get(rule) ?? 0));
}

/** Longest ranking, and most refusals named. */
const LONGEST = 6;
const MOST_REFUSED = 12;

/** The ranking for a need, with what is ruled out and why. */
export function match(need: Need, bench: readonly Item[]): Match {
  const { tools, ...rest } = slots(bench);
  const best = tools
    .flatMap((tool) => bestAround(need, tool, rest) ?? [])
    .sort((a, b) => b.score - a.score || byId(a.kit.tool, b.kit.tool));
  const ranked: RankedKit[] = [];
  for (const { kit } of best) {
    const above = ranked.findIndex((other) => isDominated(need, kit, other.kit));
    if (above >= 0) {
      const other = ranked[above] as RankedKit;
      ranked[above] = { ...other, folded: [...other.folded, kit.tool] };
    } else if (ranked.length < LONGEST) {
      ranked.push(explain(need, kit));
    }
  }
  return { ranked: withDecisions(need, ranked), refused: refusals(need, tools, rest.holders, rest.inks) };
}

/** Each of a ranking with what decided it against the next: the rule whose points differ most. */
const withDecisions = (need: Need, ranked: readonly RankedKit[]): RankedKit[] =>
  ranked.map((one, i) => {
    const next = ranked[i + 1];
    const decided = next && decision(need, one.kit, next.kit);
    return decided ? { ...one, decided } : one;
  });

function decision(need: Need, kit: Kit, next: Kit): string | undefined {
  const [mine, theirs] = [judgeKit(need, kit), judgeKit(need, next)].map(
    (all) => new Map(all.filter(({ unknown }) => !unknown).map((one) => [one.rule, one])),
  );
  const rules = new Set([...(mine?.keys() ?? []), ...(theirs?.keys() ?? [])]);
  const [most] = [...rules]
    .map((rule) => ({ here: mine?.get(rule), there: theirs?.get(rule) }))
    .sort((a, b) => gained(b) - gained(a));
  if (!most || gained(most) <= 0) return undefined;
  const { here, there } = most;
  const against = `Ranked above “${next.tool.label}”: `;
  if (here && here.points > 0 && there && there.reason !== here.reason)
    return `${against}${here.reason} The other: ${there.reason}`;
  if (here && here.points > 0) return `${against}${here.reason}`;
  return there && `Ranked above “${next.tool.label}”, of which: ${there.reason}`;
}

const gained = ({ here, there }: { here?: Judgement | undefined; there?: Judgement | undefined }): number =>
  (here?.points ?? 0) - (there?.points ?? 0);

/** Combinations of tools of the right family that cannot be. */
function refusals(
  need: Need,
  tools: readonly Item[],
  holders: readonly Item[],
  inks: readonly Item[],
): Refusal[] {
  const found: Refusal[] = [];
  const note = (items: readonly Item[], judgements: readonly Judgement[]) => {
    const out = judgements.find(({ fails }) => fails);
    if (out) found.push({ items, reason: out.reason, ...(out.cure && { cure: out.cure }) });
  };
  for (const tool of tools) {
    if (found.length >= MOST_REFUSED) break;
    const own = judgeTool(need, tool);
    if (own.some(({ rule, fails }) => rule === 'family' && fails)) continue;
    note([tool], own);
    if (isOut(own)) continue;
    if (takesHolder(tool.kind))
      for (const holder of holders) note([tool, holder], judgeHolder(need, tool, holder));
    if (takesInk(tool.kind)) for (const ink of inks) note([tool, ink], judgeInk(need, tool, ink));
  }
  return found.slice(0, MOST_REFUSED);
}

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
