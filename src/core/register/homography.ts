export type Point = readonly [number, number];

/** A map of the plane that keeps lines straight: nine numbers, the last of them 1. */
export type Homography = readonly number[];

/**
 * The homography that takes four points to four others: eight linear equations.
 * @returns undefined where three of the points lie on a line.
 */
export function homographyOf(from: readonly Point[], to: readonly Point[]): Homography | undefined {
  const rows: number[][] = [];
  for (let i = 0; i < 4; i++) {
    const [x, y] = from[i] as Point;
    const [u, v] = to[i] as Point;
    rows.push([x, y, 1, 0, 0, 0, -u * x, -u * y, u], [0, 0, 0, x, y, 1, -v * x, -v * y, v]);
  }
  const solved = solve(rows);
  return solved && [...solved, 1];
}

/** Minimum pivot; below it the equations are linearly dependent. */
const NOTHING = 1e-10;

/** Gaussian elimination with pivots, on rows that end in the right-hand side. */
export function solve(rows: number[][]): number[] | undefined {
  const count = rows.length;
  for (let column = 0; column < count; column++) {
    let best = column;
    for (let row = column + 1; row < count; row++) {
      if (Math.abs(rows[row]?.[column] as number) > Math.abs(rows[best]?.[column] as number)) best = row;
    }
    [rows[column], rows[best]] = [rows[best] as number[], rows[column] as number[]];
    const pivot = rows[column] as number[];
    const head = pivot[column] as number;
    if (Math.abs(head) < NOTHING) return undefined;
    for (let row = 0; row < count; row++) {
      if (row === column) continue;
      const other = rows[row] as number[];
      const times = (other[column] as number) / head;
      if (times === 0) continue;
      for (let i = column; i <= count; i++) other[i] = (other[i] as number) - times * (pivot[i] as number);
    }
  }
  return rows.map((row, i) => (row[count] as number) / (row[i] as number));
}

export function mapped(h: Homography, [x, y]: Point): Point {
  const [a, b, c, d, e, f, g, k] = h as [number, number, number, number, number, number, number, number];
  const w = g * x + k * y + 1;
  return [(a * x + b * y + c) / w, (d * x + e * y + f) / w];
}
