import type { Bounds } from '../drawing/bounds';
import { group, rectangle, segments, text } from '../drawing/build';
import type { DrawingNode } from '../drawing/drawing';
import { fitText, textWidth, wrapText } from '../drawing/textWidth';
import type { Vec } from '../geometry/vec';
import { type Mm, plain } from '../measure/units';
import { ladderReach } from '../sheet/draw/ladder';
import type { LineLanguage } from '../sheet/draw/lineLanguage';
import type { Box, PageBoxes } from '../sheet/furniture';
import { type RuledLine, ruledLine } from '../sheet/layout';
import { lineSystem } from '../sheet/lineSystem';
import { recipeHand } from '../sheet/recipe';
import type { Band, InkStyle, ModelTint } from './band';
import { type Cell, type CellPlan, inRows, type Row, type RowPlan, sequenceOf } from './cells';
import { type Figure, strokeFigure } from './figure';
import type { Ground } from './ground';
import { AROUND, guide } from './guided';
import { inkNodes, reachBeyond } from './ink';
import { pictureById } from './pictures';
import { type Subject, subjectsOf } from './subjects';

/** A part of a band that stays together on one page. */
export interface Piece {
  readonly height: Mm;
  /** White before it, unless it stands at the head of a page. */
  readonly before: Mm;
  readonly lay: (top: Mm, frame: Box) => Laid;
}

export interface Laid {
  readonly cells: readonly Cell[];
  readonly rows: readonly Row[];
  readonly nodes: readonly DrawingNode[];
}

/** Pieces of a band, and what could not be done. */
export interface Cutting {
  readonly pieces: readonly Piece[];
  readonly trouble: readonly string[];
  /** Rows like these fill the rest of the page after the pieces. */
  readonly filling?: { readonly height: Mm; readonly before: Mm; readonly lay: Piece['lay'] };
}

/** What all bands of a sheet share. */
export interface Setting {
  readonly boxes: PageBoxes;
  readonly language: LineLanguage;
  /** Width and height of the frames that pieces flow through. */
  readonly width: Mm;
  readonly height: Mm;
}

const BAND_GAP: Mm = 5;
const HEADING: Mm = 5.4;
const HEADING_SIZE: Mm = 3.6;
const REMARK: Mm = 4.2;
const REMARK_SIZE: Mm = 2.7;
const LEAST_ROW_GAP: Mm = 1.5;
/** White at the head of a row, or after its ladder. */
const LEAD: Mm = 1.5;
/** White between the inks of two cells: a third of the body, within these. */
const LEAST_PAD: Mm = 2.6;
const MOST_PAD: Mm = 9;
const PAD_SHARE = 0.34;
/** White between a guided cell and the rows beside it. */
const BESIDE: Mm = 4;
/** Most of the line a guided cell may take, to leave room to write. */
const MOST_GUIDED = 0.42;
/** A guided figure is at least so much larger than it will be written, and at most; less large only where it must. */
const LARGE = 1.3;
const LARGEST = 2.6;
/** Tallest guided cell beside rows that are small. */
const MOST_BESIDE: Mm = 62;
/** A guided cell may be so much of a row less tall than it could be, rather than take one row more than the band has. */
const ALMOST = 0.6;
/** Bodies smaller than this, in mm, carry no readable guides. */
const LEAST_GUIDED_BODY: Mm = 5;
/** Room for lettering under the baseline. */
const LABEL: Mm = 4.2;
const LABEL_SIZE: Mm = 2.3;
/** Cells to fill are told apart by ticks under the baseline. */
const TICK: Mm = 1.4;
const FRAME_LINE: Mm = 0.15;

const MODEL_COLOURS: Readonly<Record<ModelTint, string>> = {
  pale: '#c9cdda',
  middle: '#989db2',
  full: '#1f2430',
};

const boundsOf = ({ reach }: Figure, [x, y]: Vec, unit: Mm, around = 0, right = 0): Bounds => ({
  left: x + reach.left * unit - around,
  right: x + (reach.right + right) * unit + around,
  top: y - reach.top * unit - around,
  bottom: y - reach.bottom * unit + around,
});

/** Cuts a band into pieces that fit the frames. */
export function cut(band: Band, ground: Ground, setting: Setting): Cutting {
  if (band.what.kind === 'ruling') return emptyRuling(band, ground, setting);
  if (band.what.kind === 'picture') return picture(band, ground, setting);
  const room = setting.width - ladderOf(ground, setting) - LEAD - padOf(ground);
  const { heading, subjects, trouble } = subjectsOf(ground, band, room);
  const troubles = [...trouble];
  const pieces: Piece[] = [];
  const title = { name: heading, more: manner(band, ground) };
  const several = band.what.kind === 'family' || band.what.kind === 'letters';
  if (several && band.how.guided && subjects.length > 0) {
    const guides = gathered(band, ground, setting, subjects, title);
    pieces.push(...guides.pieces);
    troubles.push(...guides.trouble);
  }
  const { trace, fading, free } = band.how;
  const onlyGuides = several && band.how.guided && trace + fading + free === 0;
  for (const [i, subject] of onlyGuides ? [] : subjects.entries()) {
    const own = written(several ? unguided(band) : band, ground, setting, subject, {
      title: i === 0 && pieces.length === 0 ? title : undefined,
    });
    pieces.push(...own.pieces);
    troubles.push(...own.trouble);
  }
  if (pieces.length === 0) pieces.push(headingPiece(title, setting, troubles));
  return { pieces, trouble: troubles };
}

const ladderOf = ({ recipe, module }: Ground, { boxes, width }: Setting): Mm =>
  ladderReach(
    recipe,
    { width: recipe.width, module, top: 0, lines: [] },
    { ...boxes, columns: [{ x: 0, y: 0, width, height: 0 }], bands: [], pitch: 0, reserve: 0 },
  );

const padOf = ({ zones, unit }: Ground): Mm =>
  Math.min(MOST_PAD, Math.max(LEAST_PAD, PAD_SHARE * zones.body * unit));

/** How a band is written, where that is not the usual: its nib, one held angle, outlines. */
function manner({ how }: Band, { recipe, unit, zones }: Ground): string {
  const hand = recipeHand(recipe);
  const nibbed = hand.basis === 'nib' || hand.basis === 'dots';
  return [
    ...(how.size === 1
      ? []
      : [nibbed ? `${plain(recipe.width)} mm nib` : `body ${plain(zones.body * unit)} mm`]),
    ...(how.held && hand.penAngle ? [`held at ${plain(recipe.penAngle)}° throughout`] : []),
    ...(how.ink === 'outline' && hand.tool === 'broad' ? ['for two bound pencils'] : []),
    ...(how.ink === 'outline' && hand.tool !== 'broad' ? ['outlines, to fill'] : []),
    ...(how.ink === 'doubled' ? ['a round point, every downstroke doubled'] : []),
    ...(how.ink === 'skeleton' ? ['the path, for a pencil'] : []),
  ].join(' · ');
}

interface Title {
  readonly name: string;
  readonly more: string;
}

/** "Zigzag · 4.8 mm nib": the heading of a band over a fine rule. */
function headingNodes({ name, more }: Title, top: Mm, frame: Box, language: LineLanguage): DrawingNode[] {
  const y = top + HEADING_SIZE;
  const bold = fitText(name, HEADING_SIZE, frame.width * 0.7);
  const after = frame.x + textWidth(bold, HEADING_SIZE) + 2;
  return [
    text(frame.x, y, bold, { size: HEADING_SIZE, colour: language.exemplar, style: 'bold' }),
    ...(more
      ? [
          text(after, y, fitText(more, REMARK_SIZE, frame.x + frame.width - after), {
            size: REMARK_SIZE,
            colour: language.aid,
          }),
        ]
      : []),
  ];
}

const headingPiece = (title: Title, { language }: Setting, lines: readonly string[]): Piece => ({
  height: HEADING + lines.length * REMARK,
  before: BAND_GAP,
  lay: (top, frame) => ({
    cells: [],
    rows: [],
    nodes: [
      ...headingNodes(title, top, frame, language),
      ...lines.map((line, i) =>
        text(frame.x, top + HEADING + (i + 0.7) * REMARK, fitText(line, REMARK_SIZE, frame.width), {
          size: REMARK_SIZE,
          colour: '#a33327',
        }),
      ),
    ],
  }),
});

/** White between the ink of a snug row and its edge, as a share of the body. */
const SNUG = 0.16;

/**
 * Reach of a row over and under its baseline, so that neither its zones nor its ink meets a neighbour's; `marks` reach
 * so far around the ink. A snug row holds the body and what its ink needs beyond.
 */
function rowReach(
  { recipe, module, unit, zones }: Ground,
  figure?: Figure,
  snug = false,
  marks: Mm = 0,
): { above: Mm; below: Mm; gap: Mm } {
  const system = lineSystem(recipe);
  const labels = figure && figure.labels.length > 0 ? LABEL : 0;
  const { top, bottom } = inkReach(figure, unit, marks);
  const gap = Math.max(LEAST_ROW_GAP, recipe.zones.gap * module);
  if (snug && figure) {
    const clear = SNUG * zones.body * unit;
    return {
      above: Math.max(zones.body * unit, top) + clear,
      below: Math.max(bottom, 0, labels) + clear,
      gap: LEAST_ROW_GAP,
    };
  }
  return {
    above: Math.max(system.above * module, top),
    below: Math.max(system.below * module, bottom, labels),
    gap,
  };
}

/** How far a figure's ink, with marks around it, reaches above and below the baseline; nothing where there is none. */
const inkReach = (figure: Figure | undefined, unit: Mm, marks: Mm) =>
  figure
    ? { top: figure.reach.top * unit + marks, bottom: marks - figure.reach.bottom * unit }
    : { top: 0, bottom: 0 };

/** How far the lettering under a figure reaches beyond its ink, on the side where it does most. */
const overhang = ({ labels, reach }: Figure, unit: Mm): Mm =>
  labels.reduce((most, { x, text: label }) => {
    const half = textWidth(label, LABEL_SIZE) / 2;
    return Math.max(most, half - (x - reach.left) * unit, half - (reach.right - x) * unit);
  }, 0);

/** One subject: its guided cell beside or above the rows, then row after row. */
function written(
  band: Band,
  ground: Ground,
  setting: Setting,
  subject: Subject,
  { title }: { title: Title | undefined },
): Cutting {
  const { how, what } = band;
  const { figure } = subject;
  const { boxes, language, width, height } = setting;
  const { unit } = ground;
  const running = what.kind === 'line';
  const sequence: (CellPlan | { kind: 'model'; model: 'solid' })[] = [
    ...(running && how.guided ? [{ kind: 'model', model: 'solid' } as const] : []),
    ...sequenceOf(how),
  ];
  const ladder = ladderOf(ground, setting);
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

  const remark = how.guided ? subject.remark : '';
  const headHeight = (title ? HEADING : 0) + (remark ? REMARK : 0);
  const head = (top: Mm, frame: Box): DrawingNode[] => [
    ...(title ? headingNodes(title, top, frame, language) : []),
    ...(remark ? [remarkNode(remark, top + (title ? HEADING : 0), frame, language)] : []),
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
    return { pieces: [headingPiece(title ?? { name: subject.name, more: '' }, setting, trouble)], trouble };
  }
  const plan = fits ? sequence : [];
  const guided =
    how.guided && !running
      ? guidedPlan(ground, figure, how.ink, setting, {
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
  // A line of text has its row to itself, from end to end, whichever way the page runs.
  const rows: RowPlan[] = running
    ? (plan as CellPlan[]).map((cell) => ({ cells: [cell], pitch: roomOf(width) }))
    : inRows(plan as CellPlan[], cellWidth, rooms, { ...how, lines });

  /** One row at `top`: its line, and its cells from the side where the writing starts. */
  const layRow = (index: number, top: Mm, x: Mm, rowWidth: Mm): Laid => {
    const row = rows[index] as (typeof rows)[number];
    const baseline = top + above;
    const whole = ruledLine(ground.recipe, ground.module, baseline);
    const line = how.snug ? within(whole, { x, y: top, width: rowWidth, height: rowHeight }) : whole;
    const cells = row.cells.map((cell, i) => {
      const start = ladder + LEAD + i * row.pitch;
      const left = boxes.startsRight ? x + rowWidth - start - row.pitch : x + start;
      const box = { x: left, y: top, width: row.pitch, height: rowHeight };
      const free = running || what.kind === 'word' ? pad / 2 : (row.pitch - inkWidth) / 2;
      return cellOf(band, ground, figure, cell, box, [left + free - figure.reach.left * unit, baseline]);
    });
    return {
      cells,
      rows: [{ recipe: ground.recipe, module: ground.module, line, x, width: rowWidth, toWrite: true }],
      nodes: cells
        .filter(({ kind }) => kind === 'free' && row.cells.length > 1)
        .map(({ box }) => tick(box, baseline, boxes.startsRight, language)),
    };
  };

  const pieces: Piece[] = [];
  const first = Math.max(1, rowsBeside);
  const stacked = guided && guided.rows === 0 ? guided.height + gap : 0;
  const firstHeight = rows.length > 0 ? first * rowHeight + (first - 1) * gap : 0;
  pieces.push({
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
    pieces.push({
      height: rowHeight,
      before: gap,
      lay: (top, frame) => layRow(i, top, frame.x, frame.width),
    });
  }
  return { pieces, trouble };
}

/** What would fit: "A nib of 1.6 mm fits." */
function smaller({ recipe, unit, zones }: Ground, share: number): string {
  const hand = recipeHand(recipe);
  const down = (value: number) => Math.floor(value * 10) / 10;
  return hand.basis === 'nib' || hand.basis === 'dots'
    ? `A nib of ${plain(down(recipe.width * share))} mm fits.`
    : `A body of ${plain(down(zones.body * unit * share))} mm fits.`;
}

/** A short mark under the baseline where a cell to fill begins, on the side the writing starts from. */
const tick = (box: Box, baseline: Mm, startsRight: boolean, language: LineLanguage): DrawingNode => {
  const x = startsRight ? box.x + box.width : box.x;
  return segments([[x, baseline + 0.4, x, baseline + 0.4 + TICK]], {
    colour: language.aid,
    width: FRAME_LINE,
  });
};

const together = (laid: readonly Laid[]): Laid => ({
  cells: laid.flatMap(({ cells }) => cells),
  rows: laid.flatMap(({ rows }) => rows),
  nodes: laid.flatMap(({ nodes }) => nodes),
});

const remarkNode = (remark: string, top: Mm, frame: Box, language: LineLanguage): DrawingNode =>
  text(frame.x, top + REMARK_SIZE, fitText(remark, REMARK_SIZE, frame.width), {
    size: REMARK_SIZE,
    colour: language.aid,
  });

const unguided = (band: Band): Band => ({ ...band, how: { ...band.how, guided: false } });

/** White between guided cells that stand side by side. */
const GUIDES_GAP: Mm = 2.5;

/** Guided cells of several letters side by side, row after row: the whole family at one glance. */
function gathered(
  band: Band,
  ground: Ground,
  setting: Setting,
  subjects: readonly Subject[],
  title: Title,
): Cutting {
  const { width, height, language, boxes } = setting;
  const unit = LARGE * ground.unit;
  const tall = (unitOf: Mm) =>
    Math.max(
      ...subjects.map(({ figure }) => {
        const { top, bottom } = guidedSpan(ground, figure, band.how.ink);
        return (top - bottom) * unitOf + 2 * AROUND;
      }),
    );
  const wide = ({ figure }: Subject) => {
    const { left, right } = guidedSpan(ground, figure, band.how.ink);
    return (right - left) * unit + 2 * AROUND;
  };
  const trouble: string[] = [];
  const rows: { subject: Subject; x: Mm }[][] = [];
  let x = 0;
  for (const subject of subjects) {
    if (wide(subject) > width || tall(unit) + HEADING > height) {
      trouble.push(
        `There is no room for a guided cell of “${subject.name}”: it is left out. A larger sheet, or a smaller nib, has room.`,
      );
      continue;
    }
    if (rows.length === 0 || x + wide(subject) > width) {
      rows.push([]);
      x = 0;
    }
    rows.at(-1)?.push({ subject, x });
    x += wide(subject) + GUIDES_GAP;
  }
  const pieces = rows.map((row, i): Piece => {
    const down = i === 0 ? HEADING : 0;
    return {
      height: tall(unit) + down,
      before: i === 0 ? BAND_GAP : GUIDES_GAP,
      lay: (top, frame) =>
        together([
          { cells: [], rows: [], nodes: i === 0 ? headingNodes(title, top, frame, language) : [] },
          ...row.map((cell) => {
            const left = boxes.startsRight
              ? frame.x + frame.width - cell.x - wide(cell.subject)
              : frame.x + cell.x;
            const box = { x: left, y: top + down, width: wide(cell.subject), height: tall(unit) };
            return guidedCell(band, ground, cell.subject.figure, unit, box, cell.subject.name, language);
          }),
        ]),
    };
  });
  return { pieces, trouble };
}

/** A cell of a row: its model where it has one, the labels under it. */
function cellOf(
  { how }: Band,
  { pen, unit }: Ground,
  figure: Figure,
  plan: CellPlan | { kind: 'model'; model: 'solid' },
  box: Box,
  at: Vec,
): Cell {
  const { model } = plan;
  const colour = MODEL_COLOURS[plan.kind === 'model' ? 'full' : how.tint];
  const line = MODEL_COLOURS[how.tint === 'pale' ? 'middle' : how.tint];
  const beyond = model ? reachBeyond(model, pen, unit) : undefined;
  return {
    kind: plan.kind,
    what: figure.text,
    box,
    ...(beyond && { ink: boundsOf(figure, at, unit, beyond.around, beyond.right) }),
    under: () =>
      model
        ? [group(plan.kind, inkNodes(pen, figure, model, at, unit, model === 'solid' ? colour : line))]
        : [],
    over: () =>
      figure.labels.map((label) =>
        text(at[0] + label.x * unit, at[1] + LABEL - 0.8, label.text, {
          size: LABEL_SIZE,
          colour: '#6b6e80',
          anchor: 'middle',
        }),
      ),
  };
}

/** Worked out when first asked for, and kept. */
function once<T>(make: () => T): () => T {
  let made: { readonly value: T } | undefined;
  return () => {
    made ??= { value: make() };
    return made.value;
  };
}

interface GuidedPlan {
  readonly unit: Mm;
  readonly width: Mm;
  readonly height: Mm;
  /** Rows that stand beside it; 0 when it stands above them. */
  readonly rows: number;
}

/** What a guided cell shows, in letter units: the figure as it is inked, with at least the body's height. */
const guidedSpan = ({ zones, pen, unit }: Ground, { reach }: Figure, ink: InkStyle) => ({
  left: reach.left,
  right: reach.right + reachBeyond(ink, pen, unit).right,
  top: Math.max(reach.top, zones.body),
  bottom: Math.min(reach.bottom, 0),
});

/**
 * How large a guided cell is and where it stands: beside as many rows as it is tall, while the line keeps room for the
 * cells; else above the rows over the whole width. Undefined where it would be too small to read.
 */
function guidedPlan(
  ground: Ground,
  figure: Figure,
  ink: InkStyle,
  { width, height }: Setting,
  rows: { rowHeight: Mm; gap: Mm; cellWidth: Mm; headHeight: Mm; ladder: Mm; lines: number },
): GuidedPlan | undefined {
  const { unit, zones } = ground;
  const { left: start, right: end, top, bottom } = guidedSpan(ground, figure, ink);
  const across = end - start;
  const heightOf = (count: number) => count * rows.rowHeight + (count - 1) * rows.gap;
  const unitFor = (boxWidth: Mm, boxHeight: Mm) =>
    Math.min(LARGEST * unit, (boxWidth - 2 * AROUND) / across, (boxHeight - 2 * AROUND) / (top - bottom));
  const most = width - BESIDE - rows.ladder - LEAD - rows.cellWidth;
  const room = Math.min(MOST_GUIDED * width, most);
  const tallest = height - rows.headHeight;
  const wanted = Math.min(MOST_BESIDE, tallest, (top - bottom) * unitFor(room, tallest) + 2 * AROUND);
  const count = Math.min(
    Math.max(
      Math.ceil((wanted + rows.gap) / (rows.rowHeight + rows.gap) - ALMOST),
      Math.min(rows.lines, Math.ceil((wanted + rows.gap) / (rows.rowHeight + rows.gap))),
    ),
    Math.floor((tallest + rows.gap) / (rows.rowHeight + rows.gap)),
  );
  const beside = unitFor(room, heightOf(count));
  if (count > 0 && beside >= LARGE * unit) {
    return { unit: beside, width: across * beside + 2 * AROUND, height: heightOf(count), rows: count };
  }
  const left = tallest - rows.rowHeight - rows.gap;
  const large = unitFor(
    width,
    Math.min(left, Math.max(MOST_BESIDE, LARGE * unit * (top - bottom) + 2 * AROUND)),
  );
  if (large * zones.body < LEAST_GUIDED_BODY) return undefined;
  return {
    unit: large,
    width: across * large + 2 * AROUND,
    height: (top - bottom) * large + 2 * AROUND,
    rows: 0,
  };
}

function guidedCell(
  { how }: Band,
  ground: Ground,
  figure: Figure,
  unit: Mm,
  box: Box,
  what: string,
  language: LineLanguage,
): Laid {
  const { left, right, top, bottom } = guidedSpan(ground, figure, how.ink);
  const tall = (top - bottom) * unit;
  const at: Vec = [
    box.x + (box.width - (right - left) * unit) / 2 - left * unit,
    box.y + (box.height - tall) / 2 + top * unit,
  ];
  const module = (ground.module * unit) / ground.unit;
  const drawn = once(() => guide(ground.pen, figure, how.ink, at, unit, box));
  return {
    cells: [
      {
        kind: 'guided',
        what,
        box,
        ink: boundsOf(figure, at, unit),
        under: () => [group('guided', drawn().under)],
        over: () => [group('guided', drawn().over)],
      },
    ],
    rows: [
      {
        recipe: ground.recipe,
        module,
        line: within(ruledLine(ground.recipe, module, at[1]), box),
        x: box.x,
        width: box.width,
        toWrite: false,
      },
    ],
    nodes: [frameOf(box, language)],
  };
}

const frameOf = ({ x, y, width, height }: Box, language: LineLanguage): DrawingNode => ({
  kind: 'path',
  commands: rectangle(x, y, width, height),
  stroke: { colour: language.ladder, width: FRAME_LINE },
});

/** A ruled line cut to a box: what lies outside is not ruled. */
function within(line: RuledLine, box: Box): RuledLine {
  const [low, high] = [box.y, box.y + box.height];
  const inside = (y: Mm | null) => (y !== null && y > low && y < high ? y : null);
  return {
    baseline: line.baseline,
    waistline: inside(line.waistline),
    ascender: inside(line.ascender),
    descender: inside(line.descender),
    capital: inside(line.capital),
    branch: inside(line.branch),
    smallCapital: inside(line.smallCapital),
    top: Math.max(low, line.top),
    bottom: Math.min(high, line.bottom),
  };
}

function emptyRuling(band: Band, ground: Ground, setting: Setting): Cutting {
  const { above, below, gap } = rowReach(ground);
  const more = manner(band, ground);
  const height = above + below;
  const room = setting.height - (more ? HEADING : 0);
  if (height > room) {
    const trouble = [
      `A line of this ruling is ${plain(height, 0)} mm tall and the page has ${plain(room, 0)} mm. ${smaller(ground, room / height)}`,
    ];
    return { pieces: [headingPiece({ name: 'Ruling', more }, setting, trouble)], trouble };
  }
  const lay =
    (titled: boolean): Piece['lay'] =>
    (top, frame) => {
      const down = titled ? HEADING : 0;
      return {
        cells: [],
        rows: [
          {
            recipe: ground.recipe,
            module: ground.module,
            line: ruledLine(ground.recipe, ground.module, top + down + above),
            x: frame.x,
            width: frame.width,
            toWrite: true,
          },
        ],
        nodes: titled ? headingNodes({ name: 'Empty ruling', more }, top, frame, setting.language) : [],
      };
    };
  const count = band.how.fill ? 1 : band.how.lines;
  const pieces = Array.from({ length: count }, (_, i): Piece => {
    const titled = i === 0 && more !== '';
    return {
      height: height + (titled ? HEADING : 0),
      before: i === 0 ? BAND_GAP : gap,
      lay: lay(titled),
    };
  });
  return {
    pieces,
    trouble: [],
    ...(band.how.fill && { filling: { height, before: gap, lay: lay(false) } }),
  };
}

const PICTURE_PAD: Mm = 4;
const CAPTION: Mm = 7.2;
const CAPTION_LINE: Mm = 3;
const CAPTION_LINES = 2;
const PICTURE_GAP: Mm = 3;
const EARLIER = '#c6cad8';

/** Items in as few rows as go, none of them nearly empty. */
function evenRows<T>(items: readonly T[], columns: number): T[][] {
  const rows = Math.ceil(items.length / columns);
  const each = Math.ceil(items.length / rows);
  return Array.from({ length: rows }, (_, i) => items.slice(i * each, (i + 1) * each));
}

/** A picture in numbered steps, then cells to follow, then empty ones; as many frames in a row as fit. */
function picture(band: Band, ground: Ground, setting: Setting): Cutting {
  const found = pictureById(band.what.of);
  const { how } = band;
  if (!found) {
    const trouble = [`There is no picture “${band.what.of}”.`];
    return { pieces: [headingPiece({ name: 'Picture', more: '' }, setting, trouble)], trouble };
  }
  const figureOf = (key: string, from: number, until: number): Figure => {
    const known = ground.figures.get(key);
    if (known) return known;
    const plans = found.steps.slice(from, until).flatMap(({ strokes }) => strokes);
    const made = strokeFigure(ground.pen, found.name, plans);
    ground.figures.set(key, made);
    return made;
  };
  const whole = figureOf(`picture ${found.id}`, 0, found.steps.length);
  const { reach } = whole;
  const { unit, pen } = ground;
  const inked = reach.right - reach.left + reachBeyond(how.ink, pen, unit).right;
  const across = inked * unit + 2 * PICTURE_PAD;
  const tall = (reach.top - reach.bottom) * unit + 2 * PICTURE_PAD + CAPTION;
  const title = { name: found.name, more: manner(band, ground) };
  const rowRoom = setting.height - HEADING;
  if (across > setting.width || tall > rowRoom) {
    const share = Math.min(setting.width / across, rowRoom / tall);
    const trouble = [
      `“${found.name}” needs ${plain(across, 0)} × ${plain(tall, 0)} mm a frame and does not fit. ${smaller(ground, share)}`,
    ];
    return { pieces: [headingPiece(title, setting, trouble)], trouble };
  }
  type Item = { kind: 'step'; step: number } | CellPlan;
  const steps: Item[] = how.guided ? found.steps.map((_, i) => ({ kind: 'step', step: i })) : [];
  const columns = Math.max(1, Math.floor((setting.width + PICTURE_GAP) / (across + PICTURE_GAP)));
  const rows = [...evenRows(steps, columns), ...evenRows<Item>(sequenceOf(how), columns)];
  const strokesBefore = (step: number) =>
    found.steps.slice(0, step).reduce((sum, { strokes }) => sum + strokes.length, 0);
  const { startsRight } = setting.boxes;
  const frame = (item: Item, box: Box): Cell => {
    const at: Vec = [box.x + PICTURE_PAD - reach.left * unit, box.y + PICTURE_PAD + reach.top * unit];
    const inner = { ...box, height: box.height - CAPTION };
    if (item.kind !== 'step') {
      const cell = cellOf(band, ground, whole, item, box, at);
      return { ...cell, over: () => [frameOf(box, setting.language)] };
    }
    const { step } = item;
    const { say } = found.steps[step] as (typeof found.steps)[number];
    const earlier = step > 0 ? figureOf(`picture ${found.id} to ${step}`, 0, step) : undefined;
    const now = figureOf(`picture ${found.id} at ${step}`, step, step + 1);
    const drawn = once(() => guide(pen, now, how.ink, at, unit, inner, strokesBefore(step)));
    const caption = `${step + 1}  ${say}`;
    return {
      kind: 'step',
      what: found.name,
      box,
      ink: boundsOf(figureOf(`picture ${found.id} to ${step + 1}`, 0, step + 1), at, unit),
      under: () => [
        group('step', [
          ...(earlier ? inkNodes(pen, earlier, how.ink, at, unit, EARLIER) : []),
          ...drawn().under,
        ]),
      ],
      over: () => [
        group('step', drawn().over),
        frameOf(box, setting.language),
        ...wrapText(caption, REMARK_SIZE, box.width - 2.4)
          .slice(0, CAPTION_LINES)
          .map((words, i) =>
            text(box.x + 1.2, box.y + box.height - CAPTION + (i + 0.9) * CAPTION_LINE, words, {
              size: REMARK_SIZE,
              colour: setting.language.exemplar,
            }),
          ),
      ],
    };
  };
  const pieces = rows.map(
    (row, i): Piece => ({
      height: tall + (i === 0 ? HEADING : 0),
      before: i === 0 ? BAND_GAP : PICTURE_GAP,
      lay: (top, { x, width, ...rest }) => {
        const down = i === 0 ? HEADING : 0;
        const cells = row.map((item, column) => {
          const start = column * (across + PICTURE_GAP);
          const left = startsRight ? x + width - start - across : x + start;
          return frame(item, { x: left, y: top + down, width: across, height: tall });
        });
        const nodes = i === 0 ? headingNodes(title, top, { x, width, ...rest }, setting.language) : [];
        return { cells, rows: [], nodes };
      },
    }),
  );
  return { pieces, trouble: [] };
}
