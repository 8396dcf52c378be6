import type { Mm } from '@/core/measure/units';
import { Problem } from '@/core/problem/problem';
import { homographyOf, mapped, type Point } from '@/core/register/homography';
import { straightened } from '@/core/register/pageMap';
import { evenlyLit, lightOn } from '@/core/review/light';
import { measureSample, sampleGround, samplePage } from '@/core/review/plainSample';
import { blockHeight } from '@/core/review/sampleAsked';
import type { SampleJob } from '../job';
import type { Step } from '../step';
import { decode } from './decode';
import { straightPicture } from './straightPicture';

/** Progress is counted in hundredths. */
const WHOLE = 100;
const report = (stage: Step['stage'], done: number): Step => ({ stage, done, of: WHOLE, bytes: [] });

/** Minimum length of the sides of a marked block, in pixels; less cannot be read. */
const LEAST_SIDE = 24;
/** Widest block, in mm. */
const WIDEST: Mm = 420;

const apart = ([ax, ay]: Point, [bx, by]: Point): number => Math.hypot(bx - ax, by - ay);

/**
 * Straightens writing without marks by the corners of its block, clockwise from the waistline's beginning, and measures it: progress in hundredths, then JSON
 * `{measuring}` and the picture. Its height is known; its width is as much longer as its sides are in the picture.
 */
export async function* sampleSteps({ picture, corners, asked }: SampleJob): AsyncGenerator<Step, void> {
  const channel = await decode(picture, 'light');
  yield report('straightening', 10);
  const shown = corners.map(([x, y]): Point => [x * channel.width, y * channel.height]);
  const [a, b, c, d] = shown as [Point, Point, Point, Point];
  const [across, down] = [(apart(a, b) + apart(d, c)) / 2, (apart(a, d) + apart(b, c)) / 2];
  if (Math.min(across, down) < LEAST_SIDE) {
    throw new Problem(
      'corners',
      'The marked block is too small to read: mark more rows, or photograph it from nearer.',
    );
  }
  const high = blockHeight(asked);
  const wide = (high * across) / down;
  if (wide > WIDEST) {
    throw new Problem(
      'corners',
      `The block would be ${Math.round(wide)} mm wide; the widest that can be read is ${WIDEST} mm. See whether the number of rows and their distance are right.`,
    );
  }
  const ground = sampleGround(asked);
  const { left, top, ...size } = samplePage(asked, ground, wide);
  const map = homographyOf(
    [
      [left, top],
      [left + wide, top],
      [left + wide, top + high],
      [left, top + high],
    ],
    shown,
  );
  if (!map)
    throw new Problem('corners', 'Three of the four corners lie on one line; mark the corners of the block.');
  const straightening = straightened(channel, { at: (point) => mapped(map, point) }, size);
  let strip = straightening.next();
  while (!strip.done) strip = straightening.next();
  yield report('measuring', 50);
  const light = lightOn(strip.value);
  const measuring = measureSample(strip.value, light, asked, ground, left, top);
  yield { ...report('measuring', 90), bytes: [Buffer.from(JSON.stringify({ measuring }))] };
  yield { ...report('measuring', WHOLE), bytes: [await straightPicture(evenlyLit(strip.value, light))] };
}
