'use client';

import { Pin, PinOff } from 'lucide-react';
import type { ReactNode } from 'react';
import { withNib } from '@/core/document/chosenNib';
import type { Recipe } from '@/core/document/recipe';
import { countsByPen } from '@/core/hand/hand';
import { heightAmount } from '@/core/hand/heightUnit';
import type { Nib } from '@/core/kit/nib';
import { nibsFor } from '@/core/kit/nib';
import { lengthIn } from '@/core/measure/length';
import { plain } from '@/core/measure/units';
import { handOf } from '@/core/setting/handOf';
import { nearestNib } from '@/core/sheet/nearestNib';
import { readings } from '@/core/sheet/readings';
import { remarks } from '@/core/sheet/remarks';
import { pinHere, type Quantity, unpin } from '@/core/sheet/solve';
import { useAbout } from '../frame/AboutMe';
import { useLetterSet } from '../frame/LetterSets';
import { leftOutOf } from './exemplarLetters';

type Edit = (change: (recipe: Recipe) => Recipe) => void;

/** What hangs together, with a pin on what is given: the rest follows. */
export function GivenAndFollowing({ recipe, edit }: { recipe: Recipe; edit: Edit }) {
  const hand = handOf(recipe);
  const byNib = countsByPen(hand);
  const now = readings(recipe);
  const compared = recipe.nibs.length > 0;
  const all: { quantity: Quantity; name: string; value: string }[] = [
    ...(byNib
      ? [
          { quantity: 'width' as const, name: 'Nib', value: `${plain(recipe.width)} mm` },
          {
            quantity: 'body' as const,
            name: 'Weight',
            value: heightAmount(hand, recipe.zones.body),
          },
        ]
      : []),
    {
      quantity: 'bodyMm',
      name: hand.capitalsOnly ? 'Capital height' : 'Body height',
      value: `${plain(now.body)} mm`,
    },
    { quantity: 'lines', name: compared ? 'Lines for each nib' : 'Lines', value: String(now.lines) },
  ];
  const rows = all.filter(({ quantity }) => !compared || quantity === 'body' || quantity === 'lines');
  return (
    <section aria-labelledby="given">
      <h2 id="given" className="margin-heading">
        Size and lines
      </h2>
      <p className="mb-1 text-sm opacity-80">Pin what you have decided; the others are worked out from it.</p>
      <dl>
        {rows.map(({ quantity, name, value }) => {
          const pinned = recipe.given[quantity] !== undefined;
          return (
            <div key={quantity} className="flex items-center gap-2 py-0.5">
              <dt className="flex items-center gap-2">
                <button
                  type="button"
                  className={`btn btn-ghost btn-xs px-1 ${pinned ? 'text-accent' : 'opacity-70'}`}
                  aria-pressed={pinned}
                  aria-label={pinned ? `Unpin ${name.toLowerCase()}` : `Pin ${name.toLowerCase()}`}
                  title={pinned ? 'Pinned. Click to let it be worked out.' : 'Worked out. Click to pin it.'}
                  onClick={() => edit((r) => (pinned ? unpin(r, quantity) : pinHere(r, quantity)))}
                >
                  {pinned ? <Pin size={15} aria-hidden /> : <PinOff size={15} aria-hidden />}
                </button>
                {name}
              </dt>
              <dd className="ml-auto tabular-nums" data-testid={`given-${quantity}`}>
                {pinned ? <strong>{value}</strong> : value}
              </dd>
            </div>
          );
        })}
      </dl>
    </section>
  );
}

/** The drawer's nearest nib to a width that was worked out, and what it would make of the body. */
export function NearestInDrawer({
  recipe,
  edit,
  drawer,
}: {
  recipe: Recipe;
  edit: Edit;
  drawer: readonly Nib[];
}) {
  const hand = handOf(recipe);
  if ((hand.basis !== 'nib' && hand.basis !== 'dots') || recipe.nibs.length > 0) return null;
  const nearest = nearestNib(recipe, nibsFor(hand.tool, drawer));
  if (!nearest || Math.abs(nearest.nib.width - recipe.width) < 0.005) return null;
  const { nib, body, lines } = nearest;
  return (
    <p className="remark text-sm" data-testid="nearest-nib">
      Nearest in your drawer: the {nib.label}. It makes the body {plain(body)} mm
      {lines > 0 ? ` and fits ${lines} ${lines === 1 ? 'line' : 'lines'}` : ', but not one line fits'}.{' '}
      {lines > 0 && (
        <button type="button" className="btn btn-xs" onClick={() => edit((r) => withNib(r, nib))}>
          Take it
        </button>
      )}
    </p>
  );
}

/** Numbers that follow from the recipe. */
export function Readings({ recipe }: { recipe: Recipe }) {
  const now = readings(recipe);
  const { about } = useAbout();
  return (
    <section aria-labelledby="readings">
      <h2 id="readings" className="margin-heading">
        On the sheet
      </h2>
      <dl className="grid grid-cols-[1fr_auto] gap-x-3 text-sm">
        <Reading name="Baseline to baseline">
          {now.pitches.map((pitch) => lengthIn(pitch, about.units)).join(', ')}
        </Reading>
        {now.totalLines !== now.lines && <Reading name="Lines on the page">{now.totalLines}</Reading>}
        {now.stem !== null && <Reading name="Stem">{plain(now.stem)} mm</Reading>}
        {now.bar !== null && <Reading name="Bar">{plain(now.bar)} mm</Reading>}
        {now.thinnest !== null && <Reading name="Thinnest strokes lie at">{plain(now.thinnest)}°</Reading>}
        <Reading name="Left free under the last line">{lengthIn(now.reserve, about.units)}</Reading>
      </dl>
    </section>
  );
}

const Reading = ({ name, children }: { name: string; children: ReactNode }) => (
  <>
    <dt>{name}</dt>
    <dd className="text-right tabular-nums">{children}</dd>
  </>
);

/** What a teacher would say about this sheet. */
export function Remarks({ recipe }: { recipe: Recipe }) {
  const { letters } = useLetterSet(recipe.hand).set;
  const missing = leftOutOf(recipe, letters);
  const found = [
    ...remarks(recipe),
    ...(missing
      ? [
          {
            tone: 'caution' as const,
            text: `No room on this sheet for “${missing}” of the text: take a smaller nib, a larger sheet, or fewer words.`,
          },
        ]
      : []),
  ];
  if (found.length === 0) return null;
  return (
    <section aria-labelledby="remarks" className="space-y-2">
      <h2 id="remarks" className="margin-heading">
        Remarks
      </h2>
      {found.map(({ tone, text }) => (
        <p key={text} className={`remark text-sm ${tone === 'note' ? '' : `remark-${tone}`}`}>
          {text}
        </p>
      ))}
    </section>
  );
}
