import { group, text } from '../../drawing/build';
import { wrapText } from '../../drawing/textWidth';
import type { Vec } from '../../geometry/vec';
import { type Mm, plain } from '../../measure/units';
import type { Box } from '../../page/boxes';
import { type Figure, strokeFigure } from '../../writing/figure';
import { inkNodes, reachBeyond } from '../../writing/ink';
import type { Band } from '../band';
import { type Cell, type CellPlan, sequenceOf } from '../cells';
import type { Ground } from '../ground';
import { guide } from '../guided';
import { pictureById } from '../pictures';
import { HEADING, headingNodes, headingPart, manner, REMARK_SIZE } from './heading';
import { boundsOf, cellOf, frameOf } from './modelCell';
import { BAND_GAP, type BandPart, type BandParts, once, type PageRoom, smaller } from './part';

/** White around a picture in its frame, and room for two lines of words under it. */
const PICTURE_PAD: Mm = 4;
const CAPTION: Mm = 7.2;
const CAPTION_LINE: Mm = 3;
const CAPTION_LINES = 2;
const PICTURE_GAP: Mm = 3;

/** Distributes items over the minimum number of rows, none of them nearly empty. */
function evenRows<T>(items: readonly T[], columns: number): T[][] {
  const rows = Math.ceil(items.length / columns);
  const each = Math.ceil(items.length / rows);
  return Array.from({ length: rows }, (_, i) => items.slice(i * each, (i + 1) * each));
}

/** A picture in numbered steps, then cells to follow, then empty ones; as many frames in a row as fit. */
export function picture(band: Band, ground: Ground, place: PageRoom): BandParts {
  const found = pictureById(band.what.of);
  const { how } = band;
  if (!found) {
    const trouble = [`There is no picture “${band.what.of}”.`];
    return { parts: [headingPart({ name: 'Picture', more: '' }, place, trouble)], trouble };
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
  const rowRoom = place.height - HEADING;
  if (across > place.width || tall > rowRoom) {
    const share = Math.min(place.width / across, rowRoom / tall);
    const trouble = [
      `“${found.name}” needs ${plain(across, 0)} × ${plain(tall, 0)} mm a frame and does not fit. ${smaller(ground, share)}`,
    ];
    return { parts: [headingPart(title, place, trouble)], trouble };
  }
  type Item = { kind: 'step'; step: number } | CellPlan;
  const steps: Item[] = how.guided ? found.steps.map((_, i) => ({ kind: 'step', step: i })) : [];
  const columns = Math.max(1, Math.floor((place.width + PICTURE_GAP) / (across + PICTURE_GAP)));
  const rows = [...evenRows(steps, columns), ...evenRows<Item>(sequenceOf(how, ground.pen), columns)];
  const strokesBefore = (step: number) =>
    found.steps.slice(0, step).reduce((sum, { strokes }) => sum + strokes.length, 0);
  const { language } = place;
  const { startsRight } = place.boxes;
  const frame = (item: Item, box: Box): Cell => {
    const at: Vec = [box.x + PICTURE_PAD - reach.left * unit, box.y + PICTURE_PAD + reach.top * unit];
    const inner = { ...box, height: box.height - CAPTION };
    if (item.kind !== 'step') {
      const cell = cellOf(band, ground, whole, item, box, at, language);
      return { ...cell, over: () => [frameOf(box, language)] };
    }
    const { step } = item;
    const { say } = found.steps[step] as (typeof found.steps)[number];
    const earlier = step > 0 ? figureOf(`picture ${found.id} to ${step}`, 0, step) : undefined;
    const now = figureOf(`picture ${found.id} at ${step}`, step, step + 1);
    const drawn = once(() => guide(pen, now, how.ink, at, unit, inner, language.guide, strokesBefore(step)));
    const caption = `${step + 1}  ${say}`;
    return {
      kind: 'step',
      what: found.name,
      box,
      ink: boundsOf(figureOf(`picture ${found.id} to ${step + 1}`, 0, step + 1), at, unit),
      under: () => [
        group('step', [
          ...(earlier ? inkNodes(pen, earlier, how.ink, at, unit, language.model.earlier) : []),
          ...drawn().under,
        ]),
      ],
      over: () => [
        group('step', drawn().over),
        frameOf(box, language),
        ...wrapText(caption, REMARK_SIZE, box.width - 2.4)
          .slice(0, CAPTION_LINES)
          .map((words, i) =>
            text(box.x + 1.2, box.y + box.height - CAPTION + (i + 0.9) * CAPTION_LINE, words, {
              size: REMARK_SIZE,
              colour: place.language.exemplar,
            }),
          ),
      ],
    };
  };
  const parts = rows.map(
    (row, i): BandPart => ({
      height: tall + (i === 0 ? HEADING : 0),
      before: i === 0 ? BAND_GAP : PICTURE_GAP,
      lay: (top, { x, width, ...rest }) => {
        const down = i === 0 ? HEADING : 0;
        const cells = row.map((item, column) => {
          const start = column * (across + PICTURE_GAP);
          const left = startsRight ? x + width - start - across : x + start;
          return frame(item, { x: left, y: top + down, width: across, height: tall });
        });
        const nodes = i === 0 ? headingNodes(title, top, { x, width, ...rest }, place.language) : [];
        return { cells, rows: [], nodes };
      },
    }),
  );
  return { parts, trouble: [] };
}
