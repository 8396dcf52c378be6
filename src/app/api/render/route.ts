import { z } from 'zod';
import { answer, parse, RECIPE_BODY, Refusal, readJson } from '@/app/_lib/http';
import { LIMITS, notANumber, outOfRange } from '@/core/sheet/limits';
import { practicePrinter } from '@/core/sheet/practicePrinter';
import { type PrinterCorrection, printerCorrection } from '@/core/sheet/printer';
import { Problem } from '@/core/sheet/problem';
import { parseRecipe } from '@/core/sheet/recipe';
import { ruleSheet } from '@/core/sheet/rule';
import { renderPdf } from '@/render/pdf';
import { renderPng } from '@/render/png';
import { renderSvg } from '@/render/svg';
import { findLetterSet } from '@/store/letterSets';
import { selectedPrinter } from '@/store/printers';

export const dynamic = 'force-dynamic';

const FORMATS = ['pdf', 'svg', 'png', 'json'] as const;
const DEFAULT_DPI = 150;

/**
 * Renders any recipe: `POST /api/render?format=pdf|svg|png|json`, body a recipe.
 * `dpi` sets the resolution of a PNG. For a PDF, `printer=none` leaves out the selected printer's correction and
 * `printer=practice` answers what the simulated printer would put on paper.
 */
export const POST = (request: Request) =>
  answer(request, async () => {
    const query = new URL(request.url).searchParams;
    const format = parse(
      z.enum(FORMATS, { error: () => `must be one of ${FORMATS.join(', ')}` }),
      query.get('format'),
    );
    const dpi = readDpi(query.get('dpi'));
    const recipe = parseRecipe(await readJson(request, RECIPE_BODY));
    const own = recipe.exemplar ? ((await findLetterSet(recipe.hand))?.letters ?? []) : [];
    const drawing = ruleSheet(recipe, own);
    const fileName = fileStem(drawing.title);
    switch (format) {
      case 'json':
        return Response.json(drawing);
      case 'svg':
        return file(renderSvg(drawing), 'image/svg+xml', `${fileName}.svg`);
      case 'png':
        return file(renderPng(drawing, dpi), 'image/png', `${fileName}.png`);
      case 'pdf': {
        const correction = await correctionFor(query.get('printer'));
        return file(
          await renderPdf(drawing, { correction, created: new Date() }),
          'application/pdf',
          `${fileName}.pdf`,
        );
      }
    }
  });

function readDpi(text: string | null): number {
  if (text === null) return DEFAULT_DPI;
  const value = Number(text);
  if (text.trim() === '' || !Number.isFinite(value)) throw new Problem('dpi', notANumber(LIMITS.dpi));
  if (value < LIMITS.dpi.low || value > LIMITS.dpi.high)
    throw new Problem('dpi', outOfRange(LIMITS.dpi, value));
  return value;
}

async function correctionFor(which: string | null): Promise<PrinterCorrection | undefined> {
  if (which === 'none') return undefined;
  const printer = await selectedPrinter();
  const correction = printer && printerCorrection(printer.measuredX, printer.measuredY);
  if (which === null) return correction;
  if (which === 'practice') return practicePrinter(correction);
  throw new Refusal(400, 'The “printer” parameter must be none or practice.');
}

const file = (content: string | Buffer, type: string, name: string): Response =>
  new Response(typeof content === 'string' ? content : new Uint8Array(content), {
    headers: {
      'Content-Type': type,
      'Content-Disposition': `attachment; filename="${name}"`,
      'Cache-Control': 'no-store',
    },
  });

/** A title as a plain file name. */
const fileStem = (title: string): string =>
  title
    .normalize('NFKD')
    .replace(/[^\w -]/g, '')
    .trim()
    .replace(/\s+/g, '-')
    .toLowerCase() || 'sheet';
