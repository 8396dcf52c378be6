'use client';

import { X } from 'lucide-react';
import { type HandId, handById } from '@/core/hands/registry';
import type { WrittenSample } from '@/workers/gallery.worker';
import { Sample } from './Sample';

/** The width the longest line has here, in CSS pixels. */
const WIDTH = 1000;
const LARGEST = 6;

/** Two to four hands under one another, large, all at one scale: a tray that stays in sight. */
export function Compared({
  hands,
  samples,
  onRemove,
}: {
  hands: readonly HandId[];
  samples: ReadonlyMap<HandId, WrittenSample>;
  onRemove: (id: HandId) => void;
}) {
  if (hands.length === 0) return null;
  const written = hands.flatMap((id) => samples.get(id) ?? []);
  const scale = Math.min(LARGEST, WIDTH / Math.max(1, ...written.map(({ width }) => width)));
  return (
    <section
      aria-label="Side by side"
      className="sticky bottom-0 z-10 mt-5 max-h-[60vh] overflow-auto rounded border border-base-300 bg-base-100 p-3 shadow-xl"
    >
      {hands.length === 1 && (
        <p className="text-sm opacity-80">Choose one to three more to compare with it.</p>
      )}
      <ul className="space-y-1">
        {hands.map((id) => {
          const sample = samples.get(id);
          const { name } = handById(id);
          return (
            <li key={id}>
              <span className="flex items-center gap-2 text-sm">
                {name}
                <button
                  type="button"
                  className="btn btn-ghost btn-xs"
                  aria-label={`Remove ${name}`}
                  onClick={() => onRemove(id)}
                >
                  <X size={14} aria-hidden />
                </button>
              </span>
              {sample && <Sample sample={sample} scale={scale} label={`The words in ${name}, large`} />}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
