import { group, type Segment, segments, text } from '../drawing/build';
import type { DrawingNode } from '../drawing/drawing';
import { cosDeg, type Degrees, type Mm, plain, sinDeg } from '../measure/units';
import { handOf } from '../setting/handOf';
import type { Setting } from '../setting/setting';
import { type Furnished, hasGauge, type PageBoxes, PRINT_EDGE } from './boxes';
import { AID_LINE, SMALL } from './lettering';
import type { LineLanguage } from './lineLanguage';

/** The gauge's longest ray; with its lettering it fills GAUGE_SPACE. */
const GAUGE_RAY: Mm = 11;
const RAY_LENGTHS: readonly Mm[] = [0.6 * GAUGE_RAY, 0.8 * GAUGE_RAY, GAUGE_RAY];
/** Rays closer than this would print their lettering over each other; the next takes the next length. */
const CROWDED_RAYS: Degrees = 18;

/**
 * The pen-angle gauge: rays at the hand's angle and at the angles its letters turn to. The hand's own ray carries a
 * length W, drawn heavy, to lay the edge on.
 */
export function gauge(
  setting: Furnished & Pick<Setting, 'penAngle' | 'width'>,
  boxes: PageBoxes,
  language: LineLanguage,
): DrawingNode[] {
  const taught = Object.values(handOf(setting).turns).filter(({ where }) => where !== undefined);
  if (!hasGauge(setting)) return [];
  const x = boxes.startsRight ? boxes.block.x + boxes.block.width + 1 : PRINT_EDGE + 0.5;
  const y = boxes.block.y + GAUGE_RAY + SMALL;
  const end = (angle: Degrees, length: Mm): [Mm, Mm] => [
    x + length * cosDeg(angle),
    y - length * sinDeg(angle),
  ];
  const ray = (angle: Degrees, length: Mm): Segment => [x, y, ...end(angle, length)];

  const angles = [...new Set([setting.penAngle, ...taught.map(({ angle }) => angle)])].sort((a, b) => a - b);
  let previous = Number.NEGATIVE_INFINITY;
  let step = 0;
  const rays = angles.map((angle) => {
    step = angle - previous < CROWDED_RAYS ? (step + 1) % RAY_LENGTHS.length : 0;
    previous = angle;
    return { angle, length: RAY_LENGTHS[step] as Mm };
  });
  const others = rays.filter(({ angle }) => angle !== setting.penAngle);
  return [
    group('gauge', [
      segments([[x, y, x + GAUGE_RAY, y]], { colour: language.aid, width: AID_LINE / 2 }),
      segments(
        others.map(({ angle, length }) => ray(angle, length)),
        { colour: language.aid, width: AID_LINE, dash: [1, 0.7] },
      ),
      segments(
        rays.filter(({ angle }) => angle === setting.penAngle).map(({ angle, length }) => ray(angle, length)),
        { colour: language.aid, width: AID_LINE * 2 },
      ),
      segments([ray(setting.penAngle, Math.min(setting.width, RAY_LENGTHS[0] as Mm))], {
        colour: language.aid,
        width: AID_LINE * 4,
      }),
      ...rays.map(({ angle, length }) => {
        const [tx, ty] = end(angle, length + 0.6);
        return text(tx, ty + 0.4, `${plain(angle)}°`, { size: SMALL, colour: language.aid });
      }),
    ]),
  ];
}
