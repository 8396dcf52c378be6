import { Prints } from '@/core/document/prints';
import type { Drawing } from '@/core/drawing/drawing';
import { onLarge } from '@/core/page/imposition';
import { copyId } from '@/core/page/pageCode';
import { leftOut } from '@/core/sheet/draw/exemplar';
import { layoutSheet } from '@/core/sheet/layout';
import { ruleSheet } from '@/core/sheet/rule';
import { wordAlone } from '@/core/sheet/wordAlone';
import type { SheetJob } from './job';

/** A ruled sheet on its paper; `leftOut` names the words of its exemplar that find no room on it. */
export interface SheetOnPaper {
  readonly drawing: Drawing;
  readonly leftOut: string;
  /** Its copies that have a code to be kept under. */
  readonly prints: Prints;
}

/** Rules a sheet, or writes its words alone, on the paper that is asked for. @throws Problem where it cannot be ruled. */
export function sheetOnPaper({ recipe, own, alone, on, id }: SheetJob): SheetOnPaper {
  const prints = new Prints();
  if (alone) return { drawing: wordAlone(recipe, own), leftOut: '', prints };
  const rule = (copy: number): Drawing =>
    id === undefined ? ruleSheet(recipe, own) : prints.draw({ ruled: recipe, own }, copyId(id, copy));
  const drawing = on === 'a4' ? onLarge({ count: 1, page: (_, copy) => rule(copy) }).page(0) : rule(0);
  return { drawing, leftOut: leftOut(recipe, layoutSheet(recipe), own), prints };
}
