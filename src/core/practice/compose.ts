import { group, text } from '../drawing/build';
import type { Drawing, DrawingNode } from '../drawing/drawing';
import { fitText } from '../drawing/textWidth';
import type { Mm } from '../measure/units';
import { type Box, type PageBoxes, pageBoxes } from '../page/boxes';
import { checkBars } from '../page/checkBars';
import { Flow, type Part } from '../page/flow';
import { gauge } from '../page/gauge';
import { header } from '../page/header';
import { type LineLanguage, lineLanguage } from '../page/lineLanguage';
import { type CodeModules, marks } from '../page/marks';
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
import { partsOf } from './bands/partsOf';
import type { Row } from './cells';
import { groundOf } from './ground';
import type { BandPart, BandParts, Laid, PageRoom } from './parts/part';

/** A remark on a band for its author. */
export interface BandRemark {
  readonly band: string;
  readonly text: string;
}

/** A placed part, and the band it belongs to. */
interface LaidOf extends Laid {
  readonly band: string;
}

/** A part of a band in its place: `box` is all the room it takes. */
export interface PlacedPart extends LaidOf {
  readonly box: Box;
}

/** A practice page with everything in its place, not yet drawn. */
export interface ComposedPage {
  readonly laid: readonly PlacedPart[];
}

export interface Composed {
  readonly recipe: Sheet;
  /** What it was composed of. */
  readonly bands: readonly Band[];
  readonly own: readonly OwnLetter[];
  readonly boxes: PageBoxes;
  readonly language: LineLanguage;
  readonly pages: readonly ComposedPage[];
  readonly remarks: readonly BandRemark[];
  /** What to compare, at the foot of every page. */
  readonly checks: readonly string[];
  /** Number of its first page and the total number of pages; its own pages where it stands alone. */
  readonly numbering: { readonly first: number; readonly of: number };
}

export interface ComposeOptions {
  readonly own?: readonly OwnLetter[];
  readonly bands?: readonly Band[];
  readonly checks?: readonly string[];
  /** For pages that are part of a pack. */
  readonly numbering?: Composed['numbering'];
  /** Cache of laid-out bands, for callers that try many pages of one recipe. */
  readonly laidOut?: Map<string, BandParts>;
}

const CHECK_LINE: Mm = 4.2;
const CHECK_SIZE: Mm = 2.9;
const CHECK_GAP: Mm = 3;

/**
 * Lays the bands of a recipe over as many pages as they need. Ruling, ladder, gauge and bars are the recipe's; columns
 * are filled one after the other, from the side where the hand starts. Shared zones are not used: on a practice page no
 * line may reach into its neighbour.
 * @throws Problem when margins and aids leave no room at all.
 */
export function compose(
  base: Sheet & Partial<WithBands>,
  { own = [], bands = base.practice?.bands ?? [], checks = [], numbering, laidOut }: ComposeOptions = {},
): Composed {
  const recipe: Sheet = { ...marked(base), nibs: [], exemplar: '' };
  const boxes = pageBoxes(recipe);
  const language = lineLanguage(recipe.tint);
  const frames = framesOf(boxes, checks.length);
  const place = roomIn(frames, boxes, language);
  const flow = new Flow<LaidOf>(frames);
  const remarks: BandRemark[] = [];
  for (const band of bands) {
    const key = laidOut && JSON.stringify([band.what, band.how, place.height]);
    const made = (key && laidOut.get(key)) || partsOf(band, groundOf(recipe, band.how, own), place);
    if (key) laidOut.set(key, made);
    const mine = (part: BandPart): Part<LaidOf> => ({
      ...part,
      lay: (top, frame) => ({ ...part.lay(top, frame), band: band.id }),
    });
    flow.add(made.parts.map(mine), made.filling && mine(made.filling));
    remarks.push(...made.trouble.map((trouble) => ({ band: band.id, text: trouble })));
  }
  const pages = flow.pages.map((page) => ({ laid: page.map(({ box, laid }) => ({ ...laid, box })) }));
  return {
    recipe,
    bands,
    own,
    boxes,
    language,
    pages,
    remarks,
    checks,
    numbering: numbering ?? { first: 1, of: pages.length },
  };
}

/** A sheet as it is practised on: marks that are for practice pages are on it. */
export const marked = (sheet: Sheet): Sheet =>
  sheet.aids.marks === 'practice' ? { ...sheet, aids: { ...sheet.aids, marks: 'every' } } : sheet;

/** The frames that parts flow through, in order: the columns, less the foot with what to compare. */
export function framesOf(boxes: PageBoxes, checks: number): readonly Box[] {
  const foot = checks > 0 ? checks * CHECK_LINE + CHECK_GAP : 0;
  const columns = boxes.startsRight ? [...boxes.columns].reverse() : boxes.columns;
  return columns.map((column) => ({ ...column, height: column.height - foot }));
}

/** Properties of the frames that bands are laid out for. */
export function roomIn(frames: readonly Box[], boxes: PageBoxes, language: LineLanguage): PageRoom {
  const [{ width, height }] = frames as [Box];
  return { boxes, language, width, height };
}

/** Rounding error that must not push a part to the next page. */
const DUST = 1e-6;

/** One page as a drawing: model ink lowest, the ruling over it, guides, headings and furniture on top; `code` is what its mark says. */
export function drawPage(composed: Composed, index: number, code?: CodeModules): Drawing {
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
      ...checkBars(boxes, language),
      ...header({ ...recipe, headline: headline({ ...recipe, title }) }, boxes, language),
      ...selfCheck(checks, boxes, language),
      ...marks(boxes, language, code),
      ...(numbering.of > 1 ? pageNumber(numbering.first + index, numbering.of, boxes, language) : []),
    ],
  };
}

/** A row's lines, ruled by the functions that rule a whole sheet. */
function ruling(row: Row, boxes: PageBoxes, language: LineLanguage): DrawingNode[] {
  const { recipe, module, line, x, width, toWrite } = row;
  const column = { x, y: line.top, width, height: line.bottom - line.top };
  const ruledBy = (line: RuledLine): Ruling => ({
    columns: [column],
    startsRight: boxes.startsRight,
    aids: boxes.aids,
    strips: [{ width: recipe.width, module, top: line.top, lines: [line] }],
    foot: line.bottom,
  });
  const lines = ruledBy(line);
  const zonal: Sheet = { ...recipe, slopeLines: { ...recipe.slopeLines, extent: 'zones' } };
  return [
    ...slopes(zonal, lines, language),
    ...(toWrite ? ladders(zonal, ruledBy(inWholeSteps(line, recipe.width)), language) : []),
    ...horizontals(toWrite ? zonal : { ...zonal, aids: { ...zonal.aids, ladder: 'none' } }, lines, language),
    ...(toWrite ? zoneLetters(lines, language) : []),
  ];
}

/** Where the row does not end at one of its lines, the ladder ends at a whole square: a fraction of one measures nothing. */
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
