import { createHash } from 'node:crypto';

/** Digits after the point that count: far under anything a pen could show, over the noise of another order of adding. */
const DIGITS = 5;

const rounded = (_: string, value: unknown): unknown =>
  typeof value === 'number' ? Number(value.toFixed(DIGITS)) + 0 : value;

/** Eight hexadecimal digits that stand for any plain data; numbers count to 5 digits after the point. */
export const digest = (data: unknown): string =>
  createHash('sha256').update(JSON.stringify(data, rounded)).digest('hex').slice(0, 8);

/** A number as people read it, to `digits` after the point; never minus nought. */
export const short = (value: number, digits = 2): string => String(Number(value.toFixed(digits)) + 0);
