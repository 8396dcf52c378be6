import type { HandId } from '../hands/registry';
import { bestAround, byId, slots } from './bestKit';
import { asNib, type Item } from './item';
import { isOut, judgeHolder, judgeInk, judgeKit, judgeTool, type Kit, total } from './judgeKit';
import { type Need, needFor } from './need';
import type { Nib } from './nib';
import { takesHolder, takesInk } from './rules/traits';
import type { Judgement } from './verdict';

// Matching: of all combinations of tool, holder, ink and paper, the best for a need.

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

/** The nib a hand is written with first: that of the kit Kit ranks first, where its width is known. */
export function bestNibFor(
  hand: HandId,
  bench: readonly Item[],
  scribe: Pick<Need, 'side' | 'experience' | 'schools' | 'grip' | 'tried'>,
): Nib | undefined {
  const { side, experience, schools, grip, tried } = scribe;
  const { ranked } = match(needFor(hand, { side, experience, schools, grip, tried }), bench);
  return ranked.flatMap(({ kit }) => asNib(kit.tool) ?? [])[0];
}
