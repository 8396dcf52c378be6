import type { PathCommand } from '@/core/drawing/drawing';

/** Digits kept of a millimetre: a tenth of a micrometre, far under any printer. */
const PLACES = 4;

export const number = (value: number): string => {
  const text = value.toFixed(PLACES);
  return text.replace(/\.?0+$/, '').replace(/^-0$/, '0');
};

/** A path's commands as SVG path data, each length multiplied by `scale`. PDF libraries read the same notation. */
export const pathData = (commands: readonly PathCommand[], scale = 1): string =>
  commands
    .map(
      ([letter, ...numbers]) => letter + numbers.map((value) => number((value as number) * scale)).join(' '),
    )
    .join('');
