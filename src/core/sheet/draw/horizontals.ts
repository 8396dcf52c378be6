import { group, type Segment, segments } from '../../drawing/build';
import type { DrawingNode } from '../../drawing/drawing';
import type { Mm } from '../../measure/units';
import type { LineLanguage } from '../../page/lineLanguage';
import { handOf } from '../../setting/handOf';
import type { RuledLine, Ruling } from '../layout';
import type { Sheet } from '../sheet';
import { ladderReach } from './ladder';

/** The capital line is a tick at either end of the line: it says how tall without another line to write through. */
export const CAPITAL_TICK: Mm = 5;

type Kind = 'baseline' | 'waistline' | 'ascender' | 'descender' | 'branch' | 'smallCapital';
const FULL_LINES: readonly Kind[] = [
  'descender',
  'ascender',
  'branch',
  'smallCapital',
  'waistline',
  'baseline',
];

/** All horizontal lines of the sheet, one path a kind. */
export function horizontals(recipe: Sheet, ruling: Ruling, language: LineLanguage): DrawingNode[] {
  const lines = ruling.strips.flatMap((strip) => strip.lines);
  const across = (y: Mm): Segment[] => ruling.columns.map(({ x, width }) => [x, y, x + width, y]);
  const nodes: DrawingNode[] = [];

  if (handOf(recipe).basis === 'dots') nodes.push(...dotLines(recipe, ruling, language, across));

  for (const kind of FULL_LINES) {
    if (!recipe.show[kind]) continue;
    const list = lines.flatMap((line) => (line[kind] === null ? [] : across(line[kind])));
    if (list.length > 0) nodes.push(group(kind, [segments(list, language[kind])]));
  }

  // A ladder at the head of the page stands on its first line only: the others begin at the edge.
  const hasLadder = (line: number) => recipe.aids.ladder !== 'page' || line === 0;
  if (recipe.show.capital) {
    const list = ruling.strips.flatMap((strip) =>
      // Capitals-only sheets are written up to this line, so there it runs the whole way; others may ask for it.
      strip.lines.flatMap(({ capital: y }, i) =>
        y === null
          ? []
          : recipe.capitalsOnly || recipe.capitalLine === 'full'
            ? across(y)
            : capitalTicks(ruling, y, hasLadder(i) ? ladderReach(recipe, strip, ruling) : 0),
      ),
    );
    if (list.length > 0) nodes.push(group('capital', [segments(list, language.capital)]));
  }
  return nodes;
}

/** Ticks at both ends of every column, clear of the ladder at its head. */
const capitalTicks = ({ columns, startsRight }: Ruling, y: Mm, ladder: Mm): Segment[] =>
  columns.flatMap(({ x, width }): Segment[] => {
    const left = x + (startsRight ? 0 : ladder);
    const right = x + width - (startsRight ? ladder : 0);
    const tick = Math.min(CAPITAL_TICK, (right - left) / 2);
    return [
      [left, y, left + tick, y],
      [right - tick, y, right, y],
    ];
  });

/** Whole- and half-dot lines between the outer lines of a dot-measured hand. */
function dotLines(
  recipe: Sheet,
  ruling: Ruling,
  language: LineLanguage,
  across: (y: Mm) => Segment[],
): DrawingNode[] {
  const at = (line: RuledLine, module: Mm, half: boolean): Mm[] => {
    const found: Mm[] = [];
    const first = Math.ceil((line.baseline - line.bottom) / module - 1e-9);
    const last = Math.floor((line.baseline - line.top) / module + 1e-9);
    for (let n = first; n <= last; n++) {
      const y = line.baseline - (half ? n + 0.5 : n) * module;
      if (y > line.top + 1e-9 && y < line.bottom - 1e-9) found.push(y);
    }
    return found;
  };
  const draw = (half: boolean): Segment[] =>
    ruling.strips.flatMap(({ lines, module }) =>
      lines.flatMap((line) => at(line, module, half).flatMap(across)),
    );
  const nodes: DrawingNode[] = [group('dot', [segments(draw(false), language.dot)])];
  if (recipe.show.halfDots) nodes.push(group('half-dot', [segments(draw(true), language.halfDot)]));
  return nodes;
}
