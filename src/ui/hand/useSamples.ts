'use client';

import { useEffect, useRef, useState } from 'react';
import type { Recipe } from '@/core/document/recipe';
import { hasLetters } from '@/core/hands/scripts';
import { textFor } from '@/core/practice/words/samples';
import { handOf } from '@/core/setting/handOf';
import type { Wanted, WrittenSample } from '@/workers/gallery.worker';

/** Debounce of drawing after the last key, in ms. */
const PAUSE = 120;

/** A setting whose sample is written, with the key of its result. */
export interface Sampled {
  readonly key: string;
  readonly recipe: Recipe;
}

/** The same text in every drawn hand, written in a worker, each shown when ready; answers to an older text are discarded. */
export function useSamples(wanted: readonly Sampled[], text: string): ReadonlyMap<string, WrittenSample> {
  const [samples, setSamples] = useState<ReadonlyMap<string, WrittenSample>>(new Map());
  const worker = useRef<Worker | null>(null);
  const latest = useRef(0);
  const asked = JSON.stringify(
    wanted.map(({ key, recipe: { hand, school, width, edge, zones, writing } }) => [
      key,
      hand,
      school,
      width,
      edge,
      zones.body,
      writing.contrast,
    ]),
  );

  useEffect(() => {
    const drawing = new Worker(new URL('../../workers/gallery.worker.ts', import.meta.url), {
      type: 'module',
    });
    worker.current = drawing;
    drawing.onmessage = ({ data }: MessageEvent<WrittenSample>) => {
      if (data.number === latest.current) setSamples((now) => new Map(now).set(data.key, data));
    };
    return () => drawing.terminate();
  }, []);

  // biome-ignore lint/correctness/useExhaustiveDependencies: `asked` stands for what is wanted
  useEffect(() => {
    const timer = setTimeout(() => {
      latest.current += 1;
      for (const { key, recipe } of wanted.filter(({ recipe: { hand } }) => hasLetters(hand)))
        worker.current?.postMessage({
          number: latest.current,
          key,
          recipe,
          text: textFor(handOf(recipe), text),
        } satisfies Wanted);
    }, PAUSE);
    return () => clearTimeout(timer);
  }, [asked, text]);

  return samples;
}
