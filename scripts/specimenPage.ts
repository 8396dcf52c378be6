import { segments } from '../src/core/drawing/build';
import type { Drawing, DrawingNode } from '../src/core/drawing/drawing';
import { italic } from '../src/core/hands/italic/metrics';
import type { HandId } from '../src/core/hands/registry';
import { tanDeg } from '../src/core/measure/units';
import { setLine } from '../src/core/type/setLine';
import { typeface } from '../src/core/type/typeface';
import { writeLine } from '../src/core/type/writeLine';

export interface SpecimenOptions {
  readonly hand: HandId;
  readonly rows: readonly string[];
  readonly slope?: number;
  readonly angle?: number;
  readonly body?: number;
  readonly contrast?: number;
  /** Full shade of a pointed pen, in fifths of the body. */
  readonly shade?: number;
  /** Ascender, body and descender of a ratio hand. */
  readonly ratio?: readonly number[];
  readonly joined: boolean;
  readonly chosen: Readonly<Record<string, string>>;
}

const INK = '#1F2430';
const RULE = '#9db3c8';
const AROUND = 3;

/** Rows of writing on their guidelines, one letter unit a millimetre. */
export function specimen({ hand, rows, ...options }: SpecimenOptions): Drawing {
  const pointed = hand !== 'italic';
  const [up = 3, mid = 2, down = 3] = options.ratio ?? [];
  const body = options.body ?? 5;
  const unit = body / mid;
  const zones = pointed
    ? {
        ...italic.zones,
        body,
        ascender: up * unit,
        descender: down * unit,
        capital: body + up * unit,
        branch: null,
      }
    : { ...italic.zones, body };
  const slope = options.slope ?? (pointed ? 35 : 6);
  const shade = options.shade ?? 0.74;
  const face = typeface({
    hand,
    zones,
    penAngle: options.angle ?? 45,
    slope,
    pressed: { shade, hairline: shade / (options.contrast ?? 9) },
    joined: options.joined,
    chosen: options.chosen,
  });
  if (!face) throw new Error(`${hand} has no letters.`);
  const { ascender, descender } = zones;
  const lean = tanDeg(slope);
  const pitch = ascender + body + descender + 2;
  const back = AROUND + (descender + 1) * lean;
  const nodes: DrawingNode[] = [];
  let width = 0;
  const lines = rows.map((row, i) => {
    const y = AROUND + ascender + body + i * pitch;
    let x = back;
    const parts = row.startsWith('*') ? row.slice(1).split(' ') : [row];
    const ink = parts.flatMap((text) => {
      const set = setLine(face, text);
      const start = x + set.left;
      x = start + set.width + (parts.length > 1 ? 2.5 : 0);
      return writeLine(face, set, start, y, 1, INK);
    });
    width = Math.max(width, x + (ascender + body) * lean + AROUND);
    return { y, ink };
  });
  for (const { y, ink } of lines) {
    const rules = [0, body, body + ascender, -descender, zones.capital];
    nodes.push(
      segments(
        rules.map((height) => [0, y - height, width, y - height]),
        { colour: RULE, width: 0.03 },
      ),
      ...ink,
    );
  }
  return { width, height: 2 * AROUND + rows.length * pitch, title: `${hand} specimen`, nodes };
}
