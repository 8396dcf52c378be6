'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { plain } from '@/core/measure/units';
import type { WritingPen } from '@/core/pen/pen';
import { anglesForThickness, stemThickness } from '@/core/pen/thickness';
import type { Cut } from '@/core/type/cut';
import { readStroke, type StrokeReading } from '@/core/type/letterReadings';
import { inUnit, type LetterUnit, onPaper } from './letterUnit';

const WeightChart = dynamic(() => import('./WeightChart'), {
  ssr: false,
  loading: () => <p className="text-sm">Drawing the chart…</p>,
});

const HALF = 0.5;
/** A pen turned by more than this was turned on purpose; a stroke under this share of a stem was made light by it. */
const TURNED = 5;
const LIGHTENED = 0.75;

/** What to do for half the weight: another angle for an edge, less pressure for a point. */
function answerFor(
  pen: WritingPen,
  reading: StrokeReading,
  slope: number,
  unit: LetterUnit,
): { sentence: string; angle?: number; done?: boolean } {
  const wanted = reading.middle * HALF;
  if (pen.kind === 'monoline')
    return { sentence: 'A round point has one weight; only a finer one is lighter.', done: true };
  if (pen.kind === 'doubled')
    return {
      sentence:
        wanted > pen.line
          ? `Draw the second contour ${inUnit(unit, wanted - pen.line)} (${onPaper(unit, wanted - pen.line)}) beside the first.`
          : 'Leave the second contour out: one line is lighter than half of both.',
      done: wanted <= pen.line,
    };
  if (pen.kind === 'pointed') {
    const pressed = Math.max(0, (wanted - pen.hairline) / (pen.spread - pen.hairline));
    return {
      sentence:
        wanted < pen.hairline
          ? `Lighter than its hairline of ${inUnit(unit, pen.hairline)} this nib cannot write; only a finer one can.`
          : `Press to ${plain(100 * pressed, 0)} % of the full shade.`,
    };
  }
  const from = reading.angle ?? pen.angle;
  const stem = stemThickness(pen.width, pen.angle, slope, pen.steel);
  if (Math.abs(from - pen.angle) > TURNED && reading.middle < LIGHTENED * stem) {
    return {
      sentence: `The hand has turned the pen for it already, to ${plain(from, 0)}° instead of ${plain(pen.angle, 0)}°: it is ${plain(reading.middle / stem)} of a stem’s weight. Leave it so.`,
      done: true,
    };
  }
  const [first, second] = anglesForThickness(reading.direction, wanted / pen.width, pen.steel / pen.width);
  const off = (angle: number) => Math.abs(((angle - from + 270) % 180) - 90);
  const angle = off(first) <= off(second) ? first : second;
  return { sentence: `Hold the pen at ${plain(angle, 0)}° for it, instead of ${plain(from, 0)}°.`, angle };
}

/** Thickness over direction, with the letter's strokes as points on it, and the angle for half the weight. */
export function Weight({
  cut,
  pen,
  unit,
  slope,
}: {
  cut: Cut;
  pen: WritingPen;
  unit: LetterUnit;
  slope: number;
}) {
  const readings = cut.strokes.map((stroke) => readStroke(pen, stroke));
  const [asked, setAsked] = useState(0);
  const chosen = readings[Math.min(asked, readings.length - 1)] as StrokeReading;
  const answer = answerFor(pen, chosen, slope, unit);
  return (
    <section aria-labelledby="weight" className="space-y-2">
      <h2 id="weight" className="margin-heading">
        Weight by direction
      </h2>
      <WeightChart pen={pen} readings={readings} tried={answer.angle} />
      <label className="block text-sm">
        Make this stroke half as heavy
        <select
          className="select select-sm mt-1 w-full"
          value={Math.min(asked, readings.length - 1)}
          onChange={(event) => setAsked(Number(event.target.value))}
        >
          {readings.map((reading, i) => (
            <option
              // biome-ignore lint/suspicious/noArrayIndexKey: a letter's strokes are its order
              key={i}
              value={i}
            >
              {i + 1}. {reading.name}: {inUnit(unit, reading.middle)}
            </option>
          ))}
        </select>
      </label>
      <p className="remark text-sm" role="status">
        {answer.sentence}
        {!answer.done &&
          ` It is then ${inUnit(unit, chosen.middle * HALF)} (${onPaper(unit, chosen.middle * HALF)}).`}
      </p>
      <p className="text-sm opacity-80">
        {pen.kind === 'broad'
          ? `The edge makes its hairline along ${plain(((pen.angle % 180) + 180) % 180, 0)}°, its full width square to that.`
          : 'A point spreads on the way down only: upstrokes are hairlines.'}
      </p>
    </section>
  );
}
