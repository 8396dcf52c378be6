/** Interval of memory readings, in ms: shorter than the time that unpacking a picture of 7000² takes. */
export const LOOKED_AT = 100;

/**
 * Calls `tooMuch` once the memory of this process has grown by more than `most` bytes since now. Answers how to end the watch.
 * @param memory the memory held now, in bytes.
 */
export function watchGrowth(
  most: number,
  tooMuch: () => void,
  memory: () => number = () => process.memoryUsage.rss(),
): () => void {
  const before = memory();
  const watch = setInterval(() => {
    if (memory() - before <= most) return;
    clearInterval(watch);
    tooMuch();
  }, LOOKED_AT);
  return () => clearInterval(watch);
}
