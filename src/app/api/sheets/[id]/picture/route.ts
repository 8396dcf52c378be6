import { answer, clientOf, idSchema, parse, Refusal } from '@/app/_lib/http';
import { ownLettersOf } from '@/app/_lib/ownLettersFor';
import { filePages } from '@/app/_lib/pages';
import { storedDocument } from '@/app/_lib/storedDocument';
import { type Document, isPiece } from '@/core/document/document';
import { lookUp } from '@/core/measure/lookUp';
import type { Own } from '@/core/piece/pen';
import { letterMark } from '@/core/setting/letterMark';
import type { Job } from '@/press/job';
import { print } from '@/press/press';
import { findSheet } from '@/store/sheets';

type Context = { params: Promise<{ id: string }> };

/** Identifies this start of the server: after an update it may draw differently. */
const STARTED = Date.now().toString(36);

const AS = { format: 'svg', dpi: 0, pdf: {}, small: true } as const;

/** A piece, what is practised on a sheet, or its ruling. */
function pictureOf(document: Document, own: Own): Job {
  if (isPiece(document)) {
    const paper = { print: 'model', mirrored: false, on: 'own', marked: false } as const;
    return { kind: 'piece', piece: document, row: 0, own, paper, as: AS };
  }
  const sheet = { recipe: document, own: lookUp(own, document.hand) ?? [], on: 'own', as: AS } as const;
  const practised = document.practice.bands.length > 0;
  return practised ? { kind: 'practice', page: 1, ...sheet } : { kind: 'sheet', alone: false, ...sheet };
}

/**
 * The first page of a document on the shelf, as SVG. Its ETag changes with the document, with the scribe's own letters and with a new
 * start of the server; otherwise the browser's copy is confirmed (304) and nothing is drawn.
 */
export const GET = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const sheet = await findSheet(parse(idSchema, (await params).id));
    if (!sheet) throw new Refusal(404, 'There is no such sheet on the shelf.');
    const document = storedDocument(sheet);
    const own = await ownLettersOf(document);
    const marks = Object.entries(own).map(([hand, letters]) => `${hand}${letterMark(letters ?? [])}`);
    const headers = {
      ETag: `"${[STARTED, sheet.updatedAt, sheet.revision, ...marks].join('.')}"`,
      'Cache-Control': 'private, no-cache',
    };
    if (request.headers.get('if-none-match') === headers.ETag) {
      return new Response(null, { status: 304, headers });
    }
    const { steps } = await print(pictureOf(document, own), clientOf(request), request.signal);
    return new Response(filePages(steps), { headers: { ...headers, 'Content-Type': 'image/svg+xml' } });
  });
