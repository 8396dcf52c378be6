'use client';

import type { Piece } from '@/core/piece/piece';
import { BORDERS, MOTIFS } from '@/core/piece/pieceFormat';
import { LIMITS } from '@/core/problem/limits';
import { NumberField } from '../fields/NumberField';
import { ColourField, Pick } from './fields';

/** Borders and scattered motifs, measured. */
export function DecorPanel({
  piece,
  edit,
}: {
  piece: Piece;
  edit: (change: (piece: Piece) => Piece) => void;
}) {
  const { border, scatter } = piece;
  const setBorder = (next: Partial<Piece['border']>) =>
    edit((p) => ({ ...p, border: { ...p.border, ...next } }));
  const setScatter = (next: Partial<Piece['scatter']>) =>
    edit((p) => ({ ...p, scatter: { ...p.scatter, ...next } }));
  return (
    <div className="space-y-4">
      <fieldset className="space-y-2">
        <legend className="margin-heading">Border</legend>
        <Pick
          name="Kind"
          value={border.kind}
          choices={BORDERS.map((kind) => [kind, kind])}
          onPick={(kind) => setBorder({ kind })}
        />
        {border.kind !== 'none' && (
          <>
            <NumberField
              limit={LIMITS.inset}
              value={border.inset}
              onCommit={(inset) => setBorder({ inset })}
            />
            {border.kind === 'ticks' && (
              <NumberField
                limit={LIMITS.tickSpacing}
                label="Distance of the ticks"
                value={border.spacing}
                onCommit={(spacing) => setBorder({ spacing })}
              />
            )}
            {(border.kind === 'ticks' || border.kind === 'corners') && (
              <NumberField
                limit={LIMITS.tickLength}
                label={border.kind === 'ticks' ? 'Length of a tick' : 'Length of a corner'}
                value={border.length}
                onCommit={(length) => setBorder({ length })}
              />
            )}
            <ColourField name="Border" value={border.colour} onPick={(colour) => setBorder({ colour })} />
          </>
        )}
      </fieldset>
      <fieldset className="space-y-2">
        <legend className="margin-heading">Scattered over the page</legend>
        <Pick
          name="Motif"
          value={scatter.motif}
          choices={MOTIFS.map((motif) => [motif, motif])}
          onPick={(motif) => setScatter({ motif })}
        />
        {scatter.motif !== 'none' && (
          <>
            <NumberField
              limit={LIMITS.motifs}
              label="How many, an odd number"
              value={scatter.count}
              onCommit={(count) => setScatter({ count: Math.floor(count / 2) * 2 + 1 })}
            />
            <NumberField
              limit={LIMITS.motifSize}
              value={scatter.size}
              onCommit={(size) => setScatter({ size })}
            />
            <NumberField
              limit={LIMITS.clear}
              label="Minimum distance from the writing and from each other"
              value={scatter.clear}
              onCommit={(clear) => setScatter({ clear })}
            />
            <ColourField name="Motifs" value={scatter.colour} onPick={(colour) => setScatter({ colour })} />
            <button
              type="button"
              className="btn btn-sm"
              onClick={() => setScatter({ seed: (scatter.seed + 1) % LIMITS.seed.high })}
            >
              Scatter again
            </button>
          </>
        )}
      </fieldset>
    </div>
  );
}
