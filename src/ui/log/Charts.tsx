'use client';

import { useEffect, useRef, useState } from 'react';
import { handById, isHand } from '@/core/hands/registry';
import { isTool } from '@/core/kit/itemKinds';
import type { Summary } from '@/core/log/summary';
import { lookUp } from '@/core/measure/lookUp';
import { criterionSaid } from '@/core/practice/criteria';
import { RATINGS } from '@/core/study/grade';
import { OneOf } from '../fields/OneOf';
import { seriesColours } from '../frame/theme';
import { useRead } from '../frame/useRead';
import { useTheme } from '../frame/useTheme';
import { askServer } from '../lib/api';
import { Plotly } from './plotly';

const SPANS = { '12': 'twelve weeks', '52': 'a year', '520': 'ten years' } as const;
const SPAN_IDS = ['12', '52', '520'] as const;
type Span = (typeof SPAN_IDS)[number];

type Trace = Parameters<typeof Plotly.react>[1][number];

/** Minutes by week and hand, ratings by criterion, hours on each nib. */
export default function Charts() {
  const [span, setSpan] = useState<Span>('12');
  const [summary, setSummary] = useState<Summary | null>(null);
  const [tools, setTools] = useState<readonly { readonly label: string; readonly hours: number }[]>([]);
  useRead(
    async (signal) => setSummary(await askServer('GET /api/log/summary', { query: { weeks: span }, signal })),
    [span],
  );
  useRead(async (signal) => {
    const items = await askServer('GET /api/items', { signal });
    setTools(
      items.flatMap(({ kind, label, hours = 0 }) => (isTool(kind) && hours > 0 ? [{ label, hours }] : [])),
    );
  }, []);
  if (!summary) return <p className="py-6">Reading the logbook …</p>;
  const hands = [...new Set(summary.weeks.flatMap(({ minutes }) => Object.keys(minutes)))].filter(isHand);
  const hours = [...tools].sort((a, b) => a.hours - b.hours);
  return (
    <div className="space-y-8 pt-4" data-testid="charts">
      <div className="flex flex-wrap items-center gap-3">
        <OneOf
          label="How far back"
          value={span}
          choices={SPAN_IDS}
          nameOf={(id) => SPANS[id]}
          onChoose={setSpan}
        />
        <p>
          {summary.sessions} sessions, {Math.round(summary.minutes / 60)} hours.
        </p>
      </div>
      <Chart
        name="Minutes by week"
        stacked
        traces={hands.map((hand) => ({
          type: 'bar',
          name: handById(hand).name,
          x: summary.weeks.map(({ monday }) => monday),
          y: summary.weeks.map(({ minutes }) => Math.round(lookUp(minutes, hand) ?? 0)),
        }))}
      />
      <section aria-labelledby="criteria" className="space-y-2">
        <h2 id="criteria" className="margin-heading">
          How it was rated
        </h2>
        <ul className="grid gap-x-6 gap-y-3 sm:grid-cols-2">
          {summary.criteria.map(({ criterion, weeks }) => {
            const counts = RATINGS.map((rating) =>
              weeks.reduce((sum, week) => sum + week.ratings[rating], 0),
            );
            const all = counts.reduce((sum, count) => sum + count, 0);
            return (
              <li key={criterion} className="text-sm">
                {criterionSaid(criterion)}
                <span
                  role="img"
                  aria-label={RATINGS.map((rating, i) => `${counts[i]} ${rating}`).join(', ')}
                  className="flex h-4 w-full overflow-hidden rounded border border-base-300"
                >
                  {RATINGS.map((rating, i) => (
                    <span
                      key={rating}
                      style={{ width: `${((counts[i] ?? 0) / all) * 100}%` }}
                      className={{ off: 'bg-accent', near: 'bg-base-300', right: 'bg-primary' }[rating]}
                    />
                  ))}
                </span>
                <span className="opacity-80">
                  {RATINGS.map((rating, i) => `${counts[i]} ${rating}`).join(' · ')}
                </span>
              </li>
            );
          })}
        </ul>
      </section>
      <Chart
        name="Hours on each tool"
        traces={[
          {
            type: 'bar',
            orientation: 'h',
            y: hours.map(({ label }) => label),
            x: hours.map((tool) => tool.hours),
          },
        ]}
        height={Math.max(160, 60 + hours.length * 26)}
      />
    </div>
  );
}

function Chart({
  name,
  traces,
  stacked = false,
  height = 280,
}: {
  name: string;
  traces: readonly Trace[];
  stacked?: boolean;
  height?: number;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const theme = useTheme();
  // biome-ignore lint/correctness/useExhaustiveDependencies: colours are read off the page, which follows the theme
  useEffect(() => {
    const element = frame.current;
    if (!element) return;
    const style = getComputedStyle(element);
    const grid = style.getPropertyValue('--color-base-300');
    // Each its own: the library writes what it finds out about an axis into it.
    const axis = () => ({ gridcolor: grid, linecolor: grid, automargin: true });
    void Plotly.react(
      element,
      [...traces],
      {
        height,
        colorway: seriesColours(style),
        margin: { l: 40, r: 10, t: 10, b: 40 },
        paper_bgcolor: 'transparent',
        plot_bgcolor: 'transparent',
        barmode: stacked ? 'stack' : 'group',
        showlegend: stacked && traces.length > 1,
        legend: { orientation: 'h' },
        font: { family: 'Alegreya Sans, sans-serif', color: style.color, size: 13 },
        xaxis: axis(),
        yaxis: axis(),
      },
      { displayModeBar: false, responsive: true },
    );
  }, [traces, stacked, height, theme]);
  return (
    <section aria-label={name}>
      <h2 className="margin-heading">{name}</h2>
      {traces.length > 0 ? (
        <div ref={frame} role="img" aria-label={name} className="w-full min-w-0 overflow-hidden" />
      ) : (
        <p>Nothing is logged yet.</p>
      )}
    </section>
  );
}
