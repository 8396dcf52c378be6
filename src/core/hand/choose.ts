import { listed } from '../measure/words';
import type { Hand, ToolFamily } from './hand';
import { type Look, PURPOSE_WORDS, type Purpose } from './portrait';

/** What somebody wants to write, with what, and how it should look; each may be left open. */
export interface Wish {
  readonly purpose?: Purpose;
  readonly tool?: ToolFamily;
  readonly look?: Look;
  /** Whether the scribe has never written a hand. */
  readonly beginner?: boolean;
}

/** What is known of the scribe's own things. */
export interface Circumstances {
  /** Tools the drawer can write with. */
  readonly owned: ReadonlySet<ToolFamily>;
  /** Hands whose letters are drawn. */
  readonly drawn: (hand: Hand) => boolean;
}

export interface Suggestion {
  readonly hand: Hand;
  readonly reasons: readonly string[];
  /** Reasons against it. */
  readonly but: readonly string[];
}

/** Weights of the answers: a tool that cannot write the hand outweighs everything else. Our own rule. */
const WEIGHT = { purpose: 3, tool: 4, look: 3, stage: 2, owned: 1, drawn: 2 };
const SUGGESTED = 3;

const TOOLS: Readonly<Record<ToolFamily, string>> = {
  broad: 'a broad edge',
  pointed: 'a pointed pen',
  brush: 'a brush pen',
  monoline: 'any point you have',
};

/** Two or three hands that fit a wish best, with reasons in plain words; the best first. */
export function suggestHands(
  hands: readonly Hand[],
  wish: Wish,
  { owned, drawn }: Circumstances,
): Suggestion[] {
  const judged = hands.map((hand) => {
    const { looks, purposes, stage } = hand.portrait;
    const reasons: string[] = [];
    const but: string[] = [];
    let score = 0;
    const weigh = (holds: boolean, weight: number, reason: string, against?: string) => {
      score += holds ? weight : -weight / 2;
      if (holds) reasons.push(reason);
      else if (against) but.push(against);
    };
    if (wish.purpose)
      weigh(
        purposes.includes(wish.purpose),
        WEIGHT.purpose,
        `It is often chosen for ${PURPOSE_WORDS[wish.purpose]}.`,
        `It is seldom chosen for ${PURPOSE_WORDS[wish.purpose]}.`,
      );
    if (wish.look)
      weigh(
        looks.includes(wish.look),
        WEIGHT.look,
        `It looks as you like it: ${wish.look}.`,
        `It does not look ${wish.look}.`,
      );
    if (wish.tool) {
      const fits = hand.tool === wish.tool || hand.tool === 'monoline';
      weigh(fits, WEIGHT.tool, `It is written with ${TOOLS[hand.tool]}.`, `It needs ${TOOLS[hand.tool]}.`);
      if (!fits) score -= WEIGHT.tool;
    }
    if (wish.beginner) weigh(stage === 'first', WEIGHT.stage, 'It is a hand to begin with.');
    if (owned.has(hand.tool)) weigh(true, WEIGHT.owned, 'Your drawer has a pen for it.');
    score += drawn(hand) ? WEIGHT.drawn : -WEIGHT.drawn;
    if (!drawn(hand)) but.push('Its letters are not drawn here yet: it can be ruled and drilled.');
    return { hand, reasons, but, score };
  });
  const ranked = judged.filter(({ reasons }) => reasons.length > 0).sort((a, b) => b.score - a.score);
  const best = ranked[0]?.score ?? 0;
  // A third is named only where it is nearly as good as the second.
  const named = ranked.slice(0, SUGGESTED).filter(({ score }, i) => i < 2 || best - score <= WEIGHT.purpose);
  const others = named.map(({ hand }) => hand);
  return named.map(({ hand, reasons, but }) => ({
    hand,
    reasons: [...reasons, ownReason(hand, wish)],
    but: [...but, ...ownDrawbacks(hand, others)],
  }));
}

/** What distinguishes a hand from the others suggested with it. */
function ownReason({ portrait: { looks, hours } }: Hand, { look }: Wish): string {
  const own = looks
    .filter((one) => one !== look)
    .map((one) => (one === 'hairlines' ? 'full of hairlines' : one));
  const seen = own.length > 0 ? `It looks ${listed(own)}, and` : 'It';
  return `${seen} takes some ${hours.low} to ${hours.high} hours to learn its basic strokes.`;
}

function ownDrawbacks(hand: Hand, others: readonly Hand[]): string[] {
  const { stage, hours } = hand.portrait;
  const longest = others.every(({ portrait }) => portrait.hours.high <= hours.high);
  const alone = others.filter(({ portrait }) => portrait.hours.high === hours.high).length === 1;
  return [
    ...(hand.capitalsOnly
      ? ['It has capitals only.']
      : hand.capitals === null
        ? ['It has no capitals.']
        : []),
    ...(stage === 'later' ? ['It is easier after another hand.'] : []),
    ...(longest && alone && others.length > 1 ? ['It takes the longest of these to learn.'] : []),
    ...(hand.tool === 'pointed' ? ['It needs smooth, sized paper.'] : []),
  ].filter((sentence, i, all) => all.indexOf(sentence) === i);
}
