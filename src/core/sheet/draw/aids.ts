import { group, type Segment, segments, text } from '../../drawing/build';
import type { DrawingNode } from '../../drawing/drawing';
import { fitText } from '../../drawing/textWidth';
import { isPressed } from '../../hand/hand';
import { cosDeg, type Degrees, type Mm, plain, sinDeg } from '../../measure/units';
import { BAR_SPACE, HEADER_HEIGHT, hasGauge, PRINT_EDGE } from '../furniture';
import { BAND_CAPTION, type RuledLine, type SheetLayout } from '../layout';
import { CHECK_BAR } from '../printer';
import { type Recipe, recipeHand } from '../recipe';
import type { LineLanguage } from './lineLanguage';

/** Line width of gauges and bars, and sizes of the small lettering. */
const AID_LINE: Mm = 0.18;
const SMALL: Mm = 2.2;
const HEADER_SIZE: Mm = 3.4;
const TITLE_SIZE: Mm = 4.2;

/** Lengths a check bar takes, the longest that fits the sheet first. */
const BAR_LENGTHS: readonly Mm[] = [CHECK_BAR, 50, 20];
const BAR_TICK: Mm = 1.5;
/** The gauge's longest ray; with its lettering it fills GAUGE_SPACE. */
const GAUGE_RAY: Mm = 11;
const RAY_LENGTHS: readonly Mm[] = [0.6 * GAUGE_RAY, 0.8 * GAUGE_RAY, GAUGE_RAY];
/** Rays closer than this would print their lettering over each other; the next takes the next length. */
const CROWDED_RAYS: Degrees = 12;

/** Zone letters just past the end of each line: c(apital), a(scender), x (body), d(escender). */
export function zoneLetters(recipe: Recipe, layout: SheetLayout, language: LineLanguage): DrawingNode[] {
  if (!recipe.aids.letters) return [];
  const gapToText: Mm = 0.8;
  const letters = layout.columns.flatMap(({ x, width }) => {
    const at = layout.startsRight ? x - gapToText : x + width + gapToText;
    return layout.bands.flatMap(({ lines }) =>
      lines.flatMap((line) =>
        lettersOf(line).map(({ letter, top, bottom }) => {
          const size = Math.min(SMALL, (bottom - top) * 0.8);
          return text(at, (top + bottom) / 2 + size * 0.25, letter, {
            size,
            colour: language.aid,
            anchor: layout.startsRight ? 'end' : 'start',
          });
        }),
      ),
    );
  });
  return [group('zone-letters', letters)];
}

function lettersOf(line: RuledLine): { letter: string; top: Mm; bottom: Mm }[] {
  const zones: { letter: string; top: Mm; bottom: Mm }[] = [];
  const bodyTop = line.waistline ?? line.capital;
  if (line.ascender !== null && line.waistline !== null) {
    zones.push({ letter: 'a', top: line.ascender, bottom: line.waistline });
  }
  if (bodyTop !== null)
    zones.push({ letter: line.waistline === null ? 'c' : 'x', top: bodyTop, bottom: line.baseline });
  if (line.descender !== null) zones.push({ letter: 'd', top: line.baseline, bottom: line.descender });
  return zones;
}

/**
 * The pen-angle gauge: rays at the hand's angle and at the angles its letters turn to. The hand's own ray carries a
 * length W, drawn heavy, to lay the edge on.
 */
export function gauge(recipe: Recipe, layout: SheetLayout, language: LineLanguage): DrawingNode[] {
  const taught = Object.values(recipeHand(recipe).turns).filter(({ where }) => where !== undefined);
  if (!hasGauge(recipe)) return [];
  const x = layout.startsRight ? layout.block.x + layout.block.width + 1 : PRINT_EDGE + 0.5;
  const y = layout.block.y + GAUGE_RAY + SMALL;
  const end = (angle: Degrees, length: Mm): [Mm, Mm] => [
    x + length * cosDeg(angle),
    y - length * sinDeg(angle),
  ];
  const ray = (angle: Degrees, length: Mm): Segment => [x, y, ...end(angle, length)];

  const angles = [...new Set([recipe.penAngle, ...taught.map(({ angle }) => angle)])].sort((a, b) => a - b);
  let previous = Number.NEGATIVE_INFINITY;
  let step = 0;
  const rays = angles.map((angle) => {
    step = angle - previous < CROWDED_RAYS ? (step + 1) % RAY_LENGTHS.length : 0;
    previous = angle;
    return { angle, length: RAY_LENGTHS[step] as Mm };
  });
  const others = rays.filter(({ angle }) => angle !== recipe.penAngle);
  return [
    group('gauge', [
      segments([[x, y, x + GAUGE_RAY, y]], { colour: language.aid, width: AID_LINE / 2 }),
      segments(
        others.map(({ angle, length }) => ray(angle, length)),
        { colour: language.aid, width: AID_LINE, dash: [1, 0.7] },
      ),
      segments(
        rays.filter(({ angle }) => angle === recipe.penAngle).map(({ angle, length }) => ray(angle, length)),
        { colour: language.aid, width: AID_LINE * 2 },
      ),
      segments([ray(recipe.penAngle, Math.min(recipe.width, RAY_LENGTHS[0] as Mm))], {
        colour: language.aid,
        width: AID_LINE * 4,
      }),
      ...rays.map(({ angle, length }) => {
        const [tx, ty] = end(angle, length + 0.6);
        return text(tx, ty + 0.4, `${plain(angle)}°`, { size: SMALL, colour: language.aid });
      }),
    ]),
  ];
}

/** Check bars in x and y: 100 mm where the sheet can hold it. Measure them to know what the printer did. */
export function checkBars(recipe: Recipe, layout: SheetLayout, language: LineLanguage): DrawingNode[] {
  if (!recipe.aids.bars) return [];
  const { page } = layout;
  const length = (room: Mm) => BAR_LENGTHS.find((bar) => bar <= room - 2 * PRINT_EDGE) ?? 20;
  const across = length(page.width);
  const down = length(page.height - BAR_SPACE - SMALL);
  const barY = page.height - PRINT_EDGE - BAR_TICK;
  const barX = layout.startsRight ? PRINT_EDGE + BAR_TICK : page.width - PRINT_EDGE - BAR_TICK;
  const x1 = (page.width - across) / 2;
  const y1 = (page.height - down) / 2;
  const stroke = { colour: language.aid, width: AID_LINE };
  return [
    group('check-bars', [
      segments(
        [
          [x1, barY, x1 + across, barY],
          [x1, barY - BAR_TICK, x1, barY + BAR_TICK],
          [x1 + across, barY - BAR_TICK, x1 + across, barY + BAR_TICK],
        ],
        stroke,
      ),
      segments(
        [
          [barX, y1, barX, y1 + down],
          [barX - BAR_TICK, y1, barX + BAR_TICK, y1],
          [barX - BAR_TICK, y1 + down, barX + BAR_TICK, y1 + down],
        ],
        stroke,
      ),
      text(x1 + across / 2, barY - 0.7, `${across} mm`, {
        size: SMALL,
        colour: language.aid,
        anchor: 'middle',
      }),
      text(layout.startsRight ? barX - BAR_TICK : barX + BAR_TICK, y1 - 0.8, `${down} mm`, {
        size: SMALL,
        colour: language.aid,
        anchor: layout.startsRight ? 'start' : 'end',
      }),
    ]),
  ];
}

/** What the sheet is, and blanks to write date and note into. */
export function header(recipe: Recipe, layout: SheetLayout, language: LineLanguage): DrawingNode[] {
  if (!recipe.aids.header) return [];
  const { block } = layout;
  const colour = language.aid;
  const top = block.y - HEADER_HEIGHT;
  const firstRow = top + TITLE_SIZE * 0.8;
  const secondRow = firstRow + 5;
  const nodes: DrawingNode[] = [
    text(block.x, firstRow, fitText(headline(recipe), HEADER_SIZE, block.width), {
      size: HEADER_SIZE,
      colour,
    }),
  ];
  const half = block.width / 2;
  const blank = (x: Mm, label: string, value: string, room: Mm) => {
    const labelWidth: Mm = 9;
    nodes.push(text(x, secondRow, label, { size: SMALL * 1.15, colour }));
    if (value) {
      const content = fitText(value, HEADER_SIZE, room - labelWidth);
      nodes.push(text(x + labelWidth, secondRow, content, { size: HEADER_SIZE, colour }));
    } else {
      nodes.push(
        segments([[x + labelWidth, secondRow + 0.5, x + room, secondRow + 0.5]], {
          colour,
          width: AID_LINE / 2,
        }),
      );
    }
  };
  blank(block.x, 'Date', recipe.date, half * 0.7 - 2);
  blank(block.x + half * 0.7, 'Note', recipe.note, block.width - half * 0.7);
  return [group('header', nodes)];
}

function headline(recipe: Recipe): string {
  const hand = recipeHand(recipe);
  const weight = hand.basis === 'nib' ? [`${plain(recipe.zones.body)} nw`] : [];
  const angle = hand.penAngle ? [`${plain(recipe.penAngle)}°`] : [];
  const nib = recipe.bands.length > 0 ? recipe.bands.map((w) => plain(w)).join(', ') : plain(recipe.width);
  return [
    ...(recipe.title ? [recipe.title] : []),
    hand.name,
    `${nib} mm ${hand.tool === 'broad' ? 'nib' : hand.tool === 'monoline' ? 'line' : 'shade'}`,
    ...weight,
    ...angle,
    ...leaning(recipe, isPressed(hand)),
  ].join(' · ');
}

/** Pointed hands are taught by their slant from the writing line, the others by their slope off the vertical. */
function leaning({ slope }: Recipe, bySlant: boolean): string[] {
  if (bySlant) return [`slant ${plain(90 - slope)}°`];
  return slope === 0 ? [] : [`slope ${plain(slope)}°`];
}

/** The nib of each strip of a comparison sheet. */
export function bandCaptions(recipe: Recipe, layout: SheetLayout, language: LineLanguage): DrawingNode[] {
  if (recipe.bands.length === 0) return [];
  return [
    group(
      'band-captions',
      layout.bands.map(({ width, top, module }) =>
        text(
          layout.block.x,
          top + BAND_CAPTION * 0.65,
          fitText(
            `${plain(width)} mm nib · body ${plain(recipe.zones.body * module)} mm`,
            HEADER_SIZE,
            layout.block.width,
          ),
          { size: HEADER_SIZE, colour: language.aid },
        ),
      ),
    ),
  ];
}
