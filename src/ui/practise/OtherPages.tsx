'use client';

import { useState } from 'react';
import type { Band } from '@/core/practice/band';
import { alphabetBands, collectingBands } from '@/core/practice/collections';
import type { Ground } from '@/core/practice/ground';

/** Pages made at once besides the ten minutes: the alphabet as one writes it, and cells to gather shapes of a letter. */
export function OtherPages({
  ground,
  sample,
  onLay,
}: {
  ground: Ground;
  /** A letter of the hand, to begin with. */
  sample: string;
  onLay: (bands: readonly Band[], title: string) => void;
}) {
  const [letter, setLetter] = useState(sample);
  const known = ground.face?.has(letter) ?? false;
  return (
    <details>
      <summary className="cursor-pointer text-sm">Other pages</summary>
      <div className="mt-1 space-y-2">
        <div className="flex flex-wrap gap-2">
          <button type="button" className="btn btn-xs" onClick={() => onLay([], '')}>
            Empty page
          </button>
          {ground.face && (
            <button
              type="button"
              className="btn btn-xs"
              onClick={() => onLay(alphabetBands(ground), 'An alphabet of mine')}
            >
              Alphabet of mine
            </button>
          )}
        </div>
        {ground.face && (
          <form
            className="flex flex-wrap items-center gap-2 text-sm"
            onSubmit={(event) => {
              event.preventDefault();
              if (known) onLay(collectingBands(letter), `Shapes of ${letter}`);
            }}
          >
            <label className="flex items-center gap-2">
              Shapes of
              <input
                dir="auto"
                className="input input-xs w-14"
                maxLength={4}
                value={letter}
                onChange={(event) => setLetter(event.target.value.trim())}
              />
            </label>
            <button type="submit" className="btn btn-xs" disabled={!known}>
              Page to collect them
            </button>
            {!known && letter !== '' && <span>The hand has no letter “{letter}”.</span>}
          </form>
        )}
      </div>
    </details>
  );
}
