import type { Vec } from '../geometry/vec';
import { type Degrees, type NibWidths, tanDeg } from '../measure/units';
import { lastFor, perObject } from '../memo/memo';
import type { Pen } from '../pen/pen';
import { moved } from '../pen/stroke';
import { type Cut, inkOf, redrawn } from './cut';
import { dotOf } from './dots';
import type { Typeface } from './face';
import type { PlacedInk, SetLine } from './placed';
import { alongEdges, farthestOut, inkPlaces, placesAround, Taken } from './taken';

/** What a hand written to be looked at may do with a set line; all of it is the scribe's choice. */
export interface Ornament {
  /** Rise of the line in the direction of writing. */
  readonly rising: Degrees;
  /** Undotted letters carry a small copy of themselves where similar letters carry dots. */
  readonly signs: boolean;
  /** The white round the line is filled with small dots. */
  readonly fillers: boolean;
}

/** A pen a third as wide writes small letters and fillers. */
const THIRD = 1 / 3;

/** A set line with ornaments; unchanged where the hand has none or none are wanted. */
export function ornamented(face: Typeface, set: SetLine, { rising, signs, fillers }: Ornament): SetLine {
  const { ornament } = face.script;
  if (!ornament || set.placed.length === 0) return set;
  const ink = set.placed.filter((item) => item.kind !== 'missing');
  const boxes = set.placed.filter((item) => item.kind === 'missing');
  const tan = tanDeg(rising);
  const line = rising === 0 ? ink : risen(ink, tan, set.width, face);
  const signed = signs ? [...line, ...signsOf(face, line, ornament.signs)] : line;
  const all = fillers ? [...signed, ...fillersOf(face, signed, tan, set.width)] : signed;
  const left = Math.min(-set.left, ...all.map(({ cut, x }) => x + cut.profile.minimum));
  const right = Math.max(set.width, ...all.map(({ cut, x }) => x + cut.profile.maximum));
  return { ...set, placed: [...all, ...boxes], left: -left, width: right };
}

/** How high a line that rises by `tan` from its beginning stands at x. */
const heightAt = (x: NibWidths, tan: number, width: NibWidths, { rightToLeft }: Typeface): NibWidths =>
  (rightToLeft ? width - x : x) * tan;

/**
 * A line made to rise: skeletons are sheared upward and then written with the true nib, so that the pen keeps its
 * angle; dots move, and stay as they are.
 */
function risen(line: readonly PlacedInk[], tan: number, width: NibWidths, face: Typeface): PlacedInk[] {
  const sheared = shearing(face);
  const climb = face.rightToLeft ? -tan : tan;
  return line.map((item) => ({
    ...item,
    y: item.y + heightAt(item.x, tan, width, face),
    ...(item.kind === 'letter' && { cut: sheared(climb, item.cut) }),
  }));
}

/** A letter of a face whose skeleton climbs by a slope to the right; kept for the slope it last climbed by. */
const shearing = perObject(({ pen, slope }: Typeface) =>
  lastFor(
    (tan: number, cut: Cut): Cut =>
      redrawn(cut, pen, slope, (one) => moved(one, ([x, y]) => [x, y + x * tan])),
  ),
);

/** The same figure written a third as large with the pen of a third: figure and pen shrink together. */
const thirdOf = lastFor(
  ({ pen, slope }: Typeface, cut: Cut): Cut =>
    redrawn(cut, pen, slope, (one) => ({
      ...moved(one, ([x, y]) => [x * THIRD, y * THIRD]),
      nib: (one.nib ?? 1) * THIRD,
    })),
);

/** White between a small letter and all other ink, in letter units. */
const SIGN_CLEAR: NibWidths = 0.22;
/** Preferred distance of a small letter below the middle of its letter. */
const SIGN_UNDER: NibWidths = 0.9;

/** Places a small copy under each letter that could be read as a dotted one: as close as possible, clear of all ink. */
function signsOf(face: Typeface, line: readonly PlacedInk[], signs: readonly string[]): PlacedInk[] {
  const taken = takenBy(face.pen, line);
  const tries = placesAround(1);
  return line.flatMap((item) => {
    const { text } = item.cut.letter;
    const own = item.kind === 'letter' && signs.includes(text) ? face.letters.get(text) : undefined;
    if (!own) return [];
    const cut = thirdOf(face, own);
    const places = alongEdges(inkOf(face.pen, cut));
    const [low, high] = rangeOf(places, 1);
    const [left, right] = rangeOf(places, 0);
    const under = rangeOf(inkPlaces(face.pen, item), 1)[0];
    const [from, until] = rangeOf(inkPlaces(face.pen, item), 0);
    const wish: Vec = [(from + until) / 2 - (left + right) / 2, under - SIGN_UNDER - (low + high) / 2];
    const at = ([dx, dy]: Vec): Vec => [wish[0] + dx, wish[1] - dy];
    const free = (off: Vec) => {
      const [x, y] = at(off);
      return taken.isClear(
        places.map(([px, py]): Vec => [px + x, py + y]),
        SIGN_CLEAR,
      );
    };
    const [x, y] = at(tries.find(free) ?? farthestOut(1));
    taken.add(places.map(([px, py]): Vec => [px + x, py + y]));
    return [{ kind: 'mark' as const, cut, x, y }];
  });
}

const rangeOf = (places: readonly Vec[], axis: 0 | 1): readonly [number, number] => {
  const values = places.map((place) => place[axis]);
  return [Math.min(...values), Math.max(...values)];
};

function takenBy(pen: Pen, line: readonly PlacedInk[]): Taken {
  const taken = new Taken();
  for (const item of line) taken.add(inkPlaces(pen, item));
  return taken;
}

/** A boat round a line: how far it reaches over and under the middle, how blunt its ends are (found by looking). */
const BOAT = { over: 2.9, under: 2.0, middle: 0.55, overBlunt: 0.4, underBlunt: 0.5, beyond: 0.6 } as const;
/** Minimum distance of fillers from ink and from each other, and the spacing of the candidate places, in dots of the full pen. */
const FILLER = { clear: 0.42, apart: 0.76, step: 0.1, near: 1.4 } as const;

/**
 * Small dots in the white of a line, inside a boat drawn round it: the places nearest to ink first, so that they run
 * in rows along the letters.
 */
function fillersOf(face: Typeface, line: readonly PlacedInk[], tan: number, width: NibWidths): PlacedInk[] {
  if (face.pen.kind !== 'broad') return [];
  const taken = takenBy(face.pen, line);
  const cut = thirdOf(face, dotOf(face.pen));
  const half = width / 2 + BOAT.beyond;
  const candidates: { at: Vec; near: number }[] = [];
  for (let x = width / 2 - half; x <= width / 2 + half; x += FILLER.step) {
    const r = Math.min(1, Math.abs(x - width / 2) / half);
    const middle = heightAt(x, tan, width, face) + BOAT.middle;
    const top = BOAT.over * (1 - r * r) ** BOAT.overBlunt;
    const bottom = BOAT.under * (1 - r * r) ** BOAT.underBlunt;
    for (let y = middle - bottom; y <= middle + top; y += FILLER.step) {
      const near = taken.distance([x, y], FILLER.near);
      if (near >= FILLER.clear) candidates.push({ at: [x, y], near });
    }
  }
  const fillers = new Taken();
  const found: PlacedInk[] = [];
  for (const { at } of candidates.sort((a, b) => a.near - b.near)) {
    if (!fillers.isClear([at], FILLER.apart)) continue;
    fillers.add([at]);
    found.push({ kind: 'mark', cut, x: at[0], y: at[1] });
  }
  return found;
}
