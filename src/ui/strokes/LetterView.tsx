import type { ReactNode } from 'react';
import { add, heading, scale } from '@/core/geometry/vec';
import { plain } from '@/core/measure/units';
import { type Pen, sweep, type WritingPen } from '@/core/pen/pen';
import { type PenPose, trace } from '@/core/pen/trace';
import { type Cut, inkOf, type Typeface } from '@/core/type/typeface';
import { COLOURS, flat, Ink, Nib, OutlinedInk, PenPath, poseAt } from './ink';
import type { Moment } from './usePlay';

export const VIEWS = ['ductus', 'solid', 'outline', 'skeleton', 'two points', 'doubled'] as const;
export type View = (typeof VIEWS)[number];

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
  if (view === 'doubled') return { kind: 'doubled', line: POINT_LINE, gap: DOUBLE_GAP, filled: false };
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
  /** Drawn over the letter, y up. */
  children?: ReactNode;
}) {
  const frame = frameOf(face, cut, overlay?.cut);
  const marking = markingPen(view, pen);
  const withPaths = view === 'ductus' || view === 'skeleton';
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
        {withPaths && <Ink polygons={inkOf(pen, cut)} fill={COLOURS.faint} />}
        {view === 'outline' && <OutlinedInk polygons={done.flatMap((stroke) => sweep(pen, stroke))} />}
        {whole && <Ink polygons={inkOf(pen, cut)} fill={COLOURS.ink} />}
        {view !== 'skeleton' &&
          view !== 'outline' &&
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
      {withPaths && <Numbers cut={cut} />}
    </svg>
  );
}

function frameOf(face: Typeface, cut: Cut, other?: Cut) {
  const { zones } = face;
  const top = Math.max(zones.body + zones.ascender, zones.capital) + 0.6;
  const bottom = -zones.descender - 0.6;
  const lean = Math.tan((face.slope * Math.PI) / 180);
  const minimum = Math.min(cut.profile.minimum, other?.profile.minimum ?? 0);
  const maximum = Math.max(cut.profile.maximum, other?.profile.maximum ?? 0);
  const reach = Math.max(0, lean) * zones.body;
  return {
    x: minimum - AROUND - Math.max(0, lean) * zones.descender * 0.6,
    y: -top,
    width: maximum - minimum + 2 * AROUND + reach + Math.max(0, lean) * zones.descender,
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

const Numbers = ({ cut }: { cut: Cut }) =>
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
        fill={COLOURS.pen}
        textAnchor="middle"
      >
        {i + 1}
      </text>
    );
  });

/** A letter as small as a key, for the alphabet and the list of shapes. */
export function LetterKey({ face, cut }: { face: Typeface; cut: Cut }) {
  const { zones } = face;
  const lean = Math.tan((face.slope * Math.PI) / 180);
  const middle = (cut.profile.minimum + cut.profile.maximum) / 2 + (lean * zones.body) / 2;
  const top = Math.max(zones.body + zones.ascender, zones.capital) + 0.4;
  const size = top + zones.descender + 0.4;
  return (
    <svg
      viewBox={`${flat(middle - size / 2)} ${flat(-top)} ${flat(size)} ${flat(size)}`}
      className="h-9 w-9"
      aria-hidden="true"
    >
      <g transform="scale(1 -1)">
        <Ink polygons={inkOf(face.pen, cut)} fill="currentColor" />
      </g>
    </svg>
  );
}

/** For people who cannot see the picture: what the pen does, in words. */
export const describe = (cut: Cut, pen: WritingPen): string =>
  `Letter ${cut.letter.text}: ${cut.strokes.length} ${cut.strokes.length === 1 ? 'stroke' : 'strokes'}, ${
    pen.kind === 'broad'
      ? `pen at ${plain(pen.angle)}°`
      : `shades ${plain(pen.shade)} and hairlines ${plain(pen.hairline)} fifths of the body`
  }`;
