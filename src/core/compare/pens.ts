import { type About, deskPaper } from '../about/about';
import { withChosenNib } from '../document/chosenNib';
import { freshFor } from '../document/freshFor';
import type { Recipe } from '../document/recipe';
import { group, text } from '../drawing/build';
import type { Drawing, DrawingNode } from '../drawing/drawing';
import { movedBy } from '../drawing/move';
import { fitText } from '../drawing/textWidth';
import type { ToolFamily } from '../hand/hand';
import { HANDS, type HandId, handById } from '../hands/registry';
import { asNib, type Item } from '../kit/item';
import type { Nib, NibKind } from '../kit/nib';
import { clamp, type Mm, plain } from '../measure/units';
import { pageBoxes } from '../page/boxes';
import { checkBars } from '../page/checkBars';
import { lineLanguage } from '../page/lineLanguage';
import { barThickness, stemThickness } from '../pen/thickness';
import { bandOf } from '../practice/bands/bandOf';
import { compose, drawPage } from '../practice/compose';
import { LIMITS } from '../problem/limits';
import { Problem } from '../problem/problem';
import { handOf } from '../setting/handOf';
import type { OwnLetter } from '../setting/letterSet';
import { bodyHeight } from '../sheet/solve';

/** Pens compared at once, at least and at most: more rows than these are looked at by nobody. */
export const PENS = { fewest: 1, most: 24 } as const;
/** Longest word, in characters. */
export const LONGEST_WORD = 24;

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

export interface PenOptions {
  /** The hand of broad nibs; pens that cannot write it write the first hand of their own kind. */
  readonly hand: HandId;
  readonly about: About;
  readonly own?: readonly OwnLetter[];
}

const FAMILIES: Readonly<Record<NibKind, ToolFamily>> = {
  broad: 'broad',
  'two-point': 'broad',
  pointed: 'pointed',
  brush: 'brush',
};

/** The hand a pen writes in: the one asked for where it can, else the first of its family. */
export function handFor({ kind }: Pick<Nib, 'kind'>, wanted: HandId): HandId {
  const family = FAMILIES[kind];
  if (handById(wanted).tool === family) return wanted;
  return HANDS.find(({ tool }) => tool === family)?.id ?? wanted;
}

/**
 * Worn edges are rounder, and so thicker: felt splays much, steel little. Our own estimates, as many times the new edge.
 */
const WORN: Readonly<Record<NonNullable<Item['wear']>, number>> = { none: 1, some: 1.6, 'worn out': 2.5 };

/** How fine a hairline pointed steel and brush leave, in mm: the tip itself (common values). */
const FINEST: Readonly<Partial<Record<NibKind, Mm>>> = { pointed: 0.1, brush: 0.3 };
/** How far the tines of a nib open in use, as a share of the shade it can make. */
const OPENS: Readonly<Record<NonNullable<Item['flex']>, number>> = {
  stiff: 0.6,
  'semi-flexible': 0.8,
  flexible: 1,
  'very flexible': 1,
};

/** The sheet one pen is ruled for, with what wear and flex make of it. */
function ruledFor(item: Item, nib: Nib, { hand, about }: PenOptions): Recipe {
  const base = freshFor(about, handFor(nib, hand));
  const edge = Math.min(LIMITS.edge.high, nib.edge * WORN[item.wear ?? 'none']);
  const width = Math.max(LIMITS.width.low, nib.width * (item.flex ? OPENS[item.flex] : 1));
  const recipe = withChosenNib(base, { id: nib.id, width, edge }, null);
  const finest = FINEST[nib.kind];
  if (finest === undefined) return recipe;
  const contrast = clamp(width / finest, LIMITS.contrast.low, LIMITS.contrast.high);
  return { ...recipe, writing: { ...recipe.writing, contrast } };
}

const mm = (value: Mm) => plain(value, 1);

function readingOf(recipe: Recipe, { kind }: Nib): string {
  const body = `body ${mm(bodyHeight(recipe))} mm`;
  const { width, edge, penAngle, slope, writing } = recipe;
  if (FINEST[kind] !== undefined) {
    const hairline = width / writing.contrast;
    return `shade ${mm(width)}, hairline ${plain(hairline)} mm, swell 1 : ${plain(writing.contrast, 0)}; ${body}`;
  }
  const stem = stemThickness(width, penAngle, slope, edge);
  const bar = barThickness(width, penAngle, edge);
  return `stem ${mm(stem)}, bar ${mm(bar)}, thinnest ${plain(edge)} mm at ${plain(penAngle, 0)}°; ${body}`;
}

/** White at the sides of the page, and over each pen's strip. */
const SIDE: Mm = 12;
const TOP: Mm = 14;
const FOOT: Mm = 16;
const BETWEEN: Mm = 4;
const LABEL = { size: 3.2, line: 4.5 } as const;
/** A strip is laid out on paper this tall, the most a sheet can be, and cut where it ends. */
const TALLEST: Mm = 450;

/** What of a practice page a strip shows. */
const SHOWN: ReadonlySet<string> = new Set(['model-ink', 'ruling', 'guides']);

interface Strip {
  readonly nodes: readonly DrawingNode[];
  readonly height: Mm;
}

/** One pen's word and a row to write it in, ruled true. @throws Problem where it does not fit across the page. */
function strip(recipe: Recipe, word: string, width: Mm, own: readonly OwnLetter[]): Strip {
  const margins = { top: 0, right: 0, bottom: 0, left: 0 };
  const aids = { ladder: 'none', gauge: false, letters: false, bars: false, header: false } as const;
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
  const nodes = drawPage(composed, 0).nodes.filter((node) => node.kind === 'group' && SHOWN.has(node.role));
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
    const recipe = ruledFor(item, nib, options);
    const { name } = handOf(recipe);
    const own = recipe.hand === options.hand ? (options.own ?? []) : [];
    const reading = readingOf(recipe, nib);
    const said = { id: item.id, label: item.label, hand: name, reading };
    let made: Strip;
    try {
      made = strip(recipe, word.trim(), width, own);
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
      nodes: [...nodes, ...checkBars(whole, pageBoxes(whole), language)],
    })),
    readings,
  };
}
