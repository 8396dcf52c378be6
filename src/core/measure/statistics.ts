/** The middle value; NaN of none. */
export function median(values: readonly number[]): number {
  if (values.length === 0) return Number.NaN;
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  return sorted.length % 2 === 1
    ? (sorted[half] as number)
    : ((sorted[half - 1] as number) + (sorted[half] as number)) / 2;
}

/** Median distance from the median to a standard deviation, of a normal distribution. */
const TO_DEVIATION = 1.4826;

/** Robust standard deviation: scaled median absolute deviation, insensitive to single outliers. */
export function spread(values: readonly number[]): number {
  if (values.length < 2) return 0;
  const middle = median(values);
  return TO_DEVIATION * median(values.map((value) => Math.abs(value - middle)));
}

/** A median's standard error is a quarter more than a mean's. */
const OF_MEDIAN = 1.25;

/** Standard error of the median of `count` values with standard deviation `deviation`. */
export const medianError = (deviation: number, count: number): number =>
  count === 0 ? Number.POSITIVE_INFINITY : (OF_MEDIAN * deviation) / Math.sqrt(count);

/** Standard error of the median. */
export const errorOf = (values: readonly number[]): number => medianError(spread(values), values.length);
