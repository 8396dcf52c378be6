import { Prints } from '@/core/document/prints';
import type { Drawing } from '@/core/drawing/drawing';
import type { Nib } from '@/core/kit/nib';
import { imposed, largeFor, placesOn } from '@/core/page/imposition';
import { layRow } from '@/core/piece/batch';
import { piecePage } from '@/core/piece/layout';
import type { Own } from '@/core/piece/pen';
import type { Piece } from '@/core/piece/piece';
import { type PdfOptions, renderPdfPages } from '@/render/pdf';
import type { OnPaper } from './job';
import { pieceOnPaper } from './pieceOnPaper';
import type { Step } from './step';

export interface BatchOptions {
  readonly paper: OnPaper;
  readonly drawer: readonly Nib[];
  readonly own: Own;
  readonly pdf: PdfOptions;
  readonly id?: string;
}

/** Rows of a piece as a PDF, several on a sheet where they are small, a step a page; each is laid out when its turn comes. */
export function* batchSteps(
  piece: Piece,
  rows: readonly number[],
  { paper, drawer, own, pdf, id }: BatchOptions,
): Generator<Step, void> {
  const size = piecePage(piece);
  const large = paper.on === 'a4' ? largeFor(size) : undefined;
  const onPage = large ? placesOn(large, size).length : 1;
  const of = Math.max(1, Math.ceil(rows.length / onPage));
  const prints = new Prints();
  const drawn = (row: number, at: number): Drawing =>
    pieceOnPaper(layRow(piece, row, drawer, own).laid, paper, {
      prints,
      own,
      page: at + 1,
      of: rows.length,
      id,
    });
  function* pages() {
    for (let page = 0; page < of; page++) {
      const drawings = rows
        .slice(page * onPage, (page + 1) * onPage)
        .map((row, i) => drawn(row, page * onPage + i));
      yield large
        ? imposed(large, drawings, piece.title)
        : (drawings[0] ?? { ...size, title: piece.title, nodes: [] });
    }
  }
  for (const { pages: done, bytes } of renderPdfPages(piece.title || 'Pieces', pages(), pdf)) {
    yield { stage: 'drawing', done, of, bytes, kept: prints.take() };
  }
}
