import { pointAt } from '../geometry/cubic';
import { directionOf, subtract, type Vec } from '../geometry/vec';
import { type Degrees, type NibWidths, tanDeg } from '../measure/units';
import type { Stroke } from '../pen/stroke';
import type { Typeface } from '../type/face';
import type { Placed, PlacedInk, PlacedLetter, SetLine } from '../type/placed';

/** What is written of a line between setting the pen down and lifting it. */
export interface PenDown {
  /** Where the pen is set down, and where it is lifted; in letter units, y upwards. */
  readonly from: Vec;
  readonly to: Vec;
  /** Where one stroke runs into the next without a lift, and the direction in which it does. */
  readonly through: readonly { readonly at: Vec; readonly dir: Degrees }[];
}

/** A stroke in its place. */
interface Written {
  readonly from: Vec;
  readonly to: Vec;
  /** Directions in which it begins and ends. */
  readonly begins: Degrees;
  readonly ends: Degrees;
}

/** Distance within which a stroke begins where the last one ended, in letter units; ports meet closer, lifted strokes begin farther. */
const MEETS: NibWidths = 0.12;
/** Difference of directions up to which a pen can go on. */
const TURNS: Degrees = 60;

const apart = ([ax, ay]: Vec, [bx, by]: Vec): number => Math.hypot(ax - bx, ay - by);
const turn = (a: Degrees, b: Degrees): Degrees => Math.abs(((((a - b) % 360) + 540) % 360) - 180);

/**
 * A set line as it is written: where the pen is set down and lifted, in order. In joined writing what does not lead on to the next letter
 * (a bar, a cross, a dot) is written when the word is done (common teaching). `text` is what was set.
 */
export function liftsOf(face: Typeface, { placed }: SetLine, text: string): PenDown[] {
  const runs: PenDown[] = [];
  let later: Written[] = [];
  let last: Written | undefined;
  let word = -1;
  const write = (stroke: Written, mayGoOn: boolean) => {
    const run = runs.at(-1);
    if (
      run &&
      last &&
      mayGoOn &&
      apart(last.to, stroke.from) <= MEETS &&
      turn(last.ends, stroke.begins) <= TURNS
    ) {
      runs[runs.length - 1] = {
        from: run.from,
        to: stroke.to,
        through: [...run.through, { at: stroke.from, dir: stroke.begins }],
      };
    } else runs.push({ from: stroke.from, to: stroke.to, through: [] });
    last = stroke;
  };
  const endWord = () => {
    for (const stroke of later) write(stroke, false);
    later = [];
  };
  for (const [i, item] of placed.entries()) {
    if (item.kind === 'missing') continue;
    const strokes = writtenIn(item);
    const goesOn = item.kind === 'join' && last && strokes[0] && apart(last.to, strokes[0].from) <= MEETS;
    // A hairline that leads into a word belongs to the letter after it.
    const of = goesOn ? undefined : placed.slice(i).find(letterOfText);
    if (of && item.kind !== 'mark') {
      const now = text.slice(0, of.at).match(/\s+/g)?.length ?? 0;
      if (now !== word) endWord();
      word = now;
    }
    const leaving = face.joined || face.script.byPorts ? leavingOf(face, item, strokes) : strokes.length - 1;
    for (const [k, stroke] of strokes.entries()) {
      if (item.kind !== 'mark' && k > leaving) later.push(stroke);
      else write(stroke, k === 0);
    }
  }
  endWord();
  return runs;
}

const letterOfText = (item: Placed): item is PlacedLetter => item.kind === 'letter' && item.at !== undefined;

/** Share of a stroke's first and last curve over which its direction is taken. */
const NEAR_END = 0.2;

const writtenIn = ({ cut, x, y }: PlacedInk): Written[] =>
  cut.strokes.map((stroke) => {
    const at = ([px, py]: Vec): Vec => [px + x, py + y];
    return {
      from: at(first(stroke)),
      to: at(final(stroke)),
      begins: direction(first(stroke), afterFirst(stroke)),
      ends: direction(beforeFinal(stroke), final(stroke)),
    };
  });

const direction = (a: Vec, b: Vec): Degrees => directionOf(subtract(b, a));
const curve = ({ path }: Stroke, i: number) => {
  const cubic = path.at(i);
  if (!cubic) throw new Error('A stroke has no path.');
  return cubic;
};
const first = (stroke: Stroke): Vec => pointAt(curve(stroke, 0), 0);
const afterFirst = (stroke: Stroke): Vec => pointAt(curve(stroke, 0), NEAR_END);
const final = (stroke: Stroke): Vec => pointAt(curve(stroke, -1), 1);
const beforeFinal = (stroke: Stroke): Vec => pointAt(curve(stroke, -1), 1 - NEAR_END);

/** Index of the stroke by which a letter is left; its last where it leads nowhere. */
function leavingOf(face: Typeface, { cut, x, y }: PlacedInk, strokes: readonly Written[]): number {
  const { exit } = cut.letter;
  if (!exit || exit.kind === 'none') return strokes.length - 1;
  const way: Vec = [exit.x + exit.y * tanDeg(face.slope) + x, exit.y + y];
  const off = strokes.map(({ to }) => apart(to, way));
  return off.indexOf(Math.min(...off));
}
