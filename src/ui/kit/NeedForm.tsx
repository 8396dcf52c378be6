'use client';

import { useState } from 'react';
import type { Recipe } from '@/core/document/recipe';
import { HANDS, handById } from '@/core/hands/registry';
import type { Item } from '@/core/kit/item';
import { type ItemKind, kindName } from '@/core/kit/itemKinds';
import { TOOLS } from '@/core/kit/kinds/registry';
import { EXPERIENCES, type Need, PURPOSES, SCHOOLS, type SchoolId, SIDES } from '@/core/kit/need';
import { lookUp } from '@/core/measure/lookUp';
import { LIMITS } from '@/core/problem/limits';
import { Problem } from '@/core/problem/problem';
import { bodyHeight } from '@/core/setting/bodyHeight';
import { largestForLines } from '@/core/sheet/solve';
import { Toggle } from '../fields/Choices';
import { NumberField } from '../fields/NumberField';
import { OneOf, OneOrNone } from '../fields/OneOf';

const BODY_WANTED = { ...LIMITS.bodyMm, label: 'Body wanted' };

/** Kinds that may be bought to better a kit. */
export const BUYABLE: readonly ItemKind[] = [
  ...TOOLS.filter(({ offers }) => offers).map(({ id }) => id),
  'holder',
  'ink',
  'paper',
];

/** What the kit is wanted for. */
export function NeedForm({
  need,
  recipe,
  tools,
  only,
  onOnly,
  onChange,
  buy,
  onBuy,
}: {
  need: Need;
  /** The sheet at hand: its page and lines decide how large letters can be. */
  recipe: Recipe;
  tools: readonly Item[];
  /** Id of the one tool to match around; empty for any. */
  only: string;
  onOnly: (id: string) => void;
  onChange: (need: Need) => void;
  buy: readonly ItemKind[];
  onBuy: (kinds: readonly ItemKind[]) => void;
}) {
  const pick = <K extends 'purpose' | 'experience' | 'side'>(
    key: K,
    name: string,
    values: readonly string[],
  ) => (
    <label className="flex items-center justify-between gap-2 text-sm">
      {name}
      <OneOf
        className="select select-sm w-36"
        choices={values}
        value={need[key]}
        onChoose={(value) => onChange({ ...need, [key]: value })}
      />
    </label>
  );
  return (
    <section aria-labelledby="need" className="space-y-2">
      <h2 id="need" className="margin-heading">
        What for?
      </h2>
      <label className="flex items-center justify-between gap-2 text-sm">
        Hand
        <OneOf
          className="select select-sm w-36"
          choices={HANDS.map(({ id }) => id)}
          nameOf={(id) => handById(id).name}
          value={need.hand}
          onChoose={(hand) => onChange({ ...need, hand, bodyMm: null })}
        />
      </label>
      {need.hand !== recipe.hand && (
        <p className="text-sm opacity-80">The sheet stays as it is until a kit is chosen.</p>
      )}
      {pick('purpose', 'Purpose', PURPOSES)}
      {pick('experience', 'Experience', EXPERIENCES)}
      {pick('side', 'Writing hand', SIDES)}
      <NumberField
        limit={BODY_WANTED}
        value={need.bodyMm}
        onCommit={(bodyMm) => onChange({ ...need, bodyMm })}
        none={{ says: 'any', onChoose: () => onChange({ ...need, bodyMm: null }) }}
        beside
      />
      {need.hand === recipe.hand && (
        <LinesOfPage recipe={recipe} onBody={(bodyMm) => onChange({ ...need, bodyMm })} />
      )}
      <label className="flex items-center justify-between gap-2 text-sm">
        With this tool
        <OneOrNone
          className="select select-sm w-36"
          none="any"
          choices={tools.map(({ id }) => id)}
          nameOf={(id) => tools.find((tool) => tool.id === id)?.label ?? id}
          value={only}
          onChoose={onOnly}
        />
      </label>
      <details>
        <summary className="cursor-pointer text-sm">Schools</summary>
        <div className="mt-1 space-y-2">
          {(Object.keys(SCHOOLS) as SchoolId[]).map((id) => {
            const { name, choices } = SCHOOLS[id];
            const mine = need.schools[id];
            return (
              <label key={id} className="block text-sm">
                {name}
                <OneOf
                  className="select select-sm w-full"
                  choices={Object.keys(choices)}
                  nameOf={(key) => lookUp<string>(choices, key) ?? key}
                  value={mine}
                  onChoose={(school) => onChange({ ...need, schools: { ...need.schools, [id]: school } })}
                />
              </label>
            );
          })}
        </div>
      </details>
      <details>
        <summary className="cursor-pointer text-sm">What may be bought</summary>
        {BUYABLE.map((kind) => (
          <Toggle
            key={kind}
            name={kindName(kind)}
            on={buy.includes(kind)}
            onSwitch={(on) => onBuy(on ? [...buy, kind] : buy.filter((one) => one !== kind))}
          />
        ))}
      </details>
    </section>
  );
}

/** The largest body with which `lines` lines fit the page of the current sheet, solved as at the Rule station. */
function LinesOfPage({ recipe, onBody }: { recipe: Recipe; onBody: (bodyMm: number) => void }) {
  const [problem, setProblem] = useState<string | null>(null);
  const [lines, setLines] = useState<number | null>(null);
  const solve = (lines: number) => {
    setLines(lines);
    try {
      const { width, bodyMm } = largestForLines(recipe, lines);
      const body = bodyMm ?? (width === undefined ? undefined : bodyHeight({ ...recipe, width }));
      setProblem(
        body === undefined ? `${lines} lines do not fit this page at any size; ask for fewer.` : null,
      );
      if (body !== undefined) onBody(Math.floor(body * 10) / 10);
    } catch (error) {
      setProblem(error instanceof Problem ? error.message : 'That many lines do not fit.');
    }
  };
  return (
    <>
      <NumberField
        limit={LIMITS.lines}
        label="Or lines on this page"
        value={lines}
        onCommit={(entered) => solve(Math.round(entered))}
        none={{ says: 'any', onChoose: () => setLines(null) }}
        beside
      />
      {problem && (
        <p role="alert" className="remark remark-warning text-sm">
          {problem}
        </p>
      )}
    </>
  );
}
