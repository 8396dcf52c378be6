'use client';

import { X } from 'lucide-react';
import { useEffect, useState } from 'react';

/** Quicker answers need no word, in ms. */
const PATIENCE = 400;

/** What is being worked out, how far it is where that is known, and a way to stop it; shows itself after a moment. */
export function Working({
  what,
  progress,
  onCancel,
  patience = PATIENCE,
}: {
  what: string;
  progress?: { readonly done: number; readonly of: number } | null;
  onCancel: () => void;
  /** 0 for what always takes long: it is shown at once. */
  patience?: number;
}) {
  const [shown, setShown] = useState(patience === 0);
  useEffect(() => {
    const timer = setTimeout(() => setShown(true), patience);
    return () => clearTimeout(timer);
  }, [patience]);
  if (!shown) return null;
  return (
    <div className="space-y-1" data-testid="working">
      <progress
        className="progress progress-primary w-full"
        aria-label={what}
        {...(progress && { value: progress.done, max: progress.of })}
      />
      <div className="flex items-center justify-between text-sm">
        <span>
          {what}
          {progress ? `, page ${progress.done} of ${progress.of}` : '…'}
        </span>
        <button type="button" className="btn btn-sm" onClick={onCancel}>
          <X size={14} aria-hidden /> Cancel
        </button>
      </div>
    </div>
  );
}
