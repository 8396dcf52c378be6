import type { HandId } from '../hands/registry';
import { contrastOf, type Nib } from '../kit/nib';
import { DIP_NIB_EDGE } from '../pen/edge';
import { handSetting } from '../setting/handSetting';
import { carriedOver } from '../type/touch';
import { freshBlock } from './freshPiece';
import type { Block, Piece } from './piece';
import type { Role } from './pieceFormat';

/** The piece with one of its blocks changed. */
export const withBlock = (piece: Piece, id: string, change: (block: Block) => Block): Piece => ({
  ...piece,
  blocks: piece.blocks.map((block) => (block.id === id ? change(block) : block)),
});

/** Another text: what was changed by hand stays with the letters that stay. */
export const withText = (block: Block, text: string): Block => ({
  ...block,
  text,
  touches: carriedOver(block.touches, block.text, text),
  nudges: carriedOver(block.nudges, block.text, text),
});

/** A block in another hand: its heights and pen are that hand's; a nib of the same kind is kept by its width. */
export function withHand(block: Block, hand: HandId, school?: string): Block {
  const setting = handSetting(hand, school);
  const same = hand === block.setting.hand;
  return {
    ...block,
    setting: {
      ...setting,
      given: {},
      ...(same && { width: block.setting.width, nib: block.setting.nib, edge: block.setting.edge }),
    },
    // Shapes chosen by hand are those of the hand they were chosen in.
    touches: same ? block.touches : [],
  };
}

/** A block written with a nib of the drawer, or with any width; its weight stays, so its heights follow. */
export const withBlockNib = (
  block: Block,
  nib: Pick<Nib, 'width'> & Partial<Pick<Nib, 'id' | 'edge' | 'hairline'>>,
): Block => ({
  ...block,
  setting: {
    ...block.setting,
    width: nib.width,
    nib: nib.id ?? '',
    edge: nib.edge ?? DIP_NIB_EDGE,
    writing: {
      ...block.setting.writing,
      contrast: contrastOf(nib) ?? block.setting.writing.contrast,
    },
  },
});

/** A new block under the others, in the hand and pen of the last. */
export function withNewBlock(piece: Piece, role: Role): { piece: Piece; id: string } {
  const last = piece.blocks.at(-1) as Block;
  let number = piece.blocks.length + 1;
  while (piece.blocks.some(({ id }) => id === String(number))) number += 1;
  const id = String(number);
  return { piece: { ...piece, blocks: [...piece.blocks, freshBlock(id, role, '', last.setting)] }, id };
}

/** The piece without a block; the last block cannot be removed. */
export const withoutBlock = (piece: Piece, id: string): Piece =>
  piece.blocks.length === 1 ? piece : { ...piece, blocks: piece.blocks.filter((block) => block.id !== id) };

/** A block moved up or down among the others. */
export function withBlockMoved(piece: Piece, id: string, by: 1 | -1): Piece {
  const from = piece.blocks.findIndex((block) => block.id === id);
  const to = from + by;
  if (from < 0 || to < 0 || to >= piece.blocks.length) return piece;
  const blocks = [...piece.blocks];
  const [moved] = blocks.splice(from, 1);
  blocks.splice(to, 0, moved as Block);
  return { ...piece, blocks };
}
