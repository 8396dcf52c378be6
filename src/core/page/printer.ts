import { type Mm, plain } from '../measure/units';
import { Problem } from '../problem/problem';

/** Factors that compensate for a printer that shrinks or stretches: output is scaled so that lengths on paper are true. */
export interface PrinterCorrection {
  readonly x: number;
  readonly y: number;
}

export const NO_CORRECTION: PrinterCorrection = { x: 1, y: 1 };

/** Length of the check bars a printer is measured by. */
export const CHECK_BAR: Mm = 100;
/** Maximum error of a working printer; a larger reading is a slip of the ruler or "fit to page" left on. */
export const LARGEST_PRINTER_ERROR = 0.05;

/**
 * Corrections from the measured lengths of the 100 mm check bars: a bar that came out at m mm needs 100 / m.
 * @throws Problem naming the field when a length is not a number or more than 5 % off.
 */
export function printerCorrection(measuredX: Mm, measuredY: Mm): PrinterCorrection {
  return { x: factor('across', measuredX), y: factor('down', measuredY) };
}

function factor(which: 'across' | 'down', measured: Mm): number {
  const low = CHECK_BAR * (1 - LARGEST_PRINTER_ERROR);
  const high = CHECK_BAR * (1 + LARGEST_PRINTER_ERROR);
  if (!Number.isFinite(measured) || measured < low || measured > high) {
    throw new Problem(
      which === 'across' ? 'measuredX' : 'measuredY',
      `The bar ${which} reads ${Number.isFinite(measured) ? `${plain(measured)} mm` : 'as no number'}, but a printer is never more than 5 % off: measure again (${low} to ${high} mm), and print at 100 %, not “fit to page”.`,
    );
  }
  return CHECK_BAR / measured;
}
