import { ChevronLeft, ChevronRight, Pause, Play } from 'lucide-react';
import type { ReactNode } from 'react';
import { OneOf } from '../fields/OneOf';
import { VIEWS, type View } from './LetterView';
import type { usePlay } from './usePlay';

const SPEEDS = [0.5, 1, 2];

/** Play, step, scrub, speed; and how the letter is shown. */
export function PlayBar({
  play,
  view,
  views = VIEWS,
  onView,
  children,
}: {
  play: ReturnType<typeof usePlay>;
  view: View;
  views?: readonly View[];
  onView: (view: View) => void;
  children?: ReactNode;
}) {
  return (
    <div className="flex flex-wrap items-center gap-2 border-base-300 border-t bg-base-100 px-3 py-1 text-sm">
      <button
        type="button"
        className="btn btn-ghost btn-xs"
        aria-label="Previous stroke"
        aria-keyshortcuts="b"
        title="Previous stroke (B)"
        onClick={() => play.step(-1)}
      >
        <ChevronLeft size={16} aria-hidden />
      </button>
      <button
        type="button"
        className="btn btn-primary btn-xs"
        aria-keyshortcuts="Space"
        title="Space"
        onClick={play.play}
      >
        {play.playing ? <Pause size={14} aria-hidden /> : <Play size={14} aria-hidden />}
        {play.playing ? 'Hold' : 'Play'}
      </button>
      <button
        type="button"
        className="btn btn-ghost btn-xs"
        aria-label="Next stroke"
        aria-keyshortcuts="n"
        title="Next stroke (N)"
        onClick={() => play.step(1)}
      >
        <ChevronRight size={16} aria-hidden />
      </button>
      <input
        type="range"
        className="range range-xs w-20"
        aria-label="Along the letter"
        min={0}
        max={1}
        step={0.005}
        value={play.share}
        onChange={(event) => play.scrub(Number(event.target.value))}
      />
      <label>
        <span className="sr-only">Speed</span>
        <OneOf
          className="select select-xs w-14"
          choices={SPEEDS.map(String)}
          nameOf={(speed) => `×${speed}`}
          value={String(play.speed)}
          onChoose={(speed) => play.setSpeed(Number(speed))}
        />
      </label>
      <label className="flex items-center gap-1">
        View
        <OneOf className="select select-xs w-24" choices={views} value={view} onChoose={onView} />
      </label>
      {children}
    </div>
  );
}
