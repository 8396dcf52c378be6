'use client';

import { changeHand } from '@/core/document/edit';
import { HANDS, handById, OPENING_HAND } from '@/core/hands/registry';
import { hasLetters } from '@/core/hands/scripts';
import type { Nib } from '@/core/kit/nib';
import { SheetShell } from '../sheet/SheetShell';
import { type Opened, useSheet } from '../sheet/useSheet';
import { Desk } from './Desk';

/** Strokes: letters as strokes under a pen. */
export function StrokesStation({ opened, drawer }: { opened: Opened; drawer: readonly Nib[] }) {
  const sheet = useSheet(opened);
  const { recipe, edit } = sheet;
  return (
    <SheetShell title="Strokes" sheet={sheet} drawer={drawer}>
      {hasLetters(recipe.hand) ? (
        <Desk key={recipe.hand} recipe={recipe} edit={edit} />
      ) : (
        <div className="m-auto max-w-md p-6 text-center">
          <p className="mb-3 text-lg">
            The letters of {handById(recipe.hand).name} are not drawn yet; its sheets can be ruled. Drawn so
            far:{' '}
            {HANDS.filter(({ id }) => hasLetters(id))
              .map((hand) => hand.name)
              .join(', ')}
            .
          </p>
          <button
            type="button"
            className="btn btn-primary"
            onClick={() => edit((r) => changeHand(r, OPENING_HAND))}
          >
            Study {handById(OPENING_HAND).name}
          </button>
        </div>
      )}
    </SheetShell>
  );
}
