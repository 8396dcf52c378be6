import type { Drawn } from '../../hand/notation';
import { lookUp } from '../../measure/lookUp';
import type { Figure } from './notation';

/** How a figure is taught: what the strokes of its isolated shape are called, and what to heed. */
interface Taught {
  readonly parts: readonly string[];
  readonly remark: string;
}

/** Counted in dots on the shapes as they are drawn; teachers count from different places, and differ. */
export const TAUGHT: Readonly<Record<string, Taught>> = {
  alif: { parts: ['stem'], remark: 'Five dots from head to foot: a short head to the right, the foot drawn out to the left.' },
  b: { parts: ['boat'], remark: 'Five dots and a half wide; the floor sinks in the middle, the end lifts and thins.' },
  t: { parts: ['boat'], remark: 'Five dots and a half wide; the floor sinks in the middle, the end lifts and thins.' },
  n: { parts: ['bowl'], remark: 'Three dots and a half wide, one dot under the line; the bowl is round, not a boat.' },
  y: { parts: ['head and bowl'], remark: 'The head turns over the line, the bowl hangs a dot and a half under it.' },
  j: { parts: ['head', 'body and belly', 'end of the head'], remark: 'Head four dots wide, body five; the belly drops one, the tail rises one, two dots of white to the head.' },
  d: { parts: ['turn'], remark: 'Two dots and a half wide; the turn at the right is narrow, the floor lies on the line.' },
  r: { parts: ['tail'], remark: 'One dot over the line, then down to the left, ever thinner: it runs under the next letter.' },
  s: { parts: ['first tooth', 'second tooth', 'bowl'], remark: 'Two teeth of one dot, then the bowl of n.' },
  sad: { parts: ['eye and tooth', 'bowl'], remark: 'An eye three dots long, a tooth, then the bowl of n.' },
  ta: { parts: ['eye', 'stem'], remark: 'The eye first; the stem comes down to its left end, as tall as alif.' },
  ain: { parts: ['crescent', 'bowl'], remark: 'A crescent open to the right; the bowl opens below it as in the hooked letters.' },
  f: { parts: ['ring', 'boat'], remark: 'A ring on a neck, then the boat of b.' },
  q: { parts: ['ring', 'bowl'], remark: 'The ring of f, lower, then the bowl of n.' },
  w: { parts: ['ring', 'tail'], remark: 'The ring of f on the line, then the tail of r.' },
  l: { parts: ['stem and bowl'], remark: 'As tall as alif, then the bowl of n without a lift.' },
  la: { parts: ['both stems'], remark: 'Down the first stem, round on the line, up the second: two letters in one.' },
  k: { parts: ['stem and boat', 'sign'], remark: 'The stem of alif into the boat of b; the sign inside with the third pen.' },
  m: { parts: ['head', 'tail'], remark: 'A small ring on the line, the tail three dots straight down, to a point.' },
  h: { parts: ['eye', 'left eye', 'inner turn'], remark: 'Alone one eye, wide below and pointed above; joined on, two.' },
  hamza: { parts: ['head', 'foot'], remark: 'With the third pen: a small head open to the right, a foot to the left.' },
  kashida: { parts: ['line'], remark: 'Lengthens a join: the line sinks a little and rises again to the left.' },
};

/** The strokes of a shape, named by their function; the first carries the remark. */
export function taught(base: string, { entry, exit }: Figure, strokes: readonly Drawn[]): Drawn[] {
  const { parts, remark } = lookUp(TAUGHT, base) ?? { parts: [], remark: undefined };
  // The last strokes of a shape that is not left are the figure's own; in one that is left, the first after the way in.
  const skipped = !entry ? 0 : exit ? 1 : strokes.length - parts.length;
  return strokes.map((one, i) => {
    const [first, last] = [one.knots[0], one.knots.at(-1)];
    const enters = entry !== undefined && first?.x === entry[1] && first.y === entry[2];
    const leaves = exit !== undefined && last?.x === exit[0] && last.y === exit[1];
    const name = enters && leaves ? 'from join to join' : enters ? 'in from the join' : leaves ? 'out to the join' : (parts[i - skipped] ?? one.name);
    return { ...one, name, ...(i === 0 && remark && { remark }) };
  });
}
