import type { Drawing } from '../drawing/drawing';
import { codeModules } from '../page/codeModules';
import { type PageCode, pageHash } from '../page/pageCode';
import { type Composed, drawPage } from '../practice/compose';
import { handOf } from '../setting/handOf';
import { codeOf, type KeptPage, keptFrom } from './keptPage';

/** A page to be printed: drawn already, or one of what was composed. */
export type Printable = Drawing | { readonly composed: Composed; readonly index: number };

/** A page that was printed with a code, to be kept under it. */
export interface KeptPrint {
  readonly code: PageCode;
  readonly page: KeptPage;
  /** `lettersOn` it, as it was drawn. */
  readonly letters: string;
  /** What it is called among printed pages. */
  readonly title: string;
}

/** Tells one state of the letters on a page from another: by the paths of their strokes, whatever engine or set made them. */
export function lettersOn({ pages }: Composed, index: number): string {
  const cuts = new Set(
    (pages[index]?.laid ?? []).flatMap(({ rows }) =>
      rows.flatMap(({ due }) => due?.figure.shapes.map(({ cut }) => cut) ?? []),
    ),
  );
  const places = [...cuts].flatMap(({ strokes }) =>
    strokes.map(({ path, turns, presses }) => [path, turns, presses]),
  );
  return pageHash(
    JSON.stringify(places, (_, value) => (typeof value === 'number' ? Math.round(value * 1000) : value)),
  );
}

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
    if (!('composed' in printable)) return printable;
    const { composed, index } = printable;
    if (id === undefined || !composed.boxes.marked) return drawPage(composed, index);
    const page = keptFrom(composed, index);
    const code = codeOf(id, page);
    this.noted.push({ code, page, letters: lettersOn(composed, index), title: titleOf(composed, index) });
    return drawPage(composed, index, codeModules(code));
  }

  /** What was drawn to be kept since it was last asked. */
  take(): readonly KeptPrint[] {
    const { noted } = this;
    this.noted = [];
    return noted;
  }
}
