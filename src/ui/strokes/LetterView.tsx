import { add, heading, scale, type Vec } from '@/core/geometry/vec';
import { plain } from '@/core/measure/units';
import { edgeAngle, type Pen, type Polygon, sweep } from '@/core/pen/pen';
import type { Stroke } from '@/core/pen/stroke';
import { type PenPose, trace } from '@/core/pen/trace';
import { type Cut, inkOf, type Typeface } from '@/core/type/typeface';
import type { Moment } from './usePlay';

export const VIEWS = ['solid', 'ductus', 'skeleton', 'two points'] as const;
export type View = (typeof VIEWS)[number];

/** White around the letter, in nib widths. */
const AROUND = 2;
/** How far before its start a stroke's number stands, so that strokes from one point keep theirs apart. */
const NUMBER_OFF = 0.8;
/** Line of a two-point pen as it is shown, in nib widths. */
const POINT_LINE = 0.09;

const flat = (n: number) => n.toFixed(3);

/** A letter large on its guidelines: ink, the path of the pen, and the edge where it is set down and where it turns. */
export function LetterView({
  face,
  cut,
  pen,
  view,
  moment,
  label,
}: {
  face: Typeface;
  cut: Cut;
  pen: Pen & { kind: 'broad' };
  view: View;
  moment: Moment;
  label: string;
}) {
  const { zones } = face;
  const top = Math.max(zones.body + zones.ascender, zones.capital) + 0.6;
  const bottom = -zones.descender - 0.6;
  const { minimum, maximum } = cut.profile;
  const width = maximum - minimum + 2 * AROUND + 2;
  // Letters are drawn y up; the picture is y down.
  const x0 = minimum - AROUND - 1;
  const box = `${x0} ${-top} ${width} ${top - bottom}`;
  const lines = [
    { height: zones.body + zones.ascender, dash: '0.5 0.25', name: 'ascender' },
    { height: zones.capital, dash: '0.1 0.2', name: 'capitals' },
    { height: zones.body, dash: undefined, name: 'waistline' },
    { height: 0, dash: undefined, name: 'baseline' },
    { height: -zones.descender, dash: '0.25 0.25', name: 'descender' },
  ];
  const marking: Pen =
    view === 'two points'
      ? { kind: 'two-point', width: pen.width, line: POINT_LINE, angle: pen.angle, held: pen.held }
      : pen;
  const done = cut.strokes.slice(0, moment.stroke);
  const current = cut.strokes[moment.stroke];
  return (
    <svg viewBox={box} className="h-full w-full" role="img" aria-label={label}>
      <g stroke="#8c8fa3" strokeWidth="0.035">
        {lines.map(({ height, dash, name }) => (
          <line key={name} x1={x0} x2={x0 + width} y1={-height} y2={-height} strokeDasharray={dash} />
        ))}
      </g>
      <g transform="scale(1 -1)">
        {(view === 'ductus' || view === 'skeleton') && <Ink polygons={inkOf(pen, cut)} fill="#d9cfba" />}
        {view !== 'skeleton' &&
          done.map((stroke, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a letter's strokes are its order
            <Ink key={i} polygons={sweep(marking, stroke)} fill={view === 'ductus' ? '#6b6e80' : '#1F2430'} />
          ))}
        {current && moment.along > 0 && (
          <Ink polygons={sweep(marking, current, { until: moment.along })} fill="#A33327" />
        )}
        {(view === 'ductus' || view === 'skeleton') &&
          cut.strokes.map((stroke, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a letter's strokes are its order
            <Path key={i} stroke={stroke} pen={pen} />
          ))}
        {current && <Nib pose={poseAt(current, moment.along)} pen={pen} strong />}
      </g>
      {(view === 'ductus' || view === 'skeleton') &&
        cut.strokes.map((stroke, i) => {
          const start = trace(stroke, 1)[0] as PenPose;
          const [x, y] = add(start.at, scale(heading(start.direction), -NUMBER_OFF));
          return (
            <text
              // biome-ignore lint/suspicious/noArrayIndexKey: a letter's strokes are its order
              key={i}
              x={x}
              y={-y}
              dy="0.28"
              fontSize="0.8"
              fontWeight="700"
              fill="#A33327"
              textAnchor="middle"
            >
              {i + 1}
            </text>
          );
        })}
    </svg>
  );
}

const Ink = ({ polygons, fill }: { polygons: readonly Polygon[]; fill: string }) => (
  <path
    d={polygons.map((polygon) => `M${polygon.map(([x, y]) => `${flat(x)} ${flat(y)}`).join('L')}Z`).join('')}
    fill={fill}
  />
);

const poseAt = (stroke: Stroke, along: number): PenPose =>
  trace(stroke, 0.1, Math.max(along, 1e-4)).at(-1) as PenPose;

/** The edge itself, as it lies on the paper. */
function Nib({ pose, pen, strong }: { pose: PenPose; pen: Pen & { kind: 'broad' }; strong?: boolean }) {
  const reach = scale(heading(edgeAngle(pen, pose)), pen.width / 2);
  const [from, to] = [add(pose.at, scale(reach, -1)), add(pose.at, reach)];
  return (
    <line
      x1={from[0]}
      y1={from[1]}
      x2={to[0]}
      y2={to[1]}
      stroke={strong ? '#A33327' : '#2F6F66'}
      strokeWidth={strong ? 0.14 : 0.07}
      strokeLinecap="round"
    />
  );
}

/** Length and half-width of the arrow at the end of a stroke. */
const ARROW = { length: 0.42, half: 0.17 };

/** Centre line with its arrow, and the edge at the start and wherever the pen is turned. */
function Path({ stroke, pen }: { stroke: Stroke; pen: Pen & { kind: 'broad' } }) {
  const first = (stroke.path[0] as Stroke['path'][number])[0];
  const d = `M${flat(first[0])} ${flat(first[1])}${stroke.path
    .map(([, b, c, e]) => `C${[...b, ...c, ...e].map(flat).join(' ')}`)
    .join('')}`;
  const end = trace(stroke, 0.1).at(-1) as PenPose;
  const back = (side: number): Vec =>
    add(
      end.at,
      add(
        scale(heading(end.direction), -ARROW.length),
        scale(heading(end.direction + 90), side * ARROW.half),
      ),
    );
  const [left, right] = [back(1), back(-1)];
  const length = stroke.lengths.at(-1) as number;
  const turned = stroke.turns.flatMap((turn, i) =>
    i === 0 || turn !== stroke.turns[i - 1] ? [(stroke.lengths[i] as number) / length] : [],
  );
  return (
    <g>
      <path d={d} fill="none" stroke="#A33327" strokeWidth="0.06" />
      <path
        d={`M${flat(end.at[0])} ${flat(end.at[1])}L${left.map(flat).join(' ')}L${right.map(flat).join(' ')}Z`}
        fill="#A33327"
      />
      {turned.map((share) => (
        <Nib key={share} pose={poseAt(stroke, share)} pen={pen} />
      ))}
    </g>
  );
}

/** A letter as small as a key, for the alphabet. */
export function LetterKey({ face, cut }: { face: Typeface; cut: Cut }) {
  const { zones } = face;
  const middle = (cut.profile.minimum + cut.profile.maximum) / 2 + 0.3;
  const top = zones.body + zones.ascender + 0.4;
  const size = top + zones.descender + 0.4;
  return (
    <svg viewBox={`${middle - size / 2} ${-top} ${size} ${size}`} className="h-9 w-9" aria-hidden="true">
      <g transform="scale(1 -1)">
        <Ink polygons={inkOf(face.pen, cut)} fill="currentColor" />
      </g>
    </svg>
  );
}

/** A line of text in the hand, to see it at once. */
export function WrittenLine({
  face,
  pen,
  placed,
  width,
  left,
}: {
  face: Typeface;
  pen: Pen;
  placed: readonly { readonly cut: Cut; readonly x: number }[];
  width: number;
  left: number;
}) {
  const { zones } = face;
  const top = zones.body + zones.ascender + 0.5;
  const height = top + zones.descender + 0.5;
  return (
    <svg
      viewBox={`${-left - 1} ${-top} ${Math.max(width + left + 4, 20)} ${height}`}
      className="h-full max-w-full"
      preserveAspectRatio="xMinYMid meet"
      role="img"
      aria-label="The line as the hand writes it"
    >
      <g transform="scale(1 -1)">
        {placed.map(({ cut, x }) => (
          <g key={x} transform={`translate(${flat(x)} 0)`}>
            <Ink polygons={inkOf(pen, cut)} fill="#1F2430" />
          </g>
        ))}
      </g>
    </svg>
  );
}

/** For people who cannot see the picture: what the edge does, in words. */
export const describe = (cut: Cut, pen: { angle: number }): string =>
  `Letter ${cut.letter.text}: ${cut.strokes.length} ${cut.strokes.length === 1 ? 'stroke' : 'strokes'}, pen at ${plain(pen.angle)}°`;
