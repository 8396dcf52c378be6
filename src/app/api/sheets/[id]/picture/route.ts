import { answer, idSchema, parse, Refusal } from '@/app/_lib/http';
import { ownForPiece, ownLettersFor } from '@/app/_lib/ownLettersFor';
import { type Document, isPiece, parseDocument } from '@/core/document/document';
import type { Drawing } from '@/core/drawing/drawing';
import { loadScript } from '@/core/hands/scripts';
import { shownPiece } from '@/core/piece/batch';
import { drawPiece } from '@/core/piece/drawPiece';
import { layoutPiece } from '@/core/piece/layout';
import { compose, drawPage } from '@/core/practice/compose';
import { ruleSheet } from '@/core/sheet/rule';
import { renderSvg } from '@/render/svg';
import { findSheet } from '@/store/sheets';

type Context = { params: Promise<{ id: string }> };

async function pictureOf(document: Document): Promise<Drawing> {
  if (isPiece(document)) return drawPiece(layoutPiece(shownPiece(document), await ownForPiece(document)));
  await loadScript(document.hand);
  const own = await ownLettersFor(document.hand);
  const practised = document.practice.bands.length > 0;
  return practised ? drawPage(compose(document, { own }), 0) : ruleSheet(document, own);
}

/** The first page of a document on the shelf, as SVG: a piece, what is practised on a sheet, or its ruling. */
export const GET = (request: Request, { params }: Context) =>
  answer(request, async () => {
    const sheet = await findSheet(parse(idSchema, (await params).id));
    if (!sheet) throw new Refusal(404, 'There is no such sheet on the shelf.');
    const drawing = await pictureOf(parseDocument(JSON.parse(sheet.recipe)));
    return new Response(renderSvg(drawing, { small: true }), {
      headers: { 'Content-Type': 'image/svg+xml', 'Cache-Control': 'private, no-cache' },
    });
  });
