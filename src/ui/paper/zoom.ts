/** Fit to the window, life size, or a share of life size. */
export type Zoom = 'fit' | number;

export const LIFE_SIZE = 1;
const STEPS = [0.25, 0.35, 0.5, 0.7, 1, 1.4, 2, 3, 4] as const;

/** The next step larger or smaller than `scale`; the last one where there is none. */
export function stepZoom(scale: number, direction: 1 | -1): number {
  const nudge = 1e-3;
  return direction === 1
    ? (STEPS.find((step) => step > scale + nudge) ?? (STEPS.at(-1) as number))
    : (STEPS.findLast((step) => step < scale - nudge) ?? STEPS[0]);
}
