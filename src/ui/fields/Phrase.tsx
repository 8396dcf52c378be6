'use client';

import { type ReactNode, useEffect, useId, useLayoutEffect, useRef, useState } from 'react';

/** White kept between an open panel and the edge of the window, in CSS pixels. */
const WINDOW_MARGIN = 12;

/**
 * One underlined part of the recipe sentence and the panel that changes it. Opens on click or Enter, closes on Escape
 * (which gives the focus back) and when the focus or the pointer goes elsewhere.
 */
export function Phrase({ label, text, children }: { label: string; text: string; children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const [shift, setShift] = useState(0);
  const id = useId();
  const root = useRef<HTMLSpanElement>(null);
  const button = useRef<HTMLButtonElement>(null);
  const panel = useRef<HTMLDivElement>(null);

  useLayoutEffect(() => {
    if (!open || !panel.current) return setShift(0);
    const overflow = panel.current.getBoundingClientRect().right - (window.innerWidth - WINDOW_MARGIN);
    if (overflow > 0) setShift(-overflow);
    const first =
      panel.current.querySelector<HTMLElement>('input:checked') ??
      panel.current.querySelector<HTMLElement>('input, select') ??
      panel.current.querySelector<HTMLElement>('button');
    first?.focus();
    if (first instanceof HTMLInputElement && first.type !== 'radio' && first.type !== 'checkbox')
      first.select();
  }, [open]);

  useEffect(() => {
    if (!open) return;
    const elsewhere = (event: Event) => {
      if (!root.current?.contains(event.target as Node)) setOpen(false);
    };
    document.addEventListener('pointerdown', elsewhere);
    document.addEventListener('focusin', elsewhere);
    return () => {
      document.removeEventListener('pointerdown', elsewhere);
      document.removeEventListener('focusin', elsewhere);
    };
  }, [open]);

  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: Escape closes the panel from anywhere inside it
    <span
      ref={root}
      className="relative inline-block"
      onKeyDown={(event) => {
        if (event.key === 'Escape' && open) {
          event.stopPropagation();
          setOpen(false);
          button.current?.focus();
        }
      }}
    >
      <button
        ref={button}
        type="button"
        className="phrase"
        aria-expanded={open}
        aria-haspopup="dialog"
        aria-controls={open ? id : undefined}
        aria-label={`${label}: ${text}`}
        onClick={() => setOpen(!open)}
      >
        {text}
      </button>
      {open && (
        <div
          ref={panel}
          id={id}
          role="dialog"
          aria-label={label}
          style={{ translate: `${shift}px 0` }}
          className="absolute top-full left-0 z-40 mt-1 w-max max-w-sm whitespace-normal space-y-3 rounded border border-base-300 bg-base-100 p-3 font-sans text-base leading-snug shadow-xl"
        >
          {children}
        </div>
      )}
    </span>
  );
}
