/**
 * Units of the core. Lengths on paper are millimetres; heights of a hand are nib widths; angles are degrees.
 * The aliases document every signature: a reader (and a reviewer) sees which unit a number carries.
 */
export type Mm = number;
/** Multiples of the nib's edge length W. */
export type NibWidths = number;
/**
 * Multiples of the sheet's module: the nib width, the ratio unit, the millimetre or the rhombic dot,
 * depending on the basis the sheet is ruled in.
 */
export type Modules = number;
/** Degrees. Pen angles and directions count anticlockwise from the writing line; slope counts off the vertical. */
export type Degrees = number;

export const MM_PER_INCH = 25.4;
export const POINTS_PER_INCH = 72;

/** Millimetres to typographic (PDF) points: 72 to the inch. */
export const mmToPoints = (length: Mm): number => (length * POINTS_PER_INCH) / MM_PER_INCH;

export const toRadians = (angle: Degrees): number => (angle * Math.PI) / 180;
export const toDegrees = (radians: number): Degrees => (radians * 180) / Math.PI;

export const sinDeg = (angle: Degrees): number => Math.sin(toRadians(angle));
export const cosDeg = (angle: Degrees): number => Math.cos(toRadians(angle));
export const tanDeg = (angle: Degrees): number => Math.tan(toRadians(angle));

export const clamp = (value: number, low: number, high: number): number =>
  Math.min(high, Math.max(low, value));

/** Rounds to a multiple of `step`, free of binary dust (0.1 + 0.2 → 0.3). */
export const roundTo = (value: number, step: number): number => tidy(Math.round(value / step) * step);

/** Rounds down to a multiple of `step`; a value within 1e-6 of the next multiple counts as reaching it. */
export const floorTo = (value: number, step: number): number => tidy(Math.floor(value / step + 1e-6) * step);

const tidy = (value: number): number => Number(value.toFixed(9));

/** Shortest plain decimal with at most `places` digits: 2.40 → "2.4", −0 → "0". */
export function plain(value: number, places = 2): string {
  const text = value.toFixed(places);
  const trimmed = text.includes('.') ? text.replace(/\.?0+$/, '') : text;
  return trimmed === '-0' ? '0' : trimmed;
}

/** The same to be read: with a minus where it is less than nothing, not a hyphen. */
export const signed = (value: number, places = 2): string => plain(value, places).replace('-', '−');
