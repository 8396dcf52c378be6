import { z } from 'zod';
import { correctionFor, FILE_TYPES, file, fileStem, readDpi, readFormat } from '@/app/_lib/files';
import { answer, clientOf, DOCUMENT_BODY, parse, readJson } from '@/app/_lib/http';
import { ownLettersOf } from '@/app/_lib/ownLettersFor';
import { filePages, reportedPages } from '@/app/_lib/pages';
import { keeping, newPrintId } from '@/app/_lib/prints';
import { ON_SHEETS } from '@/core/page/imposition';
import { fieldsOf } from '@/core/piece/batch';
import { PRINTS } from '@/core/piece/drawPiece';
import { parsePiece } from '@/core/piece/piece';
import type { BatchJob, PieceJob } from '@/press/job';
import { print } from '@/press/press';
import { listNibs } from '@/store/nibs';

export const dynamic = 'force-dynamic';

const querySchema = z.object({
  print: z.enum(PRINTS, { error: () => `must be one of ${PRINTS.join(', ')}` }).default('model'),
  mirrored: z.enum(['0', '1']).default('0'),
  /** On A4 with cut marks, or on paper of the piece's own size. */
  on: z.enum(ON_SHEETS, { error: () => 'must be own or a4' }).default('own'),
  /** A guide with the marks that a photograph of it is read by. */
  marks: z.enum(['0', '1']).default('0'),
  rows: z.enum(['one', 'open', 'fitting'], { error: () => 'must be one, open or fitting' }).default('one'),
  row: z.coerce.number().int().min(0).default(0),
});

/**
 * A piece as a file: `POST /api/piece?format=pdf|svg|png|json`, body a piece. `print` is what is printed (model, guide,
 * under-sheet, template), `marks=1` gives a guide review marks where it has room for them, `mirrored=1` turns it over, `on=a4` puts as many as there is room for on A4, with cut marks. A piece with a list
 * is written for row `row`; `rows=open` answers a PDF of all rows still to be written, and refuses where one of them cannot be; `rows=fitting` leaves such rows out; `progress=1` with its progress
 * as `/api/course`. `dpi` and `printer` as for `/api/render`.
 */
export const POST = (request: Request) =>
  answer(request, async () => {
    const query = new URL(request.url).searchParams;
    const asked = parse(querySchema, Object.fromEntries(query));
    const piece = parsePiece(await readJson(request, DOCUMENT_BODY));
    const own = await ownLettersOf(piece);
    const paper = {
      print: asked.print,
      mirrored: asked.mirrored === '1',
      on: asked.on,
      marked: asked.marks === '1',
    };
    const name = fileStem(piece.title || 'piece');
    const started = async (job: PieceJob | BatchJob) => {
      const { steps } = await print(
        paper.marked ? { ...job, id: newPrintId() } : job,
        clientOf(request),
        request.signal,
      );
      return keeping(steps);
    };
    if (asked.rows !== 'one' && fieldsOf(piece).length > 0) {
      const pdf = { correction: await correctionFor(query.get('printer')), created: new Date() };
      const drawer = await listNibs();
      const steps = await started({
        kind: 'batch',
        piece,
        own,
        drawer,
        paper,
        pdf,
        leaveOut: asked.rows === 'fitting',
      });
      return query.get('progress') === '1'
        ? new Response(reportedPages(steps), {
            headers: { 'Content-Type': 'application/x-ndjson', 'Cache-Control': 'no-store' },
          })
        : file(filePages(steps), FILE_TYPES.pdf, `${name}-all.pdf`);
    }
    const format = readFormat(query);
    const dpi = readDpi(query.get('dpi'));
    const correction = format === 'pdf' ? await correctionFor(query.get('printer')) : undefined;
    const as = { format, dpi, pdf: { correction, created: new Date() } };
    const steps = await started({ kind: 'piece', piece, row: asked.row, own, paper, as });
    return file(filePages(steps), FILE_TYPES[format], `${name}-${asked.print}.${format}`);
  });
