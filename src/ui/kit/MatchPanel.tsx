'use client';

import { useState } from 'react';
import { sheetForPen } from '@/core/compare/penSheet';
import { handById } from '@/core/hands/registry';
import { firstList } from '@/core/kit/firstList';
import { asNib, type Item } from '@/core/kit/item';
import { isTool } from '@/core/kit/itemKinds';
import type { Kit } from '@/core/kit/judgeKit';
import { besideKit } from '@/core/kit/layOut';
import type { RankedKit } from '@/core/kit/match';
import type { Need } from '@/core/kit/need';
import { describePurchase, type Purchase, priceOf } from '@/core/kit/purchase';
import { plain } from '@/core/measure/units';
import { capital } from '@/core/measure/words';
import type { MatchAnswer } from '@/workers/match.worker';
import { useAbout } from '../frame/AboutMe';
import { useSamples } from '../hand/useSamples';
import { usePxPerMm } from '../paper/calibration';
import { KitCard } from './KitCard';
import { nameOf, VERDICTS } from './kitWords';
import { SideBySide } from './SideBySide';
import { WhyNot } from './WhyNot';

/** Most kits side by side. */
const MOST_COMPARED = 4;
/** Minimum number of tools for a hand; with fewer, a first set is suggested as well. */
const FEW_TOOLS = 2;

/** The ranking, and everything that can be asked about it. */
export function MatchPanel({
  need,
  bench,
  answer,
  chosen,
  followsOf,
  onChoose,
  onOutlines,
  word,
}: {
  need: Need;
  bench: readonly Item[];
  answer: MatchAnswer | null;
  chosen: Kit | undefined;
  /** What choosing a kit would rule. */
  followsOf: (kit: Kit) => string | undefined;
  onChoose: (kit: Kit) => void;
  onOutlines: () => void;
  /** What every kit writes, to be looked at. */
  word: string;
}) {
  const [compared, setCompared] = useState<readonly string[]>([]);
  const { about } = useAbout();
  const pxPerMm = usePxPerMm();
  const kits = (answer?.match.ranked ?? []).flatMap(({ kit: { tool } }) => {
    const nib = asNib(tool);
    return nib ? [{ key: tool.id, recipe: sheetForPen(nib, { hand: need.hand, about }) }] : [];
  });
  const samples = useSamples(kits, word);
  if (!answer) return <p role="status">Searching the drawer…</p>;
  const { ranked, refused } = answer.match;
  const side = ranked.filter(({ kit }) => compared.includes(kit.tool.id));
  // The list is a beginner's: to others the purchases below say what is needed.
  const begins = need.experience === 'beginner' || answer.purchases.length === 0;
  const few = bench.filter(({ kind, archived }) => isTool(kind) && !archived).length < FEW_TOOLS;
  return (
    <div className="space-y-6">
      {ranked.length === 0 && (
        <p className="pt-4 text-center text-lg">
          Nothing in the drawer writes {handById(need.hand).name}
          {bench.length === 0 ? ': it is empty' : ''}.
        </p>
      )}
      {(ranked.length === 0 || few) && begins && <Beginning need={need} />}
      <h2 className="sr-only">Ranking</h2>
      <ol aria-label="Ranking" className="grid gap-3 xl:grid-cols-2">
        {ranked.map((one, i) => (
          <KitCard
            key={one.kit.tool.id}
            need={need}
            ranked={one}
            place={i + 1}
            follows={followsOf(one.kit)}
            chosen={chosen?.tool.id === one.kit.tool.id}
            sample={samples.get(one.kit.tool.id)}
            pxPerMm={pxPerMm}
            compared={compared.includes(one.kit.tool.id)}
            onChoose={() => onChoose(one.kit)}
            onOutlines={onOutlines}
            onCompare={(on) =>
              setCompared((now) =>
                on
                  ? [...now, one.kit.tool.id].slice(-MOST_COMPARED)
                  : now.filter((id) => id !== one.kit.tool.id),
              )
            }
          />
        ))}
      </ol>
      {side.length > 1 && <SideBySide need={need} kits={side} />}
      <Buy need={need} bench={bench} purchases={answer.purchases} now={ranked[0]} />
      {refused.length > 0 && (
        <details>
          <summary className="margin-heading cursor-pointer">
            What does not go together ({refused.length})
          </summary>
          <ul aria-label="Refused" className="mt-1 list-disc space-y-1 pl-5 text-sm">
            {refused.map(({ items, reason, cure }) => (
              <li key={items.map(({ id }) => id).join(' ')}>
                <strong>{items.map(({ label }) => label).join(' with ')}:</strong> {reason}{' '}
                {cure && <span className="italic">{cure}</span>}
              </li>
            ))}
          </ul>
        </details>
      )}
      {bench.length > 0 && <WhyNot need={need} bench={bench} />}
    </div>
  );
}

/** What to begin with, for somebody who owns little or nothing. */
function Beginning({ need }: { need: Need }) {
  const { things, notYet } = firstList(need);
  return (
    <section aria-labelledby="beginning" className="remark">
      <h2 id="beginning" className="margin-heading">
        To begin {handById(need.hand).name} with
      </h2>
      <ol className="list-decimal pl-5">
        {things.map(({ what, why }) => (
          <li key={what}>
            <strong>{capital(what)}.</strong> {why}
          </li>
        ))}
      </ol>
      <p className="mt-2">
        <strong>Not yet:</strong> {notYet.join('; ')}.
      </p>
    </section>
  );
}

/** What to buy first and next, and what each step would change, in words. */
function Buy({
  need,
  bench,
  purchases,
  now,
}: {
  need: Need;
  bench: readonly Item[];
  purchases: readonly Purchase[];
  now: RankedKit | undefined;
}) {
  const [first, ...later] = purchases;
  if (!first) return null;
  const { verdict, before, kit, reasons, also } = first;
  const better = verdict !== before && now;
  const isSet = also.length > 0;
  return (
    <section aria-labelledby="purchase" className="remark">
      <h2 id="purchase" className="margin-heading">
        {isSet ? 'What is needed to write at all' : 'If you buy one thing'}
      </h2>
      <p>
        {capital(describePurchase(first))}: {isSet ? 'with these' : 'with it'} the best kit is {nameOf(kit)}
        {better ? `, and the verdict is “${VERDICTS[verdict]}” instead of “${VERDICTS[now.verdict]}”` : ''}.{' '}
        {reasons.join(' ')} {costing(first, bench)}
      </p>
      {isSet && (
        <p className="mt-2 text-sm">
          From the household: a ruler, a pencil and an eraser for lines;{' '}
          {besideKit(need, kit)
            .map(({ what }) => what)
            .join(', ')}
          .
        </p>
      )}
      {later.length > 0 && (
        <ol className="mt-2 list-disc pl-5 text-sm">
          {later.map((one) => (
            <li key={one.item.id}>
              After that, {describePurchase(one)}: {one.reasons.slice(0, REASONS_LATER).join(' ')}{' '}
              {costing(one, bench)}
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}

/** Reasons that are told of a later step. */
const REASONS_LATER = 2;

/** What it costs, by the prices of like things on the bench; nothing where one of them is not known. */
function costing(purchase: Purchase, bench: readonly Item[]): string {
  const price = priceOf(purchase, bench);
  return price === undefined ? '' : `By the prices on your bench: about ${plain(price, 2)}.`;
}
