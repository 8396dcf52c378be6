'use client';

import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from 'react';
import { PrintChoice } from './PrintChoice';
import { type PrintShown, printKey } from './shown';

type Corner = readonly [number, number];
const NAMES = ['Upper left', 'Upper right', 'Lower right', 'Lower left'] as const;
const START: readonly Corner[] = [
  [0.1, 0.08],
  [0.9, 0.08],
  [0.9, 0.92],
  [0.1, 0.92],
];
/** A step of an arrow key, as a share of the picture's side; with Shift ten of them. */
const STEP = 0.002;
const MOVES: Readonly<Record<string, Corner>> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

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
  const [url, setUrl] = useState<string | null>(null);
  const frame = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const made = URL.createObjectURL(file);
    setUrl(made);
    return () => URL.revokeObjectURL(made);
  }, [file]);
  const page = prints.find((one) => printKey(one) === chosen) ?? prints[0];
  if (!page) return null;
  const query = `?print=${page.print}&page=${page.page}`;
  const move = (i: number, to: Corner) =>
    setCorners((all) => all.map((corner, k) => (k === i ? [clamped(to[0]), clamped(to[1])] : corner)));
  const drag = (i: number) => (event: PointerEvent<HTMLButtonElement>) => {
    const box = frame.current?.getBoundingClientRect();
    if (!box || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
    move(i, [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height]);
  };
  const step = (i: number) => (event: KeyboardEvent) => {
    const by = MOVES[event.key];
    const corner = corners[i];
    if (!by || !corner) return;
    event.preventDefault();
    const times = event.shiftKey ? 10 : 1;
    move(i, [corner[0] + times * by[0], corner[1] + times * by[1]]);
  };
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
            onClick={() =>
              onMeasure(
                `${query}&corners=${corners
                  .flat()
                  .map((n) => n.toFixed(4))
                  .join(',')}`,
              )
            }
          >
            Measure by the corners shown
          </button>
        </div>
        <p className="text-sm">
          Put the four handles on the corners of the sheet; the arrow keys move them too.
        </p>
        {url && (
          <div ref={frame} className="relative inline-block max-w-full touch-none">
            {/* biome-ignore lint/performance/noImgElement: a picture of this machine's own, shown as it is */}
            <img src={url} alt="What was sent" className="max-h-[28rem] max-w-full" />
            {corners.map(([x, y], i) => (
              <button
                key={NAMES[i]}
                type="button"
                aria-label={`${NAMES[i]} corner: ${Math.round(100 * x)} % across, ${Math.round(100 * y)} % down`}
                style={{ left: `${100 * x}%`, top: `${100 * y}%` }}
                className="-translate-x-1/2 -translate-y-1/2 absolute size-7 cursor-move rounded-full border-2 border-accent bg-base-100/60"
                onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
                onPointerMove={drag(i)}
                onKeyDown={step(i)}
              />
            ))}
          </div>
        )}
      </div>
    </details>
  );
}

const clamped = (share: number) => Math.min(1, Math.max(0, share));
