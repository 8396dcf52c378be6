import { isPressed } from '../hand/hand';
import { lookUp } from '../measure/lookUp';
import type { Mm } from '../measure/units';
import { handOf } from '../setting/handOf';
import type { PlacedInk } from '../type/placed';
import { type Charged, coverOf, type DipPlan, FILM, planDips, startsFull, usualLoad } from './dips';
import { strokesOf } from './inkArea';
import type { LaidLine } from './laid';
import type { Laid } from './layout';
import { penKey } from './pen';

/** A stroke of a piece as it will be written. */
export interface WrittenStroke {
  readonly line: LaidLine;
  readonly item: PlacedInk;
  /** Number of the stroke in its letter. */
  readonly stroke: number;
  readonly length: Mm;
  /** In mm². */
  readonly area: number;
}

/** All that one pen writes in one colour, in the order it is written. */
export interface PenWork {
  /** Key of pen and colour. */
  readonly key: string;
  readonly pen: string;
  readonly colour: string;
  readonly lines: readonly LaidLine[];
  readonly strokes: readonly WrittenStroke[];
  readonly length: Mm;
  readonly area: number;
  /** In ml, as wet ink. */
  readonly ink: number;
  /** Undefined for a pen that feeds itself. */
  readonly dips?: DipPlan;
}

const MM3_PER_ML = 1000;

/** The strokes of a line in the order they are written. */
export function strokesIn(line: LaidLine): WrittenStroke[] {
  const { face, unit } = line.pen;
  return line.set.placed.flatMap((item) =>
    item.kind === 'missing'
      ? []
      : strokesOf(face.pen, item.cut).map(({ length, area }, stroke) => ({
          line,
          item,
          stroke,
          length: length * unit,
          area: area * unit * unit,
        })),
  );
}

/**
 * What every pen of a piece has to write, colour by colour. `tools` are things of the bench by their id, for what they hold;
 * a load found by a written line counts more.
 */
export function penWork(laid: Laid, tools: ReadonlyMap<string, Charged> = new Map()): PenWork[] {
  const byPen = new Map<string, LaidLine[]>();
  for (const line of laid.lines) {
    const key = `${penKey(line.block.setting)} ${line.block.colour}`;
    byPen.set(key, [...(byPen.get(key) ?? []), line]);
  }
  return [...byPen].map(([key, lines]): PenWork => {
    const { block } = lines[0] as LaidLine;
    const strokes = lines.flatMap(strokesIn);
    const sum = (of: (stroke: WrittenStroke) => number) => strokes.reduce((total, one) => total + of(one), 0);
    const area = sum((one) => one.area);
    const pressed = isPressed(handOf(block.setting));
    const pen = penKey(block.setting);
    const load = lookUp(laid.piece.loads, pen) ?? usualLoad(tools.get(block.setting.nib), pressed);
    const cover = load === undefined ? undefined : coverOf(load);
    return {
      key,
      pen,
      colour: block.colour,
      lines,
      strokes,
      length: sum((one) => one.length),
      area,
      ink: (area * FILM) / MM3_PER_ML,
      ...(cover !== undefined && {
        dips: planDips(
          strokes.map((stroke) => ({ area: stroke.area, startsFull: startsFull(stroke.area, cover) })),
          cover,
        ),
      }),
    };
  });
}
