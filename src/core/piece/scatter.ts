import { circle, type Segment, segments } from '../drawing/build';
import type { DrawingNode } from '../drawing/drawing';
import { numbersFrom } from '../measure/seeded';
import { cosDeg, type Mm, sinDeg } from '../measure/units';

import type { Extent, LaidPiece } from './laid';
import type { Motif } from './pieceFormat';

/** A motif in its place; `size` is its whole breadth. */
export interface Spot {
  readonly x: Mm;
  readonly y: Mm;
  readonly size: Mm;
  /** Rotation, in degrees. */
  readonly turn: number;
}

/** Maximum number of places tried for each motif. */
const TRIES = 400;
/** Maximum relative deviation of sizes in either direction, so that no two look stamped. */
const UNEVEN = 0.25;

/** Distance of a spot from a box; negative inside. */
const awayFrom = ({ x, y, size }: Spot, box: Extent): Mm =>
  Math.hypot(Math.max(box.left - x, 0, x - box.right), Math.max(box.top - y, 0, y - box.bottom)) - size / 2;

/** The parts of a laid piece that motifs avoid. */
type Strewn = Pick<LaidPiece, 'piece' | 'page' | 'lines' | 'postage'> & {
  readonly flourishes: readonly { readonly ink: Extent }[];
};

/**
 * Motifs strewn over the page: an odd number, each clear of the writing and its flourishes, of the corner for postage, of the edge and of the
 * others by what was asked; the same seed strews the same. Where there is no room for as many, fewer come, an odd number.
 */
export function scatter(laid: Strewn): Spot[] {
  const { motif, count, size, clear, seed } = laid.piece.scatter;
  if (motif === 'none') return [];
  const { page, postage } = laid;
  const kept = [
    ...[...laid.lines, ...laid.flourishes].map(({ ink }) => ink),
    ...(postage
      ? [
          {
            left: postage.x,
            right: postage.x + postage.width,
            top: postage.y,
            bottom: postage.y + postage.height,
          },
        ]
      : []),
  ];
  const { kind, inset, length } = laid.piece.border;
  const edge = clear + (kind === 'none' ? 0 : inset + (kind === 'ticks' || kind === 'corners' ? length : 0));
  const next = numbersFrom(seed);
  const spots: Spot[] = [];
  for (let i = 0; i < count; i++) {
    for (let tries = 0; tries < TRIES; tries++) {
      const mine = size * (1 - UNEVEN + 2 * UNEVEN * next());
      const room = edge + mine / 2;
      const spot: Spot = {
        x: room + next() * (page.width - 2 * room),
        y: room + next() * (page.height - 2 * room),
        size: mine,
        turn: next() * 60,
      };
      const free =
        page.width > 2 * room &&
        page.height > 2 * room &&
        kept.every((box) => awayFrom(spot, box) >= clear) &&
        spots.every(
          (other) => Math.hypot(other.x - spot.x, other.y - spot.y) - (other.size + spot.size) / 2 >= clear,
        );
      if (!free) continue;
      spots.push(spot);
      break;
    }
  }
  return spots.length % 2 === 1 ? spots : spots.slice(0, -1);
}

const LINE: Mm = 0.25;

/** One motif as strokes a fine pen can draw. */
function motifNodes(motif: Motif, { x, y, size, turn }: Spot, colour: string): DrawingNode[] {
  const r = size / 2;
  const ray = (angle: number, from: number, to: number): Segment => [
    x + from * cosDeg(angle),
    y + from * sinDeg(angle),
    x + to * cosDeg(angle),
    y + to * sinDeg(angle),
  ];
  const stroke = { colour, width: LINE, cap: 'round' } as const;
  switch (motif) {
    case 'none':
      return [];
    case 'dots':
      return [{ kind: 'path', commands: circle(x, y, r), fill: colour }];
    case 'stars':
      // Four long rays and four short ones between them.
      return [
        segments(
          [0, 45, 90, 135].map((angle, i) =>
            ray(angle + turn, -r * (i % 2 ? 0.5 : 1), r * (i % 2 ? 0.5 : 1)),
          ),
          stroke,
        ),
      ];
    case 'snow':
      return [
        segments(
          [0, 60, 120].flatMap((angle) => [
            ray(angle + turn, -r, r),
            ...[0, 180].flatMap((way) => {
              const tip = angle + turn + way;
              const [bx, by] = [x + 0.6 * r * cosDeg(tip), y + 0.6 * r * sinDeg(tip)];
              return [-50, 50].map(
                (off): Segment => [
                  bx,
                  by,
                  bx + 0.32 * r * cosDeg(tip + off),
                  by + 0.32 * r * sinDeg(tip + off),
                ],
              );
            }),
          ]),
          stroke,
        ),
      ];
  }
}

/** The scattered motifs as they are drawn. */
export const scatterNodes = (laid: Strewn, colour = laid.piece.scatter.colour): DrawingNode[] =>
  scatter(laid).flatMap((spot) => motifNodes(laid.piece.scatter.motif, spot, colour));
