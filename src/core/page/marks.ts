import { circle, group, rectangle, text } from '../drawing/build';
import type { DrawingNode, PathCommand } from '../drawing/drawing';
import type { Mm } from '../measure/units';
import { SMALL } from './lettering';
import type { LineLanguage } from './lineLanguage';

/**
 * Marks by which a page is recognised: eight rings and a small code, black in every tint, in a place of their own. The sizes were tried
 * on simulated scans and photos (docs/measuring.md).
 */
export const RING: { readonly radius: Mm; readonly line: Mm; readonly dot: Mm } = {
  radius: 2.6,
  line: 0.8,
  dot: 1.1,
};
/** Distance of the rings from the edges of the sheet, beyond the margin that printers leave blank. */
const RING_INSET: Mm = 9;
/** Side of the white square that each ring needs. */
const RING_ROOM: Mm = 8;
/** Minimum distance of all other print from an edge that has rings. */
export const MARKED_EDGE: Mm = RING_INSET + RING_ROOM / 2 + 1;
/** Side of the code, and how far its right and upper sides are from those of the sheet: its white is between it and the ring. */
const CODE_SIDE: Mm = 18;
const CODE_RIGHT: Mm = RING_INSET + RING_ROOM / 2 + 3;
const CODE_TOP: Mm = 5;
const CODE_WHITE: Mm = 2.9;
/** The ruled block of a marked page begins below the code and its white. */
export const CODE_FOOT: Mm = CODE_TOP + CODE_SIDE + CODE_WHITE;
/** Room a header leaves at its right for the code. */
export const CODE_ROOM: Mm = CODE_RIGHT + CODE_SIDE + CODE_WHITE;
/** Smaller sheets have no room for marks beside writing. */
export const LEAST_MARKED: Mm = 90;

const BLACK = '#000000';

/** A square code: `size` modules a side, and which of them are dark (`pageCode.ts` makes it). */
export interface CodeModules {
  readonly size: number;
  readonly dark: (row: number, column: number) => boolean;
}

/** Size of a page. */
interface Size {
  readonly width: Mm;
  readonly height: Mm;
}

/** Middles of the eight rings: the corners clockwise from the upper left, then the middles of the sides from the upper one on. */
export function ringCentres({ width, height }: Size): readonly (readonly [Mm, Mm])[] {
  const [left, top, right, bottom] = [RING_INSET, RING_INSET, width - RING_INSET, height - RING_INSET];
  const [x, y] = [width / 2, height / 2];
  return [
    [left, top],
    [right, top],
    [right, bottom],
    [left, bottom],
    [x, top],
    [right, y],
    [x, bottom],
    [left, y],
  ];
}

/** Where the code stands. */
export const codeBox = ({ width }: Size) => ({
  x: width - CODE_RIGHT - CODE_SIDE,
  y: CODE_TOP,
  width: CODE_SIDE,
  height: CODE_SIDE,
});

/** What must stay white for the marks to be read: a square at each ring, and the code with its white. */
export function markRooms(size: Size): readonly { x: Mm; y: Mm; width: Mm; height: Mm }[] {
  const code = codeBox(size);
  return [
    ...ringCentres(size).map(([x, y]) => ({
      x: x - RING_ROOM / 2,
      y: y - RING_ROOM / 2,
      width: RING_ROOM,
      height: RING_ROOM,
    })),
    {
      x: code.x - CODE_WHITE,
      y: code.y - CODE_WHITE,
      width: CODE_SIDE + 2 * CODE_WHITE,
      height: CODE_SIDE + 2 * CODE_WHITE,
    },
  ];
}

/** Modules of a code as rectangles, runs along a row as one. */
function modules({ size: count, dark }: CodeModules, size: Size): PathCommand[] {
  const { x, y } = codeBox(size);
  const side = CODE_SIDE / count;
  const commands: PathCommand[] = [];
  for (let row = 0; row < count; row++) {
    for (let column = 0; column < count; column++) {
      if (!dark(row, column)) continue;
      let end = column + 1;
      while (end < count && dark(row, end)) end += 1;
      commands.push(...rectangle(x + column * side, y + row * side, (end - column) * side, side));
      column = end;
    }
  }
  return commands;
}

/** The rings and the code of a page that has marks; without `code` a frame stands where it will be printed. */
export function marks(
  { page, marked }: { readonly page: Size; readonly marked: boolean },
  language: LineLanguage,
  code?: CodeModules,
): DrawingNode[] {
  if (!marked) return [];
  const rings = ringCentres(page);
  const box = codeBox(page);
  return [
    group('marks', [
      {
        kind: 'path',
        commands: rings.flatMap(([x, y]) => circle(x, y, RING.radius)),
        stroke: { colour: BLACK, width: RING.line },
      },
      { kind: 'path', commands: rings.flatMap(([x, y]) => circle(x, y, RING.dot)), fill: BLACK },
      ...(code === undefined
        ? [
            {
              kind: 'path',
              commands: rectangle(box.x, box.y, box.width, box.height),
              stroke: { colour: language.aid, width: 0.15, dash: [1, 1] },
            } satisfies DrawingNode,
            text(box.x + box.width / 2, box.y + box.height / 2 + SMALL / 3, 'code of the print', {
              size: SMALL,
              colour: language.aid,
              anchor: 'middle',
            }),
          ]
        : [{ kind: 'path', commands: modules(code, page), fill: BLACK } satisfies DrawingNode]),
    ]),
  ];
}
