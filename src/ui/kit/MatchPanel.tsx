'use client';

import { useMemo, useState } from 'react';
import { handById } from '@/core/hands/registry';
import type { Item } from '@/core/kit/item';
import { isTool } from '@/core/kit/itemKinds';
import { judgeKit, type Kit, type RankedKit, whyNot } from '@/core/kit/match';
import type { Need } from '@/core/kit/need';
import { describePurchase } from '@/core/kit/purchase';
import { reachOf } from '@/core/kit/reach';
import type { MatchAnswer } from '@/workers/match.worker';
import { KitCard, nameOf } from './KitCard';

/** Most kits side by side. */
const MOST_COMPARED = 4;

/** The ranking, and everything that can be asked about it. */
export function MatchPanel({
  need,
  bench,
  answer,
  chosen,
  onChoose,
}: {
  need: Need;
  bench: readonly Item[];
  answer: MatchAnswer | null;
  chosen: Kit | undefined;
  onChoose: (kit: Kit) => void;
}) {
  const [compared, setCompared] = useState<readonly string[]>([]);
  if (!answer) return <p role="status">Looking through the drawer…</p>;
  const { ranked, refused } = answer.match;
  const side = ranked.filter(({ kit }) => compared.includes(kit.tool.id));
  return (
    <div className="space-y-6">
      {ranked.length === 0 && (
        <p className="py-8 text-center text-lg">
          Nothing in the drawer writes {handById(need.hand).name}. Put a tool on the bench, or see what to buy
          below.
        </p>
      )}
      <h2 className="sr-only">Ranking</h2>
      <ol aria-label="Ranking" className="grid gap-3 xl:grid-cols-2">
        {ranked.map((one, i) => (
          <KitCard
            key={one.kit.tool.id}
            need={need}
            ranked={one}
            place={i + 1}
            chosen={chosen?.tool.id === one.kit.tool.id}
            compared={compared.includes(one.kit.tool.id)}
            onChoose={() => onChoose(one.kit)}
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
      {answer.purchase && (
        <section aria-labelledby="purchase" className="remark">
          <h2 id="purchase" className="margin-heading">
            The one purchase
          </h2>
          <p>
            {capital(describePurchase(answer.purchase))} would gain {Math.round(answer.purchase.gain)} points:
            with it, {nameOf(answer.purchase.kit)}. {answer.purchase.reasons.join(' ')}
          </p>
        </section>
      )}
      {refused.length > 0 && (
        <details>
          <summary className="margin-heading cursor-pointer">Cannot be ({refused.length})</summary>
          <ul aria-label="Refused" className="mt-1 list-disc space-y-1 pl-5 text-sm">
            {refused.map(({ items, reason, cure }) => (
              <li key={items.map(({ id }) => id).join(' ')}>
                {reason} {cure && <span className="italic">{cure}</span>}
              </li>
            ))}
          </ul>
        </details>
      )}
      <Ask need={need} bench={bench} />
    </div>
  );
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** Two to four kits, rule by rule. */
function SideBySide({ need, kits }: { need: Need; kits: readonly RankedKit[] }) {
  const judged = kits.map(({ kit }) => new Map(judgeKit(need, kit).map((one) => [one.rule, one])));
  const rules = [...new Set(judged.flatMap((one) => [...one.keys()]))];
  return (
    <section aria-labelledby="side">
      <h2 id="side" className="margin-heading">
        Side by side
      </h2>
      <table className="table table-fixed table-sm bg-base-100">
        <thead>
          <tr>
            <th scope="col" className="w-28">
              Rule
            </th>
            {kits.map(({ kit }) => (
              <th key={kit.tool.id} scope="col" className="whitespace-normal align-top">
                {nameOf(kit)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rules.map((rule) => (
            <tr key={rule}>
              <th scope="row" className="font-normal">
                {rule}
              </th>
              {judged.map((one, i) => {
                const found = one.get(rule);
                return (
                  <td key={kits[i]?.kit.tool.id} className="whitespace-normal align-top text-sm">
                    {found
                      ? `${found.points > 0 ? '+' : ''}${Math.round(found.points)}: ${found.unknown ?? found.reason}`
                      : '–'}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** “Why not this one?” and “What can this one do?” for anything on the bench. */
function Ask({ need, bench }: { need: Need; bench: readonly Item[] }) {
  const [id, setId] = useState('');
  const item = bench.find((one) => one.id === id);
  const why = useMemo(() => (item ? whyNot(need, bench, item) : []), [need, bench, item]);
  const reach = useMemo(
    () => (item && isTool(item.kind) ? reachOf(item, bench, need) : []),
    [need, bench, item],
  );
  return (
    <section aria-labelledby="ask" className="space-y-2">
      <h2 id="ask" className="margin-heading">
        Why not this one?
      </h2>
      <select
        className="select select-sm w-72"
        aria-label="Thing to ask about"
        value={id}
        onChange={(event) => setId(event.target.value)}
      >
        <option value="">choose from the drawer</option>
        {bench
          .filter(({ archived }) => !archived)
          .map((one) => (
            <option key={one.id} value={one.id}>
              {one.label}
            </option>
          ))}
      </select>
      {why.length > 0 && (
        <ul aria-label="Why not" className="list-disc pl-5 text-sm">
          {why.map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
        </ul>
      )}
      {reach.length > 0 && (
        <>
          <h3 className="font-bold text-sm">What it can do</h3>
          <ul aria-label="What it can do" className="list-disc pl-5 text-sm">
            {reach.map((one) => (
              <li key={one.hand}>
                <strong>{one.verdict}:</strong> {one.sentence}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
