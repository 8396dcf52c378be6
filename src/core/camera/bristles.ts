import { doubling, edgeAngle, markCentre, type Pen, penFor, pressedWidth, touching } from '../pen/pen';
import type { Stroke } from '../pen/stroke';
import { type PenPose, trace } from '../pen/trace';

/**
 * Ink of the simulated camera, laid by bristles: the edge is many fine points side by side, each with a flow of its own that
 * comes and goes along the stroke. It shares the paths of strokes with the exemplar, and nothing of how the exemplar is inked
 * (hulls of footprints), so that measuring is not tried on its own drawing.
 */
export interface Flow {
  /** Pixels a letter unit. */
  readonly unit: number;
  /** Shares of the edge's width that leave no ink at its worn end. */
  readonly worn: number;
  /** Maximum displacement of the outermost bristles, in pixels. */
  readonly ragged: number;
  /** Extra radius where a stroke begins and ends, in pixels. */
  readonly pools: number;
  /** Share of a pointed pen's shade that stays white in its middle. */
  readonly rails: number;
  /** Length over which a pointed pen opens to the full shade, as a fraction of the shade's width. */
  readonly tops: number;
  readonly chance: () => number;
}

/** Spacing of bristles and width of the mark of each, in pixels. */
const APART = 0.55;
const BRISTLE = 0.75;
/** Steps along the stroke, in pixels. */
const STEP = 0.8;
/** Typical length, in pixels, over which the flow of a bristle changes. */
const WAVE = 9;

/** Draws a disc of ink at a place; lengths in pixels. */
export type Dot = (x: number, y: number, radius: number) => void;

/** Smooth noise along a line, about 0, deviation about 1. */
function noise(chance: () => number): (s: number) => number {
  const values = Array.from({ length: 64 }, () => (chance() + chance() + chance() - 1.5) * 2);
  return (s) => {
    const at = (((s / WAVE) % 64) + 64) % 64;
    const i = Math.floor(at);
    const t = at - i;
    const u = t * t * (3 - 2 * t);
    return (values[i] as number) * (1 - u) + (values[(i + 1) % 64] as number) * u;
  };
}

/** Shades narrower than this, in pixels, have no middle to run dry; a bristle is thin where its flow is below this. */
const RAILED = 3;
const DRY = -2.4;

/** The edge on the paper at one moment: its two ends and its thickness in letter units, and how far the pen has come, in pixels. */
interface Touch {
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
  readonly thick: number;
  /** How far its ink reaches beyond its ends. */
  readonly beyond: number;
  readonly s: number;
}

/** The two ends of what touches the paper in a pose, and how thick it is across, in letter units. */
function ends(pen: Pen, pose: PenPose): Omit<Touch, 's'> {
  const [x, y] = markCentre(pen, pose);
  switch (pen.kind) {
    case 'broad': {
      const angle = (edgeAngle(pen, pose) * Math.PI) / 180;
      const half = (pen.width * touching(pen, pose)) / 2;
      const [dx, dy] = [Math.cos(angle) * half, Math.sin(angle) * half];
      return { from: [x - dx, y - dy], to: [x + dx, y + dy], thick: pen.steel, beyond: 0 };
    }
    case 'pointed': {
      const half = Math.max(0, (pressedWidth(pen, pose.press) - pen.hairline) / 2);
      if (pen.tops === 'round')
        return { from: [x, y], to: [x, y], thick: pressedWidth(pen, pose.press), beyond: 0 };
      const angle = ((pen.lie ?? 0) * Math.PI) / 180;
      const [dx, dy] = [Math.cos(angle) * half, Math.sin(angle) * half];
      return { from: [x - dx, y - dy], to: [x + dx, y + dy], thick: pen.hairline, beyond: pen.hairline / 2 };
    }
    case 'doubled': {
      const reach = pen.gap * doubling(pose);
      return { from: [x, y], to: [x + reach, y], thick: pen.line, beyond: 0 };
    }
    default:
      return { from: [x, y], to: [x, y], thick: 'line' in pen ? pen.line : 0.1, beyond: 0 };
  }
}

/** Writes one stroke: `dot` is called for every touch, in pixels, y upwards from the stroke's own origin. */
export function writeStroke(pen: Pen, stroke: Stroke, flow: Flow, dot: Dot): void {
  const used = penFor(pen, stroke);
  const { unit, chance } = flow;
  const touches = closely(
    trace(stroke, STEP / unit).map((pose) => ({ ...ends(used, pose), s: pose.travelled * unit })),
  );
  const spread = ({ from, to }: Touch) => Math.hypot(to[0] - from[0], to[1] - from[1]) * unit;
  const widest = Math.max(...touches.map(spread));
  const count = Math.max(1, Math.ceil(widest / APART));
  const flows = Array.from({ length: count + 1 }, () => noise(chance));
  const [startNoise, endNoise] = [noise(chance), noise(chance)];
  const length = (stroke.lengths.at(-1) as number) * unit;
  for (const touch of touches) {
    const { thick, beyond, s } = touch;
    const [from, to] = pressedLate(touch);
    const wide = spread({ ...touch, from, to });
    const here = Math.max(1, Math.ceil(wide / APART));
    const near = Math.max(0, 1 - Math.min(s, length - s) / (4 * flow.pools + 1));
    const radius = Math.max(BRISTLE, (thick * unit) / 2) + flow.pools * near * near;
    const strayStart = (startNoise(s) * flow.ragged) / Math.max(1, wide);
    const strayEnd = (endNoise(s) * flow.ragged) / Math.max(1, wide);
    for (let i = 0; i <= here; i++) {
      // The outermost bristles are inset by their own width less what ink reaches beyond the ends, so that it is as wide as the edge.
      const inset = Math.min(0.5, Math.max(0, BRISTLE - beyond * unit) / Math.max(1, wide));
      const share = wide < APART ? 0.5 : inset + (1 - 2 * inset) * (i / here);
      if (share < strayStart || share > 1 - strayEnd - flow.worn) continue;
      // In a shade of two rails the middle runs dry.
      if (flow.rails > 0 && wide > RAILED && Math.abs(share - 0.5) < flow.rails / 2) continue;
      const bristle = flows[Math.min(count, Math.round(share * count))] as (s: number) => number;
      // Now and then a bristle runs thin.
      const thin = bristle(s) < DRY && wide > RAILED ? 0.6 : 1;
      dot(
        (from[0] + (to[0] - from[0]) * share) * unit,
        (from[1] + (to[1] - from[1]) * share) * unit,
        radius * thin,
      );
    }
  }

  /** The ends of a touch, where a shade is only being pressed out. */
  function pressedLate(touch: Touch): readonly [Touch['from'], Touch['to']] {
    const over = flow.tops * widest;
    const share = used.kind === 'pointed' && touch.s < over ? touch.s / over : 1;
    const [mx, my] = [(touch.from[0] + touch.to[0]) / 2, (touch.from[1] + touch.to[1]) / 2];
    const drawn = ([x, y]: Touch['from']): Touch['from'] => [mx + (x - mx) * share, my + (y - my) * share];
    return [drawn(touch.from), drawn(touch.to)];
  }

  /** Touches no farther apart than a step: along straight lines the path has no poses of its own. */
  function closely(given: readonly Touch[]): Touch[] {
    return given.flatMap((touch, i) => {
      const before = given[i - 1];
      if (!before) return [touch];
      const steps = Math.max(1, Math.ceil((touch.s - before.s) / STEP));
      const between = (a: number, b: number, share: number) => a + (b - a) * share;
      return Array.from({ length: steps }, (_, k): Touch => {
        const share = (k + 1) / steps;
        return {
          from: [
            between(before.from[0], touch.from[0], share),
            between(before.from[1], touch.from[1], share),
          ],
          to: [between(before.to[0], touch.to[0], share), between(before.to[1], touch.to[1], share)],
          thick: between(before.thick, touch.thick, share),
          beyond: touch.beyond,
          s: between(before.s, touch.s, share),
        };
      });
    });
  }
}
