import 'server-only';
import { z } from 'zod';
import { ON_SHEETS, type OnSheet } from '@/core/page/imposition';
import { practicePrinter } from '@/core/page/practicePrinter';
import { type PrinterCorrection, printerCorrection } from '@/core/page/printer';
import { LIMITS, notANumber, outOfRange } from '@/core/problem/limits';
import { Problem } from '@/core/problem/problem';
import { selectedPrinter } from '@/store/printers';
import { parse, Refusal } from './http';

const DEFAULT_DPI = 150;

const formatSchema = z.enum(['pdf', 'svg', 'png', 'json'], {
  error: () => 'must be one of pdf, svg, png, json',
});

/** The file format a query asks for. @throws Problem when it is none of them. */
export const readFormat = (query: URLSearchParams) => parse(formatSchema, query.get('format'));

/** The resolution a query asks for. @throws Problem when it is no number or out of bounds. */
export function readDpi(text: string | null): number {
  if (text === null) return DEFAULT_DPI;
  const value = Number(text);
  if (text.trim() === '' || !Number.isFinite(value)) throw new Problem('dpi', notANumber(LIMITS.dpi));
  if (value < LIMITS.dpi.low || value > LIMITS.dpi.high)
    throw new Problem('dpi', outOfRange(LIMITS.dpi, value));
  return value;
}

const onSchema = z.enum(ON_SHEETS, { error: () => 'must be own or a4' });

/** The paper a query asks for. @throws Problem when it is none. */
export const readOn = (query: URLSearchParams): OnSheet => parse(onSchema, query.get('on') ?? 'own');

/** Correction of a PDF: the selected printer's, none, or the simulated printer's own error added. */
export async function correctionFor(which: string | null): Promise<PrinterCorrection | undefined> {
  if (which === 'none') return undefined;
  const printer = await selectedPrinter();
  const correction = printer && printerCorrection(printer.measuredX, printer.measuredY);
  if (which === null) return correction;
  if (which === 'practice') return practicePrinter(correction);
  throw new Refusal(400, 'The “printer” parameter must be none or practice.');
}

/** What a file of each format is called where it is sent. */
export const FILE_TYPES = {
  pdf: 'application/pdf',
  svg: 'image/svg+xml',
  png: 'image/png',
  json: 'application/json',
} as const;

/** A file for the browser's downloads. */
export const file = (
  content: string | Buffer | ReadableStream<Uint8Array>,
  type: string,
  name: string,
  more: Readonly<Record<string, string>> = {},
): Response =>
  new Response(Buffer.isBuffer(content) ? new Uint8Array(content) : content, {
    headers: {
      'Content-Type': type,
      'Content-Disposition': `attachment; filename="${name}"`,
      'Cache-Control': 'no-store',
      ...more,
    },
  });

/** A title as a plain file name. */
export const fileStem = (title: string): string =>
  title
    .normalize('NFKD')
    .replace(/[^\w -]/g, '')
    .trim()
    .replace(/\s+/g, '-')
    .toLowerCase() || 'sheet';
