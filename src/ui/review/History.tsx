'use client';

import { useEffect, useRef } from 'react';
import type { FigureId } from '@/core/review/figures/registry';
import { FIGURES } from '@/core/review/figures/registry';
import { seriesColours } from '../frame/theme';
import { useTheme } from '../frame/useTheme';
import { Plotly } from '../log/plotly';
import type { ReviewShown } from './shown';

/** Figures drawn over time: those that every page has. */
const SHOWN: readonly FigureId[] = [
  'angle',
  'angleSpread',
  'slope',
  'slopeSpread',
  'nib',
  'body',
  'evenness',
  'width',
  'feet',
];

/** Figures by day, a chart each, a line a hand; what was asked is dashed. */
export function History({ reviews }: { reviews: readonly ReviewShown[] }) {
  const hands = [...new Set(reviews.map(({ hand }) => hand))];
  const shown = SHOWN.filter((id) =>
    reviews.some(({ figures }) => figures.some((figure) => figure.id === id)),
  );
  return (
    <div className="grid gap-6 pt-4 md:grid-cols-2" data-testid="history">
      {shown.map((id) => (
        <Chart key={id} id={id} reviews={reviews} hands={hands} />
      ))}
    </div>
  );
}

/** Days shown before the first page and after the last. */
const AROUND = 2 * 24 * 60 * 60 * 1000;

function spanOf(reviews: readonly ReviewShown[]): [string, string] {
  const times = reviews.map(({ at }) => new Date(at).getTime());
  const day = (time: number) => new Date(time).toISOString();
  return [day(Math.min(...times) - AROUND), day(Math.max(...times) + AROUND)];
}

function Chart({
  id,
  reviews,
  hands,
}: {
  id: FigureId;
  reviews: readonly ReviewShown[];
  hands: readonly string[];
}) {
  const frame = useRef<HTMLDivElement>(null);
  const { name, say } = FIGURES[id];
  const theme = useTheme();
  // biome-ignore lint/correctness/useExhaustiveDependencies: colours are read off the page, which follows the theme
  useEffect(() => {
    const element = frame.current;
    if (!element) return;
    const style = getComputedStyle(element);
    const grid = style.getPropertyValue('--color-base-300');
    const colours = seriesColours(style);
    const axis = () => ({ gridcolor: grid, linecolor: grid, automargin: true });
    const traces = hands.flatMap((hand, i) => {
      const points = reviews
        .flatMap((review) => {
          const figure = review.figures.find((one) => one.id === id);
          return figure && review.hand === hand ? [{ at: review.at, ...figure }] : [];
        })
        .reverse();
      const common = { type: 'scatter' as const, x: points.map(({ at }) => at) };
      const color = colours[i % colours.length];
      const measured = {
        ...common,
        mode: 'lines+markers' as const,
        name: hand,
        y: points.map(({ value }) => value),
        text: points.map(({ value }) => say(value)),
        error_y: { type: 'data' as const, array: points.map(({ error }) => error), thickness: 1 },
        marker: { color },
      };
      if (points.every(({ asked }) => asked === null)) return [measured];
      const asked = {
        ...common,
        mode: 'lines' as const,
        name: `${hand}, asked`,
        y: points.map((point) => point.asked),
        line: { color, width: 1, dash: 'dash' as const },
        showlegend: false,
      };
      return [asked, measured];
    });
    void Plotly.react(
      element,
      traces,
      {
        height: 210,
        margin: { l: 44, r: 10, t: 10, b: 34 },
        paper_bgcolor: 'transparent',
        plot_bgcolor: 'transparent',
        showlegend: hands.length > 1,
        legend: { orientation: 'h' },
        font: { family: 'Alegreya Sans, sans-serif', color: style.color, size: 13 },
        xaxis: { ...axis(), type: 'date', tickformat: '%-d %b', nticks: 5, range: spanOf(reviews) },
        yaxis: axis(),
      },
      { displayModeBar: false, responsive: true },
    );
  }, [id, reviews, hands, say, theme]);
  return (
    <section aria-label={name}>
      <h3 className="font-bold text-sm">{name}</h3>
      <div
        ref={frame}
        role="img"
        aria-label={`${name} over time`}
        className="w-full min-w-0 overflow-hidden"
      />
    </section>
  );
}
