'use client';

import { useEffect, useRef } from 'react';
import { activeKeys } from './keys';

/** The list of keys, over the station. */
export function HelpSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    if (open) dialog.current?.showModal();
    else dialog.current?.close();
  }, [open]);
  return (
    <dialog ref={dialog} onClose={onClose} aria-labelledby="keys-title" className="modal">
      <div className="modal-box">
        <h2 id="keys-title" className="margin-heading mb-3">
          Keys
        </h2>
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
          {(open ? activeKeys() : []).map(({ shown, does }) => (
            <div key={shown} className="contents">
              <dt>
                <kbd className="kbd kbd-sm">{shown}</kbd>
              </dt>
              <dd>{does}</dd>
            </div>
          ))}
        </dl>
        <p className="mt-3 text-sm opacity-80">
          In a number field the arrow keys step the value. Tab walks through the sentence; Enter opens a part
          of it.
        </p>
        <form method="dialog" className="mt-4 text-right">
          <button type="submit" className="btn btn-sm">
            Close
          </button>
        </form>
      </div>
    </dialog>
  );
}
