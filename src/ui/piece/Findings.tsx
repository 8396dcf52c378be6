'use client';

import { counted } from '@/core/measure/words';
import type { Finding } from '@/core/piece/laid';
import type { Laid } from '@/core/piece/layout';
import type { Piece } from '@/core/piece/piece';
import { hierarchy } from '@/core/piece/weight';
import { Link } from '@/ui/lib/Link';
import type { Found } from './usePieceWorker';

/** Whether it can be written as it is; what stands in the way, and what would help. */
export function Findings({
  laid,
  more,
  found,
  edit,
}: {
  laid: Laid;
  /** What ink and paper add. */
  more: readonly Finding[];
  found: Found;
  edit: (change: (piece: Piece) => Piece) => void;
}) {
  const all: readonly Finding[] = [...laid.findings, ...more, ...hierarchy(laid.lines)];
  const ruled = laid.lines.filter(({ number }) => number >= 0).length;
  return (
    <div role="status" className="space-y-1" data-testid="findings">
      {laid.fits ? (
        <p className="text-sm">
          {ruled === 0
            ? 'Nothing is written yet.'
            : `It fits: ${counted(ruled, 'line')}, ${Math.round(100 * laid.fill)} % of the height.`}
        </p>
      ) : null}
      {all.map(({ tone, text, about, block }) => {
        const hand = laid.piece.blocks.find(({ id }) => id === block)?.setting.hand;
        return (
          <p key={text} className={`remark text-sm ${tone === 'wrong' ? 'remark-warning' : ''}`}>
            {text}{' '}
            {about === 'letters' && hand && (
              <Link href={`/strokes?hand=${hand}`} className="link">
                Draw it in Strokes
              </Link>
            )}
          </p>
        );
      })}
      {!laid.fits && found.remedies && found.remedies.length > 0 && (
        <div className="flex flex-wrap items-center gap-1">
          <span className="text-sm">It fits with:</span>
          {found.remedies.map(({ label, piece }) => (
            <button key={label} type="button" className="btn btn-xs" onClick={() => edit(() => piece)}>
              {label}
            </button>
          ))}
        </div>
      )}
    </div>
  );
}
