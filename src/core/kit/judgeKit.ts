import { unseenOn } from './cover';
import type { Item } from './item';
import type { Need } from './need';
import { HOLDER_RULES } from './rules/holderRules';
import { INK_RULES } from './rules/inkRules';
import { PAPER_RULES, SPREAD_RULES } from './rules/paperRules';
import { TOOL_RULES } from './rules/toolRules';
import { anyPaperServes, takesHolder, takesInk } from './rules/traits';
import type { Judgement, KitPart } from './verdict';

/** What lies on the desk to write with. */
export interface Kit {
  readonly tool: Item;
  readonly holder?: Item;
  readonly ink?: Item;
  readonly paper?: Item;
}

/** Points lost by a kit that lacks something it needs. */
export const LACKING = 40;

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

export const judgeTool = asking(['tool'], TOOL_RULES);
export const judgeHolder = asking(['tool', 'holder'], HOLDER_RULES);
export const judgeInk = asking(['tool', 'ink'], INK_RULES);
export const judgePaper = asking(['tool', 'paper'], PAPER_RULES);
export const judgeSpread = asking(['tool', 'ink', 'paper'], SPREAD_RULES);

const lack = (what: KitPart, cure: string): Judgement => ({
  rule: `missing ${what}`,
  parts: [what],
  points: -LACKING,
  reason: `The drawer has no ${what} for it.`,
  cure,
});

/** Copy paper need not be listed to be at hand. */
const COPY_PAPER = { tone: 'white' } as const;
const ANY_PAPER: Judgement = {
  rule: 'surface',
  parts: ['paper'],
  points: 1,
  reason: 'Any copy paper serves.',
};

/** What is said of a tool for which the drawer holds no paper. */
export function withoutPaper(tool: Item): Judgement {
  if (unseenOn(undefined, COPY_PAPER, tool)) return lack('paper', 'Get a paper on which its colour shows.');
  return anyPaperServes(tool.kind) ? ANY_PAPER : lack('paper', 'Get a smooth, sized paper.');
}

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
      : [withoutPaper(tool)]),
  ];
}

export const total = (judgements: readonly Judgement[]): number =>
  judgements.reduce((sum, { points }) => sum + points, 0);
export const isOut = (judgements: readonly Judgement[]): boolean => judgements.some(({ fails }) => fails);
