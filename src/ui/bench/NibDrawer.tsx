'use client';

import { Plus, Ruler, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { NIB_KINDS, type Nib, type NibKind } from '@/core/kit/nib';
import { plain } from '@/core/measure/units';
import { LIMITS } from '@/core/sheet/limits';
import { NumberField } from '../fields/NumberField';
import { useNotice } from '../frame/notices';
import { Written } from '../frame/Written';
import { call, newId, sentenceOf } from '../lib/api';
import { MeasureNib } from './MeasureNib';

const KIND_NAMES: Readonly<Record<NibKind, string>> = {
  broad: 'Broad nib',
  pointed: 'Pointed nib',
  brush: 'Brush',
  'two-point': 'Two bound points',
};
const WIDTH_NAMES: Readonly<Record<NibKind, string>> = {
  broad: 'Edge',
  pointed: 'Full shade',
  brush: 'Full shade',
  'two-point': 'Gap',
};

/** The drawer: the nibs a scribe owns, and measuring them. */
export function NibDrawer({ initial }: { initial: readonly Nib[] }) {
  const [nibs, setNibs] = useState(initial);
  const [measuring, setMeasuring] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const notice = useNotice();

  const save = async (nib: Nib, measured: boolean) => {
    try {
      const { id, kind, label, width, uncertainty } = nib;
      const body = { kind, label, width, uncertainty, measured };
      const saved = (await (await call(`/api/nibs/${id}`, { method: 'PUT', json: body })).json()) as Nib;
      setNibs((list) =>
        [...list.filter((other) => other.id !== id), saved].sort(
          (a, b) => NIB_KINDS.indexOf(a.kind) - NIB_KINDS.indexOf(b.kind) || a.width - b.width,
        ),
      );
      setProblem(null);
      return true;
    } catch (error) {
      setProblem(sentenceOf(error));
      return false;
    }
  };
  const remove = async (nib: Nib) => {
    try {
      await call(`/api/nibs/${nib.id}`, { method: 'DELETE' });
      setNibs((list) => list.filter(({ id }) => id !== nib.id));
      notice({
        tone: 'done',
        text: `Took the ${nib.label} out of the drawer.`,
        undo: async () => {
          await save(nib, nib.measuredAt !== null);
        },
      });
    } catch (error) {
      setProblem(sentenceOf(error));
    }
  };

  return (
    <div className="mx-auto max-w-5xl px-6 py-6">
      <h1 className="">
        <Written text="Bench" height={56} />
      </h1>
      <p className="mb-4 max-w-prose">
        The nibs in your drawer. Labels differ between makers and felt wears wider, so a measured width beats
        a marked one: step a ladder, measure its span, and every sheet follows.
      </p>
      {problem && (
        <p role="alert" className="remark remark-warning mb-4">
          {problem}
        </p>
      )}
      {nibs.length === 0 ? (
        <p className="py-8 text-center text-lg">The drawer is empty. Put in the first nib below.</p>
      ) : (
        <table className="table bg-base-100">
          <thead>
            <tr>
              <th scope="col">Kind</th>
              <th scope="col">Name</th>
              <th scope="col">Width</th>
              <th scope="col">
                <span className="sr-only">Actions</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {nibs.map((nib) => (
              <NibRow
                key={nib.id}
                nib={nib}
                open={measuring === nib.id}
                onMeasure={() => setMeasuring(measuring === nib.id ? null : nib.id)}
                onMeasured={async (width, uncertainty) => {
                  if (await save({ ...nib, width, uncertainty }, true)) {
                    setMeasuring(null);
                    notice({ tone: 'done', text: `${nib.label}: ${plain(width)} mm is kept.` });
                  }
                }}
                onRename={(label) => void save({ ...nib, label }, nib.measuredAt !== null)}
                onDelete={() => void remove(nib)}
              />
            ))}
          </tbody>
        </table>
      )}
      <AddNib onAdd={(nib) => void save(nib, false)} />
    </div>
  );
}

function NibRow({
  nib,
  open,
  onMeasure,
  onMeasured,
  onRename,
  onDelete,
}: {
  nib: Nib;
  open: boolean;
  onMeasure: () => void;
  onMeasured: (width: number, uncertainty: number) => void;
  onRename: (label: string) => void;
  onDelete: () => void;
}) {
  const measurable = nib.kind === 'broad' || nib.kind === 'two-point';
  return (
    <>
      <tr>
        <td>{KIND_NAMES[nib.kind]}</td>
        <td>
          <input
            key={nib.label}
            className="input input-ghost input-sm w-full px-1"
            aria-label={`Name of the ${nib.label}`}
            defaultValue={nib.label}
            maxLength={80}
            onBlur={(event) => {
              const next = event.target.value.trim();
              if (next && next !== nib.label) onRename(next);
              else event.target.value = nib.label;
            }}
            onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
          />
        </td>
        <td className="whitespace-nowrap tabular-nums">
          {plain(nib.width)}
          {nib.uncertainty !== null && ` ± ${plain(nib.uncertainty)}`} mm
          <span className="block text-sm opacity-80">
            {WIDTH_NAMES[nib.kind].toLowerCase()}, {nib.measuredAt ? 'measured' : 'as marked'}
          </span>
        </td>
        <td className="whitespace-nowrap text-right">
          {measurable && (
            <button type="button" className="btn btn-sm" aria-expanded={open} onClick={onMeasure}>
              <Ruler size={15} aria-hidden /> Measure
            </button>
          )}
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            aria-label={`Delete the ${nib.label}`}
            onClick={onDelete}
          >
            <Trash2 size={15} aria-hidden />
          </button>
        </td>
      </tr>
      {open && (
        <tr>
          <td colSpan={4}>
            <MeasureNib nib={nib} onKeep={onMeasured} />
          </td>
        </tr>
      )}
    </>
  );
}

function AddNib({ onAdd }: { onAdd: (nib: Nib) => void }) {
  const [kind, setKind] = useState<NibKind>('broad');
  const [label, setLabel] = useState('');
  const [width, setWidth] = useState(2);
  const usual = `${plain(width)} mm ${kind === 'broad' ? 'square-cut nib' : KIND_NAMES[kind].toLowerCase()}`;
  return (
    <form
      className="mt-6 flex flex-wrap items-end gap-3 border-base-300 border-t pt-4"
      onSubmit={(event) => {
        event.preventDefault();
        onAdd({
          id: newId(),
          kind,
          label: label.trim() || usual,
          width,
          uncertainty: null,
          measuredAt: null,
        });
        setLabel('');
      }}
    >
      <label className="text-sm">
        Kind
        <select
          className="select select-sm mt-1 block"
          value={kind}
          onChange={(event) => setKind(event.target.value as NibKind)}
        >
          {NIB_KINDS.map((value) => (
            <option key={value} value={value}>
              {KIND_NAMES[value]}
            </option>
          ))}
        </select>
      </label>
      <label className="text-sm">
        Name
        <input
          className="input input-sm mt-1 block w-56"
          value={label}
          maxLength={80}
          placeholder={usual}
          onChange={(event) => setLabel(event.target.value)}
        />
      </label>
      <NumberField limit={LIMITS.width} label={WIDTH_NAMES[kind]} value={width} onCommit={setWidth} />
      <button type="submit" className="btn btn-primary btn-sm">
        <Plus size={15} aria-hidden /> Put into the drawer
      </button>
    </form>
  );
}
