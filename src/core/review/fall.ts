/** Minimum number of feet, and minimum variance of their places (fractions of the row, squared), from which a fall can be told. */
const FEWEST = 5;
const LEAST_APART = 0.1;

/**
 * How far feet fall from the beginning of a row to its end, in the unit of `feet` (heights over the line): the straight line with the least
 * squares through them. `places` are shares of the row. Undefined where they do not tell.
 */
export function fallOf(places: readonly number[], feet: readonly number[]): number | undefined {
  if (places.length < FEWEST) return undefined;
  const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length;
  const [mx, my] = [mean(places), mean(feet)];
  const apart = places.reduce((sum, x) => sum + (x - mx) ** 2, 0);
  if (apart < LEAST_APART) return undefined;
  return -places.reduce((sum, x, i) => sum + (x - mx) * ((feet[i] as number) - my), 0) / apart;
}
