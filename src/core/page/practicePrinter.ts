import { NO_CORRECTION, type PrinterCorrection } from './printer';

/**
 * The practice printer: a simulated device that ships with Elvane, so that the printer profile can be learnt and
 * tested without one. Like many desktop printers left on "fit to page" it shrinks what it is sent, more down the
 * sheet than across it.
 */
export const PRACTICE_PRINTER: PrinterCorrection = { x: 0.982, y: 0.977 };

/** What the practice printer puts on paper when it is sent a page with this correction. */
export const practicePrinter = ({ x, y }: PrinterCorrection = NO_CORRECTION): PrinterCorrection => ({
  x: x * PRACTICE_PRINTER.x,
  y: y * PRACTICE_PRINTER.y,
});
