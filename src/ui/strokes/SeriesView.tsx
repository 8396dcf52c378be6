import { useId } from 'react';
import { inkOf } from '@/core/type/cut';
import { bottomOf, topOf } from '@/core/type/profile';
import type { Compared } from './compare';
import { dataOf, flat, Ink } from './ink';

/** Four inks that differ in lightness as well as in hue. */
const INKS = ['#1f2430', '#a33327', '#2f6f66', '#c08a2e'] as const;
/** White around a letter, in letter units. */
const AROUND = 1.2;

/** The room all of some letters need, so that each stands on the same line at the same scale. */
function frameOf(letters: readonly Compared[]) {
  const lean = Math.max(0, ...letters.map(({ face }) => Math.tan((face.slope * Math.PI) / 180)));
  const top =
    Math.max(...letters.map(({ face, cut }) => Math.max(face.zones.body, topOf(cut.profile)))) + AROUND;
  const bottom = Math.min(0, ...letters.map(({ cut }) => bottomOf(cut.profile))) - AROUND;
  const left = Math.min(...letters.map(({ cut }) => cut.profile.minimum)) - AROUND + lean * bottom;
  const right = Math.max(...letters.map(({ cut }) => cut.profile.maximum)) + AROUND + lean * top;
  return `${flat(left)} ${flat(-top)} ${flat(right - left)} ${flat(top - bottom)}`;
}

/** Width of a line round the ink, in letter units, and how far a mask must reach to hold any letter. */
const EDGE = 0.16;
const FAR = 200;

/** The line round what is inked, whatever strokes it is made of: only the outer half of their lines shows. */
function InkEdge({ d, colour }: { d: string; colour: string }) {
  const id = useId();
  return (
    <>
      <mask id={id} maskUnits="userSpaceOnUse" x={-FAR} y={-FAR} width={2 * FAR} height={2 * FAR}>
        <rect x={-FAR} y={-FAR} width={2 * FAR} height={2 * FAR} fill="#ffffff" />
        <path d={d} fill="#000000" />
      </mask>
      <path d={d} fill={colour} opacity={0.08} />
      <path
        d={d}
        fill="none"
        stroke={colour}
        strokeWidth={EDGE}
        strokeLinejoin="round"
        mask={`url(#${id})`}
      />
    </>
  );
}

/** A letter at several values of one property: beside each other, or over each other, with a legend either way. */
export function SeriesView({ letters, over }: { letters: readonly Compared[]; over: boolean }) {
  const viewBox = frameOf(letters);
  const inkAt = (i: number) => INKS[i % INKS.length] as string;
  const said = letters.map(({ name }) => name).join(', ');
  if (over) {
    return (
      <figure className="flex h-full flex-col bg-white text-[#1f2430]">
        <svg viewBox={viewBox} className="min-h-0 flex-1" role="img" aria-label={`Over each other: ${said}`}>
          <g transform="scale(1 -1)">
            {letters.map(({ face, cut, name }, i) => (
              <InkEdge key={name} d={dataOf(inkOf(face.pen, cut))} colour={inkAt(i)} />
            ))}
          </g>
        </svg>
        <figcaption className="flex flex-wrap justify-center gap-4 p-2 text-sm">
          {letters.map(({ name }, i) => (
            <span key={name} className="flex items-center gap-1">
              <span aria-hidden className="inline-block h-3 w-3" style={{ background: inkAt(i) }} />
              {name}
            </span>
          ))}
        </figcaption>
      </figure>
    );
  }
  return (
    <div className="flex h-full bg-white text-[#1f2430]">
      {letters.map(({ face, cut, name }) => (
        <figure key={name} className="flex min-w-0 flex-1 flex-col">
          <svg viewBox={viewBox} className="min-h-0 w-full flex-1" role="img" aria-label={name}>
            <g transform="scale(1 -1)">
              <Ink polygons={inkOf(face.pen, cut)} fill="currentColor" />
            </g>
          </svg>
          <figcaption className="p-1 text-center text-sm">{name}</figcaption>
        </figure>
      ))}
    </div>
  );
}
