import type { SlantedOval } from '../geometry/oval';
import { line, stroke, to } from '../hand/notation';
import type { Degrees } from '../measure/units';
import type { Knot, StrokePlan } from '../pen/stroke';
import { alongArc } from './drills/arc';

/**
 * Picture drills: things of the sky and of optics made of the strokes that letters are made of, step by step. Letter
 * units, upright, standing on 0; every stroke is one an edge can pull.
 */
export interface Picture {
  readonly id: string;
  readonly name: string;
  readonly steps: readonly Step[];
}

export interface Step {
  /** What to do, in a few words. */
  readonly say: string;
  readonly strokes: readonly StrokePlan[];
}

const step = (say: string, ...strokes: readonly Knot[][]): Step => ({
  say,
  strokes: strokes.map((knots) => stroke(say, knots)),
});

/** A piece of an upright ellipse: ψ = 0 is its top, 90 its left side; clockwise when `until` is less. */
const arc = (cx: number, cy: number, rx: number, ry: number, from: Degrees, until: Degrees): Knot[] => {
  const oval: SlantedOval = { cx, cy, H: ry, q: rx, reach: rx, phase: 0 };
  return alongArc(oval, from, until);
};

/** Left side from the top, right side from the top: how an edge makes a round. */
const leftSide = (cx: number, cy: number, rx: number, ry = rx): Knot[] => arc(cx, cy, rx, ry, -12, 190);
const rightSide = (cx: number, cy: number, rx: number, ry = rx): Knot[] => arc(cx, cy, rx, ry, 12, -190);

const straight = (x1: number, y1: number, x2: number, y2: number): Knot[] => [to(x1, y1), line(x2, y2)];

/** Rays around a centre, pulled outward below and inward above, as an edge must. */
const ray = (cx: number, cy: number, from: number, until: number, direction: Degrees): Knot[] => {
  const at = (r: number) =>
    [cx + r * Math.cos((direction * Math.PI) / 180), cy + r * Math.sin((direction * Math.PI) / 180)] as const;
  const [inner, outer] = [at(from), at(until)];
  return inner[1] >= outer[1] ? straight(...inner, ...outer) : straight(...outer, ...inner);
};

export const PICTURES = [
  {
    id: 'moon-phases',
    name: 'Phases of the moon',
    steps: [
      step('a young moon: the right side, and back inside it', arc(2.4, 4, 3, 3.4, 0, -180), [
        to(2.4, 7.4, -40),
        to(3.6, 4, -90),
        to(2.4, 0.6, 220),
      ]),
      step(
        'a half moon: the right side and a stem',
        arc(8.6, 4, 3, 3.4, 0, -180),
        straight(8.6, 7.2, 8.6, 0.8),
      ),
      step('a full moon: left side, right side', leftSide(16.4, 4, 3.2), rightSide(16.4, 4, 3.2)),
    ],
  },
  {
    id: 'comet',
    name: 'Comet',
    steps: [
      step('the head: left side, right side', leftSide(2.2, 2.4, 1.9), rightSide(2.2, 2.4, 1.9)),
      step('the long wave of the tail', [to(12.5, 9.4, 200), to(8, 6.6, 222), to(4.6, 4.2, 210)]),
      step(
        'a shorter one on either side',
        [to(9.6, 9.6, 215), to(6.4, 6.8, 225), to(3.4, 4.9, 228)],
        [to(12, 6.4, 190), to(8.4, 4.6, 210), to(4.8, 2.8, 198)],
      ),
      step(
        'three sparks',
        straight(10.6, 2.3, 11.3, 1.6),
        straight(12.4, 3.6, 13.1, 2.9),
        straight(6, 10.4, 6.7, 9.7),
      ),
    ],
  },
  {
    id: 'dome',
    name: 'Observatory dome',
    steps: [
      step('two walls, straight down', straight(1.4, 3.6, 1.4, 0.6), straight(10.6, 3.6, 10.6, 0.6)),
      step('two bars: the ledge and the ground', straight(0.4, 3.9, 11.6, 3.9), straight(0, 0.4, 12, 0.4)),
      step('the dome: left side, right side', arc(6, 4.2, 4.8, 5, -6, 90), arc(6, 4.2, 4.8, 5, 6, -90)),
      step('the slit: two stems', straight(6.6, 8.8, 6.6, 4.6), straight(8.4, 8, 8.4, 4.6)),
      step('and a star to look at', straight(11, 10.7, 11.8, 9.9)),
    ],
  },
  {
    id: 'lens',
    name: 'Lens',
    steps: [
      step('the left side of the lens', [to(6, 10, 245), to(4.6, 5.2, -90), to(6, 0.4, -65)]),
      step('its right side', [to(6, 10, -65), to(7.4, 5.2, -90), to(6, 0.4, 245)]),
      step(
        'light comes in level',
        straight(0, 7.6, 5, 7.6),
        straight(0, 5.2, 4.6, 5.2),
        straight(0, 2.8, 5, 2.8),
      ),
      step(
        'and leaves for the focus',
        straight(7, 7.4, 13, 5.2),
        straight(7.4, 5.2, 13, 5.2),
        straight(7, 3, 13, 5.2),
      ),
    ],
  },
  {
    id: 'ringed-planet',
    name: 'Ringed planet',
    steps: [
      step('the ball: left side, right side', leftSide(6.5, 5, 3.4), rightSide(6.5, 5, 3.4)),
      step('the ring in front, one pull', [
        to(1.4, 6.8, 195),
        to(0.6, 4.4, -70),
        to(6.5, 3.1, 10),
        to(12.2, 6.2, 45),
      ]),
      step('and what shows behind', [to(9.8, 7.9, 28), to(12.4, 7.9, -40), to(12.2, 6.2, -115)]),
    ],
  },
  {
    id: 'star',
    name: 'Star',
    steps: [
      step('a stem', straight(5, 10, 5, 0)),
      step('a bar', straight(0, 5, 10, 5)),
      step('two diagonals, shorter', straight(2.4, 7.6, 7.6, 2.4), straight(7.6, 7.6, 2.4, 2.4)),
      step(
        'four dots between',
        straight(2.6, 9.4, 3.2, 8.8),
        straight(6.8, 9.4, 7.4, 8.8),
        straight(2.6, 1.2, 3.2, 0.6),
        straight(6.8, 1.2, 7.4, 0.6),
      ),
    ],
  },
  {
    id: 'sunrise',
    name: 'Sunrise',
    steps: [
      step('the horizon', straight(0, 1, 13, 1)),
      step(
        'half the sun: left side, right side',
        arc(6.5, 1.4, 3.1, 3.4, -6, 88),
        arc(6.5, 1.4, 3.1, 3.4, 6, -88),
      ),
      step(
        'a ray upright and one either side',
        ray(6.5, 1.4, 4.8, 7.6, 90),
        ray(6.5, 1.4, 4.8, 7.6, 55),
        ray(6.5, 1.4, 4.8, 7.6, 125),
      ),
      step('two low ones', ray(6.5, 1.4, 4.8, 7, 22), ray(6.5, 1.4, 4.8, 7, 158)),
    ],
  },
  {
    id: 'telescope',
    name: 'Telescope',
    steps: [
      step('the tube: two diagonals', straight(1, 9.6, 9, 5), straight(2.4, 11.4, 10.2, 6.8)),
      step('its two ends', straight(2.4, 11.4, 1, 9.6), straight(10.2, 6.8, 9, 5)),
      step(
        'three legs from under the middle',
        straight(6, 6.6, 6, 0.4),
        straight(6, 6.4, 2.4, 0.4),
        straight(6, 6.4, 9.6, 0.4),
      ),
      step('the eyepiece', straight(10, 5.6, 11.4, 4.8)),
    ],
  },
  {
    id: 'rain-cloud',
    name: 'Rain cloud',
    steps: [
      step(
        'three arches, the middle one tallest',
        arc(2.6, 6.2, 2, 2, 88, -60),
        arc(6.2, 6.8, 2.6, 3, 76, -76),
        arc(10, 6.2, 2, 2, 60, -88),
      ),
      step('the flat foot of the cloud', straight(0.8, 5.4, 12, 5.4)),
      step(
        'rain: short parallel stems',
        straight(3, 4, 2.2, 2),
        straight(5.4, 4, 4.6, 2),
        straight(7.8, 4, 7, 2),
        straight(10.2, 4, 9.4, 2),
      ),
      step(
        'and drops',
        straight(1.8, 1, 2.4, 0.4),
        straight(4.2, 1, 4.8, 0.4),
        straight(6.6, 1, 7.2, 0.4),
        straight(9, 1, 9.6, 0.4),
      ),
    ],
  },
  {
    id: 'aurora',
    name: 'Aurora',
    steps: [
      step('the curtain’s edge: a long wave', [
        to(0, 6.2, -20),
        to(3.4, 4.6, 0),
        to(6.8, 6.4, 20),
        to(10, 7.4, 0),
        to(13, 6, -30),
      ]),
      step(
        'stems that rise from it',
        straight(0.6, 9.6, 0.6, 6.8),
        straight(2.8, 8.6, 2.8, 5.4),
        straight(5, 9.2, 5, 6),
        straight(7.2, 10.4, 7.2, 7.2),
        straight(9.4, 11, 9.4, 8),
        straight(11.6, 10.2, 11.6, 7.4),
      ),
      step('a hill below', [to(0, 1, 20), to(6, 2.6, 0), to(13, 0.6, -18)]),
    ],
  },
  {
    id: 'eclipse',
    name: 'Eclipse',
    steps: [
      step('the moon: left side, right side', leftSide(6, 6, 2.9), rightSide(6, 6, 2.9)),
      step(
        'four rays of the corona',
        ray(6, 6, 4.4, 6.4, 90),
        ray(6, 6, 4.4, 6.4, 0),
        ray(6, 6, 4.4, 6.4, 180),
        ray(6, 6, 4.4, 6.4, 270),
      ),
      step(
        'and four shorter ones between',
        ray(6, 6, 4.4, 5.6, 45),
        ray(6, 6, 4.4, 5.6, 135),
        ray(6, 6, 4.4, 5.6, 225),
        ray(6, 6, 4.4, 5.6, 315),
      ),
    ],
  },
  {
    id: 'prism',
    name: 'Prism',
    steps: [
      step('two diagonals from one point', straight(6, 9, 2.4, 1.4), straight(6, 9, 9.6, 1.4)),
      step('and a bar', straight(1.9, 1, 10.1, 1)),
      step('the ray comes in', straight(0, 6.4, 3.8, 5)),
      step(
        'and leaves as a fan',
        straight(8.2, 5.4, 13, 6.6),
        straight(8.4, 5, 13, 4.8),
        straight(8.7, 4.4, 13, 3),
      ),
    ],
  },
] as const satisfies readonly Picture[];

export const pictureById = (id: string): Picture | undefined => PICTURES.find((picture) => picture.id === id);
