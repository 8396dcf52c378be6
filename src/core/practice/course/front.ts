import { group, segments, text } from '../../drawing/build';
import type { Drawing, DrawingNode } from '../../drawing/drawing';
import { textWidth, wrapText } from '../../drawing/textWidth';
import { countsByPen, isPressed } from '../../hand/hand';
import { heightUnit } from '../../hand/heightUnit';
import { type Mm, plain } from '../../measure/units';
import { pageBoxes } from '../../page/boxes';
import { checkBars } from '../../page/checkBars';
import { header } from '../../page/header';
import { type LineLanguage, lineLanguage } from '../../page/lineLanguage';
import { pageNumber } from '../../page/pageNumber';
import { bodyHeight } from '../../setting/bodyHeight';
import { handOf } from '../../setting/handOf';
import type { OwnLetter } from '../../setting/letterSet';
import { headline } from '../../sheet/headline';
import type { Sheet } from '../../sheet/sheet';
import { textFigure } from '../../writing/figure';
import { inkNodes } from '../../writing/ink';
import { groundOf } from '../ground';
import { type Course, FRONT_PAGES } from './course';
import { deskFor } from './kitList';
import { modelSheet } from './modelSheet';

/** A heading with its lines, numbered, bulleted with a box to tick, or plain; `end` stands at the far end of the line. */
interface Section {
  readonly heading: string;
  readonly lines: readonly { readonly say: string; readonly end?: string }[];
  readonly mark?: 'box';
}

const HEADING: Mm = 4.2;
const SIZE: Mm = 3.4;
const LEADING: Mm = 4.9;
const INDENT: Mm = 5;
/** Height of the body of the title, written in the hand itself. */
const TITLE_BODY: Mm = 7;
const BOX: Mm = 2.5;
/** Minimum scale of the type, where a small sheet would not hold it at full size. */
const SMALLEST = 0.55;

/** The front of a pack: what it is, what is where, and the whole hand; then what to lay out, how it is ruled, and what to mind. */
export function frontPages(recipe: Sheet, course: Course, own: readonly OwnLetter[] = []): Drawing[] {
  const total = FRONT_PAGES + course.pages.length;
  const sizes = [...new Set(course.pages.flatMap(({ bands }) => bands.map(({ how }) => how.size)))].sort(
    (a, b) => a - b,
  );
  const desk = deskFor(recipe, sizes);
  const hand = handOf(recipe);
  const { sessions, minutes } = course.options;
  const contents: Section = {
    heading: `Contents: ${sessions} ${sessions === 1 ? 'session' : 'sessions'} of ${minutes} minutes`,
    lines: course.pages.map(({ title, session }, i) => ({
      say: session === undefined ? title : `${session}.  ${title}`,
      end: String(FRONT_PAGES + i + 1),
    })),
  };
  const later: Section[] =
    course.left.length > 0
      ? [{ heading: 'Left for another pack', lines: [{ say: course.left.join(' ') }] }]
      : [];
  const before: Section[] = [
    { heading: 'On the desk', lines: desk.kit.map((say) => ({ say })), mark: 'box' },
    { heading: 'Ruling', lines: [{ say: rulingInWords(recipe, sizes) }] },
    { heading: 'Before you begin', lines: desk.prepare.map((say) => ({ say })), mark: 'box' },
    { heading: 'Mind', lines: desk.cautions.map((say) => ({ say })) },
    {
      heading: 'How to use a page',
      lines: [
        {
          say: 'Look at the large model: where each stroke begins, which way it goes, in which order, how the edge lies.',
        },
        { say: 'Write over the pale ones slowly, then the fading ones, then from eye.' },
        {
          say: 'Compare with the list at the foot of the page, say aloud what is off, and write that row again.',
        },
      ],
    },
  ];
  const title = recipe.title || `${hand.name}, a course`;
  return [
    textPage(recipe, own, title, [contents, ...later], 1, total),
    textPage(recipe, own, title, before, 2, total),
  ];
}

/** "Body 5 nib widths (12 mm), ascenders 4, …": the ruling as numbers to set a ruler by. */
function rulingInWords(recipe: Sheet, sizes: readonly number[]): string {
  const { zones } = recipe;
  const hand = handOf(recipe);
  const nibbed = countsByPen(hand);
  const each = sizes
    .map((size) => {
      const { recipe: at } = groundOf(recipe, { size, held: false });
      return nibbed
        ? `${plain(at.width)} mm nib: body ${plain(bodyHeight(at))} mm`
        : `body ${plain(bodyHeight(at))} mm`;
    })
    .join('; ');
  const lean = isPressed(hand)
    ? `slant ${plain(90 - recipe.slope)}°`
    : recipe.slope === 0
      ? 'upright'
      : `slope ${plain(recipe.slope)}°`;
  const unit = heightUnit(hand);
  const capital = zones.capital > 0 ? `, capitals ${plain(zones.capital)}` : '';
  return `Ascender ${plain(zones.ascender)}, body ${plain(zones.body)}, descender ${plain(zones.descender)}${capital} ${unit}; ${lean}${hand.penAngle ? `; pen angle ${plain(recipe.penAngle)}°` : ''}. ${each}.`;
}

function textPage(
  recipe: Sheet,
  own: readonly OwnLetter[],
  title: string,
  sections: readonly Section[],
  page: number,
  of: number,
): Drawing {
  const bare: Sheet = { ...recipe, nibs: [] };
  const boxes = pageBoxes(bare);
  const language = lineLanguage(recipe.tint);
  const { block } = boxes;
  const written = page === 1 ? titleInHand(bare, own, block.width) : undefined;
  const top = block.y + (written ? written.height : 0);
  const room = block.y + block.height - top;
  let scale = 1;
  let set = setSections(sections, block.x, top, block.width, scale, language);
  while (set.height > room && scale > SMALLEST) {
    scale -= 0.05;
    set = setSections(sections, block.x, top, block.width, scale, language);
  }
  const used = set.height + 3 * LEADING;
  const below = { x: block.x, y: top + used, width: block.width, height: room - used };
  return {
    ...boxes.page,
    title,
    nodes: [
      ...(written ? [group('title', written.at(block.x, block.y))] : []),
      group('front', set.nodes),
      ...(page === 1 ? [group('model-sheet', modelSheet(bare, own, below))] : []),
      ...checkBars(boxes, language),
      ...header({ ...bare, headline: headline({ ...bare, title }) }, boxes, language),
      ...pageNumber(page, of, boxes, language),
    ],
  };
}

/** The hand's name written by the hand, at a size of its own. */
function titleInHand(recipe: Sheet, own: readonly OwnLetter[], room: Mm) {
  const ground = groundOf(recipe, { size: 1, held: false }, own);
  const figure = ground.face && textFigure(ground.face, handOf(recipe).name);
  if (!figure) return undefined;
  const { left, right, top, bottom } = figure.reach;
  const unit = Math.min(TITLE_BODY / ground.zones.body, room / (right - left));
  return {
    height: (top - Math.min(0, bottom)) * unit + 2 * LEADING,
    at: (x: Mm, y: Mm) =>
      inkNodes(
        ground.pen,
        figure,
        'solid',
        [x - left * unit, y + top * unit],
        unit,
        lineLanguage(recipe.tint).exemplar,
      ),
  };
}

function setSections(
  sections: readonly Section[],
  x: Mm,
  top: Mm,
  width: Mm,
  scale: number,
  { exemplar, small }: LineLanguage,
) {
  const nodes: DrawingNode[] = [];
  const [size, leading, heading] = [SIZE * scale, LEADING * scale, HEADING * scale];
  let y = top;
  for (const { heading: title, lines, mark } of sections) {
    y += leading * 1.3;
    nodes.push(text(x, y, title, { size: heading, colour: exemplar, style: 'bold' }));
    y += leading * 0.3;
    for (const { say, end } of lines) {
      const indent = mark ? INDENT : 0;
      const endRoom = end ? textWidth(end, size) + INDENT : 0;
      for (const [i, line] of wrapText(say, size, width - indent - endRoom).entries()) {
        y += leading;
        if (i === 0 && mark) {
          const side = BOX * scale;
          nodes.push({
            kind: 'path',
            commands: [['M', x, y], ['L', x + side, y], ['L', x + side, y - side], ['L', x, y - side], ['Z']],
            stroke: { colour: small, width: 0.2 },
          });
        }
        nodes.push(text(x + indent, y, line, { size, colour: exemplar }));
        if (i === 0 && end) {
          const from = x + textWidth(line, size) + 2;
          const to = x + width - textWidth(end, size) - 2;
          if (to > from)
            nodes.push(segments([[from, y, to, y]], { colour: small, width: 0.15, dash: [0.3, 1.2] }));
          nodes.push(text(x + width, y, end, { size, colour: exemplar, anchor: 'end' }));
        }
      }
    }
  }
  return { nodes, height: y - top };
}
