'use client';

import { useState } from 'react';
import { OneOf } from '../fields/OneOf';
import { dayAndMonth } from '../lib/dates';
import { LetterPicture } from './LetterPicture';
import type { ReviewShown } from './shown';

/** White round a letter, in mm. */
const AROUND = 2;

/** One letter or word as it was written day by day, earliest first, so that progress shows at a glance. */
export function LettersBeside({ reviews }: { reviews: readonly ReviewShown[] }) {
  const all = [...new Set(reviews.flatMap(({ letters }) => letters.map(({ text }) => text)))].sort(
    (a, b) => a.length - b.length || a.localeCompare(b),
  );
  const [chosen, setChosen] = useState<string | null>(null);
  const letter = all.find((one) => one === chosen) ?? all[0];
  if (letter === undefined) return <p className="pt-4">No rows of letters or words were reviewed yet.</p>;
  const days = [...reviews]
    .reverse()
    .map((review) => ({
      ...review,
      boxes: review.letters.filter(({ text }) => text === letter).flatMap(({ boxes }) => boxes),
    }))
    .filter(({ boxes }) => boxes.length > 0);
  return (
    <div className="space-y-3 pt-4" data-testid="letters-beside">
      <OneOf
        label="Letter or word"
        className="select select-sm w-36"
        value={letter}
        choices={all}
        onChoose={setChosen}
      />
      <ul className="flex flex-wrap gap-4">
        {days.map(({ id, at, title, picture, width, height, boxes }) => (
          <li key={id} className="rounded border border-base-300 p-2">
            <div className="flex gap-1">
              {boxes.map((box) => (
                <LetterPicture
                  key={box.join()}
                  of={{ picture, width, height, box }}
                  around={AROUND}
                  title={`${letter}, ${title}`}
                  className="h-28"
                />
              ))}
            </div>
            <p className="pt-1 text-sm">
              {dayAndMonth(at)}, {title}
            </p>
          </li>
        ))}
      </ul>
    </div>
  );
}
