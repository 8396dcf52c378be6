import { type Mm, plain } from '../measure/units';
import type { Box } from '../page/boxes';
import { bodyHeight } from '../setting/bodyHeight';
import { bearableShade, CLOSES } from '../setting/settingFace';
import { collisionOf } from './collisions';
import { type Finding, inkOfLines, type LaidLine, PAPER_TOLERANCE } from './laid';
import type { Piece } from './piece';

const quoted = (line: LaidLine) => {
  const text = line.words.map((word) => word.text).join(' ');
  return `“${text.length > 40 ? `${text.slice(0, 38)}…` : text}”`;
};

/** Total overhang of ink beyond the frame on both sides: the width to be gained. */
const beyond = (from: Mm, until: Mm, start: Mm, room: Mm): Mm =>
  Math.max(0, start - from) + Math.max(0, until - start - room);

/** Rounds up to a tenth of a millimetre, so that gaining the stated amount is enough. */
const upTenth = (value: Mm): string => plain(Math.ceil(10 * value - 1e-6) / 10, 1);

/** Ink that leaves the frame, or runs into the corner kept for postage. */
export function outside(lines: readonly LaidLine[], frame: Box, postage: Box | undefined): Finding[] {
  const found: Finding[] = [];
  for (const line of lines) {
    const over = beyond(line.ink.left, line.ink.right, frame.x, frame.width);
    if (over > PAPER_TOLERANCE) {
      found.push({
        tone: 'wrong',
        about: 'width',
        block: line.block.id,
        by: over,
        text: `${quoted(line)} is ${upTenth(over)} mm too wide for its frame.`,
      });
    }
  }
  const ink = inkOfLines(lines);
  const tall = ink ? beyond(ink.top, ink.bottom, frame.y, frame.height) : 0;
  if (tall > PAPER_TOLERANCE) {
    found.push({
      tone: 'wrong',
      about: 'height',
      by: tall,
      text: `The writing is ${upTenth(tall)} mm too tall for its frame.`,
    });
  }
  for (const line of postage ? lines : []) {
    if (postage && line.ink.right > postage.x && line.ink.top < postage.y + postage.height) {
      found.push({
        tone: 'wrong',
        about: 'postage',
        block: line.block.id,
        text: `${quoted(line)} runs into the corner kept for postage.`,
      });
    }
  }
  return found;
}

/** Letters the hands do not have. */
export function missing(lines: readonly LaidLine[]): Finding[] {
  const byBlock = new Map<string, Set<string>>();
  for (const line of lines) {
    for (const letter of line.set.missing) {
      const known = byBlock.get(line.block.id) ?? new Set();
      byBlock.set(line.block.id, known.add(letter));
    }
  }
  return [...byBlock].map(([block, letters]) => ({
    tone: 'wrong',
    about: 'letters',
    block,
    text: `The hand has no letter for ${[...letters].slice(0, 8).join(' ')}${letters.size > 8 ? ' and others' : ''}; an open box stands for each. Write another word, or draw the letter.`,
  }));
}

/** Pressed letters whose counters the pen would close. */
export function clogged({ blocks }: Piece): Finding[] {
  return blocks.flatMap(({ id, text, setting }): Finding[] => {
    const bearable = bearableShade(setting);
    if (text.trim() === '' || setting.width <= bearable * CLOSES) return [];
    return [
      {
        tone: 'remark',
        about: 'weight',
        block: id,
        text: `A shade of ${plain(setting.width)} mm closes the counters of a body of ${plain(bodyHeight(setting), 1)} mm; the letters shown are pressed to ${plain(bearable, 1)} mm. Take a smaller pen or a taller body.`,
      },
    ];
  });
}

/** Lines of different blocks that run into each other. */
export function meeting(lines: readonly LaidLine[]): Finding[] {
  const inOrder = lines.filter(({ number }) => number >= 0).sort((a, b) => a.baseline - b.baseline);
  return inOrder.slice(1).flatMap((line, i): Finding[] => {
    const before = inOrder[i] as LaidLine;
    const found = collisionOf(before, line);
    if (!found) return [];
    return [
      {
        tone: 'wrong',
        about: 'collision',
        block: line.block.id,
        text: `${quoted(before)} and ${quoted(line)} run into each other by ${plain(found.by, 1)} mm: give the lower one more space before it.`,
      },
    ];
  });
}

/** Ink nearer to a fold than this is broken by it. */
const OFF_THE_FOLD: Mm = 1;

/** Lines that stand on the fold of a card. */
export function folded(
  { fold }: Pick<Piece, 'fold'>,
  lines: readonly LaidLine[],
  page: { readonly width: Mm; readonly height: Mm },
): Finding[] {
  if (fold === 'none') return [];
  const at = (fold === 'across' ? page.height : page.width) / 2;
  return lines.flatMap((line): Finding[] => {
    const { left, right, top, bottom } = line.ink;
    const [from, until] = fold === 'across' ? [top, bottom] : [left, right];
    if (from > at + OFF_THE_FOLD || until < at - OFF_THE_FOLD) return [];
    return [
      {
        tone: 'remark',
        about: 'fold',
        block: line.block.id,
        text: `${quoted(line)} stands on the fold: write on one half of the card, or fold it the other way.`,
      },
    ];
  });
}

/** Verse: lines that were given as lines and had to be broken. */
export function brokenVerse({ blocks }: Pick<Piece, 'blocks'>, lines: readonly LaidLine[]): Finding[] {
  return blocks.flatMap((block): Finding[] => {
    const given = block.text.split('\n').filter((line) => line.trim() !== '').length;
    const written = lines.filter((line) => line.block === block && line.number >= 0).length;
    if (given < 2 || written <= given) return [];
    return [
      {
        tone: 'remark',
        about: 'verse',
        block: block.id,
        text: `${given} lines were given and ${written} are written: the longest do not fit across. A smaller nib or smaller margins keep each in one line.`,
      },
    ];
  });
}
