'use client';

import type { SortingState } from '@tanstack/react-table';
import { useMemo, useRef } from 'react';
import type { Item } from '@/core/kit/item';
import { itemKinds } from '@/core/kit/itemKinds';
import { lookUp } from '@/core/measure/lookUp';

type By = (a: Item, b: Item) => number;

const words = (a: string, b: string) => a.localeCompare(b, 'en');
const numbers = (a: number | null, b: number | null) => (a ?? Infinity) - (b ?? Infinity) || 0;

const COLUMNS: Readonly<Record<string, By>> = {
  label: (a, b) => words(a.label, b.label),
  width: (a, b) => numbers(a.width, b.width),
  hours: (a, b) => a.hours - b.hours,
  wear: (a, b) => words(a.wear ?? '', b.wear ?? ''),
};
const BY_KIND: By = (a, b) =>
  itemKinds().indexOf(a.kind) - itemKinds().indexOf(b.kind) || numbers(a.width, b.width);

/**
 * Position of each thing in the table. Recomputed when the order changes or things come and go, but not when a fact changes, so that an
 * edited row stays in place.
 */
export function useBenchOrder(
  items: readonly Item[] | null,
  grouped: boolean,
  sorting: SortingState,
): ReadonlyMap<string, number> {
  const now = useRef(items);
  now.current = items;
  const there = (items ?? [])
    .map(({ id }) => id)
    .sort()
    .join(' ');
  // biome-ignore lint/correctness/useExhaustiveDependencies: made anew when things come and go, not when they change
  return useMemo(() => {
    const [first] = sorting;
    const column = first && lookUp(COLUMNS, first.id);
    const by: By = column
      ? (a, b) => (first.desc ? -column(a, b) : column(a, b))
      : grouped
        ? BY_KIND
        : () => 0;
    const sorted = [...(now.current ?? [])].sort((a, b) => by(a, b) || words(a.label, b.label));
    return new Map(sorted.map(({ id }, place) => [id, place]));
  }, [there, grouped, sorting]);
}
