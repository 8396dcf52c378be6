import { describe, expect, it } from 'vitest';
import type { Bytes } from '../raster/grey';
import { darknessIn, evenlyLit, lightOn } from './light';

const WIDTH = 480;
const HEIGHT = 336;
/** A sheet whose light falls off to the right, with a bar of ink that lets a tenth of the light back. */
const INK = 0.1;
const lit = (x: number) => 240 - (60 * x) / WIDTH;
const inBar = (x: number, y: number) => x >= 200 && x < 210 && y >= 60 && y < 260;
const page: Bytes = { width: WIDTH, height: HEIGHT, data: new Uint8Array(WIDTH * HEIGHT) };
for (let y = 0; y < HEIGHT; y++) {
  for (let x = 0; x < WIDTH; x++) page.data[y * WIDTH + x] = lit(x) * (inBar(x, y) ? INK : 1);
}
const light = lightOn(page);

describe('light on a page', () => {
  it('is that of its paper: darkness is the ink’s own, bright side or dim', () => {
    const dark = darknessIn(page, light, 190, 100, 30, 40);
    for (let y = 0; y < 40; y++) {
      for (let x = 0; x < 30; x++) {
        const expected = inBar(x + 190, y + 100) ? 1 - INK : 0;
        expect(Math.abs((dark.data[y * 30 + x] as number) - expected)).toBeLessThan(0.06);
      }
    }
    const dim = darknessIn(page, light, 430, 10, 40, 40);
    expect(Math.max(...dim.data)).toBeLessThan(0.08);
  });

  it('says nothing of what lies beyond the page', () => {
    const corner = darknessIn(page, light, -5, -7, 20, 20);
    expect([...corner.data.subarray(0, 7 * 20)].every((value) => value === 0)).toBe(true);
    const far = darknessIn(page, light, WIDTH - 4, HEIGHT - 4, 10, 10);
    expect(far.data[99]).toBe(0);
  });

  it('made even leaves white paper, and the ink', () => {
    const even = evenlyLit(page, light);
    expect(even.data[20 * WIDTH + 20]).toBeGreaterThan(240);
    expect(even.data[20 * WIDTH + 460]).toBeGreaterThan(240);
    expect(even.data[150 * WIDTH + 205]).toBeLessThan(45);
  });

  it('is not taken from ink where a block is full of it: what lies around it tells', () => {
    const blotted: Bytes = { ...page, data: Uint8Array.from(page.data) };
    for (let y = 96; y < 144; y++) blotted.data.fill(12, y * WIDTH + 96, y * WIDTH + 144);
    const dark = darknessIn(blotted, lightOn(blotted), 100, 100, 40, 40);
    expect(Math.min(...dark.data)).toBeGreaterThan(0.85);
  });
});
