import { settingGround } from '../document/settingGround';
import type { Vec } from '../geometry/vec';
import type { Mm } from '../measure/units';
import { pageBoxes } from '../page/boxes';
import type { LaidLine, LaidPiece } from '../piece/laid';
import type { Due } from '../practice/cells';
import type { Composed } from '../practice/compose';
import { dueRows } from '../practice/dueRows';
import { type Ground, groundOf } from '../practice/ground';
import type { OwnLetter } from '../setting/letterSet';
import { freeLines } from '../sheet/freeLines';
import type { Sheet } from '../sheet/sheet';
import { setLine } from '../type/setLine';
import { type Figure, setFigure, textFigure } from '../writing/figure';

/** A row that is written on: what, how large, and where its figure's origin stands each time. */
export interface WritableRow {
  readonly number: number;
  readonly baseline: Mm;
  readonly figure: Figure;
  readonly ground: Ground;
  readonly places: readonly Vec[];
  readonly from: Mm;
  readonly to: Mm;
}

export interface WritablePage {
  readonly width: Mm;
  readonly height: Mm;
  readonly rows: readonly WritableRow[];
}

/** White between letters written on an empty row, as a share of the body. */
const BETWEEN = 0.55;

/** Where a figure stands along a row, as often as there is room. */
function along(
  { figure, ground, from, to }: Pick<WritableRow, 'figure' | 'ground' | 'from' | 'to'>,
  startsRight: boolean,
): Vec[] {
  const { unit, zones } = ground;
  const wide = (figure.reach.right - figure.reach.left) * unit;
  const pitch = wide + BETWEEN * zones.body * unit;
  const count = Math.floor((to - from - wide) / pitch) + 1;
  return Array.from({ length: Math.max(0, count) }, (_, i): Vec => {
    const x = startsRight ? to - wide - i * pitch : from + 1 + i * pitch;
    return [x - figure.reach.left * unit, 0];
  });
}

/** Where what is due on a row is written: in its cells, traced ones too; without cells, to the end of the row. */
function placesOn(due: Due, startsRight: boolean): readonly Vec[] {
  const places = due.cells.filter(({ kind }) => kind !== 'model').map(({ at }) => at);
  return places.length > 0 || due.running ? places : along(due, startsRight);
}

/** A practice page: what is due on its rows. */
export function duePage(composed: Composed, index: number): WritablePage {
  const { page, startsRight } = composed.boxes;
  return {
    width: page.width,
    height: page.height,
    rows: dueRows(composed, index).map(({ number, row, due }) => ({
      number,
      baseline: row.line.baseline,
      figure: due.figure,
      ground: due.ground,
      places: placesOn(due, startsRight),
      from: due.from,
      to: due.to,
    })),
  };
}

/** A guide of a piece: each word where it was to begin, joined within itself only. */
export const piecePage = ({ page, lines }: LaidPiece): WritablePage => ({
  ...page,
  rows: lines.flatMap((line, number) => (line.number < 0 ? [] : wordsOf(line, number))),
});

/** Words of a laid line, each a figure of its own, where the ink of its letters begins. */
function wordsOf({ words, set, pen, block, x, baseline, ink }: LaidLine, number: number): WritableRow[] {
  const first = words[0]?.at ?? 0;
  const ground = settingGround(block.setting);
  return words.flatMap(({ text, at }): WritableRow[] => {
    const [from, until] = [at - first, at - first + text.length];
    const its = set.placed.filter(
      (item) => item.kind === 'letter' && item.at !== undefined && item.at >= from && item.at < until,
    );
    const figure = setFigure(pen.face.pen, { ...set, placed: its }, text);
    const joined = textFigure(pen.face, text);
    if (!figure || !joined) return [];
    const left = x + (figure.reach.left - joined.reach.left) * pen.unit;
    return [
      {
        number,
        baseline,
        figure: joined,
        ground: { ...ground, pen: pen.face.pen, unit: pen.unit },
        places: [[left, 0]],
        from: ink.left,
        to: ink.right,
      },
    ];
  });
}

/** Default sample texts: the first that the hand has all letters for. */
const WORDS = ['manimo', 'MANIMO', 'منام'] as const;

/** A sheet that is only ruled: a word of the hand along each line; no rows where it has no letters. */
export function ruledPage(sheet: Sheet, own: readonly OwnLetter[]): WritablePage {
  const { page, startsRight } = pageBoxes(sheet);
  const ground = groundOf(sheet, { size: 1, held: false }, own);
  const { face } = ground;
  const word = face && WORDS.find((text) => setLine(face, text).missing.length === 0);
  const figure = face && word && textFigure(face, word);
  const rows = figure
    ? freeLines(sheet).map(
        (line, number): WritableRow => ({
          number,
          ...line,
          figure,
          ground,
          places: along({ figure, ground, ...line }, startsRight),
        }),
      )
    : [];
  return { width: page.width, height: page.height, rows };
}
