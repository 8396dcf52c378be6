import type { Hand } from '@/core/hand/hand';
import { cosDeg, sinDeg, tanDeg } from '@/core/measure/units';

/** Size of the figure in its own units; every hand is scaled to fill it. */
const WIDTH = 160;
const HEIGHT = 130;
const PADDING = 10;

/**
 * A hand's proportions at one glance: its zones at their true ratio, a stem of its true thickness on its slope, and
 * the edge of the pen at its angle.
 */
export function HandFigure({ hand }: { hand: Hand }) {
  const { zones } = hand;
  const top = Math.max(zones.body + zones.ascender, zones.capital);
  const total = top + zones.descender;
  const scale = (HEIGHT - 2 * PADDING) / total;
  const y = (height: number) => PADDING + (top - height) * scale;
  const lean = tanDeg(hand.slope.usual);
  const middle = WIDTH / 2;
  const x = (height: number) => middle + (height - zones.body / 2) * scale * lean;
  const stem = hand.penAngle ? cosDeg(hand.penAngle.usual) * scale : Math.max(1.5, scale * 0.12);
  const lines = [
    ...(zones.ascender > 0 ? [{ height: zones.body + zones.ascender, dash: '6 3' }] : []),
    { height: zones.body, dash: undefined },
    { height: 0, dash: undefined },
    ...(zones.descender > 0 ? [{ height: -zones.descender, dash: '3 3' }] : []),
  ];
  const stemTop = hand.capitalsOnly ? zones.body : zones.body + zones.ascender;
  const edge = hand.penAngle && {
    x: cosDeg(hand.penAngle.usual) * scale,
    y: sinDeg(hand.penAngle.usual) * scale,
  };
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="w-40 shrink-0" aria-hidden="true" fill="none">
      {lines.map(({ height, dash }) => (
        <line
          key={height}
          x1="0"
          x2={WIDTH}
          y1={y(height)}
          y2={y(height)}
          stroke="currentColor"
          strokeOpacity={height === 0 ? 0.8 : 0.4}
          strokeWidth={height === 0 ? 1.2 : 0.8}
          strokeDasharray={dash}
        />
      ))}
      {[-1, 1].map((side) => (
        <line
          key={side}
          x1={x(stemTop) + side * 22}
          y1={y(stemTop)}
          x2={x(0) + side * 22}
          y2={y(0)}
          stroke="currentColor"
          strokeOpacity="0.3"
          strokeWidth="0.5"
        />
      ))}
      <path
        d={`M${x(stemTop) - stem / 2} ${y(stemTop)} h${stem} L${x(0) + stem / 2} ${y(0)} h${-stem} Z`}
        fill="currentColor"
      />
      {edge && (
        <line
          x1={WIDTH - 24 - edge.x / 2}
          y1={y(0) + edge.y / 2 - scale}
          x2={WIDTH - 24 + edge.x / 2}
          y2={y(0) - edge.y / 2 - scale}
          stroke="var(--color-accent)"
          strokeWidth="2.5"
        />
      )}
    </svg>
  );
}
