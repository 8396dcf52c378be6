import type { ToolFamily } from '../../hand/hand';
import { line, stroke, to } from '../../hand/notation';
import { clamp, cosDeg, type Mm, type NibWidths, tanDeg } from '../../measure/units';
import type { Pen } from '../../pen/pen';
import type { StrokePlan } from '../../pen/stroke';
import { handOf } from '../../setting/handOf';
import type { StripPart } from '../../writing/stripPart';
import type { Ground } from '../ground';
import { type Built, count, SAW } from './drill';

/**
 * The strip by which a nib is measured: straight strokes with white between them, so that a photograph shows how thick each is. An edge is
 * drawn along itself and across itself; a point is not pressed, and pressed.
 */
export interface StripRow {
  readonly name: string;
  readonly remark: (tool: ToolFamily) => string;
  /** Tools that can write it. */
  readonly tools: readonly ToolFamily[];
  /** Rows to write, below the model. */
  readonly rows: number;
  /** Strokes that make a row, where the line has room for them. */
  readonly strokes: number;
}

const ANY: readonly ToolFamily[] = ['broad', 'pointed', 'brush', 'monoline'];
/** Steps of a ladder of pressure, from the hairline to the full shade. */
const STEPS = 10;

export const STRIP_ROWS: Readonly<Record<StripPart, StripRow>> = {
  hairline: {
    name: 'Finest lines',
    remark: (tool) =>
      tool === 'broad'
        ? 'Glide along the edge, as thin as it writes; lift between the lines.'
        : 'Upstrokes without any pressure; lift between the lines.',
    tools: ['broad', 'pointed', 'brush'],
    rows: 1,
    strokes: 12,
  },
  full: {
    name: 'Full strokes',
    remark: (tool) =>
      tool === 'broad'
        ? 'The whole edge on the paper, pulled straight across itself.'
        : tool === 'monoline'
          ? 'Straight lines at your usual pressure; lift between them.'
          : 'Downstrokes, pressed as far as you would ever write.',
    tools: ANY,
    rows: 1,
    strokes: 10,
  },
  opening: {
    name: 'Ten steps of pressure',
    remark: () =>
      'Downstrokes, each pressed a little more than the last: from the hairline to the full shade.',
    tools: ['pointed', 'brush'],
    rows: 1,
    strokes: STEPS,
  },
  load: {
    name: 'One load',
    remark: () =>
      'Dip once as you always do and write full strokes, row by row. Stop at the first that splits, pales or breaks off.',
    tools: ANY,
    rows: 3,
    strokes: Number.POSITIVE_INFINITY,
  },
};

/** Strokes stand at least this far apart, and this many times their own width: a nib wider than was thought must not close the white. */
const LEAST_PITCH: Mm = 3;
const WHITE = 2.5;

/** Run of an upstroke without pressure over its height: steeper than joins are, flatter than shades. */
const UPWARDS = 0.45;

/** Strokes of a row that has room to spare stand up to this many times their least distance apart. */
const MOST_STRETCH = 2;

/** Strokes of one row of a strip, as many as fit into `room` (letter units). */
export function stripStrokes(part: StripPart, ground: Ground, room: NibWidths): Built {
  const { measures: m, recipe, pen, unit } = ground;
  const height = m.T - m.B;
  const { tool } = handOf(recipe);
  const broad = tool === 'broad';
  const angle = clamp(recipe.penAngle, ...SAW);
  const thick = thickestOf(pen);
  const across = broad && part !== 'hairline' ? thick / cosDeg(angle) : thick;
  // Run of a stroke from its lower end to its upper one, before it leans.
  const rising = broad ? height / tanDeg(angle) : UPWARDS * height;
  const falling = broad ? -height * tanDeg(angle) : 0;
  const run = part === 'hairline' ? rising : falling;
  const lean = broad ? 0 : height * Math.abs(tanDeg(recipe.slope));
  // Ends of strokes reach beyond their path by less than their width on either side.
  const free = room - Math.abs(run) - lean - 2 * across;
  const least = Math.max(LEAST_PITCH / unit, WHITE * across);
  const strokes = Math.max(1, Math.min(STRIP_ROWS[part].strokes, Math.floor(free / least) + 1));
  const pitch = clamp(free / Math.max(1, strokes - 1), least, MOST_STRETCH * least);
  return {
    upright: broad,
    pressed: true,
    strokes: count(strokes).map((i): StrokePlan => {
      const x = i * pitch;
      if (part === 'hairline')
        return stroke('finest line', [to(x, m.B, undefined, { press: 0 }), line(x + run, m.T, { press: 0 })]);
      // A stroke without weight is not doubled (`doubling`).
      const press = pen.kind === 'doubled' ? 0 : part === 'opening' ? i / (STEPS - 1) : 1;
      return stroke('full stroke', [to(x + run, m.T, undefined, { press }), line(x, m.B, { press })]);
    }),
  };
}

/** Width of a pen's thickest stroke, in letter units. */
function thickestOf(pen: Pen): NibWidths {
  switch (pen.kind) {
    case 'pointed':
      return pen.spread;
    case 'broad':
    case 'two-point':
      return pen.width;
    case 'monoline':
    case 'doubled':
      return pen.line;
  }
}
