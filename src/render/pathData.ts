import type { PathCommand } from '@/core/drawing/drawing';

/** Parts of a millimetre that are kept: a tenth of a micrometre, far under any printer. */
const PARTS = 10_000;

/** Rounded to a ten-thousandth, which a number as text never writes with an exponent. */
export const number = (value: number): string => String(Math.round(value * PARTS) / PARTS || 0);

/** Stroke added to ink in small pictures, in CSS pixels, so that hairlines do not vanish between pixels (checked by eye in every hand). */
export const SMALL_INK_EDGE = 0.5;

/** A path's commands as SVG path data, each length multiplied by `scale`. PDF libraries read the same notation. */
export function pathData(commands: readonly PathCommand[], scale = 1): string {
  let data = '';
  for (const command of commands) {
    data += command[0];
    for (let i = 1; i < command.length; i++) {
      data += (i > 1 ? ' ' : '') + number((command[i] as number) * scale);
    }
  }
  return data;
}
