import type { SlantedOval } from '../../geometry/oval';
import { line, stroke, to } from '../../hand/notation';
import { clamp, cosDeg, sinDeg, tanDeg } from '../../measure/units';
import type { Knot, StrokePlan } from '../../pen/stroke';
import { handOf } from '../../setting/handOf';
import type { Ground } from '../ground';
import { alongArc } from './arc';
import { type Built, count, SAW } from './drill';

/** Distance of hatching lines. */
const HATCH = 0.55;

export const hatching = ({ measures: m, recipe }: Ground): Built => {
  const broad = handOf(recipe).tool === 'broad';
  const angle = broad ? clamp(recipe.penAngle, ...SAW) : 60;
  const run = (m.T - m.B) / tanDeg(angle);
  const gap = HATCH * (broad ? 1.3 : 1);
  const thin = { press: 0 };
  return {
    upright: true,
    pressed: true,
    strokes: [
      ...count(9).map((i) => stroke('hatch', [to(i * gap + run, m.T, undefined, thin), line(i * gap, m.B)])),
      ...count(9).map((i) => {
        const x = 9 * gap + run + 1.2 + i * gap;
        return stroke('hatch', [to(x + run, m.T, undefined, { press: (i + 1) / 12 }), line(x, m.B)]);
      }),
    ],
  };
};

/** Chords of a circle at the pen's thinnest: their ends draw the round. */
function chords({ measures: m, recipe }: Ground): StrokePlan[] {
  const r = m.X / 2;
  const angle = clamp(recipe.penAngle, ...SAW);
  const [along, across] = [
    [cosDeg(angle), sinDeg(angle)],
    [sinDeg(angle), -cosDeg(angle)],
  ] as const;
  const lines = Math.floor((2 * r) / HATCH);
  return count(lines).map((i) => {
    const off = (i + 0.5) * HATCH - r;
    const half = Math.max(0, Math.sqrt(r * r - off * off) - 0.5);
    const [cx, cy] = [r + off * across[0], r + off * across[1]];
    return stroke('along the contour', [
      to(cx + half * along[0], cy + half * along[1]),
      line(cx - half * along[0], cy - half * along[1]),
    ]);
  });
}

/** Meridians of a ball under its round edge, darker on the far side. */
function meridians({ measures: m }: Ground): StrokePlan[] {
  const r = (m.T - m.B) / 2;
  const cy = (m.T + m.B) / 2;
  const pressed = (knots: Knot[], press = 0) => knots.map((knot) => ({ ...knot, press }));
  const ring = (share: number): SlantedOval => ({
    cx: r,
    cy,
    H: share === 1 ? r : r * 0.96,
    q: r * share,
    reach: r * share,
    phase: 0,
  });
  return [
    stroke('left edge', pressed(alongArc(ring(1), 0, 180))),
    stroke('right edge', pressed(alongArc(ring(1), 0, -180))),
    ...[0.15, 0.4, 0.62, 0.8, 0.92].map((share, i) =>
      stroke('along the contour', pressed(alongArc(ring(share), -8, -172), i / 12)),
    ),
  ];
}

export const contourHatching = (ground: Ground): Built => ({
  upright: true,
  pressed: true,
  strokes: handOf(ground.recipe).tool === 'broad' ? chords(ground) : meridians(ground),
});
