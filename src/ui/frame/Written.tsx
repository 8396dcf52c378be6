import { useMemo } from 'react';
import { italic } from '@/core/hands/italic/metrics';
import { setLine } from '@/core/type/setLine';
import { typeface } from '@/core/type/typeface';
import { writeLine } from '@/core/type/writeLine';
import { pathData } from '@/render/pathData';

/** Zones of the titles: the small-writing school, so that they stand close in a line. */
const ZONES = { ...italic.zones, ascender: 3, descender: 3, capital: 7 };
const SLOPE = 6;

/** A word written by our own pen: the wordmark and the titles of stations. Read out as plain text. */
export function Written({ text, height }: { text: string; height: number }) {
  const written = useMemo(() => {
    const face = typeface({ hand: 'italic', zones: ZONES, penAngle: italic.penAngle.usual, slope: SLOPE });
    if (!face) return null;
    const set = setLine(face, text);
    const letters = writeLine(face, set, 0, 0, 1, '#000').flatMap((node) =>
      node.kind === 'form' ? [{ d: pathData(node.form.commands), x: node.x }] : [],
    );
    return { letters, width: set.width };
  }, [text]);
  const above = ZONES.body + ZONES.ascender + 0.3;
  const total = above + ZONES.descender + 0.3;
  if (!written) return text;
  return (
    <>
      <span className="sr-only">{text}</span>
      <svg
        viewBox={`-0.5 ${-above} ${(written.width + 2).toFixed(2)} ${total}`}
        style={{ height }}
        aria-hidden="true"
        suppressHydrationWarning
      >
        {/* The server and the browser may differ in the last digit of a sine. */}
        {written.letters.map(({ d, x }) => (
          <path
            key={x}
            d={d}
            transform={`translate(${x.toFixed(4)} 0)`}
            fill="currentColor"
            suppressHydrationWarning
          />
        ))}
      </svg>
    </>
  );
}
