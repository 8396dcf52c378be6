import { beforeAll, describe, expect, it } from 'vitest';
import { composedAgain } from '@/core/document/keptPage';
import { type DueRow, dueRows } from '@/core/practice/dueRows';
import { filled } from '@/core/raster/fill';
import type { Bytes, Grey } from '@/core/raster/grey';
import { PIXELS_PER_MM as P } from '@/core/register/pageMap';
import { exemplarOf } from '@/core/review/exemplar';
import { lightOn } from '@/core/review/light';
import { inkFrom, readRow } from '@/core/review/samples';
import { bar } from '../../support/review/edgeInk';
import { pageOfRows } from '../../support/review/pages';

/** A row of pixels across some ink: how dark, to a tenth. */
const tenths = ({ width, data }: Grey, y: number, from: number, to: number) =>
  [...data.subarray(y * width + from, y * width + to)].map((value) => Math.round(value * 10) / 10);

describe('ink without its ruling', () => {
  const SIZE = { width: 200, height: 120 };
  /** A ruled line half-way down, as dark as said, and a stem across it, and one that ends on it. */
  const ruled = (line: number): Grey => {
    const stems = filled(
      [bar(50, { top: 20, bottom: 100, width: 20 }), bar(120, { top: 20, bottom: 60, width: 20 })],
      SIZE.width,
      SIZE.height,
    );
    const data = stems.data.map((value, i) => {
      const y = Math.floor(i / SIZE.width);
      return Math.max(0.9 * value, y >= 58 && y < 61 ? line : 0);
    });
    return { ...SIZE, data };
  };
  const printed = { x1: 0, y1: 59.5 / P, x2: SIZE.width / P, y2: 59.5 / P, width: 3 / P };

  it('keeps a stem that crosses a line, whole, and of the line nothing beside it', () => {
    for (const level of [0.25, 0.45, 0.8]) {
      const ink = inkFrom(ruled(level), [printed], 0, 0, 0);
      if (!ink) throw new Error('there is ink');
      expect(Math.max(...tenths(ink, 59, 0, 36))).toBeLessThan(0.1);
      expect(Math.max(...tenths(ink, 59, 150, 200))).toBeLessThan(0.1);
      expect(Math.min(...tenths(ink, 59, 42, 58))).toBe(1);
      expect(Math.min(...tenths(ink, 40, 112, 128))).toBe(1);
    }
  });

  it('finds a line that was seen below its place', () => {
    const low = { ...printed, y1: 55.5 / P, y2: 55.5 / P };
    const ink = inkFrom(ruled(0.3), [low], 0, 0, 4);
    expect(Math.max(...tenths(ink as Grey, 59, 0, 36))).toBeLessThan(0.1);
  });

  it('is full where it is as dark as this ink gets, pale or not', () => {
    const pale = ruled(0);
    for (let i = 0; i < pale.data.length; i++) pale.data[i] = (pale.data[i] as number) * 0.7;
    expect(Math.max(...tenths(inkFrom(pale, [], 0, 0, 0) as Grey, 40, 40, 60))).toBe(1);
  });

  it('is none where there are lines alone', () => {
    const line: Grey = { ...SIZE, data: new Float32Array(SIZE.width * SIZE.height) };
    line.data.fill(0.45, 58 * SIZE.width, 61 * SIZE.width);
    expect(inkFrom(line, [printed], 0, 0, 0) === undefined).toBe(true);
  });
});

describe('a row of letters', () => {
  let row: DueRow;
  let size: { width: number; height: number };
  beforeAll(async () => {
    const { page } = await pageOfRows('italic', ['n', 'o'], { small: true });
    const composed = composedAgain(page);
    const [first] = composed ? dueRows(composed, 0) : [];
    if (!composed || !first) throw new Error('rows are due');
    row = first;
    size = { width: Math.round(148 * P), height: Math.round(210 * P) };
  });

  /** A white page with the model's own ink at some places along the row, in mm, so much of it left out at its foot. */
  function written(places: readonly number[], up = 0): Bytes {
    const page = { ...size, data: new Uint8Array(size.width * size.height).fill(250) };
    const { figure, ground } = row.due;
    const { ink, baseline } = exemplarOf(ground.pen, figure, ground.unit, P);
    const top = Math.round((row.row.line.baseline - up) * P - baseline);
    for (const place of places) {
      const left = Math.round(place * P);
      for (let y = 0; y < ink.height; y++) {
        for (let x = 0; x < ink.width; x++) {
          const at = (y + top) * size.width + x + left;
          const value = 250 * (1 - 0.9 * (ink.data[y * ink.width + x] as number));
          page.data[at] = Math.min(page.data[at] as number, value);
        }
      }
    }
    return page;
  }
  const read = (page: Bytes) => readRow(page, lightOn(page), row, []);

  it('is told apart into its letters, each where it stands', () => {
    const places = [0, 1, 2, 3].map((i) => row.due.from + 2 + 14 * i);
    const { samples } = read(written(places));
    expect(samples).toHaveLength(4);
    for (const [i, { box, baseline, pieces }] of samples.entries()) {
      // The model's ink begins a little within its own white.
      expect(box.x - (places[i] as number)).toBeGreaterThan(0);
      expect(box.x - (places[i] as number)).toBeLessThan(1.5);
      expect(Math.abs(box.y + (baseline - 4) / P - row.row.line.baseline)).toBeLessThan(0.15);
      expect(pieces).toBe(1);
    }
  });

  it('keeps letters apart that stand closer than they are wide, and leaves out what is a speck', () => {
    const wide = row.due.figure.reach.right * row.due.ground.unit;
    const close = [0, 1, 2].map((i) => row.due.from + 2 + (wide + 0.6) * i);
    const page = written(close);
    for (let y = 0; y < 3; y++) {
      const from =
        Math.round((row.row.line.baseline - 4) * P + y) * size.width + Math.round((row.due.to - 3) * P);
      page.data.fill(20, from, from + 3);
    }
    expect(read(page).samples).toHaveLength(3);
  });

  it('has none where nothing is written', () => {
    expect(read(written([])).samples).toEqual([]);
  });
});
