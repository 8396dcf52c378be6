import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { Resvg } from '@resvg/resvg-js';

// A picture's pixels lie outside the heap, a quarter of a GB for A3 at 600 dpi: nothing would make the collector hurry.
setFlagsFromString('--expose-gc');
const collect = runInNewContext('gc');

/** Draws one picture in a thread of its own (`app/_lib/renderPool.ts`): SVG text and how it is drawn in, PNG bytes out. */
export default async function drawPng({ svg, options }) {
  const png = rasterised(svg, options);
  // Pixels are given back when the collected object is finalised, which is done between two turns.
  await new Promise((turn) => setImmediate(turn));
  collect();
  await new Promise((turn) => setImmediate(turn));
  return png;
}

const rasterised = (svg, options) => Uint8Array.from(new Resvg(svg, options).render().asPng());
