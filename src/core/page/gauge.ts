import { group, segments, text } from '../drawing/build';
import type { DrawingNode } from '../drawing/drawing';
import { cosDeg, type Degrees, type Mm, plain, sinDeg } from '../measure/units';
import { handOf } from '../setting/handOf';
import type { Setting } from '../setting/setting';
import { type Furnished, type PageBoxes, PRINT_EDGE } from './boxes';
import { AID_LINE, SMALL } from './lettering';
import type { LineLanguage } from './lineLanguage';

/** The gauge's ray; with its lettering it fills GAUGE_SPACE. */
const GAUGE_RAY: Mm = 11;
/** The small gauges under it: their rays, and from the foot of one to the next. */
const SMALL_RAY: Mm = 6.5;
const SMALL_PITCH: Mm = 9.5;
/** White between a ray and its lettering. */
const AWAY: Mm = 0.6;

/**
 * The pen-angle gauge: the hand's own angle by itself, a length W drawn heavy on it to lay the edge on; under it a small
 * gauge for each angle its letters turn to, so that no two are drawn over each other.
 */
export function gauge(
  setting: Furnished & Pick<Setting, 'penAngle' | 'width'>,
  boxes: PageBoxes,
  language: LineLanguage,
): DrawingNode[] {
  const hand = handOf(setting);
  if (!boxes.aids.gauge || hand.penAngle === null) return [];
  const x = boxes.startsRight ? boxes.block.x + boxes.block.width + 1 : PRINT_EDGE + 0.5;
  const top = boxes.block.y + GAUGE_RAY + SMALL;
  const colour = language.aid;
  const drawn = (angle: Degrees, ray: Mm, y: Mm, width: Mm, dash?: readonly Mm[]): DrawingNode[] => {
    const end = (length: Mm): [Mm, Mm] => [x + length * cosDeg(angle), y - length * sinDeg(angle)];
    const [tx, ty] = end(ray + AWAY);
    return [
      segments([[x, y, x + ray, y]], { colour, width: AID_LINE / 2 }),
      segments([[x, y, ...end(ray)]], { colour, width, ...(dash && { dash }) }),
      text(tx, ty + SMALL * 0.16, `${plain(angle)}°`, { size: SMALL, colour }),
    ];
  };
  const own = setting.penAngle;
  const edge = Math.min(setting.width, MOST_EDGE * GAUGE_RAY);
  const turned = Object.values(hand.turns).flatMap(({ where, angle }) =>
    where === undefined ? [] : [angle],
  );
  const others = [...new Set(turned)].filter((angle) => angle !== own).sort((a, b) => a - b);
  const foot = boxes.block.y + boxes.block.height;
  return [
    group('gauge', [
      ...drawn(own, GAUGE_RAY, top, AID_LINE * 2),
      segments([[x, top, x + edge * cosDeg(own), top - edge * sinDeg(own)]], { colour, width: AID_LINE * 4 }),
      ...others.flatMap((angle, i) => {
        const y = top + (i + 1) * SMALL_PITCH;
        return y > foot ? [] : drawn(angle, SMALL_RAY, y, AID_LINE, [1, 0.7]);
      }),
    ]),
  ];
}

/** Maximum fraction of the ray that the drawn edge covers. */
const MOST_EDGE = 0.6;
