import type { Mark } from '@/core/drawing/mark';
import { SMALL_INK_EDGE } from '@/render/pathData';

/** A word as its hand writes it, and as plain text for who listens. */
export function WrittenMark({ text, mark, height }: { text: string; mark: Mark; height: number }) {
  return (
    <>
      <span className="sr-only" dir="auto">
        {text}
      </span>
      <svg viewBox={mark.box} style={{ height }} aria-hidden="true">
        {mark.forms.map(({ x, y, d }) => (
          <path
            key={`${x} ${y}`}
            d={d}
            transform={`translate(${x.toFixed(4)} ${y.toFixed(4)})`}
            fill="currentColor"
            stroke="currentColor"
            strokeWidth={SMALL_INK_EDGE}
            vectorEffect="non-scaling-stroke"
          />
        ))}
      </svg>
    </>
  );
}
