'use client';

import Link from 'next/link';
import { type ReactNode, useState } from 'react';
import { type Hand, inSchool, isPressed } from '@/core/hand/hand';
import { strokeWeights } from '@/core/hand/weights';
import { HANDS, type HandId } from '@/core/hands/registry';
import { plain } from '@/core/measure/units';
import { HandFigure } from './HandFigure';

const WRITTEN_WITH = {
  broad: 'Broad edge',
  pointed: 'Pointed pen',
  brush: 'Brush',
  monoline: 'Any point',
} as const;

const UNIT = { nib: 'nw', ratio: 'units', mm: 'mm', dots: 'dots' } as const;

/** Hand first, pen second: the ten hands with their measures, schools and remarks. */
export function HandGallery({ title }: { title: ReactNode }) {
  return (
    <div className="mx-auto max-w-6xl px-6 py-6">
      <h1>{title}</h1>
      <p className="mb-5 max-w-prose">
        Choose the hand first and the pen second: the hand decides the tool, the nib width for the size you
        want, and the ruling. Values are common teaching values, to start from and to change.
      </p>
      <ul className="grid gap-5 lg:grid-cols-2">
        {HANDS.map((hand) => (
          <HandCard key={hand.id} base={hand} />
        ))}
      </ul>
    </div>
  );
}

function HandCard({ base }: { base: Hand & { id: HandId } }) {
  const [school, setSchool] = useState(base.schools[0]?.id as string);
  const hand = inSchool(base, school);
  const { zones } = hand;
  const weights = strokeWeights(hand);
  const unit = UNIT[hand.basis];
  const facts: [string, string][] = [
    [hand.capitalsOnly ? 'Capitals' : 'Body', `${plain(zones.body)} ${unit}`],
    ...(hand.capitalsOnly
      ? []
      : ([
          ['Ascender', `${plain(zones.ascender)} ${unit}`],
          ['Descender', `${plain(zones.descender)} ${unit}`],
          ...(hand.capitals ? [['Capitals', `${plain(zones.capital)} ${unit}`]] : []),
        ] as [string, string][])),
    ...(hand.penAngle ? ([['Pen angle', `${plain(hand.penAngle.usual)}°`]] as [string, string][]) : []),
    isPressed(hand)
      ? ['Slant', `${plain(90 - hand.slope.usual)}°`]
      : ['Slope', `${plain(hand.slope.usual)}°`],
    ...(weights
      ? ([
          ['Stem', `${plain(weights.stem)} nw`],
          ['Bar', `${plain(weights.bar)} nw`],
        ] as [string, string][])
      : []),
  ];
  const remark = base.schools.find(({ id }) => id === school)?.remark;
  return (
    <li className="flex flex-col rounded border border-base-300 bg-base-100 p-4">
      <div className="flex items-baseline gap-2">
        <h2 className="font-bold text-xl">{hand.name}</h2>
        <span className="text-sm opacity-80">{WRITTEN_WITH[hand.tool]}</span>
      </div>
      <div className="mt-2 flex gap-4">
        <HandFigure hand={hand} />
        <dl className="grid grow grid-cols-[auto_1fr] content-start gap-x-3 text-sm">
          {facts.map(([name, value]) => (
            <div key={name} className="contents">
              <dt>{name}</dt>
              <dd className="text-right tabular-nums">{value}</dd>
            </div>
          ))}
        </dl>
      </div>
      <ul className="mt-3 list-disc pl-5 text-sm">
        {hand.remarks.map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
      <div className="mt-auto flex flex-wrap items-center gap-2 pt-3">
        {base.schools.length > 1 ? (
          <select
            className="select select-sm w-auto"
            aria-label={`School of ${base.name}`}
            value={school}
            onChange={(event) => setSchool(event.target.value)}
          >
            {base.schools.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        ) : null}
        <Link href={`/rule?hand=${base.id}&school=${school}`} className="btn btn-primary btn-sm ml-auto">
          Rule {base.name}
        </Link>
      </div>
      {remark && <p className="mt-2 text-sm opacity-80">{remark}</p>}
    </li>
  );
}
