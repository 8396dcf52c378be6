'use client';

import { useState } from 'react';
import type { HandId } from '@/core/hands/registry';
import type { Item } from '@/core/kit/item';
import { type Mm, plain } from '@/core/measure/units';
import { counted } from '@/core/measure/words';
import { factsFrom } from '@/core/review/profileFacts';
import type { NibProfile } from '@/core/review/strip';
import { Link } from '@/ui/lib/Link';
import { useNotice } from '../frame/notices';
import { useGuarded } from '../frame/useGuarded';
import { callUntilKept } from '../lib/patience';

/** What a strip says of the nib that wrote it, to be kept with that nib. */
export function ProfilePanel({
  profile,
  nib,
  hand,
  at,
}: {
  profile: NibProfile;
  nib: Item | undefined;
  hand: HandId;
  at: string;
}) {
  const notice = useNotice();
  const { busy, guarded } = useGuarded();
  const [kept, setKept] = useState(nib?.measuredAt === at);
  const { hairline, full, opening, load } = profile;
  const keep = () =>
    guarded(async () => {
      if (!nib) return;
      const now = factsFrom(profile, nib.kind, at);
      const was = Object.fromEntries(Object.keys(now).map((key) => [key, nib[key as keyof Item]]));
      await callUntilKept('/api/items', { method: 'PATCH', json: [{ id: nib.id, now, was }] });
      setKept(true);
      notice({ tone: 'done', text: `Kept with “${nib.label}”: sheets ruled for it write with these lines.` });
    });
  return (
    <section aria-labelledby="profile" className="rounded border border-base-300 p-4" data-testid="profile">
      <h2 id="profile" className="margin-heading">
        {nib ? `The strip of “${nib.label}”` : 'The strip of this nib'}
      </h2>
      <div className="flex flex-wrap items-start gap-x-10 gap-y-4">
        <table className="table table-sm w-auto">
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col">Measured</th>
              <th scope="col">Known so far</th>
            </tr>
          </thead>
          <tbody>
            {full && <Figure name="Full stroke" figure={full} before={nib?.width ?? null} />}
            {hairline && <Figure name="Finest line" figure={hairline} before={nib?.hairline ?? null} />}
            {full && hairline && (
              <tr>
                <th scope="row" className="font-normal">
                  Thick over thin
                </th>
                <td className="tabular-nums">{plain(full.value / hairline.value, 1)}</td>
                <td />
              </tr>
            )}
            {load && (
              <tr>
                <th scope="row" className="font-normal">
                  One load covers
                </th>
                <td className="tabular-nums">
                  {plain(load.area, 0)} mm²
                  <span className="block text-xs opacity-75">{counted(load.strokes, 'full stroke')}</span>
                </td>
                <td className="tabular-nums">{nib?.load ? `${plain(nib.load, 0)} mm²` : '–'}</td>
              </tr>
            )}
          </tbody>
        </table>
        {opening.length > 1 && <Opening steps={opening} />}
      </div>
      <p className="no-print flex flex-wrap items-center gap-3 pt-3 text-sm">
        {nib ? (
          <>
            <button
              type="button"
              className="btn btn-primary btn-sm"
              disabled={busy || kept}
              onClick={() => void keep()}
            >
              {kept ? 'Kept with the nib' : `Keep with “${nib.label}”`}
            </button>
            {kept && (
              <Link className="link" href={`/strokes?hand=${hand}&nib=${encodeURIComponent(nib.id)}`}>
                See letters written with it
              </Link>
            )}
          </>
        ) : (
          'The tool this strip was printed for is no longer on the bench.'
        )}
      </p>
    </section>
  );
}

function Figure({
  name,
  figure,
  before,
}: {
  name: string;
  figure: NonNullable<NibProfile['full']>;
  before: Mm | null;
}) {
  return (
    <tr>
      <th scope="row" className="font-normal">
        {name}
      </th>
      <td className="whitespace-nowrap tabular-nums">
        {plain(figure.value, 2)} ± {plain(figure.error, 2)} mm
        <span className="block text-xs opacity-75">{counted(figure.count, 'stroke')}</span>
      </td>
      <td className="whitespace-nowrap tabular-nums">{before === null ? '–' : `${plain(before, 2)} mm`}</td>
    </tr>
  );
}

/** The picture of the steps of pressure, in its own units: mm, ten times as wide as they are. */
const ENLARGED = 10;
const STEP_GAP: Mm = 8;
const TALL: Mm = 44;

/** Steps of pressure side by side, ten times enlarged across. */
function Opening({ steps }: { steps: readonly Mm[] }) {
  const wide = (step: Mm) => ENLARGED * step;
  const starts = steps.map((_, i) => steps.slice(0, i).reduce((sum, step) => sum + wide(step) + STEP_GAP, 0));
  const width = (starts.at(-1) ?? 0) + wide(steps.at(-1) ?? 0);
  return (
    <figure className="min-w-0">
      <svg
        viewBox={`0 0 ${width} ${TALL}`}
        className="h-24 max-w-full"
        role="img"
        aria-label={`Steps of pressure: ${steps.map((step) => `${plain(step, 2)} mm`).join(', ')}`}
      >
        {steps.map((step, i) => (
          <rect
            // biome-ignore lint/suspicious/noArrayIndexKey: steps have no other name than their place
            key={i}
            x={starts[i]}
            y="0"
            width={wide(step)}
            height={TALL}
            fill="currentColor"
          />
        ))}
      </svg>
      <figcaption className="pt-1 text-xs opacity-80">
        {steps.length} steps of pressure, ten times as wide: from {plain(Math.min(...steps), 2)} to{' '}
        {plain(Math.max(...steps), 2)} mm.
      </figcaption>
    </figure>
  );
}
