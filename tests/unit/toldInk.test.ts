import { describe, expect, it } from 'vitest';
import { cosDeg, sinDeg } from '@/core/measure/units';
import { type Polygon, sweep, type WritingPen } from '@/core/pen/pen';
import type { Stroke } from '@/core/pen/stroke';
import { trace } from '@/core/pen/trace';
import { measureLetter } from '@/core/type/letterMeasures';
import { readStroke, thicknessAt } from '@/core/type/letterReadings';
import { cutsOf, DRAWN, nameOf, usualFace } from '../support/drawnHands';

type Point = readonly [number, number];

/** Widest ink a ruler laid square to the way finds at a point, the pieces of a stroke that touch counted as one. */
function inkAcross(ink: readonly Polygon[], at: Point, direction: number): number | undefined {
  const along = ([x, y]: Point) => (x - at[0]) * cosDeg(direction) + (y - at[1]) * sinDeg(direction);
  const across = ([x, y]: Point) => (y - at[1]) * cosDeg(direction) - (x - at[0]) * sinDeg(direction);
  const spans: [number, number][] = [];
  for (const polygon of ink) {
    let [low, high] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
    for (const [i, a] of polygon.entries()) {
      const b = polygon[(i + 1) % polygon.length] as Point;
      const [from, to] = [along(a), along(b)];
      if (from <= 0 === to <= 0) continue;
      const level = across(a) + ((across(b) - across(a)) * from) / (from - to);
      low = Math.min(low, level);
      high = Math.max(high, level);
    }
    if (low <= high) spans.push([low, high]);
  }
  const merged: [number, number][] = [];
  for (const [from, to] of spans.sort((a, b) => a[0] - b[0])) {
    const last = merged.at(-1);
    if (last && from <= last[1] + 1e-6) last[1] = Math.max(last[1], to);
    else merged.push([from, to]);
  }
  const hit = merged.find(([from, to]) => from <= 0.03 && to >= -0.03);
  return hit && hit[1] - hit[0];
}

/** Told thickness against the ink's, half-way between two poses well inside a stroke. */
function differences(pen: WritingPen, stroke: Stroke): number[] {
  const ink = sweep(pen, stroke);
  const length = stroke.lengths.at(-1) as number;
  const poses = trace(stroke, 0.1);
  // Every third step tells as much as all of them.
  return poses.slice(1).flatMap((b, i) => {
    if (i % 3 !== 0) return [];
    const a = poses[i] as typeof b;
    const travelled = (a.travelled + b.travelled) / 2;
    // Ends are cut by the shape of the pen; at corners the way has no direction.
    const inside = travelled > 1.3 && length - travelled > 1.3;
    const bends = Math.abs(((b.direction - a.direction + 540) % 360) - 180) > 1.5;
    if (!inside || bends || Math.abs(a.turn - b.turn) > 3) return [];
    const at: Point = [(a.at[0] + b.at[0]) / 2, (a.at[1] + b.at[1]) / 2];
    const found = inkAcross(ink, at, a.direction);
    const told = (thicknessAt(pen, a) + thicknessAt(pen, b)) / 2;
    return found === undefined ? [] : [found - told];
  });
}

/** Parts of a letter unit within which told and inked agree at nearly every point: round ends have corners. */
const TOLERANCE = 0.08;
/** Where a stroke runs over itself the ruler finds both passes: so much of the way may. */
const OVER_ITSELF = 0.2;

describe.each(DRAWN)('what is told of the strokes of %s', (hand) => {
  const face = usualFace(hand);
  const cuts = cutsOf(face);

  it('is what the swept ink measures', () => {
    const off = cuts.flatMap(({ strokes }) => strokes.flatMap((stroke) => differences(face.pen, stroke)));
    expect(off.length).toBeGreaterThan(100);
    const wrong = off.filter((difference) => Math.abs(difference) > TOLERANCE);
    expect(wrong.length / off.length).toBeLessThan(OVER_ITSELF);
    // Told thicker than inked cannot come of two passes.
    expect(off.filter((difference) => difference < -TOLERANCE).length / off.length).toBeLessThan(0.05);
  });

  it('is positive, within what the pen can make, and no hairline is a hundredth of a shade', () => {
    for (const cut of cuts) {
      for (const stroke of cut.strokes) {
        const { thinnest, middle, thickest } = readStroke(face.pen, stroke);
        expect(thinnest, `${nameOf(cut)} ${stroke.name}`).toBeGreaterThan(0);
        expect(middle).toBeGreaterThanOrEqual(thinnest - 1e-9);
        expect(middle).toBeLessThanOrEqual(thickest + 1e-9);
      }
      const measures = measureLetter(face, face.pen, cut);
      expect(measures.thickest / measures.thinnest, nameOf(cut)).toBeLessThan(60);
    }
  });
});
