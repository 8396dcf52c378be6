import type { Mm } from '../../measure/units';
import { pageBoxes } from '../../page/boxes';
import { Flow, type Part } from '../../page/flow';
import { lineLanguage } from '../../page/lineLanguage';
import type { OwnLetter } from '../../setting/letterSet';
import type { Sheet } from '../../sheet/sheet';
import type { How } from '../band';
import { partsOf } from '../bands/partsOf';
import { framesOf, marked, roomIn } from '../compose';
import { checksFor } from '../criteria';
import { groundOf } from '../ground';
import { type Lesson, warmUpFor } from '../lessons';
import { numbered } from '../tenMinutes';

/** Rows of a letter that has full ones: guided, traced and fading on the first, free to write on the second. */
const FULL = { trace: 2, fading: 2, free: 3, lines: 2, snug: true } as const;
/** Above the letters stands one line of a drill. */
const DRILL = { guided: false, lines: 1 } as const;

/** How a letter is practised in full. */
export const inFull = (how: Partial<How> = {}): Partial<How> => ({ ...FULL, ...how });

/** Number of letters, in order, that get full rows on a page of a given size; at least 1. */
export type FullRows = (letters: readonly string[], size: number) => number;

/** Measures every letter once by laying it out alone; a page then holds as many as fit between the tallest drill and the checklist. */
export function fullRowsOn(
  recipe: Sheet,
  lessons: readonly Lesson[],
  own: readonly OwnLetter[] = [],
): FullRows {
  const boxes = pageBoxes(marked(recipe));
  const frames = framesOf(boxes, checksFor('letters', recipe).length);
  const place = roomIn(frames, boxes, lineLanguage(recipe.tint));
  const make = numbered();
  const laidOut = new Map<string, readonly Measured[]>();
  const partsFor = (kind: 'drill' | 'letter', of: string, size: number): readonly Measured[] => {
    const key = `${kind} ${of} ${size}`;
    const known = laidOut.get(key);
    if (known) return known;
    const band = make(kind, of, kind === 'letter' ? inFull({ size }) : { ...DRILL, size });
    const { parts } = partsOf(band, groundOf(recipe, band.how, own), place);
    const measured = parts.map(({ height, before }) => ({ height, before, lay: () => undefined }));
    laidOut.set(key, measured);
    return measured;
  };
  const onePage = (bands: readonly (readonly Measured[])[]): boolean => {
    const flow = new Flow(frames);
    for (const parts of bands) flow.add(parts);
    return flow.pages.length === 1;
  };
  const drills = [...new Set([warmUpFor(recipe), ...lessons.map(({ drill }) => drill)])];
  return (letters, size) => {
    const [drill = []] = drills.map((of) => partsFor('drill', of, size)).sort((a, b) => tall(b) - tall(a));
    const taken = [drill];
    for (const letter of letters) {
      const parts = partsFor('letter', letter, size);
      if (!onePage([...taken, parts])) break;
      taken.push(parts);
    }
    return Math.max(1, taken.length - 1);
  };
}

type Measured = Part<undefined>;

const tall = (parts: readonly Measured[]): Mm =>
  parts.reduce((sum, part) => sum + part.before + part.height, 0);
