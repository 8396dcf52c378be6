import { plain } from '@/core/measure/units';

/** The picture, in its own units. */
const WIDTH = 200;
const HEIGHT = 120;
const PENCIL = 9;
const GAP = 26;
const LENGTH = 78;
const TIP = 14;
/** Where the two points stand. */
const FOOT = { x: 70, y: 104 };
const TAPES = [26, 62];

/** Two pencils, taped, with the gap between their points and the angle they are held at. */
export function BindDrawing({ gap, angle }: { gap: number | null; angle: number }) {
  const pencil = (offset: number) => (
    <g key={offset} transform={`translate(${FOOT.x + offset} ${FOOT.y})`}>
      <path
        d={`M0 0L${-PENCIL / 2} ${-TIP}V${-LENGTH}H${PENCIL / 2}V${-TIP}Z`}
        className="fill-base-200 stroke-base-content"
        strokeWidth="1"
      />
      <path d={`M0 0L${-PENCIL / 6} ${-TIP / 3}H${PENCIL / 6}Z`} className="fill-base-content" />
    </g>
  );
  const turn = (angle * Math.PI) / 180;
  const edge = 30;
  const at = { x: 158, y: 70 };
  const dx = (edge / 2) * Math.cos(turn);
  const dy = (edge / 2) * Math.sin(turn);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="my-2 h-36 w-60 rounded bg-white text-black"
      role="img"
      aria-label={`Two pencils taped together, ${gap === null ? 'a gap' : `${plain(gap)} mm`} between the points, their edge at ${plain(angle, 0)}° to the line`}
      fontSize="8"
    >
      {[0, GAP].map(pencil)}
      <rect x={FOOT.x + PENCIL / 2} y={FOOT.y - 50} width={GAP - PENCIL} height="20" fill="#d9cdb4" />
      {TAPES.map((y) => (
        <rect
          key={y}
          x={FOOT.x - PENCIL / 2 - 3}
          y={FOOT.y - LENGTH + y - 18}
          width={GAP + PENCIL + 6}
          height="7"
          fill="#e0a53a"
          opacity="0.85"
        />
      ))}
      <path d={`M${FOOT.x} 110H${FOOT.x + GAP}`} stroke="#2f6f66" strokeWidth="1.5" />
      <text x={FOOT.x + GAP / 2} y="118" textAnchor="middle" fill="#1f2430">
        {gap === null ? 'gap' : `${plain(gap)} mm`}
      </text>
      <text x="8" y="32" fill="#1f2430">
        tape
      </text>
      <path d={`M28 30L${FOOT.x - 8} 34`} stroke="#8c8fa3" />
      <text x="8" y="62" fill="#1f2430">
        card
      </text>
      <path d={`M28 60L${FOOT.x + 6} 62`} stroke="#8c8fa3" />
      <path d={`M${at.x - 24} ${at.y + 14}H${at.x + 24}`} stroke="#8c8fa3" />
      <path
        d={`M${at.x - dx} ${at.y + dy}L${at.x + dx} ${at.y - dy}`}
        stroke="#a33327"
        strokeWidth="1.5"
        strokeDasharray="2 2"
      />
      {[-1, 1].map((side) => (
        <circle key={side} cx={at.x + side * dx} cy={at.y - side * dy} r="2.4" fill="#1f2430" />
      ))}
      <text x={at.x} y={at.y + 26} textAnchor="middle" fill="#1f2430">
        held at {plain(angle, 0)}°
      </text>
    </svg>
  );
}
