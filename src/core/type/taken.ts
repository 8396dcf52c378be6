import type { Vec } from '../geometry/vec';
import type { NibWidths } from '../measure/units';
import type { Pen, Polygon } from '../pen/pen';
import { inkOf } from './cut';
import type { PlacedInk } from './placed';

/** Side of the grid's squares, and maximum spacing of places along an edge of ink, in letter units. */
const SQUARE: NibWidths = 0.5;
const BETWEEN: NibWidths = 0.2;

const squareOf = (x: number, y: number) => `${Math.floor(x / SQUARE)} ${Math.floor(y / SQUARE)}`;

/** Occupied places on a line, which anything written later avoids. */
export class Taken {
  private readonly squares = new Map<string, Vec[]>();

  add(places: readonly Vec[]): void {
    for (const place of places) {
      const key = squareOf(...place);
      const square = this.squares.get(key);
      if (square) square.push(place);
      else this.squares.set(key, [place]);
    }
  }

  /** Distance to the nearest place as a rhombus measures it, |Δx| + |Δy|; `least` and more are all alike. */
  distance([x, y]: Vec, least: NibWidths): NibWidths {
    const reach = Math.ceil(least / SQUARE);
    let nearest = least;
    for (let i = -reach; i <= reach; i++) {
      for (let j = -reach; j <= reach; j++) {
        for (const [px, py] of this.squares.get(squareOf(x + i * SQUARE, y + j * SQUARE)) ?? []) {
          nearest = Math.min(nearest, Math.abs(px - x) + Math.abs(py - y));
        }
      }
    }
    return nearest;
  }

  isClear(places: readonly Vec[], least: NibWidths): boolean {
    return places.every((place) => this.distance(place, least) >= least);
  }
}

/** Places all along the edges of polygons. */
export const alongEdges = (polygons: readonly Polygon[]): Vec[] =>
  polygons.flatMap((polygon) =>
    polygon.flatMap((a, i) => {
      const b = polygon[(i + 1) % polygon.length] as Vec;
      const count = Math.max(1, Math.ceil(Math.hypot(b[0] - a[0], b[1] - a[1]) / BETWEEN));
      return Array.from(
        { length: count },
        (_, k): Vec => [a[0] + ((b[0] - a[0]) * k) / count, a[1] + ((b[1] - a[1]) * k) / count],
      );
    }),
  );

/** Places along the edges of ink on a line. */
export const inkPlaces = (pen: Pen, { cut, x, y }: PlacedInk): Vec[] =>
  alongEdges(inkOf(pen, cut)).map(([px, py]): Vec => [px + x, py + y]);

/** Steps and reach of the search for a clear place, as shares of a unit. */
const STEP = 0.15;
const ASIDE = 1.8;
const OUT = 3;
const IN = 0.6;
/** Cost of a step sideways relative to one outward, and the additional cost of a step toward the letter. */
const ASIDE_COST = 1.1;
const INWARD_COST = 0.2;

/**
 * Candidate places for something whose preferred place is the origin, outward being up, cheapest first. The farthest comes last, as a
 * fallback.
 */
export function placesAround(unit: NibWidths): Vec[] {
  const steps = (from: number, until: number) =>
    Array.from({ length: Math.round((until - from) / STEP) + 1 }, (_, i) => from + i * STEP);
  const cost = ([dx, dy]: Vec) => ASIDE_COST * Math.abs(dx) + Math.abs(dy) + (dy < 0 ? INWARD_COST : 0);
  return steps(-ASIDE, ASIDE)
    .flatMap((dx) => steps(-IN, OUT).map((dy): Vec => [dx, dy]))
    .sort((a, b) => cost(a) - cost(b))
    .map(([dx, dy]): Vec => [dx * unit, dy * unit]);
}

export const farthestOut = (unit: NibWidths): Vec => [0, OUT * unit];
