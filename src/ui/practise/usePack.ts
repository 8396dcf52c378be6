'use client';

import { useCallback, useRef, useState } from 'react';
import type { Recipe } from '@/core/document/recipe';
import type { Course, CourseOptions } from '@/core/practice/course/course';
import { letterMark } from '@/core/setting/letterMark';
import type { OwnLetter } from '@/core/setting/letterSet';
import { call } from '../lib/api';
import { readReported } from '../lib/reported';

/** How far a pack is. */
export interface PackProgress {
  readonly stage: 'planning' | 'drawing';
  readonly done: number;
  readonly of: number;
}

/** Makes a pack on the server, with its progress; `cancel` stops the server's work too. */
export function usePack() {
  const [progress, setProgress] = useState<PackProgress | null>(null);
  const control = useRef<AbortController | null>(null);

  /** The PDF; undefined when it was cancelled. */
  const make = useCallback(
    async (
      recipe: Recipe,
      course: Course | CourseOptions,
      own: readonly OwnLetter[],
    ): Promise<Blob | undefined> => {
      control.current?.abort();
      const mine = new AbortController();
      control.current = mine;
      setProgress({ stage: 'planning', done: 0, of: 1 });
      try {
        const { signal } = mine;
        const response = await call(`/api/course?progress=1&letters=${letterMark(own)}`, {
          method: 'POST',
          json: { recipe, course },
          signal,
        });
        const parts = await readReported<PackProgress>(response, setProgress);
        return new Blob(parts, { type: 'application/pdf' });
      } catch (error) {
        if (mine.signal.aborted) return undefined;
        throw error;
      } finally {
        if (control.current === mine) setProgress(null);
      }
    },
    [],
  );
  const cancel = useCallback(() => control.current?.abort(), []);
  return { progress, make, cancel };
}
