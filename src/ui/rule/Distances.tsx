'use client';

import { lengthIn } from '@/core/measure/length';
import { layoutSheet, type RuledLine } from '@/core/sheet/layout';
import type { Sheet } from '@/core/sheet/sheet';
import { useAbout } from '../frame/AboutMe';

const NAMES = {
  ascender: 'ascender',
  capital: 'capital',
  waistline: 'waistline',
  branch: 'branch line',
  smallCapital: 'small-capital line',
  baseline: 'baseline',
  descender: 'descender',
} as const satisfies Partial<Record<keyof RuledLine, string>>;
const KINDS = Object.keys(NAMES) as (keyof typeof NAMES)[];

/** Every line by its distance from the top edge of the paper, for ruling by hand: a rolling ruler goes down once. */
export function Distances({ recipe }: { recipe: Sheet }) {
  const { about } = useAbout();
  const { strips } = layoutSheet(recipe);
  const lines = strips.flatMap((strip) => strip.lines);
  const drawn = KINDS.filter((kind) => kind === 'baseline' || recipe.show[kind]);
  return (
    <details>
      <summary className="cursor-pointer text-sm">Distances from the top edge</summary>
      <p className="mt-1 text-sm opacity-80">
        For ruling by hand: set a rolling ruler on the top edge and go down the list.
      </p>
      <ol className="mt-1 text-sm tabular-nums">
        {lines.map((line, i) => (
          <li key={line.baseline} className="border-base-300 border-b py-1">
            <b>Line {i + 1}</b>
            <dl className="grid grid-cols-[1fr_auto] gap-x-3">
              {drawn
                .flatMap((kind) => {
                  const at = line[kind];
                  return at === null ? [] : [{ kind, at }];
                })
                .sort((a, b) => a.at - b.at)
                .map(({ kind, at }) => (
                  <div key={kind} className="contents">
                    <dt>{NAMES[kind]}</dt>
                    <dd className="text-right">{lengthIn(Math.round(at * 10) / 10, about.units)}</dd>
                  </div>
                ))}
            </dl>
          </li>
        ))}
      </ol>
    </details>
  );
}
