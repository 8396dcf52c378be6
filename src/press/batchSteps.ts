import { Prints } from '@/core/document/prints';
import type { Drawing } from '@/core/drawing/drawing';
import type { Nib } from '@/core/kit/nib';
import { capital, counted } from '@/core/measure/words';
import { imposed, largeFor, placesOn } from '@/core/page/imposition';
import { type LaidRow, layRow } from '@/core/piece/batch';
import { layoutPiece, piecePage } from '@/core/piece/layout';
import type { Own } from '@/core/piece/pen';
import type { Piece } from '@/core/piece/piece';
import { Problem } from '@/core/problem/problem';
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
  /** Rows that cannot be written are left out. */
  readonly leaveOut: boolean;
}

/** Maximum number of rows named in a refusal; the others are counted. */
const MOST_NAMED = 5;

/** The pieces of rows that fit, and the rows that do not, with reasons. Layouts are not cached: a long list would fill the memory. */
function sorted(rows: Iterable<LaidRow>) {
  const fitting: Piece[] = [];
  const refused: { readonly row: number; readonly why: string }[] = [];
  for (const { row, laid, wrong } of rows) {
    if (wrong === undefined) fitting.push(laid.piece);
    else refused.push({ row, why: wrong });
  }
  return { fitting, refused };
}

function* laidRows(
  piece: Piece,
  rows: readonly number[],
  drawer: readonly Nib[],
  own: Own,
): Generator<LaidRow> {
  for (const row of rows) yield layRow(piece, row, drawer, own);
}

function rowsRefused(
  { rows }: Piece,
  refused: readonly { readonly row: number; readonly why: string }[],
): Problem {
  const named = refused.slice(0, MOST_NAMED).map(({ row, why }) => {
    const [first = ''] = Object.values(rows[row]?.values ?? {});
    return `row ${row + 1} (${first}): ${why}`;
  });
  const more = refused.length - named.length;
  const others = more > 0 ? ` And ${more} more.` : '';
  return new Problem(
    'rows',
    refused.length === 0
      ? 'No row is left to write.'
      : `${capital(counted(refused.length, 'row'))} cannot be written, so nothing was made. ${capital(named.join(' '))}${others}`,
  );
}

/**
 * Rows of a piece as a PDF, several on a sheet where they are small, a step a page. All of them are laid out before the
 * first is drawn: what cannot be written is refused, or left out where that is asked for.
 * @throws Problem naming the rows that cannot be written.
 */
export function* batchSteps(
  piece: Piece,
  open: readonly number[],
  { paper, drawer, own, pdf, id, leaveOut }: BatchOptions,
): Generator<Step, void> {
  const { fitting, refused } = sorted(laidRows(piece, open, drawer, own));
  if (fitting.length === 0 || (refused.length > 0 && !leaveOut)) throw rowsRefused(piece, refused);
  const size = piecePage(piece);
  const large = paper.on === 'a4' ? largeFor(size) : undefined;
  const onPage = large ? placesOn(large, size).length : 1;
  const of = Math.max(1, Math.ceil(fitting.length / onPage));
  const prints = new Prints();
  const drawn = (one: Piece, at: number): Drawing =>
    pieceOnPaper(layoutPiece(one, own), paper, { prints, own, page: at + 1, of: fitting.length, id });
  function* pages() {
    for (let page = 0; page < of; page++) {
      const drawings = fitting
        .slice(page * onPage, (page + 1) * onPage)
        .map((one, i) => drawn(one, page * onPage + i));
      yield large
        ? imposed(large, drawings, piece.title)
        : (drawings[0] ?? { ...size, title: piece.title, nodes: [] });
    }
  }
  for (const { pages: done, bytes } of renderPdfPages(piece.title || 'Pieces', pages(), pdf)) {
    yield { stage: 'drawing', done, of, bytes, kept: prints.take() };
  }
}
