'use client';

import { useEffect, useState } from 'react';
import { plain } from '@/core/measure/units';
import { useNotice } from '../frame/notices';
import {
  NOMINAL_PX_PER_MM,
  PX_PER_MM_RANGE,
  saveCalibration,
  useCalibrated,
  usePxPerMm,
} from '../paper/calibration';

/** A bank card, ISO/IEC 7810 ID-1, in mm. */
const CARD = { width: 85.6, height: 53.98, corner: 3.18 };
const RULER_LENGTH = 100;
const SLIDER_STEP = 0.005;

/** Life size on this screen: match an outline with a bank card, or a line with a ruler, once. */
export function ScreenPanel() {
  const saved = usePxPerMm();
  const calibrated = useCalibrated();
  const notice = useNotice();
  const [pxPerMm, setPxPerMm] = useState(NOMINAL_PX_PER_MM);
  const [against, setAgainst] = useState<'card' | 'ruler'>('card');
  useEffect(() => setPxPerMm(saved), [saved]);
  return (
    <section aria-labelledby="screen" className="space-y-3">
      <h2 id="screen" className="margin-heading">
        Screen
      </h2>
      <p className="max-w-prose">
        {calibrated
          ? `This screen shows ${plain(saved)} pixels to the millimetre. Check it again if you change the zoom of your browser.`
          : 'Match the outline with a bank card held against the screen (or the line with a ruler), and “life size” is true here.'}
      </p>
      <div className="join">
        {(['card', 'ruler'] as const).map((thing) => (
          <button
            key={thing}
            type="button"
            aria-pressed={against === thing}
            className={`btn btn-sm join-item ${against === thing ? 'btn-primary' : ''}`}
            onClick={() => setAgainst(thing)}
          >
            {thing === 'card' ? 'Bank card' : 'Ruler'}
          </button>
        ))}
      </div>
      <label className="block max-w-xl text-sm">
        Size of the {against === 'card' ? 'outline' : 'line'}
        <input
          type="range"
          className="range range-xs mt-1 block w-full"
          min={PX_PER_MM_RANGE.low}
          max={Math.min(PX_PER_MM_RANGE.high, 3 * NOMINAL_PX_PER_MM)}
          step={SLIDER_STEP}
          value={pxPerMm}
          onChange={(event) => setPxPerMm(Number(event.target.value))}
        />
      </label>
      <div className="overflow-x-auto py-2">
        {against === 'card' ? (
          <div
            data-testid="card-outline"
            className="border-2 border-accent bg-base-100"
            style={{
              width: CARD.width * pxPerMm,
              height: CARD.height * pxPerMm,
              borderRadius: CARD.corner * pxPerMm,
              boxSizing: 'border-box',
            }}
          />
        ) : (
          <div
            className="flex h-6 items-end justify-between border-accent border-x-2 border-b-2 text-sm"
            style={{ width: RULER_LENGTH * pxPerMm }}
          >
            <span className="pl-1">0</span>
            <span className="pr-1">{RULER_LENGTH} mm</span>
          </div>
        )}
      </div>
      <button
        type="button"
        className="btn btn-primary btn-sm"
        onClick={() => {
          saveCalibration(pxPerMm);
          notice({ tone: 'done', text: 'Life size is now true on this screen.' });
        }}
      >
        It matches
      </button>
    </section>
  );
}
