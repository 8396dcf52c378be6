import { add, heading, scale, subtract, type Vec } from '@/core/geometry/vec';
import { plain } from '@/core/measure/units';
import type { LetterMeasures } from '@/core/type/letterMeasures';
import type { DiagonalPair } from '@/core/type/letterReadings';
import { COLOURS } from './ink';
import { inUnit, type LetterUnit } from './letterUnit';

/** Height of lettering drawn with the letter, in letter units. */
const TEXT = 0.55;

/** Text over a picture that is drawn y up. */
const Text = ({
  x,
  y,
  colour,
  anchor = 'middle',
  children,
}: {
  x: number;
  y: number;
  colour: string;
  anchor?: 'start' | 'middle' | 'end';
  children: string;
}) => (
  <text
    x={x}
    y={-y}
    transform="scale(1 -1)"
    fontSize={TEXT}
    fill={colour}
    textAnchor={anchor}
    dominantBaseline="middle"
  >
    {children}
  </text>
);

const Segment = ({ from, to, colour, dash }: { from: Vec; to: Vec; colour: string; dash?: string }) => (
  <line
    x1={from[0]}
    y1={from[1]}
    x2={to[0]}
    y2={to[1]}
    stroke={colour}
    strokeWidth="0.07"
    strokeDasharray={dash}
  />
);

/** How far balance lines run on beyond the diagonals. */
const RUN_ON = 0.5;
/** Height of the bisector's deviation over the body. */
const LABEL_OFF = 1;

/** Where two lines cross; undefined when they are parallel. */
function crossing(a: readonly [Vec, Vec], b: readonly [Vec, Vec]): Vec | undefined {
  const [p, r] = [a[0], subtract(a[1], a[0])];
  const [q, s] = [b[0], subtract(b[1], b[0])];
  const across = r[0] * s[1] - r[1] * s[0];
  if (Math.abs(across) < 1e-6) return undefined;
  const d = subtract(q, p);
  const t = (d[0] * s[1] - d[1] * s[0]) / across;
  return add(p, scale(r, t));
}

/** The diagonals of a letter, their bisector, and the slope line through the point where they meet. */
export const BalanceMarks = ({
  pairs,
  slope,
  body,
}: {
  pairs: readonly DiagonalPair[];
  slope: number;
  body: number;
}) =>
  pairs.map(({ lines, first, second, deviation }) => {
    const [a, b] = lines;
    const meet = crossing([a.from, a.to], [b.from, b.to]);
    if (!meet) return null;
    const up = meet[1] < body / 2 ? 1 : -1;
    const ray = (direction: number, length: number): Vec => add(meet, scale(heading(direction), up * length));
    const bisector = (first + second) / 2;
    return (
      <g key={`${first} ${second} ${meet[0]}`}>
        {[first, second].map((direction) => (
          <Segment
            key={direction}
            from={meet}
            to={ray(direction, body + RUN_ON)}
            colour={COLOURS.pen}
            dash="0.3 0.2"
          />
        ))}
        <Segment from={meet} to={ray(bisector, body + RUN_ON)} colour={COLOURS.pen} />
        <Segment from={meet} to={ray(90 - slope, body + 1.5 * RUN_ON)} colour={COLOURS.edge} />
        <Text
          x={ray(90 - slope, body + LABEL_OFF)[0] + LABEL_OFF / 2}
          y={ray(90 - slope, body + LABEL_OFF)[1]}
          colour={COLOURS.pen}
        >
          {`${plain(Math.abs(deviation), 1)}°`}
        </Text>
      </g>
    );
  });

/** Half the length of the ticks that end a dimension line. */
const TICK = 0.22;
/** How far dimension lines stand off the letter. */
const OFF = 0.9;

/** Width, height and counter of a letter as dimension lines beside it. */
export function DimensionMarks({
  measures,
  body,
  lean,
  unit,
}: {
  measures: LetterMeasures;
  body: number;
  /** Shift to the right for every unit of height. */
  lean: number;
  unit: LetterUnit;
}) {
  const { left, right, top, bottom, middle } = measures;
  const colour = COLOURS.edge;
  const below = Math.min(bottom, 0) - OFF;
  // The width is measured along the slope; the line that shows it stands under the letter as it leans.
  const half = (right - left) / 2;
  const start: Vec = [middle - half, below];
  const end: Vec = [middle + half, below];
  const side = Math.max(...[top, bottom, body].map((y) => right + y * lean)) + OFF;
  return (
    <g>
      <Segment from={start} to={end} colour={colour} />
      {[start, end].map(([x, y]) => (
        <Segment key={x} from={[x, y - TICK]} to={[x, y + TICK]} colour={colour} />
      ))}
      <Text x={(start[0] + end[0]) / 2} y={below - TEXT} colour={colour}>
        {inUnit(unit, right - left)}
      </Text>
      <Segment from={[side, bottom]} to={[side, top]} colour={colour} />
      {[bottom, top].map((y) => (
        <Segment key={y} from={[side - TICK, y]} to={[side + TICK, y]} colour={colour} />
      ))}
      <Text x={side + 0.25} y={(top + bottom) / 2} colour={colour} anchor="start">
        {inUnit(unit, top - bottom)}
      </Text>
    </g>
  );
}
