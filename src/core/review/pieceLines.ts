import { type KeptPiece, laidAgain } from '../document/keptPiece';
import { settingGround } from '../document/settingGround';
import type { Drawing } from '../drawing/drawing';
import { lookUp } from '../measure/lookUp';
import { plain } from '../measure/units';
import type { Box } from '../page/boxes';
import type { LaidLine } from '../piece/laid';
import type { Own } from '../piece/pen';
import type { Ground } from '../practice/ground';
import { Problem } from '../problem/problem';
import type { Bytes } from '../raster/grey';
import { handOf } from '../setting/handOf';
import { setFigure } from '../writing/figure';
import { printedLines } from './due';
import type { Light } from './light';
import { ASIDE, type Line, measureLines } from './lines';
import type { Measuring } from './review';

/** Maximum overrun of a written line beyond its end, as a fraction of its length, or of its body where that is more. */
const LONGER = 0.15;

/** How a line is written: hand, sizes, and whether in capitals, whose height is then its body. */
function groundOfLine({ block, pen }: LaidLine, own: Own): Ground {
  const ground = settingGround(block.setting, lookUp(own, block.setting.hand));
  return { ...ground, zones: { ...ground.zones, body: pen.body / pen.unit } };
}

/** A line of a piece as it was to be written, and how far its writer may have strayed along it. */
function lineOf({ set, pen, words, baseline, ink }: LaidLine, frame: Box): Line {
  const text = words.map((word) => word.text).join(' ');
  const due = setFigure(pen.face.pen, set, text);
  const stray = Math.max(LONGER * (ink.right - ink.left), pen.body);
  return {
    baseline,
    from: Math.max(frame.x - ASIDE, ink.left - stray),
    to: Math.min(frame.x + frame.width + ASIDE, ink.right + stray),
    ...(due && { due }),
  };
}

/** Lines of one pen in one size. */
const penOf = ({ block: { setting, capitals } }: LaidLine): string => JSON.stringify([setting, capitals]);

/**
 * Measures what was written on a guide, pen by pen, against its lines as they were laid out: the pen with the most letters first. Initials,
 * which are drawn rather than written, are left out.
 * @throws Problem where nobody has written on it.
 */
export function measurePiece(
  page: Bytes,
  light: Light,
  kept: KeptPiece,
  drawing: Drawing,
): readonly Measuring[] {
  const { lines, frame } = laidAgain(kept);
  const byPen = new Map<string, LaidLine[]>();
  for (const line of lines.filter(({ number }) => number >= 0)) {
    const pen = penOf(line);
    byPen.set(pen, [...(byPen.get(pen) ?? []), line]);
  }
  const ruled = printedLines(drawing);
  const measured = [...byPen.values()].flatMap((mine): Measuring[] => {
    const [first] = mine;
    if (!first) return [];
    const { setting } = first.block;
    const found = measureLines(page, light, {
      hand: setting.hand,
      ground: groundOfLine(first, kept.letters),
      lines: mine.map((line) => lineOf(line, frame)),
      slack: 0,
      ruled,
      text: '',
      scale: 0,
      bodyShown: false,
      printed: true,
      asSet: true,
    });
    const title = `${handOf(setting).name} ${plain(setting.width, 2)} mm`;
    return found ? [{ ...found, title }] : [];
  });
  if (measured.length === 0)
    throw new Problem('photo', 'Nobody has written on this guide. Write its lines, and photograph it again.');
  const letters = ({ rows }: Measuring) => rows.reduce((sum, row) => sum + row.letters.length, 0);
  return measured.sort((a, b) => letters(b) - letters(a));
}
