'use client';

import type { ReactNode } from 'react';
import { differences } from '@/core/document/differences';
import type { Recipe } from '@/core/document/recipe';
import type { Nib } from '@/core/kit/nib';
import type { Offer } from '@/core/problem/problem';
import { headline } from '@/core/sheet/headline';
import { Onward } from '../stations/Onward';
import type { StationKeys } from './keys';
import { Sentence } from './Sentence';
import type { Sheet } from './useSheet';
import { WorkShell } from './WorkShell';

/** The document schemas are loaded only when a document must be parsed again. */
const takeUp = async (attempted: Recipe, offer: Offer): Promise<Recipe> =>
  (await import('@/core/document/offer')).takenUp(attempted, offer);

/** The shell of a station on a sheet: its sentence says what is ruled. */
export function SheetShell({
  title,
  sheet,
  drawer,
  keys,
  step,
  children,
}: {
  /** Name of the station. */
  title: string;
  sheet: Sheet;
  drawer: readonly Nib[];
  keys?: readonly StationKeys[];
  /** The step of the day's work, where a station holds several. */
  step?: string;
  children: ReactNode;
}) {
  return (
    <WorkShell
      title={title}
      work={sheet}
      line={headline(sheet.recipe)}
      sentence={<Sentence recipe={sheet.recipe} edit={sheet.edit} drawer={drawer} />}
      differences={differences}
      takeUp={takeUp}
      keys={keys}
      foot={<Onward at={step} />}
    >
      {children}
    </WorkShell>
  );
}
