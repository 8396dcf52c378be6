'use client';

import { useState } from 'react';
import { diagnose, inWords, nextTest } from '@/core/kit/diagnose';
import type { Kit } from '@/core/kit/judgeKit';
import type { Seen } from '@/core/kit/seen';
import { cureOf, seenWith } from '@/core/kit/troubles';
import { entriesOf } from '@/core/log/entriesOf';
import { useNotice } from '../frame/notices';
import { newId } from '../lib/api';
import { PartWords } from '../parts/PartWords';
import { Caution } from './Caution';
import { nameOf } from './kitWords';
import { RescueCards } from './RescueCards';
import { TroubleDrawing } from './TroubleDrawing';
import type { Records } from './useRecords';

/** How many causes are shown. */
const SHOWN = 5;

/** Pick what is seen; answer one cheap test at a time; what cured it is remembered. */
export function TroublePanel({
  kit,
  isChosen,
  records,
}: {
  /** The kit chosen, or the likeliest. */
  kit: Kit;
  isChosen: boolean;
  records: Records;
}) {
  const [seen, setSeen] = useState<Seen | null>(null);
  const [answers, setAnswers] = useState<Readonly<Record<string, boolean>>>({});
  const notice = useNotice();
  const history = entriesOf('cure', records.records);
  const causes = seen
    ? diagnose(seen, kit, answers, history)
        .filter(({ chance }) => chance > 0)
        .slice(0, SHOWN)
    : [];
  const test = seen ? nextTest(seen, kit, answers, history) : undefined;
  const cured = async (cause: string, name: string) => {
    if (!seen) return;
    try {
      const id = newId();
      await records.keep(id, 'cure', { seen, cause, tool: kit.tool.id });
      notice({ tone: 'done', text: `Noted: it was that ${name}.`, undo: () => records.forget(id) });
      setSeen(null);
      setAnswers({});
    } catch (error) {
      notice.failed(error);
    }
  };
  return (
    <div className="space-y-4">
      <p className="text-sm">
        With {nameOf(kit)}.{!isChosen && ' No kit is chosen; what is likely depends on it.'}
      </p>
      <section aria-labelledby="seen">
        <h2 id="seen" className="margin-heading">
          What do you see?
        </h2>
        <div className="flex flex-wrap gap-2">
          {seenWith(kit.tool.kind).map((one) => (
            <button
              key={one}
              type="button"
              aria-pressed={seen === one}
              className={`flex w-28 flex-col items-center rounded border p-2 text-sm ${seen === one ? 'border-primary bg-base-300' : 'border-base-300 bg-base-100'}`}
              onClick={() => {
                setSeen(one);
                setAnswers({});
              }}
            >
              <TroubleDrawing seen={one} />
              {one}
            </button>
          ))}
        </div>
      </section>
      {test && (
        <section aria-labelledby="test" className="remark">
          <h2 id="test" className="margin-heading">
            Try this
          </h2>
          <p className="mb-2">{test.question}</p>
          {[true, false].map((yes) => (
            <button
              key={String(yes)}
              type="button"
              className="btn btn-sm mr-2"
              onClick={() => setAnswers({ ...answers, [test.id]: yes })}
            >
              {yes ? 'Yes' : 'No'}
            </button>
          ))}
        </section>
      )}
      {causes.length > 0 && (
        <section aria-labelledby="causes">
          <h2 id="causes" className="margin-heading">
            Likely causes
          </h2>
          <ol className="space-y-2" aria-label="Likely causes">
            {causes.map(({ cause, chance }) => (
              <li key={cause.id} className="rounded bg-base-100 p-3">
                <div className="flex items-baseline justify-between gap-3">
                  <strong>{cause.name}</strong>
                  <span>{inWords(chance, causes[0]?.chance ?? chance)}</span>
                </div>
                <p className="text-sm">
                  <PartWords>{cureOf(cause, kit.tool.kind)}</PartWords>
                </p>
                {cause.id === 'coating' && <Caution id="solvent" />}
                <button
                  type="button"
                  className="btn btn-xs mt-1"
                  onClick={() => void cured(cause.id, cause.name)}
                >
                  That cured it
                </button>
              </li>
            ))}
          </ol>
        </section>
      )}
      <section aria-labelledby="rescue">
        <h2 id="rescue" className="margin-heading mb-2">
          When it happens on the good sheet
        </h2>
        <RescueCards kind={kit.tool.kind} />
      </section>
      <Caution id="pain" />
    </div>
  );
}
