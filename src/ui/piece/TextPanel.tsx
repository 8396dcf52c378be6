'use client';

import { Plus } from 'lucide-react';
import type { Nib } from '@/core/kit/nib';
import { capital } from '@/core/measure/words';
import { withBlock, withBlockMoved, withNewBlock, withoutBlock } from '@/core/piece/edit';
import type { Piece } from '@/core/piece/piece';
import { PIECE_LIMITS, ROLES } from '@/core/piece/pieceFormat';
import { handOf } from '@/core/setting/handOf';
import { BlockForm } from './BlockForm';

/** The blocks of the piece, one of them open. */
export function TextPanel({
  piece,
  edit,
  drawer,
  open,
  onOpen,
}: {
  piece: Piece;
  edit: (change: (piece: Piece) => Piece) => void;
  drawer: readonly Nib[];
  open: string | null;
  onOpen: (id: string | null) => void;
}) {
  return (
    <div className="space-y-3">
      <ol className="space-y-2">
        {piece.blocks.map((block, i) => (
          <li key={block.id}>
            <button
              type="button"
              className="flex w-full items-baseline gap-2 rounded px-1 py-1 text-left hover:bg-base-200"
              aria-expanded={open === block.id}
              onClick={() => onOpen(open === block.id ? null : block.id)}
            >
              <span className="font-bold">{capital(block.role)}</span>
              <span className="min-w-0 flex-1 truncate text-sm">{block.text || 'no text yet'}</span>
              <span className="text-sm opacity-80">{handOf(block.setting).name}</span>
            </button>
            {open === block.id && (
              <BlockForm
                block={block}
                drawer={drawer}
                first={i === 0}
                last={i === piece.blocks.length - 1}
                onChange={(change) => edit((p) => withBlock(p, block.id, change))}
                onMove={(by) => edit((p) => withBlockMoved(p, block.id, by))}
                onRemove={() => edit((p) => withoutBlock(p, block.id))}
              />
            )}
          </li>
        ))}
      </ol>
      <fieldset>
        <legend className="margin-heading mb-1">Add a block</legend>
        <div className="flex flex-wrap gap-1">
          {ROLES.map((role) => (
            <button
              key={role}
              type="button"
              className="btn btn-xs"
              disabled={piece.blocks.length >= PIECE_LIMITS.blocks}
              onClick={() => {
                edit((p) => withNewBlock(p, role).piece);
                onOpen(withNewBlock(piece, role).id);
              }}
            >
              <Plus size={12} aria-hidden /> {capital(role)}
            </button>
          ))}
        </div>
      </fieldset>
    </div>
  );
}
