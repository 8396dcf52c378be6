import { handById } from '../hands/registry';
import { median } from '../measure/statistics';
import { roundTo } from '../measure/units';
import { listed, withArticle } from '../measure/words';
import { bestWith } from './bestKit';
import { blankItem, type Item } from './item';
import { isTool } from './itemKinds';
import { judgeKit, type Kit } from './judgeKit';
import { TOOLS } from './kinds/registry';
import { explain, type KitVerdict, match, type RankedKit } from './match';
import { mostBody, type Need, widthFor } from './need';

/** Something that could be bought, described by kind, and what it would gain. */
export interface Purchase {
  readonly item: Item;
  /** What has to be bought with it, so that it can be written at all. */
  readonly also: readonly Item[];
  readonly kit: Kit;
  /** Points the best kit gains; undefined where there is none yet. */
  readonly gain: number | undefined;
  /** What the best kit would be with it, and what it is now; undefined where there is none. */
  readonly verdict: KitVerdict;
  readonly before: KitVerdict | undefined;
  readonly reasons: readonly string[];
}

const MINE = 'buy';
const offer = (kind: Item['kind'], label: string, facts: Partial<Item>): Item => ({
  ...blankItem(`${MINE} ${label}`, kind, label),
  ...facts,
});

/** The narrowest nib that is offered, for any body and where a page has room for next to nothing, in mm (common sizes). */
const NARROWEST = 0.5;
const LEAST_ROOM = 0.8;

/** What shops keep, by kind: one of each sort that could make a difference for this need. */
function catalogue(need: Need): Item[] {
  const hand = handById(need.hand);
  const wanted = need.bodyMm === null ? undefined : widthFor(need.hand, need.bodyMm);
  const most = widthFor(need.hand, mostBody(need)) ?? hand.width;
  const width = roundTo(Math.max(NARROWEST, Math.min(wanted ?? hand.width, Math.max(LEAST_ROOM, most))), 0.1);
  const tools = TOOLS.filter(({ writes }) => writes[0] === hand.tool).flatMap(({ id, offers }) =>
    (offers?.({ width, side: need.side }) ?? []).map(({ label, facts }) => offer(id, label, facts)),
  );
  const takes = { fitsRadiusFrom: 1, fitsRadiusTo: 8, fitsWidthTo: 10, grip: 9 };
  return [
    ...tools,
    offer('holder', 'straight holder', { holderType: 'straight', ...takes }),
    offer('holder', 'oblique holder with a screw flange', {
      holderType: 'oblique',
      flangeTurn: 12,
      ...takes,
    }),
    offer('ink', 'carbon ink', {
      inkKind: 'carbon',
      wetness: 3,
      opacity: 5,
      waterproof: true,
      light: false,
      millilitres: 30,
    }),
    offer('ink', 'thin dye ink', {
      inkKind: 'dye',
      wetness: 3,
      opacity: 2,
      waterproof: false,
      light: false,
      millilitres: 30,
    }),
    offer('ink', 'white gouache', {
      inkKind: 'gouache',
      wetness: 2,
      opacity: 5,
      waterproof: false,
      light: true,
      millilitres: 15,
    }),
    offer('paper', 'smooth hard-sized paper', {
      surface: 'very smooth',
      sizing: 'hard',
      grams: 120,
      tone: 'white',
    }),
    offer('paper', 'layout paper', { surface: 'smooth', sizing: 'light', grams: 60, tone: 'white' }),
  ];
}

/** Minimum gain that is worth a purchase. */
const WORTH = 4;
/** Where a kit fits already, another thing must be worth as many times that. */
const BEYOND_A_FIT = 2;

/** Facts that tell one thing of a kind from another when it is bought. */
const TOLD_BY = ['width', 'flex', 'cut', 'holderType', 'inkKind', 'light', 'sizing', 'tone'] as const;
/** Minimum difference between widths that are offered separately. */
const SAME_WIDTH = 0.15;

/** Whether the bench has an equivalent thing already; facts that the offer leaves open are ignored. */
const isOwned = (offered: Item, bench: readonly Item[]): boolean =>
  bench.some(
    (item) =>
      !item.archived &&
      item.kind === offered.kind &&
      // Cartridges are no bottle.
      (item.kind !== 'ink' || item.fitting === null) &&
      item.wear !== 'worn out' &&
      TOLD_BY.every((fact) => {
        const [wanted, has] = [offered[fact], item[fact]];
        return typeof wanted === 'number' && typeof has === 'number'
          ? Math.abs(wanted - has) <= SAME_WIDTH
          : wanted === null || wanted === has;
      }),
  );

/** The missing parts without which the kit cannot write, bought one by one; undefined where they cannot be bought. */
function completing(
  need: Need,
  bench: readonly Item[],
  offers: readonly Item[],
): readonly Item[] | undefined {
  const bought: Item[] = [];
  for (let tries = 0; tries < PARTS; tries++) {
    const now = match(need, [...bench, ...bought]).ranked[0];
    if (now && now.verdict !== 'incomplete') return bought;
    const lacking = now ? judgeKit(need, now.kit).filter(({ rule }) => rule.startsWith('missing')) : [];
    const parts = lacking.flatMap(({ parts }) => parts);
    const next = offers
      .filter(({ kind }) => (now ? parts.some((part) => part === kind) : isTool(kind)))
      .flatMap((item) => {
        const found = bestWith(need, [...bench, ...bought], item);
        return found ? [{ item, score: found.score }] : [];
      })
      .sort((a, b) => b.score - a.score || (a.item.id < b.item.id ? -1 : 1))[0];
    if (!next) return undefined;
    bought.push(next.item);
  }
  return undefined;
}
/** Tool, holder, ink, paper, and a look at what came of them. */
const PARTS = 5;

/** A whole set in place of a poor kit that no single thing would mend; undefined where it would be no better. */
function afresh(
  need: Need,
  bench: readonly Item[],
  offers: readonly Item[],
  now: RankedKit,
): Purchase | undefined {
  const others = bench.filter(({ kind }) => !isTool(kind));
  const [item, ...also] = completing(need, others, offers) ?? [];
  const kit = item && match(need, [...others, item, ...also]).ranked[0];
  if (!item || !kit || kit.score - now.score < WORTH) return undefined;
  return {
    item,
    also,
    kit: kit.kit,
    gain: kit.score - now.score,
    verdict: kit.verdict,
    before: now.verdict,
    reasons: kit.reasons.map(({ reason }) => reason),
  };
}

/**
 * The one purchase that improves the best kit most; undefined where nothing does. `kinds` are those one may buy. Where nothing
 * can be written yet, it is what completes a kit, as a set.
 */
export function onePurchase(
  need: Need,
  bench: readonly Item[],
  kinds?: readonly Item['kind'][],
): Purchase | undefined {
  const now = match(need, bench).ranked[0];
  const best = now?.score ?? Number.NEGATIVE_INFINITY;
  const offered = catalogue(need)
    .filter(({ kind }) => !kinds || kinds.includes(kind))
    .filter((item) => !isOwned(item, bench));
  if (!now || now.verdict === 'incomplete') {
    const set = completing(need, bench, offered);
    const [item, ...also] = set ?? [];
    const kit = item && match(need, [...bench, item, ...also]).ranked[0];
    if (item && kit) {
      const { verdict, reasons } = kit;
      return {
        item,
        also,
        kit: kit.kit,
        gain: now ? kit.score - best : undefined,
        verdict,
        before: now?.verdict,
        reasons: reasons.map(({ reason }) => reason),
      };
    }
  }
  const offers = offered
    .flatMap((item) => {
      const found = bestWith(need, bench, item);
      return found ? [{ item, ...found }] : [];
    })
    .sort((a, b) => b.score - a.score || (a.item.id < b.item.id ? -1 : 1));
  const [first] = offers;
  const enough = now?.verdict === 'fits' ? WORTH * BEYOND_A_FIT : WORTH;
  if (!first || first.score - best < enough) {
    return now?.verdict === 'poor' ? afresh(need, bench, offered, now) : undefined;
  }
  const before = new Set(now?.reasons.map(({ reason }) => reason));
  const { verdict, reasons } = explain(need, first.kit);
  return {
    item: first.item,
    also: [],
    kit: first.kit,
    gain: now ? first.score - best : undefined,
    verdict,
    before: now?.verdict,
    reasons: reasons.map(({ reason }) => reason).filter((reason) => !before.has(reason)),
  };
}

/** Most steps that are proposed one after another: beyond them nobody has written what would tell. */
const MOST_LEVELS = 3;

/** What to buy first, and what would improve the kit next, each step with the things of the steps before it. */
export function purchases(
  need: Need,
  bench: readonly Item[],
  kinds?: readonly Item['kind'][],
): readonly Purchase[] {
  const steps: Purchase[] = [];
  let owned = bench;
  while (steps.length < MOST_LEVELS) {
    const next = onePurchase(need, owned, kinds);
    if (!next) break;
    steps.push(next);
    owned = [...owned, next.item, ...next.also];
  }
  return steps;
}

/** What a thing of its kind has cost on this bench, put away or not, in the scribe's currency: the median; undefined where no price is known. */
export function priceLike({ kind }: Pick<Item, 'kind'>, bench: readonly Item[]): number | undefined {
  const known = bench.flatMap((item) => (item.kind === kind && item.price !== null ? [item.price] : []));
  return known.length > 0 ? median(known) : undefined;
}

/** The price of a purchase by what like things have cost; undefined where one of them is not known. */
export function priceOf(
  { item, also }: Pick<Purchase, 'item' | 'also'>,
  bench: readonly Item[],
): number | undefined {
  const prices = [item, ...also].map((one) => priceLike(one, bench));
  return prices.reduce<number | undefined>(
    (sum, price) => (sum === undefined || price === undefined ? undefined : sum + price),
    0,
  );
}

/** What is offered, in words: "a 2.4 mm square-cut nib". */
export const describePurchase = ({ item, also }: Pick<Purchase, 'item' | 'also'>): string =>
  listed(
    [item, ...also].map(({ kind, label }) =>
      kind === 'ink' || kind === 'paper' ? label : withArticle(label),
    ),
  );
