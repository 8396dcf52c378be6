'use client';

import type { Recipe } from '@/core/document/recipe';
import { countsByPen, type Hand, inSchool, isPressed } from '@/core/hand/hand';
import { heightUnit } from '@/core/hand/heightUnit';
import { strokeWeights } from '@/core/hand/weights';
import { hasLetters } from '@/core/hands/scripts';
import type { Nib } from '@/core/kit/nib';
import { plain } from '@/core/measure/units';
import { bodyHeight } from '@/core/setting/bodyHeight';
import { Link } from '@/ui/lib/Link';
import type { WrittenSample } from '@/workers/gallery.worker';
import { OneOf } from '../fields/OneOf';
import { HandFigure } from './HandFigure';
import { Sample } from './Sample';

const WRITTEN_WITH = {
  broad: 'Broad edge',
  pointed: 'Pointed pen',
  brush: 'Brush',
  monoline: 'Any point',
} as const;

/** Heights and angles of a hand in a line, in the hand's own unit. */
function measuresOf(hand: Hand): string {
  const { zones } = hand;
  const unit = heightUnit(hand);
  const weights = strokeWeights(hand);
  const parts = [
    `${hand.capitalsOnly ? 'capitals' : 'body'} ${plain(zones.body)} ${unit}`,
    ...(hand.capitalsOnly
      ? []
      : [`ascender ${plain(zones.ascender)}`, `descender ${plain(zones.descender)}`]),
    ...(hand.capitals && !hand.capitalsOnly ? [`capitals ${plain(zones.capital)}`] : []),
    ...(hand.penAngle ? [`pen at ${plain(hand.penAngle.usual)}°`] : []),
    isPressed(hand) ? `slant ${plain(90 - hand.slope.usual)}°` : `slope ${plain(hand.slope.usual)}°`,
    ...(weights ? [`stem ${plain(weights.stem)} of the nib`] : []),
  ];
  return parts.join(' · ');
}

/** How wide and how tall a line is on a card at most, in CSS pixels. */
const WIDTH = 480;
const HEIGHT = 96;

/** The largest scale at which a line fits its card. */
const fitting = ({ width, above, below }: WrittenSample): number =>
  Math.min(WIDTH / width, HEIGHT / (above + below));

/** One hand: how it writes, what it asks, what is there for it, and the way on. */
export function HandCard({
  base,
  recipe,
  nib,
  sample,
  compared,
  full,
  onSchool,
  onCompare,
}: {
  base: Hand;
  recipe: Recipe;
  nib: Nib | undefined;
  sample: WrittenSample | undefined;
  compared: boolean;
  full: boolean;
  onSchool: (school: string) => void;
  onCompare: (on: boolean) => void;
}) {
  const hand = inSchool(base, recipe.school);
  const { portrait } = hand;
  const drawn = hasLetters(base.id);
  const remark = base.schools.find(({ id }) => id === recipe.school)?.remark;
  const address = `hand=${base.id}&school=${recipe.school}${nib ? `&nib=${encodeURIComponent(nib.id)}` : ''}`;
  const with_ = nib
    ? `with your ${nib.label}`
    : hand.tool === 'monoline'
      ? 'with any pen'
      : `with ${countsByPen(hand) ? `a ${plain(hand.width)} mm nib` : 'a pen for it'}, which is not in your drawer`;
  return (
    <li id={base.id} className="flex min-w-0 flex-col rounded border border-base-300 bg-base-100 p-4">
      <div className="flex flex-wrap items-baseline gap-2">
        <h2 className="font-bold text-xl">{hand.name}</h2>
        <span className="text-sm opacity-80">{WRITTEN_WITH[hand.tool]}</span>
        {drawn && (
          <label className="ml-auto flex cursor-pointer items-center gap-1 text-sm">
            <input
              type="checkbox"
              className="checkbox checkbox-xs"
              checked={compared}
              disabled={!compared && full}
              onChange={(event) => onCompare(event.target.checked)}
            />
            Compare
          </label>
        )}
      </div>
      <div className="my-1 flex min-h-24 items-center gap-3">
        {drawn ? (
          sample ? (
            <Sample sample={sample} scale={fitting(sample)} label={`Your words in ${hand.name}`} />
          ) : (
            <span className="text-sm opacity-80">Writing…</span>
          )
        ) : (
          <>
            <HandFigure hand={hand} />
            <p className="remark text-sm">
              Its letters are not drawn here yet. It can be ruled, and its strokes can be drilled.
            </p>
          </>
        )}
      </div>
      {sample && sample.missing.length > 0 && (
        <p className="remark remark-warning text-sm">It has no letter for {sample.missing.join(' ')}.</p>
      )}
      <p className="text-sm">
        Written {with_}: {plain(bodyHeight(recipe))} mm {hand.capitalsOnly ? 'capitals' : 'body'}. Some{' '}
        {portrait.hours.low} to {portrait.hours.high} hours to learn its basic strokes.
      </p>
      <p className="mt-1 font-serif">{portrait.history}</p>
      <details className="mt-1 text-sm">
        <summary className="cursor-pointer">Measures, and what is there for {hand.name}</summary>
        <p className="mt-1">{measuresOf(hand)}</p>
        <ul className="mt-1 list-disc pl-5">
          {hand.remarks.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
        <p className="mt-1">
          Available for it: {drawn ? 'letters stroke by stroke, words, a course, ' : ''}ruling, kit, drills.
        </p>
        {remark && <p className="mt-1 opacity-80">{remark}</p>}
      </details>
      <div className="mt-auto flex flex-wrap items-center gap-2 pt-3">
        {base.schools.length > 1 ? (
          <OneOf
            className="select select-sm w-auto"
            label={`School of ${base.name}`}
            choices={base.schools.map(({ id }) => id)}
            nameOf={(id) => base.schools.find((school) => school.id === id)?.name ?? id}
            value={recipe.school}
            onChoose={onSchool}
          />
        ) : null}
        <span className="ml-auto flex flex-wrap justify-end gap-1">
          {drawn && (
            <Link href={`/strokes?${address}`} className="btn btn-ghost btn-sm">
              Strokes
            </Link>
          )}
          <Link href={`/practise?${address}`} className="btn btn-ghost btn-sm">
            Practise
          </Link>
          <Link href={`/rule?${address}`} className="btn btn-primary btn-sm">
            Choose {base.name}
          </Link>
        </span>
      </div>
    </li>
  );
}
