import type { PathCommand } from '@/core/drawing/drawing';

/** Parts of a millimetre that are kept: a tenth of a micrometre, far under any printer. */
const PARTS = 10_000;

/** Rounded to a ten-thousandth, which a number as text never writes with an exponent. */
export const number = (value: number): string => String(Math.round(value * PARTS) / PARTS || 0);

/** A path's commands as SVG path data, each length multiplied by `scale`. PDF libraries read the same notation. */
export const pathData = (commands: readonly PathCommand[], scale = 1): string =>
  commands
    .map(
      ([letter, ...numbers]) => letter + numbers.map((value) => number((value as number) * scale)).join(' '),
    )
    .join('');
