import type { DrawingNode } from '../../drawing/drawing';
import { type Mm, plain } from '../../measure/units';
import type { Box } from '../../page/boxes';
import { handOf } from '../../setting/handOf';
import { ruledLine } from '../../sheet/layout';
import { reachBeyond } from '../../writing/ink';
import type { Band } from '../band';
import { type CellPlan, type Due, type DueCell, inRows, type RowPlan, sequenceOf } from '../cells';
import type { Ground } from '../ground';
import type { Subject } from '../subject';
import { BESIDE, guidedCell, guidedPlan } from './guidedCell';
import { HEADING, headingNodes, headingPart, REMARK, remarkLines, remarkNodes, type Title } from './heading';
import { cellOf, tick } from './modelCell';
import {
  BAND_GAP,
  type BandPart,
  type BandParts,
  type Laid,
  type PageRoom,
  type RowsOf,
  smaller,
  together,
} from './part';
import { LEAD, ladderOf, overhang, padOf, rowReach, within } from './row';

/** One subject: its guided cell beside or above the rows, then row after row. */
export function written(
  band: Band,
  ground: Ground,
  place: PageRoom,
  subject: Subject,
  { title, kind }: { title: Title | undefined; kind: RowsOf },
): BandParts {
  const { how } = band;
  const { figure } = subject;
  const { boxes, language, width, height } = place;
  const { unit } = ground;
  const running = kind.ownRow === true;
  const sequence: (CellPlan | { kind: 'model'; model: 'solid' })[] = [
    ...(running && how.guided ? [{ kind: 'model', model: 'solid' } as const] : []),
    ...sequenceOf(how, ground.pen, kind.dotted === true && handOf(ground.recipe).basis === 'dots'),
  ];
  const ladder = ladderOf(ground, place);
  const most = sequence.reduce(
    (reach, { model }) => {
      const beyond = model ? reachBeyond(model, ground.pen, unit) : { around: 0, right: 0 };
      return { around: Math.max(reach.around, beyond.around), right: Math.max(reach.right, beyond.right) };
    },
    { around: 0, right: 0 },
  );
  const { above, below, gap } = rowReach(ground, figure, how.snug, most.around);
  const rowHeight = above + below;
  const inkWidth = (figure.reach.right - figure.reach.left + most.right) * unit;
  const pad = Math.max(padOf(ground), 2 * most.around, 2 * overhang(figure, unit));
  const cellWidth = inkWidth + pad;
  const roomOf = (line: Mm) => line - ladder - LEAD;
  const trouble: string[] = [];

  const remark = remarkLines(how.guided ? subject.remark : '', width);
  const headHeight = (title ? HEADING : 0) + remark.length * REMARK;
  const head = (top: Mm, frame: Box): DrawingNode[] => [
    ...(title ? headingNodes(title, top, frame, language) : []),
    ...remarkNodes(remark, top + (title ? HEADING : 0), frame, language),
  ];

  const fits = cellWidth <= roomOf(width) + 1e-6;
  if (!fits && sequence.length > 0) {
    trouble.push(
      `“${subject.name}” is ${plain(cellWidth, 0)} mm wide at this size and the line has ${plain(roomOf(width), 0)} mm: its cells are left out. ${smaller(ground, roomOf(width) / cellWidth)}`,
    );
  }
  if (rowHeight + headHeight > height) {
    trouble.push(
      `“${subject.name}” needs ${plain(rowHeight + headHeight, 0)} mm of height and the page has ${plain(height, 0)} mm: it is left out. ${smaller(ground, height / (rowHeight + headHeight))}`,
    );
    return { parts: [headingPart(title ?? { name: subject.name, more: '' }, place, trouble)], trouble };
  }
  const plan = fits ? sequence : [];
  const guided =
    how.guided && !running
      ? guidedPlan(ground, figure, how.ink, place, {
          rowHeight,
          gap,
          cellWidth: plan.length > 0 ? cellWidth : 0,
          headHeight,
          ladder,
          lines: how.lines,
        })
      : undefined;
  if (how.guided && !running && !guided) {
    trouble.push(
      `There is no room for a guided cell of “${subject.name}”: it is left out. A larger sheet, or fewer letters at once, has room.`,
    );
  }
  const beside = guided && guided.rows > 0 ? guided : undefined;
  const rowsBeside = beside?.rows ?? 0;
  const narrow = width - (beside ? beside.width + BESIDE : 0);
  const rooms = [...Array<Mm>(rowsBeside).fill(roomOf(narrow)), roomOf(width)];
  const lines = Math.max(how.lines, rowsBeside);
  // A line of text takes a whole row, whichever way the page runs.
  const rows: RowPlan[] = running
    ? (plan as CellPlan[]).map((cell) => ({ cells: [cell], pitch: roomOf(width) }))
    : inRows(plan as CellPlan[], cellWidth, rooms, { ...how, lines });

  /** One row at `top`: its line, and its cells from the side where the writing starts. */
  const layRow = (index: number, top: Mm, x: Mm, rowWidth: Mm): Laid => {
    const row = rows[index] as (typeof rows)[number];
    const baseline = top + above;
    const whole = ruledLine(ground.recipe, ground.module, baseline);
    const line = how.snug ? within(whole, { x, y: top, width: rowWidth, height: rowHeight }) : whole;
    const along = kind.fromTheSide === true;
    const places = row.cells.map((cell, i): DueCell => {
      const start = ladder + LEAD + i * row.pitch;
      const left = boxes.startsRight ? x + rowWidth - start - row.pitch : x + start;
      const box = { x: left, y: top, width: row.pitch, height: rowHeight };
      const beside = along ? pad / 2 : (row.pitch - inkWidth) / 2;
      // Words of a hand from the right begin at the right of their cell.
      const free = along && ground.face?.rightToLeft ? row.pitch - inkWidth - beside : beside;
      return { kind: cell.kind, box, at: [left + free - figure.reach.left * unit, baseline] };
    });
    const cells = row.cells.map((cell, i) => {
      const { box, at } = places[i] as DueCell;
      return cellOf(band, ground, figure, cell, box, at, language);
    });
    const clear = ladder + LEAD;
    const due: Due = {
      figure,
      ground,
      cells: places,
      from: boxes.startsRight ? x : x + clear,
      to: boxes.startsRight ? x + rowWidth - clear : x + rowWidth,
      running: !kind.oneLetter,
    };
    return {
      cells,
      rows: [{ recipe: ground.recipe, module: ground.module, line, x, width: rowWidth, toWrite: true, due }],
      nodes: cells
        .filter(({ kind }) => kind === 'free' && row.cells.length > 1)
        .map(({ box }) => tick(box, baseline, boxes.startsRight, language)),
    };
  };

  const parts: BandPart[] = [];
  const first = Math.max(1, rowsBeside);
  const stacked = guided && guided.rows === 0 ? guided.height + gap : 0;
  const firstHeight = rows.length > 0 ? first * rowHeight + (first - 1) * gap : 0;
  parts.push({
    height: headHeight + Math.max(stacked + firstHeight, beside?.height ?? 0),
    before: title ? BAND_GAP : gap,
    lay: (top, frame) => {
      const laid: Laid[] = [{ cells: [], rows: [], nodes: head(top, frame) }];
      let y = top + headHeight;
      let [x, rowWidth] = [frame.x, frame.width];
      if (guided) {
        const boxWidth = guided.rows > 0 ? guided.width : Math.min(frame.width, guided.width);
        const box = {
          x: boxes.startsRight ? frame.x + frame.width - boxWidth : frame.x,
          y,
          width: boxWidth,
          height: guided.height,
        };
        laid.push(guidedCell(band, ground, figure, guided.unit, box, subject.name, language));
        if (guided.rows > 0) {
          if (!boxes.startsRight) x += boxWidth + BESIDE;
          rowWidth -= boxWidth + BESIDE;
        } else y += stacked;
      }
      for (let i = 0; i < Math.min(first, rows.length); i++) {
        laid.push(layRow(i, y + i * (rowHeight + gap), x, rowWidth));
      }
      return together(laid);
    },
  });
  for (let i = first; i < rows.length; i++) {
    parts.push({
      height: rowHeight,
      before: gap,
      lay: (top, frame) => layRow(i, top, frame.x, frame.width),
    });
  }
  return { parts, trouble };
}
