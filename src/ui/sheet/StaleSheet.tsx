'use client';

import { useState } from 'react';
import type { Theirs } from './keptWork';
import type { OpenWork } from './useWork';

/** The sheet was changed or deleted elsewhere: what differs, and what to do about it. */
export function StaleSheet<D>({
  sheet,
  why,
  theirs,
  differences,
}: {
  sheet: OpenWork<D>;
  why: string;
  theirs: Theirs<D> | undefined;
  /** What differs between two documents, in words. */
  differences: (mine: D, theirs: D) => string[];
}) {
  const [problem, setProblem] = useState('');
  const settle = (choice: 'mine' | 'theirs' | 'both') =>
    sheet.settleStale(choice).catch(() => setProblem('That could not be done; try again.'));
  const differing = theirs ? differences(sheet.recipe, theirs.recipe) : [];
  return (
    <div role="alert" className="remark remark-warning mt-2">
      <p>
        {why} {differing.length > 0 && <>Different there: {differing.join(', ')}. </>}
        Nothing is lost: choose which version to keep.
      </p>
      <div className="mt-1 flex flex-wrap gap-2">
        <button type="button" className="btn btn-sm" onClick={() => void settle('mine')}>
          {theirs ? 'Keep mine' : 'Put mine back on the shelf'}
        </button>
        {theirs && (
          <>
            <button type="button" className="btn btn-sm" onClick={() => void settle('theirs')}>
              Take theirs
            </button>
            <button type="button" className="btn btn-sm" onClick={() => void settle('both')}>
              Keep both
            </button>
          </>
        )}
      </div>
      {problem && <p>{problem}</p>}
    </div>
  );
}
