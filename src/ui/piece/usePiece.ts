'use client';

import { handById } from '@/core/hands/registry';
import { isLoaded, loadScript } from '@/core/hands/scripts';
import { pieceFrame } from '@/core/piece/layout';
import type { Piece } from '@/core/piece/piece';
import { sheetLink } from '../sheet/sheetLink';
import { type OpenedWork, type OpenWork, useWork, type WorkKind } from '../sheet/useWork';

const handsOf = ({ blocks }: Piece) => [...new Set(blocks.map(({ setting }) => setting.hand))];

const PIECE: WorkKind<Piece> = {
  letters: {
    here: (piece) => handsOf(piece).every(isLoaded),
    fetch: async (piece) => {
      await Promise.all(handsOf(piece).map(loadScript));
    },
    named: (piece) =>
      handsOf(piece)
        .filter((hand) => !isLoaded(hand))
        .map((hand) => handById(hand).name)
        .join(' and '),
  },
  check: pieceFrame,
  // A piece with its text and list is too long for the address; it is read from the shelf.
  address: (id, _, station) => sheetLink(id, station),
  reader: async () => {
    const { parsePiece } = await import('@/core/piece/piece');
    return { parse: parsePiece, fromAddress: () => undefined };
  },
};

/** The piece being edited. */
export const usePiece = (opened: OpenedWork<Piece>): OpenWork<Piece> => useWork(opened, PIECE);
