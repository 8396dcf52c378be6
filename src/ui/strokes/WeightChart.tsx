'use client';

import { useEffect, useRef } from 'react';
import type { WritingPen } from '@/core/pen/pen';
import type { StrokeReading } from '@/core/type/letterReadings';
import { thicknessAt } from '@/core/type/letterReadings';
import { Plotly } from './plotly';

const STEP = 3;
const DIRECTIONS = Array.from({ length: 360 / STEP + 1 }, (_, i) => i * STEP);
const SIZE = 250;

/** Thickness in a direction of travel; a pointed pen is pressed only on the way down. */
const curve = (pen: WritingPen) =>
  DIRECTIONS.map((direction) =>
    thicknessAt(pen, { turn: 0, press: pen.kind === 'pointed' && direction < 180 ? 0 : 1, direction }),
  );

const around = (direction: number) => ((direction % 360) + 360) % 360;

/** The polar chart itself; loaded only when it is looked at. */
export default function WeightChart({
  pen,
  readings,
  tried,
}: {
  pen: WritingPen;
  readings: readonly StrokeReading[];
  /** Another pen angle to be shown beside. */
  tried?: number;
}) {
  const frame = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const element = frame.current;
    if (!element) return;
    const style = getComputedStyle(element);
    const [ink, grid] = [style.color, style.getPropertyValue('--color-base-300')];
    const [pine, vermilion] = [
      style.getPropertyValue('--color-primary'),
      style.getPropertyValue('--color-accent'),
    ];
    const line = (r: number[], colour: string, name: string, dash: 'solid' | 'dot') =>
      ({
        type: 'scatterpolar',
        mode: 'lines',
        theta: DIRECTIONS,
        r,
        name,
        line: { color: colour, width: 2, dash },
        hovertemplate: '%{theta}°: %{r:.2f}<extra></extra>',
      }) as const;
    const data = [
      line(curve(pen), pine, 'as held', 'solid'),
      ...(tried !== undefined && pen.kind === 'broad'
        ? [line(curve({ ...pen, angle: tried }), vermilion, 'half as heavy', 'dot')]
        : []),
      {
        type: 'scatterpolar',
        mode: 'markers+text',
        theta: readings.map(({ direction }) => around(direction)),
        r: readings.map(({ middle }) => middle),
        text: readings.map((_, i) => String(i + 1)),
        textposition: 'top center',
        textfont: { color: ink, size: 13 },
        marker: { color: vermilion, size: 8 },
        hovertext: readings.map(({ name }) => name),
        hovertemplate: '%{hovertext}: %{r:.2f}<extra></extra>',
        name: 'strokes',
      } as const,
    ];
    const axis = { gridcolor: grid, linecolor: grid, tickfont: { color: ink, size: 11 } };
    void Plotly.react(
      element,
      data,
      {
        width: SIZE,
        height: SIZE,
        margin: { l: 28, r: 28, t: 20, b: 20 },
        paper_bgcolor: 'transparent',
        showlegend: false,
        font: { family: 'Alegreya Sans, sans-serif', color: ink },
        polar: {
          bgcolor: 'transparent',
          angularaxis: { ...axis, ticksuffix: '°', dtick: 45, direction: 'counterclockwise', rotation: 0 },
          radialaxis: { ...axis, angle: 22, nticks: 4, rangemode: 'tozero' },
        },
      },
      { displayModeBar: false, staticPlot: false, responsive: false },
    );
  }, [pen, readings, tried]);
  useEffect(() => {
    const element = frame.current;
    return () => {
      if (element) Plotly.purge(element);
    };
  }, []);
  return (
    <div
      ref={frame}
      role="img"
      aria-label="Thickness over direction of travel, the strokes of the letter as numbered points"
      style={{ width: SIZE, height: SIZE }}
    />
  );
}
