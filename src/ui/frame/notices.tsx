'use client';

import { createContext, type ReactNode, useCallback, useContext, useRef, useState } from 'react';

/** A short word at the foot of the screen; with `undo`, a way back. */
interface Notice {
  readonly text: string;
  readonly tone: 'done' | 'problem';
  readonly undo?: () => void | Promise<void>;
}

const NoticeContext = createContext<(notice: Notice) => void>(() => undefined);

/** How long a notice stays, in ms: long enough to read it and reach for "Undo". */
const STAY = 12_000;

/** Shows a notice to the user. */
export const useNotice = () => useContext(NoticeContext);

export function NoticeBoard({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<Notice | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const show = useCallback((next: Notice) => {
    clearTimeout(timer.current);
    setNotice(next);
    timer.current = setTimeout(() => setNotice(null), STAY);
  }, []);
  return (
    <NoticeContext.Provider value={show}>
      {children}
      <div aria-live="polite" className="no-print">
        {notice && (
          <div
            className={`fixed bottom-4 left-1/2 z-50 flex -translate-x-1/2 items-center gap-4 rounded border-l-4 bg-neutral px-4 py-2 text-neutral-content shadow-lg ${
              notice.tone === 'problem' ? 'border-error' : 'border-primary'
            }`}
          >
            <span>{notice.text}</span>
            {notice.undo && (
              <button
                type="button"
                className="btn btn-sm"
                onClick={() => {
                  setNotice(null);
                  void notice.undo?.();
                }}
              >
                Undo
              </button>
            )}
            <button type="button" className="btn btn-ghost btn-sm" onClick={() => setNotice(null)}>
              Close
            </button>
          </div>
        )}
      </div>
    </NoticeContext.Provider>
  );
}
