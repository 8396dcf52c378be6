import type { Prints } from '@/core/document/prints';
import type { Drawing } from '@/core/drawing/drawing';
import { mirrored } from '@/core/drawing/move';
import { drawPiece } from '@/core/piece/drawPiece';
import type { Laid } from '@/core/piece/layout';
import type { Own } from '@/core/piece/pen';
import { noRoomForMarks } from '@/core/piece/roomForMarks';
import type { OnPaper } from './job';

/** Where a marked guide is kept: among which prints, with whose letters, as which page of how many, and under what. */
export interface GuidePrint {
  readonly prints: Prints;
  readonly own: Own;
  readonly page: number;
  readonly of: number;
  readonly id?: string;
}

/** A laid piece as it is asked for on paper: a guide with review marks, where they are wanted and have room. */
export function pieceOnPaper(laid: Laid, paper: OnPaper, { prints, id, ...guide }: GuidePrint): Drawing {
  if (paper.marked && paper.print === 'guide' && !paper.mirrored && noRoomForMarks(laid) === undefined)
    return prints.draw({ laid, ...guide }, id);
  const drawing = drawPiece(laid, paper.print);
  return paper.mirrored ? mirrored(drawing) : drawing;
}
