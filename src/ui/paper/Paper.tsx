'use client';

import { Maximize2, Minus, Plus } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import type { Drawing } from '@/core/drawing/drawing';
import { useCalibrated, usePxPerMm } from './calibration';
import { DrawingView } from './DrawingView';
import { LIFE_SIZE, stepZoom, type Zoom } from './zoom';

/** Space around the sheet, in CSS pixels. */
const SURROUND = 24;

/** The sheet at true proportion on the desk, with zoom to fit, to life size and by steps. */
export function Paper({
  drawing,
  label,
  zoom,
  onZoom,
  onPoint,
  colour,
}: {
  drawing: Drawing;
  label: string;
  zoom: Zoom;
  onZoom: (zoom: Zoom) => void;
  /** A click on the sheet, in mm of the sheet; a shortcut only, since the keyboard reaches the same elsewhere. */
  onPoint?: (x: number, y: number) => void;
  /** The paper's, `#rrggbb`; white where it is not known. */
  colour?: string;
}) {
  const desk = useRef<HTMLElement>(null);
  const [room, setRoom] = useState({ width: 800, height: 600 });
  const pxPerMm = usePxPerMm();
  const calibrated = useCalibrated();

  useEffect(() => {
    const element = desk.current;
    if (!element) return;
    const observer = new ResizeObserver(() =>
      setRoom({ width: element.clientWidth, height: element.clientHeight }),
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, []);

  const fit = Math.min(
    (room.width - 2 * SURROUND) / (drawing.width * pxPerMm),
    (room.height - 2 * SURROUND) / (drawing.height * pxPerMm),
  );
  const scale = zoom === 'fit' ? Math.max(fit, 0.05) : zoom;
  const lifeSize = zoom === LIFE_SIZE;
  return (
    <div className="relative flex min-h-0 min-w-0 flex-1 flex-col">
      <section
        ref={desk}
        aria-label="Paper"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling region must be reachable by keyboard
        tabIndex={0}
        className="print-sheet min-h-0 flex-1 overflow-auto bg-base-200"
      >
        <div className="flex min-h-full min-w-fit items-center justify-center" style={{ padding: SURROUND }}>
          {/* biome-ignore lint/a11y/noStaticElementInteractions: see onPoint */}
          {/* biome-ignore lint/a11y/useKeyWithClickEvents: see onPoint */}
          <div
            onClick={({ clientX, clientY, currentTarget }) => {
              const { left, top } = currentTarget.getBoundingClientRect();
              const unit = pxPerMm * scale;
              onPoint?.((clientX - left) / unit, (clientY - top) / unit);
            }}
            className="shrink-0 bg-white shadow-[0_1px_6px_rgb(0_0_0/0.25)]"
            style={{
              width: drawing.width * pxPerMm * scale,
              height: drawing.height * pxPerMm * scale,
              background: colour,
            }}
          >
            <DrawingView drawing={drawing} label={label} className="h-full w-full" />
          </div>
        </div>
      </section>
      <div className="no-print flex items-center gap-1 border-base-300 border-t bg-base-100 px-3 py-1 text-sm">
        <fieldset className="flex items-center gap-1">
          <legend className="sr-only">Zoom</legend>
          <button
            type="button"
            className="btn btn-ghost btn-xs"
            aria-label="Zoom out"
            onClick={() => onZoom(stepZoom(scale, -1))}
          >
            <Minus size={14} aria-hidden />
          </button>
          <span className="w-14 text-center tabular-nums" data-testid="zoom">
            {Math.round(scale * 100)} %
          </span>
          <button
            type="button"
            className="btn btn-ghost btn-xs"
            aria-label="Zoom in"
            onClick={() => onZoom(stepZoom(scale, 1))}
          >
            <Plus size={14} aria-hidden />
          </button>
          <button
            type="button"
            aria-pressed={zoom === 'fit'}
            className={`btn btn-xs ${zoom === 'fit' ? '' : 'btn-ghost'}`}
            onClick={() => onZoom('fit')}
          >
            <Maximize2 size={12} aria-hidden /> Fit
          </button>
          <button
            type="button"
            aria-pressed={lifeSize}
            className={`btn btn-xs ${lifeSize ? '' : 'btn-ghost'}`}
            onClick={() => onZoom(LIFE_SIZE)}
          >
            Life size
          </button>
        </fieldset>
        {lifeSize && !calibrated && (
          <a className="ml-2 text-sm underline" href="/workshop#screen">
            This screen is not calibrated yet: measure it once
          </a>
        )}
      </div>
    </div>
  );
}
