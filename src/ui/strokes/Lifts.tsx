import { add, heading, scale, subtract, type Vec } from '@/core/geometry/vec';
import type { PenDown } from '@/core/writing/lifts';
import { COLOURS, flat } from './ink';

/** Sizes of the signs, in letter units: ring, dot, arrow, lettering. */
const RING = 0.36;
const DOT = 0.26;
const ARROW = 0.65;
const TEXT = 1.35;
/** Where numbers stand from their ring: of the first that begins about there, of the second, of the third. */
const BESIDE: readonly Vec[] = [
  [-0.8, 0.5],
  [0.85, 0.5],
  [0, -1.4],
];
/** Rings that are nearer than this share a place. */
const NEAR = 1.2;

/** Where the number of a run stands, clear of those before it. */
function numberAt(runs: readonly PenDown[], i: number): Vec {
  const from = (runs[i] as PenDown).from;
  const before = runs.slice(0, i).filter((one) => Math.hypot(...subtract(one.from, from)) < NEAR).length;
  return add(from, BESIDE[before % BESIDE.length] as Vec);
}

/** Where the pen is set down (ring, numbered in order) and lifted (dot), and where it runs on from stroke to stroke (arrow); y upwards. */
export function Lifts({ runs }: { runs: readonly PenDown[] }) {
  return (
    <g data-testid="lifts">
      {runs.map(({ from, to, through }, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: runs have no name but their order
        <g key={i}>
          {through.map(({ at, dir }) => (
            <path
              key={at.join(' ')}
              d={arrow(at, dir)}
              fill="none"
              stroke={COLOURS.edge}
              strokeWidth="0.14"
              strokeLinejoin="round"
            />
          ))}
          <circle cx={from[0]} cy={from[1]} r={RING} fill="#ffffff" stroke={COLOURS.pen} strokeWidth="0.12" />
          <circle cx={to[0]} cy={to[1]} r={DOT} fill={COLOURS.pen} />
          <text
            x={numberAt(runs, i)[0]}
            y={-numberAt(runs, i)[1]}
            transform="scale(1 -1)"
            fontSize={TEXT}
            fontWeight="bold"
            fill={COLOURS.pen}
            textAnchor="middle"
          >
            {i + 1}
          </text>
        </g>
      ))}
    </g>
  );
}

/** An open arrowhead at a place, pointing in a direction. */
function arrow([x, y]: Vec, dir: number): string {
  const end = (turn: number): string => {
    const [dx, dy] = scale(heading(dir + turn), ARROW);
    return `${flat(x + dx)} ${flat(y + dy)}`;
  };
  return `M${end(150)}L${flat(x)} ${flat(y)}L${end(-150)}`;
}
