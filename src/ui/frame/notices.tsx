'use client';

import { createContext, type ReactNode, useCallback, useContext, useMemo, useRef, useState } from 'react';
import { sentenceOf } from '../lib/api';
import { useAwake } from './awake';
import { Waiting } from './Waiting';

/** A short word at the foot of the screen; with `undo`, a way back. */
interface Notice {
  readonly text: string;
  readonly tone: 'done' | 'problem';
  readonly undo?: () => void | Promise<void>;
}

/** Shows a notice; `failed` says why something did not work, in the words of what was thrown. */
export interface Notify {
  (notice: Notice): void;
  readonly failed: (error: unknown) => void;
}

const nobody: Notify = Object.assign(() => undefined, { failed: () => undefined });
const NoticeContext = createContext<Notify>(nobody);

/** How long a notice stays, in ms: long enough to read it and reach for "Undo". */
const STAY = 12_000;

/** Shows a notice to the user. */
export const useNotice = () => useContext(NoticeContext);

export function NoticeBoard({ children }: { children: ReactNode }) {
  useAwake('page');
  const [notice, setNotice] = useState<Notice | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const leaveInTime = useCallback(() => {
    clearTimeout(timer.current);
    timer.current = setTimeout(() => setNotice(null), STAY);
  }, []);
  const show = useMemo((): Notify => {
    const say = (next: Notice) => {
      setNotice(next);
      leaveInTime();
    };
    return Object.assign(say, {
      failed: (error: unknown) => say({ tone: 'problem', text: sentenceOf(error) }),
    });
  }, [leaveInTime]);
  /** A notice that is read or reached for stays (WCAG 2.2.1). */
  const hold = () => clearTimeout(timer.current);
  return (
    <NoticeContext.Provider value={show}>
      <Waiting />
      {children}
      <div aria-live={notice?.tone === 'problem' ? 'assertive' : 'polite'} className="no-print">
        {notice && (
          // biome-ignore lint/a11y/noStaticElementInteractions: nothing is done by it, only waited for
          <div
            onPointerEnter={hold}
            onPointerLeave={leaveInTime}
            onFocus={hold}
            onBlur={leaveInTime}
            className={`fixed bottom-4 max-sm:bottom-16 max-sm:w-[calc(100%-1.5rem)] left-1/2 z-50 flex -translate-x-1/2 items-center gap-4 rounded border-l-4 bg-neutral px-4 py-2 text-neutral-content shadow-lg ${
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
