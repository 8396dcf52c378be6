import { plain } from '../measure/units';
import { strokesOf } from './inkArea';
import { type Finding, inkOfLines, type LaidLine } from './laid';
import type { Block } from './piece';

/** Share of a block's own surface that its ink covers, 0 to 1: what the eye takes for its grey. */
export function greyOf(lines: readonly LaidLine[]): number {
  const ink = inkOfLines(lines);
  if (!ink) return 0;
  let area = 0;
  let surface = 0;
  for (const { set, pen, ink: extent } of lines) {
    // A line stands in the band from its body's foot to the next one's: white between lines is part of the grey.
    surface += (extent.right - extent.left) * pen.pitch;
    for (const item of set.placed) {
      if (item.kind === 'missing') continue;
      for (const stroke of strokesOf(pen.face.pen, item.cut)) area += stroke.area * pen.unit * pen.unit;
    }
  }
  return surface > 0 ? area / surface : 0;
}

/** Minimum ratio of two different heights; a smaller step looks like a slip (common teaching: a quarter at least). */
const STEP = 1.2;
const ALIKE = 1.02;
/** Ratio of weights from which a rubric is too dark for the text under it. */
const SHOUTS = 1.35;

/** Remarks on the blocks in comparison: sizes, weights, colours. */
export function hierarchy(lines: readonly LaidLine[]): Finding[] {
  const blocks = new Map<Block, LaidLine[]>();
  for (const line of lines) {
    if (line.number >= 0) blocks.set(line.block, [...(blocks.get(line.block) ?? []), line]);
  }
  const all = [...blocks].map(([block, own]) => ({
    block,
    body: own[0]?.pen.body ?? 0,
    grey: greyOf(own),
  }));
  const findings: Finding[] = [];
  for (const [i, one] of all.entries()) {
    for (const other of all.slice(i + 1)) {
      const ratio = Math.max(one.body, other.body) / Math.min(one.body, other.body);
      const sameHand = one.block.setting.hand === other.block.setting.hand;
      if (sameHand && one.block.role !== other.block.role && ratio > ALIKE && ratio < STEP) {
        findings.push({
          tone: 'remark',
          about: 'weight',
          block: other.block.id,
          text: `The ${one.block.role} is ${plain(one.body, 1)} mm tall and the ${other.block.role} ${plain(other.body, 1)}: too near to look meant. Make them alike, or a quarter apart.`,
        });
      }
    }
  }
  const body = all.find(({ block }) => block.role === 'body');
  for (const { block, grey } of all) {
    if (body && block.role === 'rubric' && grey > SHOUTS * body.grey) {
      findings.push({
        tone: 'remark',
        about: 'weight',
        block: block.id,
        text: 'The rubric is darker than the text it heads: a lighter weight or a smaller nib lets the colour do the work.',
      });
    }
  }
  return findings;
}
