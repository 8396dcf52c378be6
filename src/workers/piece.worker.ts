import type { Drawing } from '@/core/drawing/drawing';
import { loadScript } from '@/core/hands/scripts';
import type { Nib } from '@/core/kit/nib';
import { layRow } from '@/core/piece/batch';
import { drawPiece } from '@/core/piece/drawPiece';
import { layoutPiece } from '@/core/piece/layout';
import { type NibTrial, nibTrials, whyNib } from '@/core/piece/nibChoice';
import type { Own } from '@/core/piece/pen';
import type { Piece } from '@/core/piece/piece';
import { type Remedy, remedies } from '@/core/piece/remedies';

/** What is worked out about a piece off the page's own thread. */
export type PieceQuestion = {
  readonly number: number;
  readonly piece: Piece;
  readonly own: Own;
  readonly drawer: readonly Nib[];
} & (
  | { readonly ask: 'nibs'; readonly block: string }
  | { readonly ask: 'remedies' }
  | { readonly ask: 'rows' }
);

/** One nib weighed, as it is shown. */
export interface ShownTrial extends Pick<NibTrial, 'nib'> {
  readonly fits: boolean;
  readonly why: string;
  readonly drawing: Drawing;
}

/** What became of a row of the list. */
export interface ShownRow {
  readonly row: number;
  readonly remedy?: string;
  readonly wrong?: string;
}

export type PieceAnswer = { readonly number: number } & (
  | { readonly ask: 'nibs'; readonly trials: readonly ShownTrial[] }
  | { readonly ask: 'remedies'; readonly remedies: readonly Remedy[] }
  | { readonly ask: 'rows'; readonly rows: readonly ShownRow[]; readonly done: boolean }
  | { readonly ask: 'failed'; readonly why: string }
);

const answer = (message: PieceAnswer) => self.postMessage(message);

/** Rows told about at once while a list is gone through. */
const AT_ONCE = 20;

self.onmessage = async ({ data }: MessageEvent<PieceQuestion>) => {
  const { number, piece, own, drawer } = data;
  try {
    await Promise.all([...new Set(piece.blocks.map(({ setting }) => setting.hand))].map(loadScript));
    switch (data.ask) {
      case 'nibs': {
        const trials = nibTrials(piece, data.block, drawer, own).map(
          (trial, i): ShownTrial => ({
            nib: trial.nib,
            fits: trial.laid.fits,
            why: whyNib(trial, i === 0),
            drawing: drawPiece(trial.laid),
          }),
        );
        return answer({ number, ask: 'nibs', trials });
      }
      case 'remedies':
        return answer({
          number,
          ask: 'remedies',
          remedies: [...remedies(layoutPiece(piece, own), drawer, own)],
        });
      case 'rows':
        for (let from = 0; from < piece.rows.length; from += AT_ONCE) {
          const rows = piece.rows
            .slice(from, from + AT_ONCE)
            .map((_, i) => layRow(piece, from + i, drawer, own))
            .map(
              ({ row, remedy, wrong }): ShownRow => ({
                row,
                ...(remedy && { remedy }),
                ...(wrong && { wrong }),
              }),
            );
          answer({ number, ask: 'rows', rows, done: from + AT_ONCE >= piece.rows.length });
        }
        return;
    }
  } catch (error) {
    answer({ number, ask: 'failed', why: error instanceof Error ? error.message : String(error) });
  }
};
