import { type Degrees, toDegrees, toRadians } from '../measure/units';

/** A point or a vector. The unit is the caller's: nib widths in letters, mm on the page. */
export type Vec = readonly [number, number];

export const add = (a: Vec, b: Vec): Vec => [a[0] + b[0], a[1] + b[1]];
export const subtract = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1]];
export const scale = (a: Vec, factor: number): Vec => [a[0] * factor, a[1] * factor];
export const mix = (a: Vec, b: Vec, t: number): Vec => [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t];
export const distance = (a: Vec, b: Vec): number => Math.hypot(b[0] - a[0], b[1] - a[1]);
export const cross = (a: Vec, b: Vec): number => a[0] * b[1] - a[1] * b[0];

/** The unit vector in this direction, anticlockwise from the x axis. */
export const heading = (direction: Degrees): Vec => [
  Math.cos(toRadians(direction)),
  Math.sin(toRadians(direction)),
];

/** Direction of a vector in −180 … 180°. */
export const directionOf = (a: Vec): Degrees => toDegrees(Math.atan2(a[1], a[0]));
