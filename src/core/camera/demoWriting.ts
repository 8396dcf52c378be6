import { type CameraSettings, USUAL_CAMERA } from './settings';

/** A page of the demo that was written by the simulated hand, scanned, and reviewed. */
export interface DemoWriting {
  /** The print it is kept under. */
  readonly print: string;
  readonly title: string;
  /** Number of weeks before the start of the demo at which it was written. */
  readonly weeksAgo: number;
  readonly camera: CameraSettings;
}

/** What its rows hold: letters of one branching family, an arch and its turned form. */
export const DEMO_ROWS = ['n', 'a', 'd', 'u'] as const;

/** The studio's newest scribe on the way to the open night: the edge comes up to its angle, the lean and the hand grow steady. */
export const DEMO_WRITING: readonly DemoWriting[] = [
  { print: 'MERR0WD0W1', title: 'First evening', weeksAgo: 8, off: 1 },
  { print: 'MERR0WD0W2', title: 'Fourth evening', weeksAgo: 5, off: 0.55 },
  { print: 'MERR0WD0W3', title: 'Seventh evening', weeksAgo: 2, off: 0.2 },
].map(
  ({ off, ...page }, i): DemoWriting => ({
    ...page,
    camera: {
      ...USUAL_CAMERA,
      view: 'scan',
      seed: 1712 + i,
      angle: -11 * off,
      slope: 6 * off,
      unsteady: 0.9 * off,
      ...(i === 0 && { fault: 'narrow' as const, of: 'a d' }),
    },
  }),
);
