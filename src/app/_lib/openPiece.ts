import 'server-only';
import { z } from 'zod';
import { isHand, OPENING_HAND } from '@/core/hands/registry';
import { hasLetters } from '@/core/hands/scripts';
import { cardSetting, freshBlock, freshPiece } from '@/core/piece/freshPiece';
import { pieceFrame } from '@/core/piece/layout';
import { type Piece, parsePiece } from '@/core/piece/piece';
import { findSheet, latestSheets, type StoredSheet, UNSAVED } from '@/store/sheets';
import type { OpenedWork } from '@/ui/sheet/useWork';
import { findDesk, whoWrites } from './desk';
import { idSchema } from './http';
import type { Search } from './openSheet';

/**
 * The piece the station opens: the one of the address, the latest on the shelf, or a fresh card. `fresh` is the id of the
 * new piece: every beginning has an address of its own, so that none is answered with the piece of the one before.
 */
export async function openPiece(searchParams: Search): Promise<OpenedWork<Piece>> {
  const { sheet: asked, fresh, hand } = await searchParams;
  const begun = z.uuid().safeParse(fresh).data;
  const id = idSchema.safeParse(asked).data ?? begun;
  const stored = id ? await findSheet(id) : undefined;
  const found = stored && readable(stored);
  if (stored && found) return opened(stored, found);
  const notice =
    asked !== undefined
      ? 'The piece of this link is not on the shelf: it was deleted, or the link is broken. This is another one.'
      : undefined;
  if (fresh === undefined) {
    for await (const other of latestSheets()) {
      const piece = readable(other);
      if (piece) return { ...opened(other, piece), notice };
    }
  }
  return {
    id: begun ?? crypto.randomUUID(),
    name: 'A new piece',
    recipe: await freshOnDesk(hand),
    revision: UNSAVED,
    inAddress: false,
    notice,
  };
}

/** A fresh card in the hand asked for, else in the desk's, for the scribe's writing hand. */
async function freshOnDesk(asked: unknown): Promise<Piece> {
  const [desk, about] = await Promise.all([findDesk(), whoWrites()]);
  const hand = typeof asked === 'string' && isHand(asked) ? asked : desk.hand;
  const written = hasLetters(hand) ? hand : OPENING_HAND;
  const blocks = [{ ...freshBlock('1', 'body', '', cardSetting(written)), align: 'centre' as const }];
  return { ...freshPiece(undefined, blocks), side: about.side };
}

const opened = ({ id, name, revision }: StoredSheet, recipe: Piece): OpenedWork<Piece> => ({
  id,
  name,
  recipe,
  revision,
  inAddress: false,
});

function readable({ recipe }: StoredSheet): Piece | undefined {
  try {
    const piece = parsePiece(JSON.parse(recipe));
    pieceFrame(piece);
    return piece;
  } catch {
    return undefined;
  }
}
