'use client';

import { useState } from 'react';
import type { NibKind } from '@/core/kit/nib';
import { widthFromLadder } from '@/core/measure/ladder';
import { plain } from '@/core/measure/units';
import { LIMITS, type Limit, outOfRange } from '@/core/problem/limits';
import { NumberField } from '../fields/NumberField';

const STEPS: Limit = { label: 'Steps', unit: 'steps', low: 1, high: 40, step: 1 };
const SPAN: Limit = { label: 'Span of the ladder', unit: 'mm', low: 0.5, high: 300, step: 0.5 };
const GAP: Limit = { ...SPAN, label: 'Gap between the points', high: LIMITS.width.high };

/** A usual ladder: ten steps divide the error of the ruler by ten. */
const USUAL_STEPS = 10;

/** Where a measurement begins when nothing is known, in mm. */
const LIKELY: Readonly<Record<NibKind, number>> = {
  broad: 2,
  pointed: 0.8,
  brush: 3,
  'two-point': 7,
  round: 0.5,
};

/** How the width is measured, by what the nib leaves. */
const SQUARES =
  'Hold the pen on its side and step small squares corner to corner, each beginning where the last one ends. Measure from the first to the last edge.';
const SHADES =
  'Press full shades side by side, each just touching the last. Measure across all of them, square to the strokes.';
const HOW: Readonly<Record<NibKind, string>> = {
  broad: SQUARES,
  pointed: SHADES,
  brush: SHADES,
  'two-point': 'Draw one short line with both points and measure from middle to middle of the two tracks.',
  round: 'Draw lines side by side, each just touching the last. Measure across all of them.',
};

/** Measure a nib by its own ladder (or the gap of two bound points) and keep what was found with that nib. */
export function MeasureNib({
  kind,
  before,
  onKeep,
}: {
  kind: NibKind;
  /** What it is held to be, in mm; null where nobody knows. */
  before: number | null;
  onKeep: (width: number, uncertainty: number) => void;
}) {
  const twoPoints = kind === 'two-point';
  const [steps, setSteps] = useState(twoPoints ? 1 : USUAL_STEPS);
  const [span, setSpan] = useState((before ?? LIKELY[kind]) * (twoPoints ? 1 : USUAL_STEPS));
  const { width, uncertainty } = widthFromLadder(steps, span);
  const possible = width >= LIMITS.width.low && width <= LIMITS.width.high;
  return (
    <div className="flex flex-wrap items-end gap-4 rounded bg-base-200 p-3">
      <p className="w-full max-w-prose text-sm">{HOW[kind]}</p>
      {!twoPoints && (
        <NumberField limit={STEPS} value={steps} onCommit={(value) => setSteps(Math.round(value))} />
      )}
      <NumberField limit={twoPoints ? GAP : SPAN} value={span} onCommit={setSpan} />
      {possible ? (
        <>
          <p className="text-lg tabular-nums" data-testid="measured-width">
            {twoPoints ? 'Gap' : 'W'} = <strong>{plain(width)} mm</strong> ± {plain(uncertainty)} mm
          </p>
          <button type="button" className="btn btn-primary btn-sm" onClick={() => onKeep(width, uncertainty)}>
            Keep with this nib
          </button>
        </>
      ) : (
        <p role="alert" className="remark remark-warning text-sm">
          {outOfRange(LIMITS.width, width)} Check the steps and the span.
        </p>
      )}
    </div>
  );
}
