import type { ReactNode } from 'react';
import { add, distance, heading, scale, type Vec } from '@/core/geometry/vec';
import { type Degrees, plain } from '@/core/measure/units';
import { type Pen, sweep, type WritingPen } from '@/core/pen/pen';
import { numbersOf } from '@/core/pen/taught';
import { fullShade } from '@/core/pen/thickness';
import { type PenPose, trace } from '@/core/pen/trace';
import { type Blend, blendedInk } from '@/core/type/blend';
import { type Cut, inkOf, keyInkOf } from '@/core/type/cut';
import { dotChains, rhombi } from '@/core/type/dotChains';
import { dotsOf } from '@/core/type/dots';
import type { Typeface } from '@/core/type/face';
import { bottomOf, topOf } from '@/core/type/profile';
import { COLOURS, flat, Ink, Nib, OutlinedInk, PenPath, poseAt } from './ink';
import type { Moment } from './usePlay';

export const VIEWS = [
  'ductus',
  'solid',
  'outline',
  'skeleton',
  'two points',
  'double line',
  'in dots',
  'two colours',
] as const;
export type View = (typeof VIEWS)[number];

/** A dark ink taken up by a light pen, until others are chosen. */
export const BLEND: Blend = { touched: '#1f3a6e', own: '#2f9e8f', fade: 9 };

/** White around the letter, in letter units. */
const AROUND = 3;
/** How far before its start a stroke's number stands, so that strokes from one point keep theirs apart. */
const NUMBER_OFF = 0.8;
/** Line of a two-point pen, and of a round point, as they are shown. */
const POINT_LINE = 0.09;
/** Second contour of doubled writing, beside the first. */
const DOUBLE_GAP = 0.75;

/** The pen that lays down the mark in a view. */
function markingPen(view: View, pen: WritingPen): Pen {
  if (view === 'two points' && pen.kind === 'broad') {
    return { kind: 'two-point', width: pen.width, line: POINT_LINE, angle: pen.angle, held: pen.held };
  }
  if (view === 'double line') return { kind: 'doubled', line: POINT_LINE, gap: DOUBLE_GAP, filled: false };
  return pen;
}

/** A letter written with another pen or in another face, to be laid over this one. */
export interface Overlay {
  readonly cut: Cut;
  readonly pen: WritingPen;
}

/** A letter large on its guidelines: ink, the path of the pen, and the edge where it is set down and where it turns. */
export function LetterView({
  face,
  cut,
  pen,
  view,
  moment,
  label,
  overlay,
  blend,
  children,
}: {
  face: Typeface;
  cut: Cut;
  pen: WritingPen;
  view: View;
  /** Undefined for a letter that stands still. */
  moment?: Moment;
  label: string;
  overlay?: Overlay;
  /** The colours of a brush whose tip was touched to a second one. */
  blend?: Blend;
  /** Drawn over the letter, y up. */
  children?: ReactNode;
}) {
  const frame = frameOf(face, cut, overlay?.cut, children ? MARKS_BELOW : 0);
  const marking = markingPen(view, pen);
  const withPaths = view === 'ductus' || view === 'skeleton';
  const measured = view === 'in dots';
  const two = view === 'two colours' ? (blend ?? BLEND) : undefined;
  const done = moment ? cut.strokes.slice(0, moment.stroke) : cut.strokes;
  const current = moment && cut.strokes[moment.stroke];
  const whole = view === 'solid' && done.length === cut.strokes.length && !current;
  return (
    <svg
      viewBox={`${frame.x} ${frame.y} ${frame.width} ${frame.height}`}
      className="h-full w-full"
      role="img"
      aria-label={label}
    >
      <Guidelines face={face} from={frame.x} width={frame.width} />
      <g transform="scale(1 -1)">
        {(withPaths || measured) && <Ink polygons={inkOf(pen, cut)} fill={COLOURS.faint} />}
        {two &&
          blendedInk(pen, done, two).map(({ polygons, colour }, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: bands lie in the order of writing
            <Ink key={i} polygons={polygons} fill={colour} />
          ))}
        {measured && (
          <Ink polygons={dotChains(extentOf(pen, cut)).flatMap(rhombi)} fill={COLOURS.edge} opacity={0.7} />
        )}
        <LetterDots face={face} cut={cut} fill={withPaths || measured ? COLOURS.faint : COLOURS.ink} />
        {view === 'outline' && <OutlinedInk polygons={done.flatMap((stroke) => sweep(pen, stroke))} />}
        {whole && <Ink polygons={inkOf(pen, cut)} fill={COLOURS.ink} />}
        {view !== 'skeleton' &&
          view !== 'outline' &&
          !measured &&
          !two &&
          !whole &&
          done.map((stroke, i) => (
            <Ink
              // biome-ignore lint/suspicious/noArrayIndexKey: a letter's strokes are its order
              key={i}
              polygons={sweep(marking, stroke)}
              fill={view === 'ductus' ? COLOURS.done : COLOURS.ink}
            />
          ))}
        {overlay && <Ink polygons={inkOf(overlay.pen, overlay.cut)} fill={COLOURS.other} opacity={0.55} />}
        {current && moment.along > 0 && (
          <Ink polygons={sweep(marking, current, { until: moment.along })} fill={COLOURS.pen} />
        )}
        {withPaths &&
          cut.strokes.map((stroke, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a letter's strokes are its order
            <PenPath key={i} stroke={stroke} pen={pen} />
          ))}
        {current && <Nib pose={poseAt(current, moment.along)} pen={pen} strong />}
        {children}
      </g>
      {withPaths && <Numbers cut={cut} size={Math.min(NUMBER_SIZE, NUMBER_SHARE * frame.height)} />}
    </svg>
  );
}

/** The dots that belong to a letter, where it has any. */
const LetterDots = ({ face, cut, fill }: { face: Typeface; cut: Cut; fill: string }) =>
  dotsOf(face, cut).map((dot) => (
    <g key={`${dot.x} ${dot.y}`} transform={`translate(${flat(dot.x)} ${flat(dot.y)})`}>
      <Ink polygons={inkOf(face.pen, dot.cut)} fill={fill} />
    </g>
  ));

/** How far a letter's ink reaches. */
function extentOf(pen: WritingPen, cut: Cut) {
  const points = inkOf(pen, cut).flat();
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.max(...ys), bottom: Math.min(...ys) };
}

/** White over and under the letter, in letter units. */
const ABOVE = 1.5;

/** How high the upper and lower ends of a letter's dots stand. */
const dotHeights = (face: Typeface, cut: Cut): number[] =>
  dotsOf(face, cut).flatMap(({ cut: dot, y }) => [y + topOf(dot.profile), y + bottomOf(dot.profile)]);

/** The letter as large as the room allows, with at least its whole body. */
/** Room under the letter for a dimension line and its figure. */
const MARKS_BELOW = 1.2;

function frameOf(face: Typeface, cut: Cut, other: Cut | undefined, below: number) {
  const lean = Math.max(0, Math.tan((face.slope * Math.PI) / 180));
  const profiles = [cut.profile, ...(other ? [other.profile] : [])];
  const dots = dotHeights(face, cut);
  const top = Math.max(face.zones.body, ...profiles.map(topOf), ...dots) + ABOVE;
  const bottom = Math.min(0, ...profiles.map(bottomOf), ...dots) - ABOVE - below;
  const minimum = Math.min(...profiles.map((profile) => profile.minimum)) + bottom * lean;
  const maximum = Math.max(...profiles.map((profile) => profile.maximum)) + top * lean;
  return {
    x: minimum - AROUND,
    y: -top,
    width: maximum - minimum + 2 * AROUND,
    height: top - bottom,
  };
}

function Guidelines({ face, from, width }: { face: Typeface; from: number; width: number }) {
  const { zones } = face;
  const lines = [
    { height: zones.body + zones.ascender, dash: '0.5 0.25', name: 'ascender' },
    { height: zones.capital, dash: '0.1 0.2', name: 'capitals' },
    { height: zones.body, dash: undefined, name: 'waistline' },
    { height: 0, dash: undefined, name: 'baseline' },
    { height: -zones.descender, dash: '0.25 0.25', name: 'descender' },
  ];
  return (
    <g stroke={COLOURS.rule} strokeWidth="0.035">
      {lines.map(({ height, dash, name }) => (
        <line key={name} x1={from} x2={from + width} y1={-height} y2={-height} strokeDasharray={dash} />
      ))}
    </g>
  );
}

/** Height of the numbers: a share of the picture, and never larger than a letter can bear. */
const NUMBER_SIZE = 0.8;
const NUMBER_SHARE = 0.055;
/** Numbers closer than this would be read as one. */
const NUMBERS_APART = 0.8;

/** Numbers of the strokes, before their starts; those of strokes that start together stand side by side. */
function Numbers({ cut, size }: { cut: Cut; size: number }) {
  const places: Vec[] = [];
  for (const stroke of cut.strokes.filter(({ finishes }) => !finishes)) {
    const start = trace(stroke, 1)[0] as PenPose;
    let place = add(start.at, scale(heading(start.direction), -NUMBER_OFF));
    while (places.some((other) => distance(other, place) < NUMBERS_APART)) {
      place = add(place, [NUMBERS_APART, 0]);
    }
    places.push(place);
  }
  return places.map(([x, y], i) => (
    <text
      key={`${x} ${y}`}
      x={x}
      y={-y}
      dy="0.28"
      fontSize={size}
      fontWeight="700"
      fill={COLOURS.pen}
      textAnchor="middle"
    >
      {i + 1}
    </text>
  ));
}

/** White around a key, and the least height it shows as a share of the body: small letters stay smaller than tall ones. */
const KEY_EDGE = 0.5;
const KEY_SHARE = 1.9;

/** A letter of the alphabet: all of them at one size, on one baseline. */
export function LetterOnLine({ face, cut }: { face: Typeface; cut: Cut }) {
  const { body, ascender, capital, descender } = face.zones;
  const top = Math.max(body + ascender, capital) + KEY_EDGE;
  const height = top + descender + KEY_EDGE;
  const lean = Math.tan((face.slope * Math.PI) / 180);
  const { minimum, maximum } = cut.profile;
  const left = minimum - KEY_EDGE - lean * descender;
  const width = Math.max(maximum + KEY_EDGE + lean * top - left, height / 4);
  return (
    <svg
      viewBox={`${flat(left)} ${flat(-top)} ${flat(width)} ${flat(height)}`}
      className="h-13 w-auto"
      style={{ aspectRatio: `${flat(width)} / ${flat(height)}` }}
      aria-hidden="true"
    >
      <g transform="scale(1 -1)">
        <Ink polygons={keyInkOf(face.pen, cut)} fill="currentColor" small />
        <LetterDots face={face} cut={cut} fill="currentColor" />
      </g>
    </svg>
  );
}

/** A letter as small as a key, for the list of shapes. */
export function LetterKey({ face, cut }: { face: Typeface; cut: Cut }) {
  const lean = Math.tan((face.slope * Math.PI) / 180);
  const dots = dotHeights(face, cut);
  const top = Math.max(face.zones.body, topOf(cut.profile), ...dots) + KEY_EDGE;
  const bottom = Math.min(0, bottomOf(cut.profile), ...dots) - KEY_EDGE;
  const { minimum, maximum } = cut.profile;
  const size = Math.max(top - bottom, maximum - minimum + 2 * KEY_EDGE, KEY_SHARE * face.zones.body);
  const middle = (minimum + maximum) / 2 + (lean * (top + bottom)) / 2;
  const centre = (top + bottom) / 2;
  return (
    <svg
      viewBox={`${flat(middle - size / 2)} ${flat(-centre - size / 2)} ${flat(size)} ${flat(size)}`}
      className="h-9 w-9"
      aria-hidden="true"
    >
      <g transform="scale(1 -1)">
        <Ink polygons={keyInkOf(face.pen, cut)} fill="currentColor" small />
        <LetterDots face={face} cut={cut} fill="currentColor" />
      </g>
    </svg>
  );
}

/** For people who cannot see the picture: what the pen does, in words. */
export const describe = (cut: Cut, pen: WritingPen, slope: Degrees): string =>
  `Letter ${cut.letter.text}: ${inWords(numbersOf(cut.strokes).at(-1) ?? 0)}, ${penInWords(pen, slope)}`;

const inWords = (strokes: number): string => `${strokes} ${strokes === 1 ? 'stroke' : 'strokes'}`;

function penInWords(pen: WritingPen, slope: Degrees): string {
  switch (pen.kind) {
    case 'broad':
      return `pen at ${plain(pen.angle)}°`;
    case 'pointed':
      return `shades ${plain(fullShade(pen, slope))} and hairlines ${plain(pen.hairline)} fifths of the body`;
    case 'monoline':
      return `a line of ${plain(pen.line)} fifths of the body`;
    case 'doubled':
      return `a line of ${plain(pen.line)} fifths of the body, a second one ${plain(pen.gap)} beside every downstroke`;
  }
}
