import type { Mm } from '../measure/units';

/**
 * Advance widths of the sheet's text face (Alegreya Sans), in thousandths of the em, for the characters from space
 * to tilde; the wider of regular and bold, so an estimate never falls short.
 */
const ADVANCES = [
  165, 264, 354, 549, 450, 854, 711, 205, 295, 306, 383, 480, 229, 307, 229, 287, 528, 360, 471, 431, 503,
  432, 483, 432, 493, 483, 229, 229, 480, 480, 480, 340, 844, 600, 579, 520, 655, 509, 456, 600, 696, 295,
  335, 584, 433, 797, 695, 643, 553, 649, 590, 498, 503, 638, 587, 903, 623, 558, 547, 295, 287, 295, 441,
  450, 389, 481, 523, 385, 526, 472, 329, 500, 533, 261, 285, 495, 263, 807, 529, 494, 518, 519, 348, 384,
  338, 522, 445, 698, 461, 447, 424, 295, 314, 295, 480,
];
const FIRST = 32;
/** For any other character: the em itself, wider than every letter of the face but a few capitals' ligatures. */
const OTHER_ADVANCE = 1000;

/** Upper estimate of the width of `content` set at `size` (height of the em). */
export function textWidth(content: string, size: Mm): Mm {
  let total = 0;
  for (const character of content) total += ADVANCES[character.charCodeAt(0) - FIRST] ?? OTHER_ADVANCE;
  return (total * size) / 1000;
}

/** `content` in lines no wider than `room`, broken between words; a word too long for any line stands alone. */
export function wrapText(content: string, size: Mm, room: Mm): string[] {
  const lines: string[] = [];
  for (const word of content.split(/\s+/).filter(Boolean)) {
    const longer = lines.length > 0 ? `${lines.at(-1)} ${word}` : word;
    if (lines.length > 0 && textWidth(longer, size) <= room) lines[lines.length - 1] = longer;
    else lines.push(word);
  }
  return lines;
}

/** `content` if it fits into `room`, else its longest beginning that does, closed by an ellipsis. */
export function fitText(content: string, size: Mm, room: Mm): string {
  if (textWidth(content, size) <= room) return content;
  const characters = [...content];
  while (characters.length > 0) {
    characters.pop();
    const shortened = `${characters.join('').trimEnd()}…`;
    if (textWidth(shortened, size) <= room) return shortened;
  }
  return '';
}
