'use client';

import { useState } from 'react';
import { type Corner, CornerHandles, sentCorners } from './CornerHandles';
import { PrintChoice } from './PrintChoice';
import { type PrintShown, printKey } from './shown';

const START: readonly Corner[] = [
  [0.1, 0.08],
  [0.9, 0.08],
  [0.9, 0.92],
  [0.1, 0.92],
];
/** A page its code could not name: chosen by hand, its four corners shown in the picture. */
export function CornersPanel({
  file,
  prints,
  onMeasure,
}: {
  file: Blob;
  prints: readonly PrintShown[];
  onMeasure: (query: string) => void;
}) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [corners, setCorners] = useState(START);
  const page = prints.find((one) => printKey(one) === chosen) ?? prints[0];
  if (!page) return null;
  const query = `?print=${page.print}&page=${page.page}`;
  return (
    <details>
      <summary className="cursor-pointer">Choose the page by hand</summary>
      <div className="space-y-3 pt-3">
        <PrintChoice label="The page" prints={prints} value={page} onChoose={setChosen} />
        <div className="flex flex-wrap gap-2">
          <button type="button" className="btn btn-sm" onClick={() => onMeasure(query)}>
            Measure by its rings
          </button>
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => onMeasure(`${query}&corners=${sentCorners(corners)}`)}
          >
            Measure by the corners shown
          </button>
        </div>
        <p className="text-sm">
          Put the four handles on the corners of the sheet; the arrow keys move them too.
        </p>
        <CornerHandles file={file} corners={corners} onMove={setCorners} />
      </div>
    </details>
  );
}
