import jsQR from 'jsqr';
import { type PageCode, readCode } from '../page/pageCode';
import { type Bytes, sampleAt } from '../raster/grey';
import { mapped, type Point } from './homography';
import { type MarkedPage, turned } from './markedPage';

/** Side of the patch that is read, in pixels, and in mm round the code: its white, and what the place may be off by. */
const PATCH = 280;
const PATCH_SIDE = 27;
/** The middle of the code from the upper right ring, in mm: to the left, and down. */
const TO_LEFT = 16;
const DOWN = 5;
/** Outer radius of a ring's line, in mm: it gives the scale before the size of the page is known. */
const RING_REACH = 3;
/** A step along the unit square from which the directions of the page's sides are taken. */
const STEP = 0.01;

/** Alternative scales, tried where the ring's own fails: a blurred ring looks larger than it is. */
const SCALES = [1, 0.93, 1.07] as const;

/**
 * Reads the code of a page, whichever way it lies: the turn whose upper right corner has one is the right one.
 * @returns the code and the page turned upright; `text` alone where a code is read that is none of ours.
 */
export function codeOnPage(
  picture: Bytes,
  page: MarkedPage,
): { readonly code: PageCode; readonly page: MarkedPage } | { readonly text: string } | undefined {
  let foreign: string | undefined;
  for (const scale of SCALES) {
    let upright = page;
    for (let turn = 0; turn < 4; turn++) {
      const text = readAt(picture, upright, scale);
      const code = text === undefined ? undefined : readCode(text);
      if (code) return { code, page: upright };
      foreign ??= text;
      upright = turned(upright);
    }
  }
  return foreign === undefined ? undefined : { text: foreign };
}

function readAt(picture: Bytes, { map, rings }: MarkedPage, scale: number): string | undefined {
  const seen = rings.flatMap((ring) => (ring ? [ring.radius] : []));
  const corner = mapped(map, [1, 0]);
  const radius = rings[1]?.radius ?? Math.max(...seen);
  const mm = (radius / RING_REACH) * scale;
  const along = direction(corner, mapped(map, [1 - STEP, 0]), -mm);
  const down = direction(corner, mapped(map, [1, STEP]), mm);
  const data = new Uint8ClampedArray(PATCH * PATCH * 4);
  for (let y = 0; y < PATCH; y++) {
    const v = DOWN + ((y + 0.5) / PATCH - 0.5) * PATCH_SIDE;
    for (let x = 0; x < PATCH; x++) {
      const u = -TO_LEFT + ((x + 0.5) / PATCH - 0.5) * PATCH_SIDE;
      const value = sampleAt(
        picture,
        corner[0] + u * along[0] + v * down[0],
        corner[1] + u * along[1] + v * down[1],
      );
      const at = (y * PATCH + x) * 4;
      data[at] = data[at + 1] = data[at + 2] = value;
      data[at + 3] = 255;
    }
  }
  return jsQR(data, PATCH, PATCH, { inversionAttempts: 'dontInvert' })?.data || undefined;
}

/** Vector from one point towards another with the given length; a negative length points the other way. */
function direction([ax, ay]: Point, [bx, by]: Point, length: number): Point {
  const far = Math.hypot(bx - ax, by - ay);
  return [((bx - ax) / far) * length, ((by - ay) / far) * length];
}
