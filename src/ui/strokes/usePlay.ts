'use client';

import { useEffect, useRef, useState } from 'react';
import type { Stroke } from '@/core/pen/stroke';

/** Nib widths travelled in a second at speed 1: slow enough to follow with the eye. */
const PACE = 5;

/** Where the pen is: strokes done, and how far along the next one (0 … 1). */
export interface Moment {
  readonly stroke: number;
  readonly along: number;
}

const lengthOfStroke = (stroke: Stroke): number => stroke.lengths.at(-1) as number;

/**
 * The nib travelling through a letter's strokes. Position is one number, the length travelled, so that play, step and
 * scrub are the same thing. With reduced motion, play goes stroke by stroke without travelling.
 */
export function usePlay(strokes: readonly Stroke[]) {
  const total = strokes.reduce((sum, stroke) => sum + lengthOfStroke(stroke), 0);
  const [position, setPosition] = useState(Number.POSITIVE_INFINITY);
  const [playing, setPlaying] = useState(false);
  const [speed, setSpeed] = useState(1);
  const frame = useRef(0);
  const at = Math.min(position, total);

  useEffect(() => {
    if (!playing) return;
    let last = performance.now();
    const tick = (now: number) => {
      const passed = ((now - last) / 1000) * PACE * speed;
      last = now;
      setPosition((from) => {
        const next = Math.min(from, total) + passed;
        if (next >= total) setPlaying(false);
        return next;
      });
      frame.current = requestAnimationFrame(tick);
    };
    frame.current = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame.current);
  }, [playing, speed, total]);

  const ends: number[] = [];
  for (const stroke of strokes) ends.push((ends.at(-1) ?? 0) + lengthOfStroke(stroke));

  const step = (direction: 1 | -1) => {
    setPlaying(false);
    setPosition((from) => {
      const now = Math.min(from, total);
      const marks = [0, ...ends];
      return direction === 1
        ? (marks.find((mark) => mark > now + 1e-6) ?? total)
        : (marks.findLast((mark) => mark < now - 1e-6) ?? 0);
    });
  };

  const play = () => {
    if (window.matchMedia('(prefers-reduced-motion: reduce)').matches) {
      if (at >= total) setPosition(0);
      step(1);
      return;
    }
    if (at >= total) setPosition(0);
    setPlaying((now) => !now);
  };

  const stroke = ends.findIndex((end) => at < end - 1e-9);
  const moment: Moment =
    stroke === -1
      ? { stroke: strokes.length, along: 0 }
      : {
          stroke,
          along: (at - (ends[stroke - 1] ?? 0)) / lengthOfStroke(strokes[stroke] as Stroke),
        };
  return {
    moment,
    playing,
    speed,
    setSpeed,
    play,
    step,
    share: total === 0 ? 1 : at / total,
    scrub: (share: number) => {
      setPlaying(false);
      setPosition(share * total);
    },
    reset: () => {
      setPlaying(false);
      setPosition(Number.POSITIVE_INFINITY);
    },
  };
}
