'use client';

import { useEffect, useState } from 'react';
import type { Review } from '@/core/review/review';
import { OneOf } from '../fields/OneOf';

/** How the model is laid over the page. */
const WAYS = ['laid over', 'blinking', 'side by side', 'page only'] as const;
const WHATS = ['outline', 'ink', 'skeleton'] as const;
/** Interval of blinking between page and model, in ms; below the frequency that can trigger seizures. */
const BLINK = 800;
/** Places ringed. */
const WORST = 3;
const TENTH = 0.1;

/** The letters farthest off their models: row, place in it, how far. */
function worstOf({ rows }: Review): { row: number; letter: number; off: number }[] {
  return rows
    .flatMap((row, r) => row.letters.map(({ off }, k) => ({ row: r, letter: k, off })))
    .filter(({ off }) => off > 1)
    .sort((a, b) => b.off - a.off)
    .slice(0, WORST);
}

/** The page straightened, the models of its letters over it, the lines that were found, the worst places ringed. */
export function PageView({
  id,
  review,
  known,
  onLetter,
}: {
  id: string;
  review: Review;
  known: boolean;
  onLetter: (row: number, letter: number) => void;
}) {
  const [way, setWay] = useState<(typeof WAYS)[number]>('laid over');
  const [what, setWhat] = useState<(typeof WHATS)[number]>('outline');
  const [strength, setStrength] = useState(0.9);
  const [shown, setShown] = useState(true);
  useEffect(() => {
    setShown(true);
    if (way !== 'blinking') return;
    const timer = setInterval(() => setShown((now) => !now), BLINK);
    return () => clearInterval(timer);
  }, [way]);
  const { width, height, rows } = review;
  const page = (
    <image
      href={`/api/pictures/${review.picture}`}
      x={0}
      y={0}
      width={width}
      height={height}
      preserveAspectRatio="none"
    />
  );
  const model = (opacity: number) => (
    <image
      href={`/api/review/${id}/overlay?what=${what}`}
      x={0}
      y={0}
      width={width}
      height={height}
      opacity={opacity}
      style={{ mixBlendMode: 'multiply' }}
      data-testid="model"
    />
  );
  const worst = worstOf(review);
  return (
    <section aria-label="The page" className="min-w-0 space-y-2">
      {known && (
        <div className="no-print flex flex-wrap items-end gap-3">
          <span className="text-sm">
            Model
            <OneOf
              label="Model"
              className="select select-sm ml-2 w-36"
              value={way}
              choices={WAYS}
              onChoose={setWay}
            />
          </span>
          <span className="text-sm">
            as
            <OneOf
              label="as"
              className="select select-sm ml-2 w-28"
              value={what}
              choices={WHATS}
              onChoose={setWhat}
            />
          </span>
          {way === 'laid over' && (
            <label className="text-sm">
              Strength
              <input
                type="range"
                className="range range-xs ml-2 w-32 align-middle"
                min={0}
                max={1}
                step={0.05}
                value={strength}
                onChange={(event) => setStrength(Number(event.target.value))}
              />
            </label>
          )}
        </div>
      )}
      <div className={way === 'side by side' ? 'grid gap-2 sm:grid-cols-2' : ''}>
        <svg
          viewBox={`0 0 ${width} ${height}`}
          className="w-full border border-base-300 bg-white"
          data-testid="page"
        >
          <title>The page, straightened</title>
          {page}
          {known &&
            (way === 'laid over' || (way === 'blinking' && shown)) &&
            model(way === 'blinking' ? 1 : strength)}
          {rows.map((row) => (
            <g key={row.baseline} stroke="#2f6f66" strokeWidth={0.2} opacity={0.8}>
              <line
                x1={row.from * TENTH}
                x2={row.to * TENTH}
                y1={row.baseline * TENTH}
                y2={row.baseline * TENTH}
              />
              <line
                x1={row.from * TENTH}
                x2={row.to * TENTH}
                y1={(row.baseline - row.body) * TENTH}
                y2={(row.baseline - row.body) * TENTH}
              />
            </g>
          ))}
          {worst.map(({ row, letter }, i) => {
            const [x, y, w, h] = rows[row]?.letters[letter]?.box ?? [0, 0, 0, 0];
            return (
              <g key={`${row} ${letter}`}>
                <ellipse
                  cx={(x + w / 2) * TENTH}
                  cy={(y + h / 2) * TENTH}
                  rx={(w / 2) * TENTH + 2.5}
                  ry={(h / 2) * TENTH + 2.5}
                  fill="none"
                  stroke="#a33327"
                  strokeWidth={0.6}
                />
                <text x={(x + w) * TENTH + 2} y={y * TENTH} fontSize={4} fill="#a33327">
                  {i + 1}
                </text>
              </g>
            );
          })}
        </svg>
        {way === 'side by side' && (
          <svg viewBox={`0 0 ${width} ${height}`} className="w-full border border-base-300 bg-white">
            <title>The models of its letters</title>
            {model(1)}
          </svg>
        )}
      </div>
      {worst.length > 0 && (
        <p className="no-print text-sm">
          Farthest off:{' '}
          {worst.map(({ row, letter }, i) => (
            <button
              key={`${row} ${letter}`}
              type="button"
              className="link mr-3"
              onClick={() => onLetter(row, letter)}
            >
              {i + 1}, in the row of {rows[row]?.text}
            </button>
          ))}
        </p>
      )}
    </section>
  );
}
