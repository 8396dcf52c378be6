import { z } from 'zod';
import { correctionFor, file, fileStem, readDpi, readFormat } from '@/app/_lib/files';
import { answer, DOCUMENT_BODY, parse, readJson } from '@/app/_lib/http';
import { ownForPiece } from '@/app/_lib/ownLettersFor';
import { filePages, reportedPages } from '@/app/_lib/pages';
import { batchSteps } from '@/app/_lib/pieceBatch';
import { drawPng } from '@/app/_lib/renderPool';
import type { Drawing } from '@/core/drawing/drawing';
import { mirrored } from '@/core/drawing/move';
import { imposed, placesOn, standsOn } from '@/core/page/imposition';
import { fieldsOf, openRows, shownPiece } from '@/core/piece/batch';
import { drawPiece, PRINTS } from '@/core/piece/drawPiece';
import { layoutPiece } from '@/core/piece/layout';
import { parsePiece } from '@/core/piece/piece';
import { renderPdf } from '@/render/pdf';
import { renderSvg } from '@/render/svg';
import { listNibs } from '@/store/nibs';

export const dynamic = 'force-dynamic';

const querySchema = z.object({
  print: z.enum(PRINTS, { error: () => `must be one of ${PRINTS.join(', ')}` }).default('model'),
  mirrored: z.enum(['0', '1']).default('0'),
  /** On A4 with cut marks, or on paper of the piece's own size. */
  on: z.enum(['own', 'a4'], { error: () => 'must be own or a4' }).default('own'),
  rows: z.enum(['one', 'open'], { error: () => 'must be one or open' }).default('one'),
  row: z.coerce.number().int().min(0).default(0),
});

const A4 = { width: 210, height: 297 };

/**
 * A piece as a file: `POST /api/piece?format=pdf|svg|png|json`, body a piece. `print` is what is printed (model, guide,
 * under-sheet, template), `mirrored=1` turns it over, `on=a4` puts as many as there is room for on A4, with cut marks. A piece with a list
 * is written for row `row`; `rows=open` answers a PDF of all rows still to be written, `progress=1` with its progress
 * as `/api/course`. `dpi` and `printer` as for `/api/render`.
 */
export const POST = (request: Request) =>
  answer(request, async () => {
    const query = new URL(request.url).searchParams;
    const asked = parse(querySchema, Object.fromEntries(query));
    const piece = parsePiece(await readJson(request, DOCUMENT_BODY));
    const own = await ownForPiece(piece);
    const purpose = (drawing: Drawing) => (asked.mirrored === '1' ? mirrored(drawing) : drawing);
    const name = fileStem(piece.title || 'piece');
    if (asked.rows === 'open' && fieldsOf(piece).length > 0) {
      const steps = batchSteps(piece, openRows(piece), {
        print: asked.print,
        sheet: asked.on === 'a4' ? A4 : undefined,
        drawer: await listNibs(),
        own,
        purpose,
        pdf: { correction: await correctionFor(query.get('printer')), created: new Date() },
      });
      return query.get('progress') === '1'
        ? new Response(reportedPages(steps), {
            headers: { 'Content-Type': 'application/x-ndjson', 'Cache-Control': 'no-store' },
          })
        : file(filePages(steps), 'application/pdf', `${name}-all.pdf`);
    }
    const format = readFormat(query);
    const dpi = readDpi(query.get('dpi'));
    const alone = purpose(drawPiece(layoutPiece(shownPiece(piece, asked.row), own), asked.print));
    const drawing =
      asked.on === 'a4' && standsOn(A4, alone)
        ? imposed(
            A4,
            placesOn(A4, alone).map(() => alone),
            alone.title,
          )
        : alone;
    const stem = `${name}-${asked.print}`;
    switch (format) {
      case 'json':
        return Response.json(drawing);
      case 'svg':
        return file(renderSvg(drawing), 'image/svg+xml', `${stem}.svg`);
      case 'png':
        return file(await drawPng(drawing, dpi, request.signal), 'image/png', `${stem}.png`);
      case 'pdf': {
        const correction = await correctionFor(query.get('printer'));
        return file(
          await renderPdf(drawing, { correction, created: new Date() }),
          'application/pdf',
          `${stem}.pdf`,
        );
      }
    }
  });
