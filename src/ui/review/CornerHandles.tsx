'use client';

import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from 'react';
import { lookUp } from '@/core/measure/lookUp';
import { Loupe } from './Loupe';

/** x and y as shares of the picture's sides. */
export type Corner = readonly [number, number];
const NAMES = ['Upper left', 'Upper right', 'Lower right', 'Lower left'] as const;
/** A step of an arrow key, as a share of the picture's side; with Shift ten of them. */
const STEP = 0.002;
const MOVES: Readonly<Record<string, Corner>> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

const clamped = (share: number) => Math.min(1, Math.max(0, share));

/** Corners as they are sent: eight numbers. */
export const sentCorners = (corners: readonly Corner[]): string =>
  corners
    .flat()
    .map((n) => n.toFixed(4))
    .join(',');

/** A picture with four handles, clockwise from the upper left, moved by pointer and by the arrow keys; lines join them. */
export function CornerHandles({
  file,
  corners,
  onMove,
}: {
  file: Blob;
  corners: readonly Corner[];
  onMove: (corners: readonly Corner[]) => void;
}) {
  const [url, setUrl] = useState<string | null>(null);
  /** The handle that is held, or was reached by keyboard, and the picture's size then. */
  const [held, setHeld] = useState<{ readonly i: number; readonly width: number; readonly height: number }>();
  const frame = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const made = URL.createObjectURL(file);
    setUrl(made);
    return () => URL.revokeObjectURL(made);
  }, [file]);
  const move = (i: number, to: Corner) =>
    onMove(corners.map((corner, k) => (k === i ? [clamped(to[0]), clamped(to[1])] : corner)));
  const drag = (i: number) => (event: PointerEvent<HTMLButtonElement>) => {
    const box = frame.current?.getBoundingClientRect();
    if (!box || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
    move(i, [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height]);
  };
  const hold = (i: number) => () => {
    const box = frame.current?.getBoundingClientRect();
    if (box) setHeld({ i, width: box.width, height: box.height });
  };
  const under = held && corners[held.i];
  const step = (i: number) => (event: KeyboardEvent) => {
    const by = lookUp(MOVES, event.key);
    const corner = corners[i];
    if (!by || !corner) return;
    event.preventDefault();
    const times = event.shiftKey ? 10 : 1;
    move(i, [corner[0] + times * by[0], corner[1] + times * by[1]]);
  };
  if (!url) return null;
  return (
    <div ref={frame} className="relative inline-block max-w-full touch-none">
      {/* biome-ignore lint/performance/noImgElement: a picture of this machine's own, shown as it is */}
      <img src={url} alt="What was sent" className="max-h-[28rem] max-w-full" />
      <svg
        viewBox="0 0 1 1"
        preserveAspectRatio="none"
        className="pointer-events-none absolute inset-0 size-full"
        aria-hidden
      >
        <polygon
          points={corners.map((corner) => corner.join(',')).join(' ')}
          className="fill-none stroke-accent"
          strokeWidth={1.5}
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      {corners.map(([x, y], i) => (
        <button
          key={NAMES[i]}
          type="button"
          aria-label={`${NAMES[i]} corner: ${Math.round(100 * x)} % across, ${Math.round(100 * y)} % down`}
          style={{ left: `${100 * x}%`, top: `${100 * y}%` }}
          className="-translate-x-1/2 -translate-y-1/2 absolute size-7 cursor-move rounded-full border-2 border-accent before:-translate-x-1/2 before:-translate-y-1/2 before:absolute before:top-1/2 before:left-1/2 before:size-1 before:rounded-full before:bg-accent"
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            hold(i)();
          }}
          onLostPointerCapture={(event) => {
            // By touch a handle is not always reached as well as held.
            if (document.activeElement !== event.currentTarget) setHeld(undefined);
          }}
          onPointerMove={drag(i)}
          onKeyDown={step(i)}
          onFocus={hold(i)}
          onBlur={() => setHeld(undefined)}
        />
      ))}
      {held && under && <Loupe url={url} at={under} shown={held} />}
    </div>
  );
}
