import type { KeptSheet } from '../document/keptPage';
import type { Drawing } from '../drawing/drawing';
import { groundOf } from '../practice/ground';
import { Problem } from '../problem/problem';
import type { Bytes } from '../raster/grey';
import { freeLines } from '../sheet/freeLines';
import { printedLines } from './due';
import type { Light } from './light';
import { measureLines } from './lines';
import type { Measuring } from './review';

/**
 * Measures what was written on a sheet that is only ruled, along its lines.
 * @throws Problem where that cannot be: nobody has written on it, its hand has no letters, or it is ruled for several nibs.
 */
export function measureRuled(
  page: Bytes,
  light: Light,
  { sheet, own }: KeptSheet,
  drawing: Drawing,
): Measuring {
  const refused = (why: string) => new Problem('photo', why);
  if (sheet.nibs.length > 0) {
    throw refused('This sheet is ruled for several nibs to compare; what is written on it is not measured.');
  }
  if (sheet.exemplar.trim() !== '') {
    throw refused(
      'This sheet has words to copy: print them in Practise, so that the desk knows what is due.',
    );
  }
  const ground = groundOf(sheet, { size: 1, held: false }, own);
  if (!ground.face)
    throw refused('This hand has no letters here yet; there is nothing to measure it against.');
  const measured = measureLines(page, light, {
    hand: sheet.hand,
    ground,
    lines: freeLines(sheet),
    slack: 0,
    ruled: printedLines(drawing),
    text: '',
    scale: 0,
    bodyShown: false,
    printed: true,
    asSet: false,
  });
  if (!measured)
    throw refused('Nobody has written on this sheet. Write on its lines, and photograph it again.');
  return { ...measured, title: sheet.title };
}
