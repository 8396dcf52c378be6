'use client';

import { Printer, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { PrinterProfile } from '@/core/desk/routes';
import { freshRecipe } from '@/core/document/defaults';
import { OPENING_HAND } from '@/core/hands/registry';
import { plain } from '@/core/measure/units';
import { CHECK_BAR, printerCorrection } from '@/core/page/printer';
import type { Limit } from '@/core/problem/limits';
import { NumberField } from '../fields/NumberField';
import { useNotice } from '../frame/notices';
import { askServer, call, download, newId, sentenceOf } from '../lib/api';

/** The field takes any length a ruler could show; whether it is a believable printer is for the core to say. */
const BAR: Limit = { label: 'Bar', unit: 'mm', low: 1, high: 300, step: 0.1 };

/** What a printer was measured at and is sent; nonsense that came in some other way is said, to be measured anew or removed. */
function sentAt({ measuredX, measuredY }: PrinterProfile): string {
  try {
    const { x, y } = printerCorrection(measuredX, measuredY);
    return `measured ${plain(measuredX)} × ${plain(measuredY)} mm; sent at ${plain(x * 100)} × ${plain(y * 100)} %`;
  } catch (error) {
    return sentenceOf(error);
  }
}

/** Printer profiles: what the check bars measured on paper, and the printer PDFs are corrected for. */
export function PrinterPanel({ initial }: { initial: readonly PrinterProfile[] }) {
  const [printers, setPrinters] = useState(initial);
  const [name, setName] = useState('');
  const [measuredX, setMeasuredX] = useState(CHECK_BAR);
  const [measuredY, setMeasuredY] = useState(CHECK_BAR);
  const [problem, setProblem] = useState<string | null>(null);
  const notice = useNotice();

  const guarded = async (work: () => Promise<void>) => {
    try {
      await work();
      setProblem(null);
    } catch (error) {
      setProblem(sentenceOf(error));
    }
  };
  /** Selects a printer, and learns of those that other windows added or removed. */
  const selected = async (id: string | null) => {
    setPrinters((await askServer('POST /api/printers/select', { json: { id } })).printers);
  };
  const select = (id: string | null) => guarded(() => selected(id));
  const add = () =>
    guarded(async () => {
      const body = { name: name.trim() || 'My printer', measuredX, measuredY };
      const id = newId();
      await call(`/api/printers/${id}`, { method: 'PUT', json: body });
      await selected(id);
      setName('');
      notice({ tone: 'done', text: `PDFs are now corrected for ${body.name}.` });
    });
  const remove = (printer: PrinterProfile) =>
    guarded(async () => {
      await call(`/api/printers/${printer.id}`, { method: 'DELETE' });
      setPrinters((list) => list.filter(({ id }) => id !== printer.id));
      notice({
        tone: 'done',
        text: `Removed ${printer.name}.`,
        undo: () =>
          guarded(async () => {
            const { id, selected: was, ...body } = printer;
            await call(`/api/printers/${id}`, { method: 'PUT', json: body });
            if (was) await selected(id);
            else setPrinters((list) => [...list, printer]);
          }),
      });
    });
  const checkSheet = (query: string, fileName: string) =>
    guarded(async () => {
      const recipe = { ...freshRecipe(OPENING_HAND), title: 'Printer check' };
      const response = await call(`/api/render?format=pdf${query}`, { method: 'POST', json: recipe });
      download(await response.blob(), fileName);
    });

  return (
    <section aria-labelledby="printer" className="space-y-3">
      <h2 id="printer" className="margin-heading">
        Printer
      </h2>
      <p className="max-w-prose">
        Many printers shrink a page a little. Print a check sheet at 100 %, measure its two {CHECK_BAR} mm
        bars, and every PDF is corrected so that paper comes out true.
      </p>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-sm"
          onClick={() => void checkSheet('&printer=none', 'check-sheet.pdf')}
        >
          <Printer size={15} aria-hidden /> Check sheet (PDF)
        </button>
        <button
          type="button"
          className="btn btn-sm"
          onClick={() => void checkSheet('&printer=practice', 'practice-print.pdf')}
        >
          Print it on the practice printer
        </button>
      </div>
      <p className="max-w-prose text-sm opacity-80">
        The practice printer is simulated: it returns the sheet as a shrinking printer would print it, so that
        you can try the whole procedure without one.
      </p>
      {problem && (
        <p role="alert" className="remark remark-warning">
          {problem}
        </p>
      )}
      <fieldset>
        <legend className="font-bold text-sm">PDFs are corrected for</legend>
        <label className="flex items-center gap-2 py-1">
          <input
            type="radio"
            name="printer"
            className="radio radio-xs"
            checked={printers.every(({ selected }) => !selected)}
            onChange={() => void select(null)}
          />
          no printer: lengths as they are
        </label>
        {printers.map((printer) => {
          const says = sentAt(printer);
          return (
            <div key={printer.id} className="flex items-center gap-2 py-1">
              <label className="flex items-center gap-2">
                <input
                  type="radio"
                  name="printer"
                  className="radio radio-xs"
                  checked={printer.selected}
                  onChange={() => void select(printer.id)}
                />
                {printer.name}
                <span className="text-sm opacity-80">{says}</span>
              </label>
              <button
                type="button"
                className="btn btn-ghost btn-xs"
                aria-label={`Remove ${printer.name}`}
                onClick={() => void remove(printer)}
              >
                <Trash2 size={15} aria-hidden />
              </button>
            </div>
          );
        })}
      </fieldset>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <label className="text-sm">
          Printer
          <input
            className="input input-sm block w-48"
            value={name}
            maxLength={80}
            placeholder="My printer"
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        <NumberField limit={BAR} label="Bar across measures" value={measuredX} onCommit={setMeasuredX} />
        <NumberField limit={BAR} label="Bar down measures" value={measuredY} onCommit={setMeasuredY} />
        <button type="submit" className="btn btn-primary btn-sm">
          Keep and use
        </button>
      </form>
    </section>
  );
}
