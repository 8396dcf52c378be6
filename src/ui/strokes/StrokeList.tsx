import { plain } from '@/core/measure/units';
import type { WritingPen } from '@/core/pen/pen';
import { numbersOf } from '@/core/pen/taught';
import type { Cut } from '@/core/type/cut';
import { readStroke, type StrokeReading } from '@/core/type/letterReadings';
import { inUnit, type LetterUnit, onPaper } from './letterUnit';

/** Words for the maximum pressure of a stroke, each with its upper bound as a fraction of full pressure. */
const PRESSURES = [
  [0.05, 'a hairline'],
  [0.4, 'lightly pressed'],
  [0.8, 'half pressed'],
  [Number.POSITIVE_INFINITY, 'full pressure'],
] as const;

/** What the pen does on a stroke, in a few words. */
function manner({ angles, press }: StrokeReading): string {
  if (angles) {
    const [from, ...turned] = angles.map((angle) => `${plain(angle, 0)}°`);
    return `at ${from}${turned.length === 0 ? '' : ` turning to ${turned.join(', then ')}`}`;
  }
  return (PRESSURES.find(([upTo]) => (press ?? 0) < upTo) ?? PRESSURES[0])[1];
}

/** The strokes as a teacher would say them, with what the pen makes of each. */
export function StrokeList({
  cut,
  pen,
  unit,
  current,
}: {
  cut: Cut;
  pen: WritingPen;
  unit: LetterUnit;
  /** The stroke being written. */
  current: number;
}) {
  const numbers = numbersOf(cut.strokes);
  return (
    <section aria-labelledby="strokes">
      <h2 id="strokes" className="margin-heading">
        {cut.letter.text}, stroke by stroke
      </h2>
      <ol className="mt-1 space-y-2 text-sm">
        {cut.strokes.map((stroke, i) => {
          if (stroke.finishes) return null;
          const reading = readStroke(pen, stroke);
          return (
            <li
              // biome-ignore lint/suspicious/noArrayIndexKey: a letter's strokes are its order
              key={`${cut.letter.text} ${cut.letter.variant} ${i}`}
              aria-current={numbers[i] === numbers[current] ? 'step' : undefined}
              className={numbers[i] === numbers[current] ? 'border-accent border-l-2 pl-2' : ''}
            >
              <strong>
                {numbers[i]}. {stroke.name}
              </strong>{' '}
              <span className="tabular-nums">
                {manner(reading)}, {inUnit(unit, reading.middle)} ({onPaper(unit, reading.middle)})
              </span>
              {stroke.remark && <span className="block">{stroke.remark}</span>}
            </li>
          );
        })}
      </ol>
      {(cut.letter.dots ?? []).map(({ count, side }) => (
        <p key={side} className="mt-2 text-sm">
          <strong>Then</strong> {count === 1 ? 'one dot' : `${count} dots`} {side} it, once the word is
          written: the full nib, pulled across itself.
        </p>
      ))}
    </section>
  );
}
