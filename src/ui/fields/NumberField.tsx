'use client';

import { Minus, Plus } from 'lucide-react';
import { useEffect, useId, useState } from 'react';
import { clamp, plain, roundTo } from '@/core/measure/units';
import { type Limit, notANumber, outOfRange } from '@/core/problem/limits';

/** Digits shown of a value. */
const PLACES = 3;

/**
 * A number with its unit and its range. A value outside the range is refused with a sentence that names the nearest
 * one that works, and nothing changes until a good one is entered.
 */
export function NumberField({
  limit,
  value,
  onCommit,
  label = limit.label,
  unit = limit.unit,
  step = limit.step,
  compact = false,
}: {
  limit: Limit;
  value: number;
  onCommit: (value: number) => void;
  label?: string;
  unit?: string;
  step?: number;
  /** Without buttons and unit, as wide as its place: for numbers side by side. */
  compact?: boolean;
}) {
  const id = useId();
  const [text, setText] = useState(plain(value, PLACES));
  const [refusal, setRefusal] = useState<{ message: string; nearest?: number } | null>(null);

  useEffect(() => {
    setText(plain(value, PLACES));
    setRefusal(null);
  }, [value]);

  /** Enter confirms even the value already there (which pins it); leaving the field only commits a change. */
  const commit = (entered: string, confirmed: boolean) => {
    const number = Number(entered.trim().replace(',', '.'));
    if (entered.trim() === '' || !Number.isFinite(number)) {
      setRefusal({ message: notANumber(limit) });
    } else if (number < limit.low || number > limit.high) {
      setRefusal({ message: outOfRange(limit, number), nearest: clamp(number, limit.low, limit.high) });
    } else {
      setRefusal(null);
      setText(plain(number, PLACES));
      if (confirmed || plain(number, PLACES) !== plain(value, PLACES)) onCommit(number);
    }
  };
  const stepBy = (direction: 1 | -1) =>
    onCommit(clamp(roundTo(value + direction * step, Math.min(step, 0.01)), limit.low, limit.high));

  return (
    <div>
      <label htmlFor={id} className="block text-sm">
        {label}
      </label>
      <div className="flex items-center gap-1">
        {!compact && (
          <button
            type="button"
            className="btn btn-ghost btn-xs"
            aria-label={`${label}: less`}
            disabled={value <= limit.low}
            onClick={() => stepBy(-1)}
          >
            <Minus size={14} aria-hidden />
          </button>
        )}
        <input
          id={id}
          className={`input input-sm ${compact ? 'w-full' : 'w-20'} text-right tabular-nums ${refusal ? 'input-error' : ''}`}
          inputMode="decimal"
          autoComplete="off"
          value={text}
          aria-invalid={refusal !== null}
          aria-describedby={refusal ? `${id}-refusal` : undefined}
          onChange={(event) => setText(event.target.value)}
          onBlur={(event) => commit(event.target.value, false)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') commit(event.currentTarget.value, true);
            if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
              event.preventDefault();
              stepBy(event.key === 'ArrowUp' ? 1 : -1);
            }
          }}
        />
        {!compact && (
          <>
            <span className="min-w-6 text-sm">{unit}</span>
            <button
              type="button"
              className="btn btn-ghost btn-xs"
              aria-label={`${label}: more`}
              disabled={value >= limit.high}
              onClick={() => stepBy(1)}
            >
              <Plus size={14} aria-hidden />
            </button>
          </>
        )}
      </div>
      {refusal && (
        <p id={`${id}-refusal`} role="alert" className="remark remark-warning mt-1 text-sm">
          {refusal.message}{' '}
          {refusal.nearest !== undefined && (
            <button
              type="button"
              className="btn btn-xs"
              onClick={() => {
                setText(plain(refusal.nearest as number, PLACES));
                setRefusal(null);
                onCommit(refusal.nearest as number);
              }}
            >
              Use {plain(refusal.nearest, PLACES)}
            </button>
          )}
        </p>
      )}
    </div>
  );
}
