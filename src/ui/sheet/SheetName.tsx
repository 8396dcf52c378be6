'use client';

import { Keyboard, Redo2, Undo2 } from 'lucide-react';
import type { OpenWork } from './useWork';

/** What the sheet is called, undo and redo, the keys, and whether it is kept. */
export function SheetName<D>({ sheet, onHelp }: { sheet: OpenWork<D>; onHelp: () => void }) {
  const { saveState } = sheet;
  return (
    <section
      aria-label="Sheet"
      className="flex shrink-0 flex-wrap items-center gap-x-2 max-lg:w-full lg:w-56"
    >
      <input
        dir="auto"
        key={sheet.name}
        aria-label="Name of the sheet"
        className="input input-ghost input-sm w-full truncate px-1 font-bold font-serif text-base max-lg:w-auto max-lg:min-w-0 max-lg:flex-1"
        defaultValue={sheet.name}
        maxLength={80}
        onBlur={(event) => {
          const next = event.target.value.trim();
          if (next && next !== sheet.name) sheet.rename(next);
          else event.target.value = sheet.name;
        }}
        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      />
      <div className="flex flex-1 items-center max-lg:flex-none">
        <button
          type="button"
          className="btn btn-ghost btn-xs max-sm:h-11 max-sm:w-11"
          disabled={!sheet.canUndo}
          onClick={sheet.undo}
          aria-label="Undo"
        >
          <Undo2 size={15} aria-hidden />
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-xs max-sm:h-11 max-sm:w-11"
          disabled={!sheet.canRedo}
          onClick={sheet.redo}
          aria-label="Redo"
        >
          <Redo2 size={15} aria-hidden />
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-xs max-sm:h-11 max-sm:w-11"
          onClick={onHelp}
          aria-label="Keys and help"
        >
          <Keyboard size={15} aria-hidden />
        </button>
        <span className="ml-auto text-sm" aria-live="polite" data-testid="save-state">
          {saveState.kind === 'saved' && 'Kept on the shelf'}
          {saveState.kind === 'saving' && 'Saving…'}
          {saveState.kind === 'stale' && 'Changed elsewhere'}
          {saveState.kind === 'failed' && (
            <button
              type="button"
              className="btn btn-error btn-xs"
              title={saveState.why}
              onClick={sheet.retrySave}
            >
              Not saved: try again
            </button>
          )}
        </span>
      </div>
      {saveState.kind === 'failed' && <p className="remark remark-warning w-full text-sm">{saveState.why}</p>}
    </section>
  );
}
