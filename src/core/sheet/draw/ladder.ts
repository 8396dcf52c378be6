import { group, polygon, rectangle } from '../../drawing/build';
import type { DrawingNode, PathCommand } from '../../drawing/drawing';
import { countsByPen } from '../../hand/hand';
import { cosDeg, type Mm, sinDeg } from '../../measure/units';
import type { Box } from '../../page/boxes';
import type { LineLanguage } from '../../page/lineLanguage';
import { handOf } from '../../setting/handOf';
import type { RuledLine, Ruling, Strip } from '../layout';
import type { Sheet } from '../sheet';

/** White between the end of the line and its ladder. */
const LADDER_INSET: Mm = 0.6;

/** A ladder that would take more of its column than this fraction is left out. */
const MOST_OF_A_COLUMN = 0.2;

/**
 * How far a strip's ladder reaches into its line: two squares wide, or one dot. 0 without one, and where the columns are
 * too narrow to write beside it.
 */
export function ladderReach(
  recipe: Sheet,
  strip: Pick<Strip, 'width' | 'module'>,
  { columns }: Pick<Ruling, 'columns'>,
): Mm {
  const hand = handOf(recipe);
  if (recipe.aids.ladder === 'none' || !countsByPen(hand)) return 0;
  const reach = LADDER_INSET + (hand.basis === 'dots' ? strip.module : 2 * strip.width);
  return reach <= MOST_OF_A_COLUMN * (columns[0]?.width ?? 0) ? reach : 0;
}

/**
 * Nib ladders at the head of each line, or of the first line only: true squares of W stepped corner to corner up from
 * the baseline and down from it; for dot-measured hands true dots, corner on corner. A last partial step is drawn
 * partial, so the ladder ends on the line.
 */
export function ladders(recipe: Sheet, ruling: Ruling, language: LineLanguage): DrawingNode[] {
  const { basis } = handOf(recipe);
  const laddered = ruling.strips.filter((strip) => ladderReach(recipe, strip, ruling) > 0);
  const draw = basis === 'dots' ? dotLadder : squareLadder;
  const commands = laddered.flatMap((strip) => {
    const lines = recipe.aids.ladder === 'page' ? strip.lines.slice(0, 1) : strip.lines;
    const columns = recipe.aids.ladder === 'page' ? headColumn(ruling) : ruling.columns;
    return lines.flatMap((line) =>
      columns.flatMap((column) => draw(recipe, strip, line, column, ruling.startsRight)),
    );
  });
  return commands.length > 0 ? [group('ladder', [{ kind: 'path', commands, fill: language.ladder }])] : [];
}

const headColumn = ({ columns, startsRight }: Ruling): readonly Box[] =>
  startsRight ? columns.slice(-1) : columns.slice(0, 1);

const ladderLeft = (column: Box, width: Mm, startsRight: boolean): Mm =>
  startsRight ? column.x + column.width - LADDER_INSET - width : column.x + LADDER_INSET;

function squareLadder(
  _: Sheet,
  strip: Strip,
  line: RuledLine,
  column: Box,
  startsRight: boolean,
): PathCommand[] {
  const { width: side } = strip;
  const left = ladderLeft(column, 2 * side, startsRight);
  const steps: PathCommand[] = [];
  const climb = (to: Mm, direction: 1 | -1) => {
    const rise = direction * (line.baseline - to);
    for (let n = 0; n * side < rise - 1e-6; n++) {
      const height = Math.min(side, rise - n * side);
      const near = line.baseline - direction * n * side;
      // Upwards the first square stands at the left; downwards it hangs at the right: corner to corner throughout.
      const x = left + ((n + (direction === 1 ? 0 : 1)) % 2) * side;
      steps.push(...rectangle(x, direction === 1 ? near - height : near, side, height));
    }
  };
  climb(line.top, 1);
  climb(line.bottom, -1);
  return steps;
}

/** A square of side W turned by the pen angle stands W·(sin α + cos α) high and as wide. */
function dotLadder(
  recipe: Sheet,
  strip: Strip,
  line: RuledLine,
  column: Box,
  startsRight: boolean,
): PathCommand[] {
  const { width: side, module } = strip;
  const across = side * cosDeg(recipe.penAngle);
  const up = side * sinDeg(recipe.penAngle);
  const left = ladderLeft(column, module, startsRight);
  const dot = (top: Mm): PathCommand[] =>
    polygon([
      [left + across, top],
      [left + across + up, top + across],
      [left + up, top + module],
      [left, top + up],
    ]);
  const above = Math.floor((line.baseline - line.top) / module + 1e-9);
  const below = Math.floor((line.bottom - line.baseline) / module + 1e-9);
  const dots: PathCommand[] = [];
  for (let n = -below; n < above; n++) dots.push(...dot(line.baseline - (n + 1) * module));
  return dots;
}
