'use client';

import { useState } from 'react';
import type { Recipe } from '@/core/document/recipe';
import { cleaning } from '@/core/kit/clean';
import type { Kit } from '@/core/kit/judgeKit';
import type { Need } from '@/core/kit/need';
import { preparation } from '@/core/kit/prepare';
import { usedBy } from '@/core/kit/use';
import { entriesOf } from '@/core/log/entriesOf';
import { recordId } from '@/core/log/recordId';
import { roundTo } from '@/core/measure/units';
import type { FactChange } from '../bench/useBench';
import { NumberField } from '../fields/NumberField';
import { useNotice } from '../frame/notices';
import { PartWords } from '../parts/PartWords';
import { BindDrawing } from './BindDrawing';
import { Caution } from './Caution';
import { GripPage } from './GripPage';
import { nameOf } from './kitWords';
import { LayOut } from './LayOut';
import { SeatDrawing } from './SeatDrawing';
import { SeatTried } from './SeatTried';
import type { Records } from './useRecords';

const WRITTEN = { label: 'Written with it', unit: 'min', low: 1, high: 1440, step: 5 };

/** A checklist for the chosen kit, ticked off and remembered for its tool; and how to lay the page. */
export function PreparePanel({
  need,
  kit,
  isChosen,
  recipe,
  records,
  onChange,
}: {
  need: Need;
  /** The kit chosen, or the likeliest. */
  kit: Kit;
  isChosen: boolean;
  recipe: Recipe;
  records: Records;
  onChange: (changes: readonly FactChange[]) => Promise<void>;
}) {
  const notice = useNotice();
  const id = recordId('prepared', kit.tool.id);
  const done = entriesOf('prepared', records.records).find(({ entryId }) => entryId === id)?.done ?? [];
  const tick = async (step: string, on: boolean) => {
    try {
      await records.keep(id, 'prepared', {
        done: on ? [...done, step] : done.filter((one) => one !== step),
      });
    } catch (error) {
      notice.failed(error);
    }
  };
  return (
    <div className="grid gap-8 xl:grid-cols-[1fr_22rem]">
      <div>
        <LayOut need={need} kit={kit} />
        <section aria-labelledby="prepare">
          <h2 id="prepare" className="margin-heading">
            Preparing
          </h2>
          <p className="mb-2 text-sm">
            For {nameOf(kit)}.{!isChosen && ' No kit is chosen yet; this is for the likeliest.'}
          </p>
          <ol className="space-y-3">
            {preparation(need, kit).map((step) => (
              <li key={step.id} className="flex gap-3">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm mt-1"
                  aria-label={`Done: ${step.id}`}
                  checked={done.includes(step.id)}
                  onChange={(event) => void tick(step.id, event.target.checked)}
                />
                <div>
                  <p className={done.includes(step.id) ? 'opacity-75' : ''}>
                    <PartWords>{step.what}</PartWords>
                  </p>
                  <p className="text-sm opacity-80">{step.why}</p>
                  {step.id === 'seat' && kit.holder && (
                    <>
                      <SeatDrawing holder={kit.holder} />
                      <SeatTried tool={kit.tool} holder={kit.holder} records={records} />
                    </>
                  )}
                  {step.id === 'bind' && <BindDrawing gap={kit.tool.width} angle={recipe.penAngle} />}
                  {step.not && (
                    <p className="remark remark-warning text-sm">
                      <PartWords>{step.not}</PartWords>
                    </p>
                  )}
                  {step.caution && <Caution id={step.caution} />}
                </div>
              </li>
            ))}
          </ol>
          <Cleaning kit={kit} />
          {isChosen && <Written kit={kit} onChange={onChange} />}
        </section>
      </div>
      <GripPage recipe={recipe} side={need.side} kit={kit} />
    </div>
  );
}

/** What ends every preparation: how this tool is cleaned of this ink. */
const Cleaning = ({ kit }: { kit: Kit }) => (
  <section aria-labelledby="cleaning" className="mt-6">
    <h2 id="cleaning" className="margin-heading">
      When you stop
    </h2>
    <ol className="space-y-2">
      {cleaning(kit).map((step) => (
        <li key={step.id}>
          <p>{step.what}</p>
          <p className="text-sm opacity-80">{step.why}</p>
          {step.caution && <Caution id={step.caution} />}
        </li>
      ))}
    </ol>
  </section>
);

/** Hours and millilitres are kept to this. */
const HUNDREDTH = 0.01;

/** Minutes of a usual sitting. */
const SITTING = 30;

/** Hours written and ink left are kept by use. */
function Written({
  kit,
  onChange,
}: {
  kit: Kit;
  onChange: (changes: readonly FactChange[]) => Promise<void>;
}) {
  const [minutes, setMinutes] = useState(SITTING);
  const [refused, setRefused] = useState(false);
  const notice = useNotice();
  const keep = async () => {
    const facts = usedBy(kit, minutes).map(({ item, fact, by }) => ({
      item,
      fact,
      next: Math.max(0, roundTo((item[fact] ?? 0) + by, HUNDREDTH)),
    }));
    const back = facts.map(({ item, fact, next }) => ({
      item: { ...item, [fact]: next },
      facts: { [fact]: item[fact] },
    }));
    try {
      await onChange(facts.map(({ item, fact, next }) => ({ item, facts: { [fact]: next } })));
      notice({ tone: 'done', text: `${minutes} minutes noted.`, undo: () => onChange(back) });
    } catch (error) {
      notice.failed(error);
    }
  };
  return (
    <div className="mt-6 flex flex-wrap items-center gap-2 text-sm">
      <NumberField limit={WRITTEN} value={minutes} onCommit={setMinutes} onRefused={setRefused} beside />
      <button type="button" className="btn btn-sm" disabled={refused} onClick={() => void keep()}>
        Note it
      </button>
      <span className="opacity-80">
        {kit.tool.hours} h on the {kit.tool.label}
        {kit.ink?.millilitres != null ? `, about ${kit.ink.millilitres} ml of ${kit.ink.label} left` : ''}.
      </span>
    </div>
  );
}
