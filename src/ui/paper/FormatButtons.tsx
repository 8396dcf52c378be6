'use client';

import { Download } from 'lucide-react';

const FILE_FORMATS = ['pdf', 'svg', 'png'] as const;
export type FileFormat = (typeof FILE_FORMATS)[number];

/** A button for each file a page can become; PDF first, the one to print. */
export const FormatButtons = ({
  onSave,
  disabled = false,
}: {
  onSave: (format: FileFormat) => void;
  disabled?: boolean;
}) =>
  FILE_FORMATS.map((format) => (
    <button
      key={format}
      type="button"
      className={`btn btn-sm ${format === 'pdf' ? 'btn-primary' : ''}`}
      disabled={disabled}
      onClick={() => onSave(format)}
    >
      {format === 'pdf' && <Download size={14} aria-hidden />}
      {format.toUpperCase()}
    </button>
  ));

/** What a printed page must be checked for, or is corrected by. */
export const printerWords = (printer: string | null): string =>
  printer ? `PDF is corrected for ${printer}.` : 'Print at 100 %, then measure the check bars.';
