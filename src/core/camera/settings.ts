import { z } from 'zod';
import { FAULT_IDS } from '../faults/faults';
import { choice } from '../problem/schema';
import { type Habits, STEADY } from './habits';
import type { Shot } from './photograph';

/** How the simulated camera takes a page. */
export const VIEWS = ['scan', 'photo', 'hurried photo'] as const;

/** What can be asked of the simulated hand and camera. */
export const cameraSchema = z.strictObject({
  seed: z.int().min(1).max(1_000_000),
  angle: z.number().min(-20).max(20),
  slope: z.number().min(-12).max(12),
  nib: z.number().min(0.8).max(1.3),
  body: z.number().min(0.85).max(1.15),
  /** 0 a steady hand, 1 a beginner's. */
  unsteady: z.number().min(0).max(1),
  sinking: z.number().min(-2).max(2),
  /** Deviation of a letter's stems from parallel. */
  splay: z.number().min(-10).max(10),
  /** Of a pressed pen: its hairlines as a share of the model's, and over how much of their width shades are pressed out. */
  hairline: z.number().min(0.5).max(3),
  tops: z.number().min(0).max(2),
  /** Share of a pressed pen's shades that runs dry in their middle. */
  rails: z.number().min(0).max(0.6),
  fault: choice('A fault', ['none', ...FAULT_IDS]),
  /** The letters whose rows have it; all where empty. */
  of: z.string().max(20),
  view: choice('A view', VIEWS),
  /** Whether a corner of the page is covered, or the page lies upside down. */
  covered: z.boolean(),
  upsideDown: z.boolean(),
});
export type CameraSettings = z.infer<typeof cameraSchema>;

export const USUAL_CAMERA: CameraSettings = {
  seed: 1,
  angle: -6,
  slope: 2,
  nib: 1,
  body: 1,
  unsteady: 0.4,
  sinking: 0,
  splay: 0,
  hairline: 1,
  tops: 0,
  rails: 0,
  fault: 'none',
  of: '',
  view: 'photo',
  covered: false,
  upsideDown: false,
};

/** Spread of a beginner's habits, the maximum of the scale. */
const UNSTEADY = { angleSpread: 4, slopeSpread: 3, place: 0.3, wobble: 0.12, ragged: 0.03 } as const;
const FAULT_SIZE = 0.9;

/** The habits that are asked for; `texts` is what is due on each row. */
export function habitsFor(settings: CameraSettings, texts: readonly string[]): Habits {
  const { seed, angle, slope, nib, body, unsteady, sinking, splay, hairline, tops, rails, fault, of } =
    settings;
  const more = (key: keyof typeof UNSTEADY) => STEADY[key] + unsteady * UNSTEADY[key];
  const rows = texts.flatMap((text, row) => (of === '' || of.split(/\s+/).includes(text) ? [row] : []));
  return {
    ...STEADY,
    seed,
    angle,
    slope,
    nib,
    body,
    sinking,
    splay,
    hairline,
    tops,
    rails,
    angleSpread: more('angleSpread'),
    slopeSpread: more('slopeSpread'),
    place: more('place'),
    wobble: more('wobble'),
    ragged: more('ragged'),
    faults: fault === 'none' ? {} : Object.fromEntries(rows.map((row) => [row, { fault, size: FAULT_SIZE }])),
  };
}

/** Twelve million pixels, as a phone takes; a scan at 300 dots to the inch. */
const PHOTO = { long: 4000, short: 3000 } as const;
const SCAN = 300 / 25.4;
/** Fraction of the picture that the page fills. */
const FILLS = 0.86;

/** The shot that is asked for, of a page of a size in mm. */
export function shotFor(
  { seed, view, covered, upsideDown }: CameraSettings,
  { width, height }: { readonly width: number; readonly height: number },
): Shot {
  const upright = height >= width;
  const [w, h] = upright ? [PHOTO.short, PHOTO.long] : [PHOTO.long, PHOTO.short];
  const turn = upsideDown ? 180 : 0;
  const hidden = covered ? { covered: { x: width - 22, y: height - 22, width: 22, height: 22 } } : {};
  if (view === 'scan') {
    return {
      seed,
      width: Math.round((width + 4) * SCAN),
      height: Math.round((height + 4) * SCAN),
      perMm: SCAN,
      tilt: 0,
      towards: 0,
      turn: turn + 0.8,
      off: [0.5, -0.5],
      lens: 0,
      curl: 0,
      blur: 0.6,
      noise: 1.5,
      light: 1,
      lightFrom: 0,
      desk: 235,
      ...hidden,
    };
  }
  const hurried = view === 'hurried photo';
  return {
    seed,
    width: w,
    height: h,
    perMm: FILLS * Math.min(w / width, h / height),
    tilt: hurried ? 14 : 6,
    towards: 40 + 7 * (seed % 40),
    turn: turn + (hurried ? 8 : 3),
    off: hurried ? [4, -5] : [1, 1],
    lens: 0.005,
    curl: hurried ? 0.6 : 0.2,
    blur: hurried ? 1.4 : 0.8,
    noise: hurried ? 5 : 2.5,
    light: hurried ? 0.45 : 0.75,
    lightFrom: 200,
    desk: 72,
    ...hidden,
  };
}
