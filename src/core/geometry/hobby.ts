import { type Degrees, toRadians } from '../measure/units';
import type { Cubic } from './cubic';
import { add, directionOf, distance, heading, scale, subtract, type Vec } from './vec';

/**
 * Velocity function for the arms of a cubic that leaves its chord at θ and arrives at φ (radians): a cubic with these
 * arms is close to the most circular curve with those directions. Published in the literature of digital lettering.
 */
function velocity(theta: number, phi: number): number {
  const [st, ct, sf, cf] = [Math.sin(theta), Math.cos(theta), Math.sin(phi), Math.cos(phi)];
  return (
    (2 + Math.SQRT2 * (st - sf / 16) * (sf - st / 16) * (ct - cf)) /
    (3 * (1 + 0.5 * (Math.sqrt(5) - 1) * ct + 0.5 * (3 - Math.sqrt(5)) * cf))
  );
}

/** Difference of two directions in −180 … 180°. */
const turn = (from: Degrees, to: Degrees): Degrees => ((((to - from) % 360) + 540) % 360) - 180;

/**
 * The cubic from one point to another that leaves in direction `out` and arrives in direction `into`. Tensions above
 * 1 shorten the arms and flatten the curve, below 1 they round it.
 */
export function curve(from: Vec, out: Degrees, to: Vec, into: Degrees, tensions: Vec = [1, 1]): Cubic {
  const chord = directionOf(subtract(to, from));
  const theta = toRadians(turn(chord, out));
  const phi = toRadians(turn(into, chord));
  const length = distance(from, to);
  return [
    from,
    add(from, scale(heading(out), (length * velocity(theta, phi)) / tensions[0])),
    subtract(to, scale(heading(into), (length * velocity(phi, theta)) / tensions[1])),
    to,
  ];
}
