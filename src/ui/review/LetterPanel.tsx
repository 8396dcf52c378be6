'use client';

import { ChevronLeft, ChevronRight, X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { plain } from '@/core/measure/units';
import type { FigureId } from '@/core/review/figures/registry';
import { isOneLetter, type OwnModel } from '@/core/review/ownModel';
import type { Review } from '@/core/review/review';
import { OneOf } from '../fields/OneOf';
import { OwnModelChoice } from './OwnModelChoice';
import { Thickness } from './Thickness';

const WHATS = ['outline', 'ink', 'skeleton', 'nothing'] as const;
const TENTH = 0.1;
/** White round a letter, in mm. */
const AROUND = 4;

const figure = ({ figures }: Review, id: FigureId) => figures.find((one) => one.id === id);

/** One letter large, with its model over it; and all letters of its row, to go through. */
export function LetterPanel({
  id,
  review,
  known,
  models,
  at: [rowIndex, index],
  onMove,
  onClose,
}: {
  id: string;
  review: Review;
  known: boolean;
  models: readonly OwnModel[];
  at: readonly [number, number];
  onMove: (at: readonly [number, number]) => void;
  onClose: () => void;
}) {
  const [what, setWhat] = useState<(typeof WHATS)[number]>('outline');
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    dialog.current?.showModal();
  }, []);
  const row = review.rows[rowIndex];
  const letter = row?.letters[index];
  if (!row || !letter) return null;
  const [x, y, w, h] = letter.box;
  const view = [x * TENTH - AROUND, y * TENTH - AROUND, w * TENTH + 2 * AROUND, h * TENTH + 2 * AROUND];
  const [angle, nib] = [figure(review, 'angle'), figure(review, 'nib')];
  const held =
    letter.angle !== null && typeof angle?.asked === 'number' && typeof nib?.asked === 'number'
      ? {
          model: { nib: nib.asked, angle: angle.asked },
          own: { nib: nib.value, angle: angle.asked + letter.angle },
        }
      : undefined;
  const step = (by: number) => onMove([rowIndex, (index + by + row.letters.length) % row.letters.length]);
  return (
    <dialog
      ref={dialog}
      className="modal"
      onClose={onClose}
      aria-label={`Letter ${index + 1} of the row of ${row.text}`}
    >
      <div className="modal-box max-w-2xl space-y-3">
        <div className="flex flex-wrap items-center gap-3">
          <h2 className="mr-auto text-xl">
            {row.text}, {index + 1} of {row.letters.length}
          </h2>
          <span className="flex gap-1">
            <button type="button" className="btn btn-sm" onClick={() => step(-1)}>
              <ChevronLeft size={16} aria-hidden /> Previous
            </button>
            <button type="button" className="btn btn-sm" onClick={() => step(1)}>
              Next <ChevronRight size={16} aria-hidden />
            </button>
          </span>
          {known && (
            <span className="text-sm">
              Model as
              <OneOf
                label="Model as"
                className="select select-sm ml-2 w-28"
                value={what}
                choices={WHATS}
                onChoose={setWhat}
              />
            </span>
          )}
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            aria-label="Close"
            onClick={() => dialog.current?.close()}
          >
            <X size={18} aria-hidden />
          </button>
        </div>
        <svg viewBox={view.join(' ')} className="h-[400px] w-full bg-white" data-testid="letter">
          <title>The letter as it was written, its model over it</title>
          <image
            href={`/api/pictures/${review.picture}`}
            x={0}
            y={0}
            width={review.width}
            height={review.height}
            preserveAspectRatio="none"
          />
          {known && what !== 'nothing' && (
            <image
              href={`/api/review/${id}/overlay?what=${what}`}
              x={0}
              y={0}
              width={review.width}
              height={review.height}
              opacity={what === 'ink' ? 0.5 : 0.95}
              style={{ mixBlendMode: 'multiply' }}
            />
          )}
          <line
            x1={row.from * TENTH}
            x2={row.to * TENTH}
            y1={row.baseline * TENTH}
            y2={row.baseline * TENTH}
            stroke="#2f6f66"
            strokeWidth={0.1}
          />
        </svg>
        {known && isOneLetter(row.text) && (
          <OwnModelChoice
            letter={{
              hand: review.hand,
              text: row.text,
              picture: review.picture,
              width: review.width,
              height: review.height,
              box: letter.box,
            }}
            own={models.find(({ text }) => text === row.text)}
          />
        )}
        {held && <Thickness {...held} />}
        <p className="text-sm">
          {letter.angle !== null &&
            `Pen angle ${plain(Math.abs(letter.angle), 1)}° ${letter.angle < 0 ? 'flatter' : 'steeper'} than the model’s. `}
          {letter.slope !== null &&
            `Stems lean ${plain(Math.abs(letter.slope), 1)}° ${letter.slope < 0 ? 'less' : 'more'}. `}
          A single letter is not judged: a row of them shows a habit.
        </p>
      </div>
    </dialog>
  );
}
