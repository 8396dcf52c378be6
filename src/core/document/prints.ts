import type { Drawing } from '../drawing/drawing';
import { pageBoxes } from '../page/boxes';
import { codeModules } from '../page/codeModules';
import { type PageCode, pageHash } from '../page/pageCode';
import { drawPiece } from '../piece/drawPiece';
import type { Laid } from '../piece/layout';
import type { Own } from '../piece/pen';
import { type Composed, drawPage } from '../practice/compose';
import { handOf } from '../setting/handOf';
import type { OwnLetter } from '../setting/letterSet';
import { ruleSheet } from '../sheet/rule';
import type { Sheet } from '../sheet/sheet';
import type { Cut } from '../type/cut';
import { codeOf, composedAgain, drawKept, isPiece, type KeptPage, keptFrom, keptSheet } from './keptPage';
import { keptPiece, laidAgain } from './keptPiece';

/** A page to be printed: drawn already, one of what was composed, a ruled sheet, or a guide of a piece that has room for marks. */
export type Printable =
  | Drawing
  | { readonly composed: Composed; readonly index: number }
  | { readonly ruled: Sheet; readonly own: readonly OwnLetter[] }
  | { readonly laid: Laid; readonly own: Own; readonly page: number; readonly of: number };

/** A page that was printed with a code, to be kept under it. */
export interface KeptPrint {
  readonly code: PageCode;
  readonly page: KeptPage;
  /** `lettersOn` it, as it was drawn. */
  readonly letters: string;
  /** What it is called among printed pages. */
  readonly title: string;
}

/** Tells one state of letters from another: by the paths of their strokes, whatever engine or set made them. */
function stateOf(cuts: Iterable<Cut>): string {
  const places = [...new Set(cuts)].flatMap(({ strokes }) =>
    strokes.map(({ path, turns, presses }) => [path, turns, presses]),
  );
  return pageHash(
    JSON.stringify(places, (_, value) => (typeof value === 'number' ? Math.round(value * 1000) : value)),
  );
}

/** The state of the letters due on a page. */
export const lettersOn = ({ pages }: Composed, index: number): string =>
  stateOf(
    (pages[index]?.laid ?? []).flatMap(({ rows }) =>
      rows.flatMap(({ due }) => due?.figure.shapes.map(({ cut }) => cut) ?? []),
    ),
  );

/** The state of the letters a kept page would be drawn with now. */
export function lettersNow(page: KeptPage): string {
  if (isPiece(page)) return lettersOfPiece(laidAgain(page));
  const composed = composedAgain(page);
  return composed ? lettersOn(composed, page.index) : '';
}

const lettersOfPiece = ({ lines }: Pick<Laid, 'lines'>): string =>
  stateOf(
    lines.flatMap(({ set }) => set.placed.flatMap((item) => (item.kind === 'missing' ? [] : [item.cut]))),
  );

/** Texts of a page that its name has room for. */
const NAMED = 6;

/** The page's title, or its hand and what is due on it. */
function titleOf({ recipe, pages }: Composed, index: number): string {
  if (recipe.title) return recipe.title;
  const due = (pages[index]?.laid ?? []).flatMap(({ rows }) =>
    rows.flatMap(({ due: one }) => one?.figure.text ?? []),
  );
  const texts = [...new Set(due)].slice(0, NAMED);
  return [handOf(recipe).name, ...(texts.length > 0 ? [texts.join(', ')] : [])].join(': ').slice(0, 120);
}

/**
 * Draws pages for paper: those with marks get the code of their print, and are noted to be kept. Without an id nothing is
 * kept, and a frame stands where the code would be.
 */
export class Prints {
  private noted: KeptPrint[] = [];

  draw(printable: Printable, id?: string): Drawing {
    if ('laid' in printable) return this.guide(printable, id);
    if ('ruled' in printable) return this.sheet(printable, id);
    if (!('composed' in printable)) return printable;
    const { composed, index } = printable;
    if (id === undefined || !composed.boxes.marked) return drawPage(composed, index);
    const page = keptFrom(composed, index);
    const code = codeOf(id, page);
    this.noted.push({ code, page, letters: lettersOn(composed, index), title: titleOf(composed, index) });
    return drawPage(composed, index, codeModules(code));
  }

  private sheet({ ruled, own }: Extract<Printable, { ruled: Sheet }>, id?: string): Drawing {
    if (id === undefined || !pageBoxes(ruled).marked) return ruleSheet(ruled, own);
    const page = keptSheet(ruled, [...own]);
    const code = codeOf(id, page);
    const drawing = drawKept(page, code);
    this.noted.push({ code, page, letters: '', title: drawing.title });
    return drawing;
  }

  private guide({ laid, own, ...number }: Extract<Printable, { laid: Laid }>, id?: string): Drawing {
    if (id === undefined) return drawPiece(laid, 'guide', {});
    const page = keptPiece(laid, own, number);
    const code = codeOf(id, page);
    const title = `Guide: ${laid.piece.title || 'a piece'}`;
    this.noted.push({ code, page, letters: lettersOfPiece(laid), title });
    return drawPiece(laid, 'guide', { code: codeModules(code) });
  }

  /** Returns and clears the pages noted since the last call. */
  take(): readonly KeptPrint[] {
    const { noted } = this;
    this.noted = [];
    return noted;
  }
}
