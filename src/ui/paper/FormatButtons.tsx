'use client';

import { Download, Printer } from 'lucide-react';
import type { Out } from './useHandOver';

const OUTS: readonly Out[] = ['paper', 'pdf', 'svg', 'png'];

/** A button for the printer and for each file a page can become. */
export const FormatButtons = ({
  onSave,
  disabled = false,
  outs = OUTS,
}: {
  onSave: (out: Out) => void;
  disabled?: boolean;
  outs?: readonly Out[];
}) =>
  outs.map((out) => (
    <button
      key={out}
      type="button"
      className={`btn btn-sm ${out === 'paper' ? 'btn-primary' : ''}`}
      disabled={disabled}
      onClick={() => onSave(out)}
    >
      {out === 'paper' && <Printer size={14} aria-hidden />}
      {out === 'pdf' && <Download size={14} aria-hidden />}
      {out === 'paper' ? 'Print' : out.toUpperCase()}
    </button>
  ));

/** What a printed page must be checked for, or is corrected by. */
export const printerWords = (printer: string | null): string =>
  printer
    ? `Corrected for ${printer}: print at 100 %.`
    : 'Print at 100 %, not “fit to page”, then measure the check bars.';
