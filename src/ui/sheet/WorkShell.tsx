'use client';

import { ChevronDown, ChevronUp } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import type { Offer } from '@/core/problem/problem';
import { useAwake } from '../frame/awake';
import { HelpSheet } from './HelpSheet';
import { type StationKeys, undoKeys, useKeys } from './keys';
import { RefusedEdit } from './RefusedEdit';
import { SheetName } from './SheetName';
import { StaleSheet } from './StaleSheet';
import { usePhone } from './usePhone';
import type { OpenWork } from './useWork';

/**
 * What every station that holds a document has: the sentence, the document's name, undo and redo, whether it is kept, its
 * keys and the list of them, and what was refused. The station itself stands below.
 */
export function WorkShell<D>({
  title,
  work,
  line,
  sentence,
  differences,
  takeUp,
  keys = [],
  foot,
  children,
}: {
  /** Name of the station. */
  title: string;
  work: OpenWork<D>;
  /** The document in a line, where the sentence is folded. */
  line: string;
  sentence: ReactNode;
  differences: (mine: D, theirs: D) => string[];
  takeUp: (attempted: D, offer: Offer) => Promise<D>;
  keys?: readonly StationKeys[];
  /** What stands under the station. */
  foot?: ReactNode;
  children: ReactNode;
}) {
  useAwake('sheet');
  const [help, setHelp] = useState(false);
  const phone = usePhone();
  const [unfolded, setUnfolded] = useState(false);
  const Arrow = unfolded ? ChevronUp : ChevronDown;
  useKeys([
    ...keys,
    ...undoKeys(work),
    { shown: '?', does: 'this list', actions: { '?': () => setHelp(true) } },
    { shown: 'Esc', does: 'close what is open', actions: {} },
  ]);
  return (
    <div className="flex h-full min-h-0 flex-col">
      <header className="no-print border-base-300 border-b bg-base-100 px-6 pt-3 pb-2 max-sm:px-3 max-sm:pt-1">
        <h1 className="sr-only">{title}</h1>
        <div className="flex items-start gap-x-6 gap-y-1 max-lg:flex-col-reverse">
          <div className="min-w-0 flex-1 max-lg:w-full">
            {phone && (
              <button
                type="button"
                className="flex h-11 w-full items-center gap-2 text-left"
                aria-expanded={unfolded}
                onClick={() => setUnfolded(!unfolded)}
              >
                <span className="min-w-0 flex-1 truncate">{line}</span>
                <Arrow size={18} aria-label={unfolded ? 'Fold the sentence' : 'Open the sentence'} />
              </button>
            )}
            {(!phone || unfolded) && sentence}
          </div>
          <SheetName sheet={work} onHelp={() => setHelp(true)} />
        </div>
        {work.refused && <RefusedEdit sheet={work} takeUp={takeUp} />}
        {work.saveState.kind === 'stale' && (
          <StaleSheet sheet={work} {...work.saveState} differences={differences} />
        )}
      </header>
      <div className="flex min-h-0 flex-1 max-sm:flex-col">{children}</div>
      {foot}
      <HelpSheet open={help} onClose={() => setHelp(false)} />
    </div>
  );
}
