import { group, type Segment, segments } from '../../drawing/build';
import type { DrawingNode } from '../../drawing/drawing';
import type { Mm } from '../../measure/units';
import type { RuledLine, SheetLayout } from '../layout';
import { type Recipe, recipeHand } from '../recipe';
import { ladderReach } from './ladder';
import type { LineLanguage } from './lineLanguage';

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
export function horizontals(recipe: Recipe, layout: SheetLayout, language: LineLanguage): DrawingNode[] {
  const lines = layout.bands.flatMap((band) => band.lines);
  const across = (y: Mm): Segment[] => layout.columns.map(({ x, width }) => [x, y, x + width, y]);
  const nodes: DrawingNode[] = [];

  if (recipeHand(recipe).basis === 'dots') nodes.push(...dotLines(recipe, layout, language, across));

  for (const kind of FULL_LINES) {
    if (!recipe.show[kind]) continue;
    const list = lines.flatMap((line) => (line[kind] === null ? [] : across(line[kind])));
    if (list.length > 0) nodes.push(group(kind, [segments(list, language[kind])]));
  }

  if (recipe.show.capital) {
    const list = layout.bands.flatMap((band) =>
      // Capitals-only sheets are written up to this line, so there it runs the whole way.
      band.lines.flatMap(({ capital: y }) =>
        y === null
          ? []
          : recipe.capitalsOnly
            ? across(y)
            : capitalTicks(layout, y, ladderReach(recipe, band, layout)),
      ),
    );
    if (list.length > 0) nodes.push(group('capital', [segments(list, language.capital)]));
  }
  return nodes;
}

/** Ticks at both ends of every column, clear of the ladder at its head. */
const capitalTicks = ({ columns, startsRight }: SheetLayout, y: Mm, ladder: Mm): Segment[] =>
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
  recipe: Recipe,
  layout: SheetLayout,
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
    layout.bands.flatMap(({ lines, module }) =>
      lines.flatMap((line) => at(line, module, half).flatMap(across)),
    );
  const nodes: DrawingNode[] = [group('dot', [segments(draw(false), language.dot)])];
  if (recipe.show.halfDots) nodes.push(group('half-dot', [segments(draw(true), language.halfDot)]));
  return nodes;
}
