import { add, heading, scale, subtract, type Vec } from '@/core/geometry/vec';
import { edgeAngle, markCentre, type Polygon, pressedWidth, touching, type WritingPen } from '@/core/pen/pen';
import type { Stroke } from '@/core/pen/stroke';
import { type PenPose, trace } from '@/core/pen/trace';
import { SMALL_INK_EDGE } from '@/render/pathData';

/** Colours of the paper: the same in both themes, because the paper is white in both. */
export const COLOURS = {
  ink: '#1F2430',
  done: '#6b6e80',
  faint: '#d9cfba',
  pen: '#A33327',
  edge: '#2F6F66',
  rule: '#8c8fa3',
  other: '#2F6F66',
} as const;

export const flat = (n: number) => n.toFixed(3);

export const dataOf = (polygons: readonly Polygon[]) =>
  polygons.map((polygon) => `M${polygon.map(([x, y]) => `${flat(x)} ${flat(y)}`).join('L')}Z`).join('');

export const Ink = ({
  polygons,
  fill,
  opacity,
  small,
}: {
  polygons: readonly Polygon[];
  fill: string;
  opacity?: number;
  /** At the size of a word on the screen an added stroke keeps the hairlines visible. */
  small?: boolean;
}) => (
  <path
    d={dataOf(polygons)}
    fill={fill}
    opacity={opacity}
    {...(small && { stroke: fill, strokeWidth: SMALL_INK_EDGE, vectorEffect: 'non-scaling-stroke' })}
  />
);

/** Width of the line in the outline view, in letter units. */
const OUTLINE = 0.09;

/** The outline of overlapping ink: all of it outlined, then its inside taken out. */
export function OutlinedInk({ polygons }: { polygons: readonly Polygon[] }) {
  const d = dataOf(polygons);
  return (
    <>
      <path d={d} fill={COLOURS.ink} stroke={COLOURS.ink} strokeWidth={OUTLINE} strokeLinejoin="round" />
      <path d={d} fill="#ffffff" />
    </>
  );
}

export const poseAt = (stroke: Stroke, along: number): PenPose =>
  trace(stroke, 0.1, Math.max(along, 1e-4)).at(-1) as PenPose;

/** Half of what touches the paper, from its middle. */
function reachOf(pen: WritingPen, pose: PenPose): Vec {
  switch (pen.kind) {
    case 'broad':
      return scale(heading(edgeAngle(pen, pose)), (pen.width * touching(pen, pose)) / 2);
    case 'pointed':
      return scale(heading(pen.lie ?? 0), pressedWidth(pen, pose.press) / 2);
    case 'monoline':
    case 'doubled':
      return [pen.line / 2, 0];
  }
}

/** What of the pen touches the paper: the edge, or the spread of the tines. */
export function Nib({ pose, pen, strong }: { pose: PenPose; pen: WritingPen; strong?: boolean }) {
  const reach = reachOf(pen, pose);
  const centre = markCentre(pen, pose);
  const [from, to] = [subtract(centre, reach), add(centre, reach)];
  return (
    <line
      x1={from[0]}
      y1={from[1]}
      x2={to[0]}
      y2={to[1]}
      stroke={strong ? COLOURS.pen : COLOURS.edge}
      strokeWidth={strong ? 0.14 : 0.07}
      strokeLinecap="round"
    />
  );
}

/** Length and half-width of the arrow at the end of a stroke. */
const ARROW = { length: 0.42, half: 0.17 };

/** The path of the pen with its arrow, and the edge at the start and wherever the pen is turned or pressed anew. */
export function PenPath({ stroke, pen }: { stroke: Stroke; pen: WritingPen }) {
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
  const marked = stroke.lengths.flatMap((travelled, i) => {
    const turned = i === 0 || (!stroke.passing?.[i] && stroke.turns[i] !== stroke.turns[i - 1]);
    const isFull = (at: number) => (stroke.presses[at] ?? 0) >= FULL;
    // The first and the last place of a full shade tell how far it goes.
    const full = pen.kind === 'pointed' && isFull(i) && !(isFull(i - 1) && isFull(i + 1));
    return turned || full ? [travelled / length] : [];
  });
  return (
    <g>
      <path d={d} fill="none" stroke={COLOURS.pen} strokeWidth="0.06" />
      <path
        d={`M${flat(end.at[0])} ${flat(end.at[1])}L${left.map(flat).join(' ')}L${right.map(flat).join(' ')}Z`}
        fill={COLOURS.pen}
      />
      {[...new Set(marked)].map((share) => (
        <Nib key={share} pose={poseAt(stroke, share)} pen={pen} />
      ))}
    </g>
  );
}

/** Pressure shown as a full shade. */
const FULL = 0.95;
