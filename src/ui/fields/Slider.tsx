'use client';

import { useEffect, useRef, useState } from 'react';

/** A range to drag: `onDrag` at every step, `onLetGo` once when the value is settled. Works by the arrow keys too. */
export function Slider({
  name,
  shown,
  value,
  low,
  high,
  step,
  onDrag,
  onLetGo,
}: {
  name: string;
  /** The value with its unit, as text. */
  shown: (value: number) => string;
  value: number;
  low: number;
  high: number;
  step: number;
  onDrag: (value: number) => void;
  onLetGo: (value: number) => void;
}) {
  const [at, setAt] = useState(value);
  const input = useRef<HTMLInputElement>(null);
  const letGo = useRef(onLetGo);
  letGo.current = onLetGo;
  useEffect(() => setAt(value), [value]);
  useEffect(() => {
    // React's onChange is the browser's input event; the browser's change event is the letting go.
    const element = input.current;
    const settle = () => letGo.current(Number(element?.value));
    element?.addEventListener('change', settle);
    return () => element?.removeEventListener('change', settle);
  }, []);
  return (
    <label className="block text-sm">
      <span className="flex justify-between">
        {name}
        <span className="tabular-nums">{shown(at)}</span>
      </span>
      <input
        ref={input}
        type="range"
        className="range range-xs block w-full"
        aria-label={name}
        aria-valuetext={shown(at)}
        min={low}
        max={high}
        step={step}
        value={at}
        onChange={(event) => {
          const next = Number(event.target.value);
          setAt(next);
          onDrag(next);
        }}
      />
    </label>
  );
}
