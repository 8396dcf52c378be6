'use client';

import { Minus, Plus } from 'lucide-react';
import { useId, useState } from 'react';
import { lengthIn, readLength, sayLength } from '@/core/measure/length';
import { clamp, MM_PER_INCH, plain, roundTo } from '@/core/measure/units';
import { type Limit, notANumber, outOfRange } from '@/core/problem/limits';
import { useAbout } from '../frame/AboutMe';

/** Digits shown of a value. */
const PLACES = 3;
/** A step where lengths are inches: a line of a ruler. */
const INCH_STEP = 1 / 16;

/**
 * A number with its unit and its range. Lengths of paper are shown in the scribe's unit and read in any ("5 in", "3/8"). A value outside the range is refused with a sentence that names the nearest
 * one that works, and nothing changes until a good one is entered.
 */
export function NumberField({
  limit,
  value,
  onCommit,
  none,
  onRefused,
  label = limit.label,
  unit = limit.unit,
  step = limit.step,
  beside = false,
  compact = false,
}: {
  limit: Limit;
  /** Null where none is given; `none` then says what that means. */
  value: number | null;
  onCommit: (value: number) => void;
  /** Where the field may be left empty: what stands in it then, and what emptying it does. */
  none?: { says: string; onChoose: () => void };
  /** Told when what is entered is refused, and when it no longer is: what would use the number then waits. */
  onRefused?: (refused: boolean) => void;
  label?: string;
  unit?: string;
  step?: number;
  /** Label and field in one line. */
  beside?: boolean;
  /** Without buttons and unit, as wide as its place: for numbers side by side. */
  compact?: boolean;
}) {
  const id = useId();
  const { about } = useAbout();
  const isLength = limit.unit === 'mm' && !limit.ofPen;
  const inches = isLength && unit === 'mm' && about.units === 'inch';
  const shown = (number: number) => (inches ? sayLength(number, 'inch') : plain(number, PLACES));
  const read = (entered: string): number => {
    if (isLength) return readLength(entered, inches ? 'inch' : 'mm') ?? Number.NaN;
    return Number(entered.replace(',', '.'));
  };
  const shownValue = value === null ? '' : shown(value);
  const [text, setText] = useState(shownValue);
  const [refusal, noteRefusal] = useState<{ message: string; nearest?: number } | null>(null);
  const setRefusal = (next: typeof refusal) => {
    noteRefusal(next);
    onRefused?.(next !== null);
  };
  // Set during render and not in an effect: a field that is left at once must not commit the previous number.
  const [textOf, setTextOf] = useState(shownValue);
  if (textOf !== shownValue) {
    setTextOf(shownValue);
    setText(shownValue);
    noteRefusal(null);
  }

  /** Enter confirms even the value already there (which pins it); leaving the field only commits a change. */
  const commit = (entered: string, confirmed: boolean) => {
    const number = read(entered.trim());
    if (entered.trim() === '' && none) {
      setRefusal(null);
      if (value !== null) none.onChoose();
    } else if (entered.trim() === '' || !Number.isFinite(number)) {
      setRefusal({ message: notANumber(limit) });
    } else if (number < limit.low || number > limit.high) {
      const nearest = clamp(number, limit.low, limit.high);
      const message = inches
        ? `${limit.label} is ${lengthIn(number, 'inch')}; the nearest allowed is ${lengthIn(nearest, 'inch')}.`
        : outOfRange(limit, number);
      setRefusal({ message, nearest });
    } else {
      setRefusal(null);
      setText(shown(number));
      // The displayed value is rounded, so a field that was only focused must not commit it.
      const changed = shown(number) !== shownValue;
      if (changed || confirmed) onCommit(changed || value === null ? number : value);
    }
  };
  const stepBy = (direction: 1 | -1) => {
    if (value === null) return;
    const by = inches ? MM_PER_INCH * INCH_STEP : step;
    const next = inches
      ? Math.round(value / by + direction) * by
      : roundTo(value + direction * by, Math.min(by, 0.01));
    onCommit(clamp(next, limit.low, limit.high));
  };

  return (
    <div>
      <div className={beside ? 'flex items-center justify-between gap-2' : ''}>
        <label htmlFor={id} className="block text-sm">
          {label}
        </label>
        <div className="flex items-center gap-1">
          {!compact && (
            <button
              type="button"
              className="btn btn-ghost btn-xs"
              aria-label={`${label}: less`}
              disabled={value === null || value <= limit.low}
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
            placeholder={none?.says}
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
              <span className="min-w-6 text-sm">{inches ? 'in' : unit}</span>
              <button
                type="button"
                className="btn btn-ghost btn-xs"
                aria-label={`${label}: more`}
                disabled={value === null || value >= limit.high}
                onClick={() => stepBy(1)}
              >
                <Plus size={14} aria-hidden />
              </button>
            </>
          )}
        </div>
      </div>
      {refusal && (
        <p id={`${id}-refusal`} role="alert" className="remark remark-warning mt-1 text-sm">
          {refusal.message}{' '}
          {refusal.nearest !== undefined && (
            <button
              type="button"
              className="btn btn-xs"
              onClick={() => {
                setText(shown(refusal.nearest as number));
                setRefusal(null);
                onCommit(refusal.nearest as number);
              }}
            >
              Use {shown(refusal.nearest)}
            </button>
          )}
        </p>
      )}
    </div>
  );
}
