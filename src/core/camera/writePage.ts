import { heldBy } from '../faults/heldBy';
import { type FaultMaker, plainFaults, shaped } from '../faults/misshapen';
import { numbersFrom } from '../measure/seeded';
import type { Degrees, Mm } from '../measure/units';
import type { Pen } from '../pen/pen';
import type { Bytes } from '../raster/grey';
import { writeStroke } from './bristles';
import type { Habits } from './habits';
import type { WritablePage } from './writable';

/** A normally distributed number with deviation 1, from two uniform ones. */
const normal = (chance: () => number): number =>
  Math.sqrt(-2 * Math.log(Math.max(1e-9, chance()))) * Math.cos(2 * Math.PI * chance());

/** Fraction of the pooling under an edge that occurs under a point. */
const POINTED_POOLS = 0.2;
/** Number of letters in a dip of ink. */
const DIP = 14;

/** A pointed pen with thinner or thicker hairlines. */
const lined = (pen: Pen, times: number): Pen =>
  pen.kind === 'pointed' ? { ...pen, hairline: Math.min(pen.spread, pen.hairline * times) } : pen;

/** What was in truth written on a row: what measuring is compared with. */
export interface WrittenRow {
  readonly row: number;
  readonly text: string;
  readonly letters: number;
  /** Of each letter its edge's angle off the model's, its lean off it, and its foot over the line in mm. */
  readonly angles: readonly Degrees[];
  readonly slopes: readonly Degrees[];
  readonly feet: readonly Mm[];
}

/** Ink coverage of a page (255 is full), its resolution in pixels per mm, and the text that was written. */
export interface WrittenPage {
  readonly ink: Bytes;
  readonly rows: readonly WrittenRow[];
}

/** A page written by a simulated hand, row by row. */
export function writePage(
  page: WritablePage,
  habits: Habits,
  perMm: number,
  maker: FaultMaker = plainFaults,
): WrittenPage {
  const chance = numbersFrom(habits.seed);
  const [width, height] = [Math.round(page.width * perMm), Math.round(page.height * perMm)];
  const ink: Bytes = { width, height, data: new Uint8Array(width * height) };
  const written: WrittenRow[] = [];
  let dipped = 0;
  let left = habits.load;
  for (const { number, baseline, figure, ground, places, from, to } of page.rows) {
    if (habits.skipped.includes(number)) continue;
    const { recipe, unit, zones } = ground;
    const fault = habits.faults[number];
    const truth = { angles: [] as number[], slopes: [] as number[], feet: [] as number[] };
    for (const [x] of places) {
      const off = habits.angle + habits.angleSpread * normal(chance);
      const leanOff = habits.slope + habits.slopeSpread * normal(chance);
      const sink = (habits.sinking * (x - from)) / Math.max(1, to - from);
      const foot: Mm = habits.place * normal(chance) - sink;
      const dark = habits.ink * (1 - (habits.paling * (dipped++ % DIP)) / DIP);
      for (const shape of figure.shapes) {
        const cut = shape.cut;
        const xs = cut.upright.flatMap(({ path }) => path.flatMap((cubic) => cubic.map(([px]) => px)));
        const box = { left: Math.min(...xs), right: Math.max(...xs), body: zones.body };
        const { strokes, turn } = shaped(
          cut.upright,
          box,
          {
            width: habits.width,
            height: habits.body,
            slope: recipe.slope + leanOff,
            up: foot / unit,
            wobble: habits.wobble,
            splay: habits.splay,
            ...(fault && !shape.marks && !shape.joins && { fault }),
          },
          maker,
          chance,
        );
        const pen = lined(heldBy(ground.pen, habits.nib, off + turn), habits.hairline);
        const scale = unit * perMm;
        const [ox, oy] = [(x + shape.x * unit * habits.width) * perMm, (baseline - shape.y * unit) * perMm];
        for (const stroke of strokes) {
          if (figure.strip === 'load') {
            left -= (stroke.lengths.at(-1) as number) * unit * ground.recipe.width;
            if (left < 0) continue;
          }
          writeStroke(
            pen,
            stroke,
            {
              unit: scale,
              worn: habits.worn,
              ragged: habits.ragged * perMm,
              pools: habits.pools * scale * (ground.pen.kind === 'broad' ? 1 : POINTED_POOLS),
              rails: habits.rails,
              tops: habits.tops,
              chance,
            },
            (px, py, radius) => stamp(ink, ox + px, oy - py, radius, dark),
          );
        }
      }
      truth.angles.push(off);
      truth.slopes.push(leanOff);
      truth.feet.push(foot);
    }
    written.push({ row: number, text: figure.text, letters: places.length, ...truth });
  }
  return { ink, rows: written };
}

/** A disc of ink: pixels it covers in part are inked in part, the darker stays. */
function stamp({ width, height, data }: Bytes, x: number, y: number, radius: number, dark: number): void {
  const x0 = Math.max(0, Math.floor(x - radius - 0.5));
  const x1 = Math.min(width - 1, Math.ceil(x + radius + 0.5));
  const y0 = Math.max(0, Math.floor(y - radius - 0.5));
  const y1 = Math.min(height - 1, Math.ceil(y + radius + 0.5));
  const full = 255 * dark;
  for (let py = y0; py <= y1; py++) {
    const dy = py + 0.5 - y;
    for (let px = x0, at = py * width + x0; px <= x1; px++, at++) {
      if ((data[at] as number) >= full - 1) continue;
      const dx = px + 0.5 - x;
      const share = radius + 0.5 - Math.sqrt(dx * dx + dy * dy);
      if (share <= 0) continue;
      const value = share >= 1 ? full : full * share;
      if (value > (data[at] as number)) data[at] = value;
    }
  }
}
