'use client';

import { useState } from 'react';
import {
  BASES,
  COMPLAINTS,
  CONSISTENCIES,
  type Complaint,
  dropFrom,
  ELSEWHERE,
  keepsUntil,
  type Mix,
  nextDrop,
  REFUSED_OFTEN,
  type Remedy,
  scaleMix,
  TEST_STROKE,
  USUAL_DROP_ML,
  volumeOf,
  withDrop,
} from '@/core/kit/mix';
import { MIX_AMOUNTS } from '@/core/kit/mixAmounts';
import { mixLabel } from '@/core/kit/mixLabel';
import { entriesOf } from '@/core/log/entriesOf';
import { plain } from '@/core/measure/units';
import { amount } from '@/core/measure/words';
import { renderSvg } from '@/render/svg';
import { NumberField } from '../fields/NumberField';
import { OneOf } from '../fields/OneOf';
import { useNotice } from '../frame/notices';
import { download, newId, sentenceOf } from '../lib/api';
import { shortDate } from '../lib/dates';
import { Caution } from './Caution';
import type { Records } from './useRecords';

const BLANK = {
  label: '',
  base: 'gouache' as const,
  baseMl: 1,
  waterMl: 1,
  gumDrops: 1,
  consistency: 'thin cream' as const,
  note: '',
  writtenWith: '',
};

/** A mix repeated at another volume, and the scribe's own drops that fill a millilitre. */
const WANTED = { label: 'Volume wanted', unit: 'ml', low: 0.1, high: MIX_AMOUNTS.baseMl.high, step: 1 };
const USUAL_ML = 10;
const DROPS = { label: 'Drops that fill 1 ml', unit: '', low: 5, high: 60, step: 1 };

/** Mixes: kept, repeated, scaled, labelled; and the next drop for what is wrong with one. */
export function InkPanel({
  records,
  writtenWith,
  wantedMl,
}: {
  records: Records;
  /** Volume a piece asks for, in ml; null where none does. */
  wantedMl: number | null;
  /** The tool and the paper of the kit in hand, in words. */
  writtenWith: string;
}) {
  const notice = useNotice();
  const [draft, setDraft] = useState<Omit<Mix, 'id' | 'madeAt'>>(BLANK);
  const [problem, setProblem] = useState<string | null>(null);
  const [toMl, setToMl] = useState(wantedMl ?? USUAL_ML);
  const [now] = useState(() => Date.now());
  const mixes = entriesOf('mix', records.records);
  const remedies = entriesOf('remedy', records.records);
  const dropMl = entriesOf('drop', records.records).at(-1)?.ml ?? USUAL_DROP_ML;
  const guarded = async (work: () => Promise<unknown>) => {
    try {
      await work();
      setProblem(null);
    } catch (error) {
      setProblem(sentenceOf(error));
    }
  };
  const scaled = (mix: typeof draft, ml: number) => inHundredths(scaleMix(mix, ml, dropMl));
  const keepMix = () => {
    const mix: Mix = { ...draft, id: newId(), madeAt: new Date().toISOString(), writtenWith };
    void guarded(() => records.keep(mix.id, 'mix', mix));
  };
  const number = (key: keyof typeof MIX_AMOUNTS) => (
    <NumberField
      limit={MIX_AMOUNTS[key]}
      value={draft[key]}
      onCommit={(value) => setDraft((now) => ({ ...now, [key]: value }))}
    />
  );
  return (
    <div className="space-y-6">
      {problem && (
        <p role="alert" className="remark remark-warning">
          {problem}
        </p>
      )}
      <section aria-labelledby="mix">
        <h2 id="mix" className="margin-heading">
          A mix
        </h2>
        <div className="flex flex-wrap items-end gap-3">
          <label className="flex flex-col text-sm">
            Name
            <input
              className="input input-sm w-44"
              value={draft.label}
              maxLength={80}
              onChange={(event) => setDraft({ ...draft, label: event.target.value })}
            />
          </label>
          <label className="flex flex-col text-sm">
            Made from
            <OneOf
              className="select select-sm w-28"
              choices={BASES}
              value={draft.base}
              onChoose={(base) => setDraft({ ...draft, base })}
            />
          </label>
          {number('baseMl')}
          {number('waterMl')}
          {number('gumDrops')}
          <label className="flex flex-col text-sm">
            Consistency
            <OneOf
              className="select select-sm w-32"
              choices={CONSISTENCIES}
              value={draft.consistency}
              onChoose={(consistency) => setDraft({ ...draft, consistency })}
            />
          </label>
          <button type="button" className="btn btn-primary btn-sm" onClick={keepMix}>
            Keep
          </button>
        </div>
        <p className="mt-1 text-sm tabular-nums">
          {plain(volumeOf(draft, dropMl))} ml in all. Mix in a separate pot, never in the stock bottle.
          {wantedMl !== null && (
            <>
              {' '}
              Your piece asks for {plain(wantedMl)} ml.{' '}
              <button
                type="button"
                className="btn btn-xs"
                onClick={() => setDraft((now) => scaled(now, wantedMl))}
              >
                Scale these amounts to it
              </button>
            </>
          )}
        </p>
        <p className="mt-1 max-w-prose text-sm">{TEST_STROKE[draft.base]}</p>
        <Caution id="pigment" />
        <DropSize ml={dropMl} onKeep={(ml) => void guarded(() => records.keep('drop', 'drop', { ml }))} />
      </section>
      {mixes.length > 0 && (
        <section aria-labelledby="mixes">
          <h2 id="mixes" className="margin-heading">
            Mixes
          </h2>
          <NumberField limit={WANTED} value={toMl} onCommit={setToMl} />
          <div className="overflow-x-auto">
            <table className="table table-sm bg-base-100">
              <thead>
                <tr>
                  {['Name', 'Base', 'Water', 'Gum', 'Consistency', 'Made', 'Keeps until', ''].map((name) => (
                    <th key={name} scope="col">
                      {name || <span className="sr-only">Actions</span>}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {[...mixes].reverse().map((mix) => (
                  <tr key={mix.id}>
                    <td className="min-w-40">
                      {mix.label}
                      {mix.writtenWith && (
                        <span className="block text-sm opacity-80">for {mix.writtenWith}</span>
                      )}
                    </td>
                    <td>
                      {plain(mix.baseMl)} ml {mix.base}
                    </td>
                    <td>{plain(mix.waterMl)} ml</td>
                    <td>{amount(mix.gumDrops, 'drop')}</td>
                    <td>{mix.consistency}</td>
                    <td>{shortDate(mix.madeAt)}</td>
                    <td>
                      {shortDate(new Date(keepsUntil(mix)))}
                      {keepsUntil(mix) < now && (
                        <span className="remark remark-caution block text-sm">
                          Old: smell it, and mix anew.
                        </span>
                      )}
                    </td>
                    <td className="min-w-40 space-x-1 space-y-1">
                      <button type="button" className="btn btn-xs" onClick={() => setDraft(draftOf(mix))}>
                        Repeat
                      </button>
                      <button
                        type="button"
                        className="btn btn-xs"
                        onClick={() => setDraft(scaled(draftOf(mix), toMl))}
                      >
                        For {plain(toMl)} ml
                      </button>
                      <button
                        type="button"
                        className="btn btn-xs"
                        onClick={() =>
                          download(
                            new Blob([renderSvg(mixLabel(mix))], { type: 'image/svg+xml' }),
                            'label.svg',
                          )
                        }
                      >
                        Label
                      </button>
                      <button
                        type="button"
                        className="btn btn-xs"
                        onClick={() =>
                          void guarded(async () => {
                            await records.forget(mix.entryId);
                            const { entryId: _, ...kept } = mix;
                            notice({
                              tone: 'done',
                              text: `Forgot “${mix.label}”.`,
                              undo: () => records.keep(mix.id, 'mix', kept),
                            });
                          })
                        }
                      >
                        Forget
                      </button>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </section>
      )}
      <Mend
        remedies={remedies}
        onTell={(remedy) => {
          // The drop was added, whether it helped or not.
          setDraft((now) => withDrop(now, remedy.addition, dropMl));
          void guarded(() => records.keep(newId(), 'remedy', { ...remedy }));
        }}
      />
    </div>
  );
}

const draftOf = ({
  label,
  base,
  baseMl,
  waterMl,
  gumDrops,
  consistency,
  note,
  writtenWith,
}: Mix): Omit<Mix, 'id' | 'madeAt'> => ({
  label,
  base,
  baseMl,
  waterMl,
  gumDrops,
  consistency,
  note,
  writtenWith,
});

/** Amounts as they can be measured out. */
const inHundredths = <T extends Pick<Mix, 'baseMl' | 'waterMl'>>(mix: T): T => ({
  ...mix,
  baseMl: Math.round(mix.baseMl * 100) / 100,
  waterMl: Math.round(mix.waterMl * 100) / 100,
});

/** The size of one’s own drop, from counting. */
function DropSize({ ml, onKeep }: { ml: number; onKeep: (ml: number) => void }) {
  return (
    <details className="mt-2 text-sm">
      <summary className="cursor-pointer">One drop is {plain(ml, 3)} ml</summary>
      <NumberField
        limit={DROPS}
        value={Math.round(1 / ml)}
        onCommit={(drops) => onKeep(dropFrom(Math.round(drops), 1))}
      />
    </details>
  );
}

/** What is wrong with a mix, the next drop for it, and whether that helped. */
function Mend({ remedies, onTell }: { remedies: readonly Remedy[]; onTell: (remedy: Remedy) => void }) {
  const [complaint, setComplaint] = useState<Complaint>('too thin');
  const [refused, setRefused] = useState(0);
  const { addition, sentence } = nextDrop(complaint, remedies);
  const elsewhere = refused >= REFUSED_OFTEN;
  return (
    <section aria-labelledby="mend" className="space-y-2">
      <h2 id="mend" className="margin-heading">
        The next drop
      </h2>
      <label className="flex items-center gap-2 text-sm">
        The ink is
        <OneOf
          className="select select-sm w-40"
          choices={COMPLAINTS}
          value={complaint}
          onChoose={(next) => {
            setComplaint(next);
            setRefused(0);
          }}
        />
      </label>
      <p className="remark" role="status">
        {elsewhere ? ELSEWHERE[complaint] : sentence}
      </p>
      {addition &&
        !elsewhere &&
        [true, false].map((helped) => (
          <button
            key={String(helped)}
            type="button"
            className="btn btn-sm mr-2 align-middle"
            onClick={() => {
              setRefused(helped ? 0 : refused + 1);
              onTell({ complaint, addition, helped });
            }}
          >
            {helped ? 'It helped' : 'It did not'}
          </button>
        ))}
      {elsewhere ? (
        <button type="button" className="btn btn-sm" onClick={() => setRefused(0)}>
          Go on with drops
        </button>
      ) : (
        addition && <p className="text-sm opacity-80">Either answer adds the drop to the amounts above.</p>
      )}
    </section>
  );
}
