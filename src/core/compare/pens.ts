import { deskPaper } from '../about/about';
import { withChosenNib } from '../document/chosenNib';
import { changeSchool } from '../document/edit';
import { freshFor } from '../document/freshFor';
import type { Recipe } from '../document/recipe';
import { group, text } from '../drawing/build';
import type { Drawing, DrawingNode } from '../drawing/drawing';
import { movedBy } from '../drawing/move';
import { fitText } from '../drawing/textWidth';
import { handById } from '../hands/registry';
import { asNib, type Item } from '../kit/item';
import type { Nib } from '../kit/nib';
import { type Mm, plain } from '../measure/units';
import { pageBoxes } from '../page/boxes';
import { checkBars } from '../page/checkBars';
import { lineLanguage } from '../page/lineLanguage';
import { barThickness, stemThickness } from '../pen/thickness';
import { bandOf } from '../practice/bands/bandOf';
import { compose, drawPage } from '../practice/compose';
import { Problem } from '../problem/problem';
import { bodyHeight } from '../setting/bodyHeight';
import { handOf } from '../setting/handOf';
import type { OwnLetter } from '../setting/letterSet';
import { bearableShade, CLOSES } from '../setting/settingFace';
import { overALoad, wordsALoad } from './load';
import { PENS } from './penLimits';
import { type PenWish, sheetForPen } from './penSheet';

/** What one pen makes of the word. */
export interface PenReading {
  readonly id: string;
  readonly label: string;
  readonly hand: string;
  /** What the pen model says, in words: "stem 1.4, bar 1.4, thinnest 0.1 mm; body 10 mm". */
  readonly reading: string;
  /** Why it could not write the word here. */
  readonly trouble?: string;
}

export interface PenComparison {
  readonly pages: readonly Drawing[];
  readonly readings: readonly PenReading[];
}

export interface PenOptions extends PenWish {
  readonly own?: readonly OwnLetter[];
}

/** A hand of one line as the point leaves it, where one of its schools adds nothing to that. */
function asOneLine(sheet: Recipe): Recipe {
  const { tool, schools } = handById(sheet.hand);
  const plain = tool === 'monoline' && schools.find(({ set }) => set.style === '');
  return plain ? changeSchool(sheet, plain.id) : sheet;
}

const mm = (value: Mm) => plain(value, 1);

function readingOf(recipe: Recipe, { hairline }: Nib): string {
  const body = `body ${mm(bodyHeight(recipe))} mm`;
  const { width, edge, penAngle, slope, writing } = recipe;
  if (handOf(recipe).tool === 'monoline') return `line ${plain(width)} mm; ${body}`;
  if (hairline !== undefined) {
    const bearable = bearableShade(recipe);
    const held = width > bearable * CLOSES;
    const shade = held ? bearable : width;
    const fullest = held ? ` (up to ${mm(width)} on a taller body)` : '';
    return `shade ${mm(shade)}${fullest}, hairline ${plain(shade / writing.contrast)} mm, swell 1 : ${plain(writing.contrast, 0)}; ${body}`;
  }
  const stem = stemThickness(width, penAngle, slope, edge);
  const bar = barThickness(width, penAngle, edge);
  return `stem ${mm(stem)}, bar ${mm(bar)}, thinnest ${plain(edge)} mm at ${plain(penAngle, 0)}°; ${body}`;
}

const ONCE_OR_TWICE: Readonly<Record<number, string>> = { 1: 'once', 2: 'twice' };
/** How often a load writes the word, as the reading goes on. */
const loadWords = (times: number | undefined): string =>
  times === undefined
    ? ''
    : times < 1
      ? '; a load does not write it once'
      : `; a load writes it ${ONCE_OR_TWICE[Math.floor(times)] ?? `${Math.floor(times)} times`}`;

/** White at the sides of the page, and over each pen's strip. */
const SIDE: Mm = 12;
const TOP: Mm = 14;
const FOOT: Mm = 16;
const BETWEEN: Mm = 4;
const LABEL = { size: 3.2, line: 4.5 } as const;
/** A strip is laid out on paper this tall, the most a sheet can be, and cut where it ends. */
const TALLEST: Mm = 450;

/** What of a practice page a strip shows. */
const INK = 'model-ink';
const SHOWN: ReadonlySet<string> = new Set([INK, 'ruling', 'guides']);
/** White between the same word and the same word, in bodies. */
const GAP = 0.8;

interface Strip {
  readonly nodes: readonly DrawingNode[];
  readonly height: Mm;
}

/** One pen's word and a row to write it in, ruled true. @throws Problem where it does not fit across the page. */
function strip(
  recipe: Recipe,
  word: string,
  width: Mm,
  own: readonly OwnLetter[],
  times: number | undefined,
): Strip {
  const margins = { top: 0, right: 0, bottom: 0, left: 0 };
  const aids = {
    ladder: 'none',
    gauge: false,
    letters: false,
    bars: false,
    header: false,
    marks: 'none',
  } as const;
  const band = bandOf('pen', 'line', word, {
    guided: false,
    trace: 1,
    free: 1,
    lines: 1,
    snug: true,
    tint: 'full',
  });
  const composed = compose(
    {
      ...recipe,
      aids,
      paper: {
        ...recipe.paper,
        format: 'custom',
        width,
        height: TALLEST,
        sideways: false,
        margins,
        columns: 1,
      },
    },
    { own, bands: [band] },
  );
  const [page] = composed.pages;
  const height = Math.max(0, ...(page?.laid ?? []).map(({ box }) => box.y + box.height));
  const [remark] = composed.remarks;
  if (remark) throw new Problem('word', remark.text);
  const nodes = drawPage(composed, 0)
    .nodes.filter((node) => node.kind === 'group' && SHOWN.has(node.role))
    .flatMap((node) =>
      times !== undefined && node.kind === 'group' && node.role === INK
        ? overALoad(node, times, width, GAP * bodyHeight(recipe))
        : [node],
    );
  return { nodes, height };
}

/**
 * One word written with every pen at true scale, by the pen model: a strip each, with its reading and a row to write it beneath.
 * The letters of every hand that comes up must have been fetched.
 * @throws Problem when there is no word or no pen.
 */
export function comparePens(word: string, pens: readonly Item[], options: PenOptions): PenComparison {
  if (word.trim() === '') throw new Problem('word', 'Type a word for the pens to write.');
  const nibs = pens.flatMap((item) => {
    const nib = asNib(item);
    return nib ? [{ item, nib }] : [];
  });
  if (nibs.length === 0) throw new Problem('pens', 'Choose at least one pen whose width is known.');
  const page = deskPaper(options.about);
  const language = lineLanguage('faint');
  const whole = freshFor(options.about, options.hand);
  const width = page.width - 2 * SIDE;
  const readings: PenReading[] = [];
  const pages: DrawingNode[][] = [[]];
  let y = TOP;
  for (const { item, nib } of nibs.slice(0, PENS.most)) {
    const recipe = withChosenNib(asOneLine(sheetForPen(nib, options)), nib, null);
    const { name } = handOf(recipe);
    const own = recipe.hand === options.hand ? (options.own ?? []) : [];
    const times = wordsALoad(recipe, word.trim(), item, own);
    const reading = readingOf(recipe, nib) + loadWords(times);
    const said = { id: item.id, label: item.label, hand: name, reading };
    let made: Strip;
    try {
      made = strip(recipe, word.trim(), width, own, times);
    } catch (error) {
      if (!(error instanceof Problem)) throw error;
      readings.push({ ...said, trouble: error.message });
      continue;
    }
    readings.push(said);
    const taken = LABEL.line + made.height + BETWEEN;
    if (y + taken > page.height - FOOT && y > TOP) {
      pages.push([]);
      y = TOP;
    }
    const caption = fitText(`${item.label} · ${name} · ${reading}`, LABEL.size, width);
    pages.at(-1)?.push(
      text(SIDE, y + LABEL.size, caption, { size: LABEL.size, colour: language.small }),
      group(
        'pen',
        made.nodes.map((node) => movedBy(node, SIDE, y + LABEL.line)),
      ),
    );
    y += taken;
  }
  return {
    pages: pages.map((nodes) => ({
      width: page.width,
      height: page.height,
      title: `“${word.trim()}” with every pen`,
      nodes: [...nodes, ...checkBars(pageBoxes(whole), language)],
    })),
    readings,
  };
}
