'use client';

import type { Nib } from '@/core/kit/nib';
import { plain } from '@/core/measure/units';
import { capital } from '@/core/measure/words';
import { withBlock, withBlockNib } from '@/core/piece/edit';
import type { Piece } from '@/core/piece/piece';
import { handOf } from '@/core/setting/handOf';
import { DrawingView } from '../paper/DrawingView';
import { Pick } from './fields';
import type { Found } from './usePieceWorker';

/** Which nib? Every one of the drawer that can write the block, the largest that fits first. */
export function NibPanel({
  piece,
  edit,
  drawer,
  block,
  onBlock,
  found,
}: {
  piece: Piece;
  edit: (change: (piece: Piece) => Piece) => void;
  drawer: readonly Nib[];
  block: string;
  onBlock: (id: string) => void;
  found: Found;
}) {
  const asked = piece.blocks.find(({ id }) => id === block);
  return (
    <div className="space-y-3">
      <Pick
        name="For"
        value={block}
        choices={piece.blocks.map(({ id, role, text }) => [id, `${capital(role)}: ${text.slice(0, 28)}`])}
        onPick={onBlock}
      />
      {asked && (
        <p className="text-sm">
          {handOf(asked.setting).name} keeps its weight; the nib decides how tall it is written. Now{' '}
          {plain(asked.setting.width)} mm.
        </p>
      )}
      {!found.trials ? (
        <p role="status" className="text-sm">
          <span className="loading loading-spinner loading-xs" /> Writing it with every nib of the drawer…
        </p>
      ) : found.trials.length === 0 ? (
        <p className="text-sm">
          Nothing in the drawer has a width for this hand; set the size in the panel of the text.
        </p>
      ) : (
        <ol className="space-y-2">
          {found.trials.map((trial) => {
            const owned = drawer.find(({ id }) => id === trial.nib.id);
            return (
              <li key={trial.nib.id} className="flex gap-3 rounded border border-base-300 p-2">
                <div className="w-28 shrink-0 bg-white">
                  <DrawingView
                    drawing={trial.drawing}
                    label={`With the ${trial.nib.label}`}
                    className="w-full"
                  />
                </div>
                <div className="min-w-0 flex-1">
                  <p className="font-bold text-sm">{trial.nib.label}</p>
                  <p className={`text-sm ${trial.fits ? '' : 'opacity-80'}`}>{trial.why}</p>
                  {owned && (
                    <button
                      type="button"
                      className="btn btn-xs mt-1"
                      onClick={() => edit((p) => withBlock(p, block, (b) => withBlockNib(b, owned)))}
                    >
                      Take it
                    </button>
                  )}
                </div>
              </li>
            );
          })}
        </ol>
      )}
    </div>
  );
}
