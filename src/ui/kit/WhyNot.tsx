'use client';

import { useMemo, useState } from 'react';
import type { Item } from '@/core/kit/item';
import { isTool } from '@/core/kit/itemKinds';
import type { Need } from '@/core/kit/need';
import { reachOf } from '@/core/kit/reach';
import type { KitPart } from '@/core/kit/verdict';
import { type Asked, KIT_PARTS, whyNot } from '@/core/kit/whyNot';
import { OneOrNone } from '../fields/OneOf';
import { VERDICTS } from './kitWords';

const partOf = ({ kind }: Item): KitPart | undefined =>
  isTool(kind) ? 'tool' : kind === 'holder' || kind === 'ink' || kind === 'paper' ? kind : undefined;

const NAMES: Readonly<Record<KitPart, string>> = {
  tool: 'Tool',
  holder: 'Holder',
  ink: 'Ink',
  paper: 'Paper',
};

/** “Why not this one?” of a thing, a pair or a whole kit, as asked; and what a tool can do. */
export function WhyNot({ need, bench }: { need: Need; bench: readonly Item[] }) {
  const [ids, setIds] = useState<Readonly<Partial<Record<KitPart, string>>>>({});
  const asked: Asked = useMemo(
    () =>
      Object.fromEntries(
        KIT_PARTS.flatMap((part) => {
          const item = bench.find(({ id }) => id === ids[part]);
          return item ? [[part, item]] : [];
        }),
      ),
    [bench, ids],
  );
  const any = Object.keys(asked).length > 0;
  const why = useMemo(() => (any ? whyNot(need, bench, asked) : undefined), [any, need, bench, asked]);
  const { tool } = asked;
  const reach = useMemo(() => (tool ? reachOf(tool, bench, need) : []), [need, bench, tool]);
  return (
    <section aria-labelledby="ask" className="space-y-2">
      <h2 id="ask" className="margin-heading">
        Why not this one?
      </h2>
      <div className="flex flex-wrap gap-2">
        {KIT_PARTS.map((part) => (
          <label key={part} className="flex flex-col text-sm">
            {NAMES[part]}
            <OneOrNone
              none="any"
              choices={bench.filter((item) => !item.archived && partOf(item) === part).map(({ id }) => id)}
              nameOf={(id) => bench.find((item) => item.id === id)?.label ?? id}
              value={ids[part] ?? ''}
              onChoose={(id) => setIds({ ...ids, [part]: id })}
            />
          </label>
        ))}
      </div>
      {why && (
        <div role="status" aria-label="Why not" className="text-sm">
          <p>{why.sentence}</p>
          <ul className="list-disc pl-5">
            {why.against.map(({ judgement: { rule, reason, cure }, weight }) => (
              <li key={rule}>
                {reason} {cure && <span className="italic">{cure}</span>} <strong>({weight})</strong>
              </li>
            ))}
          </ul>
        </div>
      )}
      {reach.length > 0 && (
        <>
          <h3 className="font-bold text-sm">What the {tool?.label} can do</h3>
          <ul aria-label="What it can do" className="list-disc pl-5 text-sm">
            {reach.map((one) => (
              <li key={one.hand}>
                <strong>{VERDICTS[one.verdict]}:</strong> {one.sentence}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
