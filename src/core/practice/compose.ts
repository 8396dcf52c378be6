import { group, text } from '../drawing/build';
import type { Drawing, DrawingNode } from '../drawing/drawing';
import { fitText } from '../drawing/textWidth';
import type { Mm } from '../measure/units';
import { type Box, type PageBoxes, pageBoxes } from '../page/boxes';
import { checkBars } from '../page/checkBars';
import { gauge } from '../page/gauge';
import { header } from '../page/header';
import { type LineLanguage, lineLanguage } from '../page/lineLanguage';
import { pageNumber } from '../page/pageNumber';
import { handOf } from '../setting/handOf';
import type { OwnLetter } from '../setting/letterSet';
import { horizontals } from '../sheet/draw/horizontals';
import { ladders } from '../sheet/draw/ladder';
import { slopes } from '../sheet/draw/slopes';
import { zoneLetters } from '../sheet/draw/zoneLetters';
import { headline } from '../sheet/headline';
import type { RuledLine, Ruling } from '../sheet/layout';
import type { Sheet } from '../sheet/sheet';
import type { Band, WithBands } from './band';
import type { Row } from './cells';
import { cut } from './cut/cut';
import type { Cutting, Laid, Piece, Setting } from './cut/piece';
import { groundOf } from './ground';

/** Something about a band that its maker should know. */
export interface BandRemark {
  readonly band: string;
  readonly text: string;
}

/** A piece of a band in its place: `box` is all the room it takes. */
export interface PlacedPiece extends Laid {
  readonly band: string;
  readonly box: Box;
}

/** A practice page with everything in its place, not yet drawn. */
export interface ComposedPage {
  readonly laid: readonly PlacedPiece[];
}

export interface Composed {
  readonly recipe: Sheet;
  readonly boxes: PageBoxes;
  readonly language: LineLanguage;
  readonly pages: readonly ComposedPage[];
  readonly remarks: readonly BandRemark[];
  /** What to compare, at the foot of every page. */
  readonly checks: readonly string[];
  /** The number of its first page, and of how many; its own pages where it stands alone. */
  readonly numbering: { readonly first: number; readonly of: number };
}

export interface ComposeOptions {
  readonly own?: readonly OwnLetter[];
  readonly bands?: readonly Band[];
  readonly checks?: readonly string[];
  /** For pages that are part of a pack. */
  readonly numbering?: Composed['numbering'];
  /** Bands cut before, for whoever tries many pages of one recipe; new ones are added. */
  readonly cuts?: Map<string, Cutting>;
}

const CHECK_LINE: Mm = 4.2;
const CHECK_SIZE: Mm = 2.8;
const CHECK_GAP: Mm = 3;

/**
 * Lays the bands of a recipe over as many pages as they need. Ruling, ladder, gauge and bars are the recipe's; columns
 * are filled one after the other, from the side where the hand starts. Shared zones are not used: on a practice page no
 * line may reach into its neighbour.
 * @throws Problem when margins and aids leave no room at all.
 */
export function compose(
  base: Sheet & Partial<WithBands>,
  { own = [], bands = base.practice?.bands ?? [], checks = [], numbering, cuts }: ComposeOptions = {},
): Composed {
  const recipe: Sheet = { ...base, nibs: [], exemplar: '' };
  const boxes = pageBoxes(recipe);
  const language = lineLanguage(recipe.tint);
  const foot = checks.length > 0 ? checks.length * CHECK_LINE + CHECK_GAP : 0;
  const columns = boxes.startsRight ? [...boxes.columns].reverse() : boxes.columns;
  const frames = columns.map((column) => ({ ...column, height: column.height - foot }));
  const setting: Setting = {
    boxes,
    language,
    width: (frames[0] as Box).width,
    height: (frames[0] as Box).height,
  };
  const flow = new Flow(frames);
  const remarks: BandRemark[] = [];
  for (const band of bands) {
    const key = cuts && JSON.stringify([band.what, band.how, setting.height]);
    const cutting = (key && cuts.get(key)) || cut(band, groundOf(recipe, band.how, own), setting);
    if (key) cuts.set(key, cutting);
    flow.add(band.id, cutting);
    remarks.push(...cutting.trouble.map((trouble) => ({ band: band.id, text: trouble })));
  }
  const pages = flow.done();
  return {
    recipe,
    boxes,
    language,
    pages,
    remarks,
    checks,
    numbering: numbering ?? { first: 1, of: pages.length },
  };
}

/** Binary dust that must not push a piece to the next page. */
const DUST = 1e-6;

/** Pieces poured into frames, frame after frame, page after page. */
class Flow {
  private readonly pages: { laid: PlacedPiece[] }[] = [{ laid: [] }];
  private frame = 0;
  private used: Mm = 0;

  constructor(private readonly frames: readonly Box[]) {}

  add(band: string, { pieces, filling }: Cutting) {
    for (const piece of pieces) this.pour(band, piece);
    if (!filling) return;
    while (this.fits(filling)) this.pour(band, filling);
  }

  done(): ComposedPage[] {
    return this.pages;
  }

  private fits({ height, before }: Piece): boolean {
    const frame = this.frames[this.frame] as Box;
    return this.used + (this.used > 0 ? before : 0) + height <= frame.height + DUST;
  }

  private pour(band: string, piece: Piece) {
    if (!this.fits(piece) && this.used > 0) this.next();
    const frame = this.frames[this.frame] as Box;
    if (this.used > 0) this.used += piece.before;
    const top = frame.y + this.used;
    const box = { x: frame.x, y: top, width: frame.width, height: piece.height };
    this.pages.at(-1)?.laid.push({ ...piece.lay(top, frame), band, box });
    this.used += piece.height;
  }

  private next() {
    this.used = 0;
    this.frame += 1;
    if (this.frame < this.frames.length) return;
    this.frame = 0;
    this.pages.push({ laid: [] });
  }
}

/** One page as a drawing: model ink lowest, the ruling over it, guides, headings and furniture on top. */
export function drawPage(composed: Composed, index: number): Drawing {
  const { recipe, boxes, language, pages, checks, numbering } = composed;
  const laid = pages[index]?.laid ?? [];
  const cells = laid.flatMap((part) => part.cells);
  const title = recipe.title || `${handOf(recipe).name} practice`;
  return {
    ...boxes.page,
    title,
    nodes: [
      group(
        'model-ink',
        cells.flatMap((cell) => cell.under()),
      ),
      group(
        'ruling',
        laid.flatMap(({ rows }) => rows.flatMap((row) => ruling(row, boxes, language))),
      ),
      group(
        'guides',
        cells.flatMap((cell) => cell.over()),
      ),
      group(
        'headings',
        laid.flatMap(({ nodes }) => nodes),
      ),
      ...gauge(recipe, boxes, language),
      ...checkBars(recipe, boxes, language),
      ...header({ ...recipe, headline: headline({ ...recipe, title }) }, boxes, language),
      ...selfCheck(checks, boxes, language),
      ...(numbering.of > 1 ? pageNumber(numbering.first + index, numbering.of, boxes, language) : []),
    ],
  };
}

/** A row's lines, by the same functions that rule a whole sheet. */
function ruling(row: Row, boxes: PageBoxes, language: LineLanguage): DrawingNode[] {
  const { recipe, module, line, x, width, toWrite } = row;
  const column = { x, y: line.top, width, height: line.bottom - line.top };
  const ruledBy = (line: RuledLine): Ruling => ({
    columns: [column],
    startsRight: boxes.startsRight,
    strips: [{ width: recipe.width, module, top: line.top, lines: [line] }],
    foot: line.bottom,
  });
  const lines = ruledBy(line);
  const zonal: Sheet = { ...recipe, slopeLines: { ...recipe.slopeLines, extent: 'zones' } };
  return [
    ...slopes(zonal, lines, language),
    ...(toWrite ? ladders(zonal, ruledBy(inWholeSteps(line, recipe.width)), language) : []),
    ...horizontals(toWrite ? zonal : { ...zonal, aids: { ...zonal.aids, ladder: 'none' } }, lines, language),
    ...(toWrite ? zoneLetters(zonal, lines, language) : []),
  ];
}

/** Where a row ends at none of its lines, its ladder ends at a whole square: a sliver would measure nothing. */
function inWholeSteps(line: RuledLine, side: Mm): RuledLine {
  const { baseline, top, bottom } = line;
  const ruled = [line.waistline, line.ascender, line.capital, line.descender];
  const onLine = (y: Mm) => ruled.some((other) => other !== null && Math.abs(other - y) < DUST);
  const whole = (reach: Mm) => Math.floor(reach / side + DUST) * side;
  return {
    ...line,
    top: onLine(top) ? top : baseline - whole(baseline - top),
    bottom: onLine(bottom) ? bottom : baseline + whole(bottom - baseline),
  };
}

/** What to compare with the model, with boxes to tick. */
function selfCheck(checks: readonly string[], { block }: PageBoxes, language: LineLanguage): DrawingNode[] {
  if (checks.length === 0) return [];
  const top = block.y + block.height - checks.length * CHECK_LINE;
  const side: Mm = 2.4;
  return [
    group(
      'self-check',
      checks.flatMap((check, i) => {
        const y = top + (i + 0.75) * CHECK_LINE;
        return [
          {
            kind: 'path',
            commands: [
              ['M', block.x, y],
              ['L', block.x + side, y],
              ['L', block.x + side, y - side],
              ['L', block.x, y - side],
              ['Z'],
            ],
            stroke: { colour: language.aid, width: 0.18 },
          } satisfies DrawingNode,
          text(block.x + side + 1.6, y - 0.2, fitText(check, CHECK_SIZE, block.width - side - 1.6), {
            size: CHECK_SIZE,
            colour: language.aid,
          }),
        ];
      }),
    ),
  ];
}
