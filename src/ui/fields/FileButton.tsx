'use client';

import { FileUp } from 'lucide-react';
import { type ReactNode, useRef } from 'react';

/** A button that opens a file; the same file can be opened again. */
export function FileButton({
  label,
  accept,
  onFile,
  children,
}: {
  /** Names the file input for readers. */
  label: string;
  accept: string;
  onFile: (file: File) => void;
  children: ReactNode;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        className="hidden"
        aria-label={label}
        onChange={({ target }) => {
          const file = target.files?.[0];
          target.value = '';
          if (file) onFile(file);
        }}
      />
      <button type="button" className="btn btn-sm" onClick={() => input.current?.click()}>
        <FileUp size={15} aria-hidden /> {children}
      </button>
    </>
  );
}
