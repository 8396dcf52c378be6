'use client';

import { useRef, useState } from 'react';
import type { Fate } from '@/core/kit/csv';
import type { Item } from '@/core/kit/item';
import type { CsvAnswer, RowFate } from '@/workers/csv.worker';
import { call, newId, sentenceOf } from '../lib/api';

/** Rows sent in one request. */
const CHUNK = 1000;
/** Largest file read, in bytes. */
const LARGEST = 64 * 1024 * 1024;

type State =
  | { readonly kind: 'idle' }
  | { readonly kind: 'busy'; readonly what: string; readonly done: number; readonly of: number }
  | {
      readonly kind: 'preview';
      readonly counts: Readonly<Record<Fate, number>>;
      readonly rows: readonly RowFate[];
      readonly items: readonly Item[];
    }
  | { readonly kind: 'problem'; readonly message: string };

const FATES: readonly { fate: Fate; name: string }[] = [
  { fate: 'new', name: 'new' },
  { fate: 'changed', name: 'changed' },
  { fate: 'same', name: 'as before' },
  { fate: 'refused', name: 'refused' },
];

/** Reads a CSV file: every row’s fate is shown before anything is written, and until the end nothing is. */
export function ImportCsv({ bench, onDone }: { bench: readonly Item[]; onDone: (written: number) => void }) {
  const [state, setState] = useState<State>({ kind: 'idle' });
  const input = useRef<HTMLInputElement>(null);
  const worker = useRef<Worker | null>(null);
  const cancelled = useRef(false);

  const open = async (file: File) => {
    cancelled.current = false;
    if (file.size > LARGEST) {
      setState({ kind: 'problem', message: `“${file.name}” is larger than ${LARGEST / 1024 / 1024} MB.` });
      return;
    }
    setState({ kind: 'busy', what: 'Reading', done: 0, of: 1 });
    const bytes = await file.arrayBuffer();
    worker.current?.terminate();
    const reading = new Worker(new URL('../../workers/csv.worker.ts', import.meta.url), { type: 'module' });
    worker.current = reading;
    reading.onmessage = ({ data }: MessageEvent<CsvAnswer>) => {
      if (data.kind === 'progress') setState({ kind: 'busy', what: 'Reading', done: data.done, of: data.of });
      else {
        reading.terminate();
        setState(data.kind === 'problem' ? data : { ...data, kind: 'preview' });
      }
    };
    reading.onerror = () => setState({ kind: 'problem', message: 'The file could not be read.' });
    reading.postMessage({ bytes, bench }, [bytes]);
  };

  const cancel = () => {
    cancelled.current = true;
    worker.current?.terminate();
    setState({ kind: 'idle' });
  };

  const write = async (items: readonly Item[]) => {
    cancelled.current = false;
    const batch = newId();
    const address = `/api/items/import?batch=${batch}`;
    try {
      for (let done = 0; done < items.length; done += CHUNK) {
        setState({ kind: 'busy', what: 'Writing', done, of: items.length });
        await call(address, { method: 'POST', json: items.slice(done, done + CHUNK) });
        if (cancelled.current) {
          await call(address, { method: 'DELETE' });
          return;
        }
      }
      await call(address, { method: 'PUT' });
      setState({ kind: 'idle' });
      onDone(items.length);
    } catch (error) {
      await call(address, { method: 'DELETE' }).catch(() => undefined);
      setState({ kind: 'problem', message: `${sentenceOf(error)} Nothing was written.` });
    }
  };

  return (
    <div>
      <button type="button" className="btn btn-sm" onClick={() => input.current?.click()}>
        Open CSV
      </button>
      <input
        ref={input}
        type="file"
        accept=".csv,text/csv"
        className="sr-only"
        tabIndex={-1}
        aria-label="CSV file to open"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void open(file);
        }}
      />
      {state.kind !== 'idle' && (
        <section
          aria-label="Opening a CSV file"
          className="mt-2 rounded border border-base-300 bg-base-100 p-3"
          role="status"
        >
          {state.kind === 'problem' && (
            <>
              <p className="remark remark-warning">{state.message}</p>
              <button type="button" className="btn btn-sm mt-2" onClick={cancel}>
                Close
              </button>
            </>
          )}
          {state.kind === 'busy' && (
            <div className="flex items-center gap-3">
              <progress className="progress w-56" value={state.done} max={state.of} aria-label={state.what} />
              <span className="tabular-nums">
                {state.what}: {state.done} of {state.of} rows
              </span>
              <button type="button" className="btn btn-sm" onClick={cancel}>
                Cancel
              </button>
            </div>
          )}
          {state.kind === 'preview' && (
            <>
              <p className="mb-2">
                {FATES.map(({ fate, name }) => `${state.counts[fate]} ${name}`).join(', ')}. Nothing has been
                written yet.
              </p>
              <section
                className="max-h-56 overflow-y-auto"
                // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling region must be reachable by keyboard
                tabIndex={0}
                aria-label="What happens to each row"
              >
                <table className="table table-xs">
                  <thead>
                    <tr>
                      <th scope="col">Line</th>
                      <th scope="col">Name</th>
                      <th scope="col">Fate</th>
                    </tr>
                  </thead>
                  <tbody>
                    {state.rows.map((row) => (
                      <tr key={row.line}>
                        <td>{row.line}</td>
                        <td>{row.label}</td>
                        <td>
                          {FATES.find(({ fate }) => fate === row.fate)?.name}
                          {row.why ? `: ${row.why}` : ''}
                        </td>
                      </tr>
                    ))}
                  </tbody>
                </table>
              </section>
              <div className="mt-2 flex gap-2">
                <button
                  type="button"
                  className="btn btn-primary btn-sm"
                  disabled={state.items.length === 0}
                  onClick={() => void write(state.items)}
                >
                  Write {state.items.length} {state.items.length === 1 ? 'row' : 'rows'}
                </button>
                <button type="button" className="btn btn-sm" onClick={cancel}>
                  Cancel
                </button>
              </div>
            </>
          )}
        </section>
      )}
    </div>
  );
}
