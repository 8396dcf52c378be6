import { composedAgain } from '@/core/document/keptPage';
import { branches, FAULT_IDS, type FaultId } from '@/core/faults/faults';
import { dueRows } from '@/core/practice/dueRows';
import type { PrintedForTest } from './pages';

export interface FaultyRow {
  readonly row: number;
  readonly text: string;
  readonly fault: FaultId | null;
  readonly size: number;
}

/** A share of rows have a fault, and so much of its full size. */
const FAULTY = 0.5;
const SIZES = { low: 0.65, high: 1.1 } as const;
/** An arch can leave lower only where it leaves so high, as a share of the body. */
const LOWERABLE = 0.25;

/** A letter is narrow or wide only where its skeleton is so wide, as a share of the body. */
const LEAST_WIDTH = 0.4;

/** A stroke that is missed when it is missing, as a share of the body. */
const PLAIN_STROKE = 0.4;

/** Rows of a page with a fault each, or none: only such as the letter can have at all. */
export function faultyRows({ page }: PrintedForTest, chance: () => number): FaultyRow[] {
  const composed = composedAgain(page);
  if (!composed) return [];
  return dueRows(composed, page.index).map(({ number, due: { figure, ground } }) => {
    const own = figure.shapes.find(({ joins, marks }) => !joins && !marks);
    const strokes = own?.cut.upright ?? [];
    const { body } = ground.zones;
    const xs = strokes.flatMap(({ path }) => path.flatMap((cubic) => cubic.map(([x]) => x)));
    const arch = strokes
      .slice(1)
      .find(
        (stroke) => branches(stroke, body) && (stroke.path[0]?.[3][1] ?? 0) > (stroke.path[0]?.[0][1] ?? 0),
      );
    const isUpright = ({ path }: (typeof strokes)[number]) =>
      path.some(
        ([[ax, ay], , , [dx, dy]]) => Math.abs(dy - ay) > 0.5 * body && Math.abs(dx - ax) < 0.2 * body,
      );
    const can = (fault: FaultId): boolean => {
      switch (fault) {
        // A letter that is hardly more than a stem has no width to speak of.
        case 'narrow':
        case 'wide':
          return Math.max(...xs) - Math.min(...xs) >= LEAST_WIDTH * body;
        case 'flat':
        case 'steep':
          return (
            ground.pen.kind === 'broad' &&
            strokes.every(({ turns }) => turns.every((turn) => Math.abs(turn) < 2))
          );
        case 'high branch':
          return arch !== undefined;
        case 'low branch':
          return arch !== undefined && (arch.path[0]?.[0][1] ?? 0) > LOWERABLE * body;
        // Only a straight side leans beside another: one of two bows is a bow of another shape.
        case 'not parallel':
          return strokes[0] !== undefined && isUpright(strokes[0]) && strokes.slice(1).some(isUpright);
        case 'stroke missing':
        case 'strokes apart':
          return (
            strokes.filter(({ finishes }) => !finishes).length > 1 &&
            (strokes.at(-1)?.lengths.at(-1) ?? 0) > PLAIN_STROKE * body
          );
        // A round letter turned about its foot is a round letter.
        case 'leaning':
        case 'upright':
          return strokes.some(isUpright);
        default:
          return true;
      }
    };
    const able = FAULT_IDS.filter(can);
    const fault = chance() < FAULTY ? (able[Math.floor(chance() * able.length)] ?? null) : null;
    return { row: number, text: figure.text, fault, size: SIZES.low + (SIZES.high - SIZES.low) * chance() };
  });
}
