'use client';

import { useEffect, useMemo } from 'react';
import { add } from '@/core/geometry/vec';
import { sweep } from '@/core/pen/pen';
import { moved } from '@/core/pen/stroke';
import type { Ground } from '@/core/practice/ground';
import type { Figure } from '@/core/writing/figure';
import { COLOURS, flat, Ink, Nib, poseAt } from '../strokes/ink';
import { usePlay } from '../strokes/usePlay';

/** White round the figure, in letter units. */
const AROUND = 1;
/** Pause before the animation repeats, in ms. */
const AGAIN = 1600;

/** The current unit, large, written by the pen in a loop; static with reduced motion. */
export function MovingFigure({
  ground,
  figure,
  still,
  label,
}: {
  ground: Ground;
  figure: Figure;
  still: boolean;
  label: string;
}) {
  const { pen, zones } = ground;
  const strokes = useMemo(
    () =>
      figure.shapes.flatMap(({ cut, x, y }) =>
        cut.strokes.map((stroke) => moved(stroke, (point) => add(point, [x, y]))),
      ),
    [figure],
  );
  const play = usePlay(strokes);
  const { playing, share } = play;
  // biome-ignore lint/correctness/useExhaustiveDependencies: `play.play` is another function every time
  useEffect(() => {
    if (still || playing || window.matchMedia('(prefers-reduced-motion: reduce)').matches) return;
    const timer = setTimeout(() => share >= 1 && play.play(), AGAIN);
    return () => clearTimeout(timer);
  }, [still, playing, share]);
  const { reach } = figure;
  const top = Math.max(reach.top, zones.body) + AROUND;
  const bottom = Math.min(reach.bottom, 0) - AROUND;
  const [left, right] = [reach.left - AROUND, reach.right + AROUND];
  const box = [left, -top, right - left, top - bottom].map(flat).join(' ');
  const { stroke: at, along } = play.moment;
  const current = strokes[at];
  const travelling = pen.kind === 'broad' || pen.kind === 'pointed' ? pen : undefined;
  return (
    <svg viewBox={box} className="h-full w-full" role="img" aria-label={label}>
      <g stroke={COLOURS.rule} strokeWidth="0.05">
        {[0, zones.body].map((y) => (
          <line key={y} x1={flat(left)} x2={flat(right)} y1={flat(-y)} y2={flat(-y)} />
        ))}
      </g>
      <g transform="scale(1 -1)">
        {strokes.map((stroke, i) => (
          <Ink
            // biome-ignore lint/suspicious/noArrayIndexKey: strokes lie in the order they are written
            key={i}
            polygons={sweep(pen, stroke)}
            fill={i < at ? COLOURS.ink : COLOURS.faint}
          />
        ))}
        {current && along > 0 && <Ink polygons={sweep(pen, current, { until: along })} fill={COLOURS.pen} />}
        {current && travelling && <Nib pose={poseAt(current, along)} pen={travelling} strong />}
      </g>
    </svg>
  );
}
