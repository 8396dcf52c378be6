import { text } from '../../drawing/build';
import type { DrawingNode } from '../../drawing/drawing';
import { fitText, textWidth, wrapText } from '../../drawing/textWidth';
import { countsByPen } from '../../hand/hand';
import { type Mm, plain } from '../../measure/units';
import type { Box } from '../../page/boxes';
import type { LineLanguage } from '../../page/lineLanguage';
import { handOf } from '../../setting/handOf';
import type { Band } from '../band';
import type { Ground } from '../ground';
import { BAND_GAP, type BandPart, type PageRoom } from './part';

/** Height of a heading over its band, and its type size. */
export const HEADING: Mm = 5.4;
const HEADING_SIZE: Mm = 3.6;
/** Height and type size of the teacher's remark beneath it: 8 pt, since it is read while writing. */
export const REMARK: Mm = 4.2;
export const REMARK_SIZE: Mm = 2.9;

/** Name of a band, and how it is written where that differs from the default. */
export interface Title {
  readonly name: string;
  readonly more: string;
}

/** How a band is written where that differs from the default: its nib, one held angle, outlines. */
export function manner({ how }: Band, { recipe, unit, zones }: Ground): string {
  const hand = handOf(recipe);
  const nibbed = countsByPen(hand);
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

/** "Zigzag · 4.8 mm nib": the heading of a band over a fine rule. */
export function headingNodes(
  { name, more }: Title,
  top: Mm,
  frame: Box,
  language: LineLanguage,
): DrawingNode[] {
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

export const headingPart = (title: Title, { language }: PageRoom, lines: readonly string[]): BandPart => ({
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
          colour: language.remark,
        }),
      ),
    ],
  }),
});

/** The teacher's remark, wrapped to the width of the frame. */
export const remarkLines = (remark: string, width: Mm): readonly string[] =>
  remark === '' ? [] : wrapText(remark, REMARK_SIZE, width);

export const remarkNodes = (
  lines: readonly string[],
  top: Mm,
  frame: Box,
  language: LineLanguage,
): DrawingNode[] =>
  lines.map((line, i) =>
    text(frame.x, top + i * REMARK + REMARK_SIZE, line, { size: REMARK_SIZE, colour: language.aid }),
  );
