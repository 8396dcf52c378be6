import { ALPHABETS } from '../hands/alphabets';
import type { Zones } from '../hands/hand';
import type { Letter } from '../hands/letter';
import { measuresFor } from '../hands/measures';
import type { HandId } from '../hands/registry';
import type { Degrees, NibWidths } from '../measure/units';
import { type Pen, type Polygon, sweep } from '../pen/pen';
import { compileStroke, type Stroke, sloped } from '../pen/stroke';
import { type Profile, profileOf } from './profile';
import { distanceBetween, type SpacingRule } from './spacing';

/** A letter ready to be set: its strokes on the slope, its sides, and its ink at the origin. */
export interface Cut {
  readonly letter: Letter;
  /** Strokes leaning as the hand does. */
  readonly strokes: readonly Stroke[];
  readonly upright: readonly Stroke[];
  readonly profile: Profile;
}

/** A hand at one weight, angle and slope: everything that setting words needs, worked out once. */
export interface Typeface {
  readonly hand: HandId;
  readonly pen: Pen & { kind: 'broad' };
  readonly slope: Degrees;
  readonly zones: Zones;
  readonly letters: ReadonlyMap<string, Cut>;
  /** From one letter's origin to the next one's. */
  readonly pair: (before: Cut, after: Cut) => NibWidths;
  readonly wordSpace: NibWidths;
}

/** Thickness of the steel of a dip nib over its width: about 0.1 mm at 2 mm (common teaching value). */
export const STEEL: NibWidths = 0.05;

/**
 * Spacing of italic found by drawing words large: white of 1.28 nib widths by the body of five, white behind the
 * foremost ink counted to one nib width, and never nearer than 0.3.
 */
const WHITE_SHARE = 1.28 / 5;
/** Capitals hold more white inside, so between two of them there is more as well. */
const CAPITAL_WHITE = 1.45;
const DEPTH: NibWidths = 1;
const LEAST_GAP: NibWidths = 0.3;
/** The white is judged clear of heads and feet. */
const CLEAR_OF_LINES: NibWidths = 0.3;
/** A word space is the width of a narrow n. */
const WORD_SPACE_SHARE = 0.42;

export interface TypefaceKey {
  readonly hand: HandId;
  readonly zones: Zones;
  readonly penAngle: Degrees;
  readonly slope: Degrees;
  /** Hold this one angle for every stroke, whatever the letter asks for. */
  readonly held?: boolean;
}

const MOST_KEPT = 12;
const kept = new Map<string, Typeface>();

/** The typeface for a hand as a recipe has it; undefined for a hand whose letters are not drawn yet. */
export function typeface(key: TypefaceKey): Typeface | undefined {
  const { hand, zones, penAngle, slope, held = false } = key;
  const name = JSON.stringify([hand, zones, penAngle, slope, held]);
  const known = kept.get(name);
  if (known) return known;
  const alphabet = ALPHABETS[hand];
  if (!alphabet) return undefined;
  const pen = { kind: 'broad', width: 1, steel: STEEL, angle: penAngle, held } as const;
  const letters = new Map<string, Cut>();
  for (const letter of alphabet(measuresFor(zones, penAngle))) {
    const upright = letter.strokes.map(compileStroke);
    letters.set(letter.text, {
      letter,
      upright,
      strokes: upright.map((stroke) => sloped(stroke, slope)),
      profile: profileOf(upright.flatMap((stroke) => sweep(pen, stroke))),
    });
  }
  const face = {
    hand,
    pen,
    slope,
    zones,
    letters,
    pair: pairDistances(zones),
    wordSpace: WORD_SPACE_SHARE * zones.body,
  };
  kept.set(name, face);
  if (kept.size > MOST_KEPT) kept.delete(kept.keys().next().value as string);
  return face;
}

const inks = new WeakMap<Cut, { pen: Pen; ink: Polygon[] }>();

/** Ink of a letter for the screen, at the origin; kept for the pen it was last written with. */
export function inkOf(pen: Pen, cut: Cut): Polygon[] {
  const known = inks.get(cut);
  if (known?.pen === pen) return known.ink;
  const ink = cut.strokes.flatMap((stroke) => sweep(pen, stroke));
  inks.set(cut, { pen, ink });
  return ink;
}

/** Kerning worked out pair by pair, when a pair is first met. */
function pairDistances(zones: Zones): (before: Cut, after: Cut) => NibWidths {
  const distances = new Map<string, NibWidths>();
  const figure = ({ letter }: Cut) => /[0-9]/.test(letter.text);
  const tall = ({ letter }: Cut) => /[A-Z0-9]/.test(letter.text);
  return (before, after) => {
    const pair = `${before.letter.text}\u0000${after.letter.text}`;
    let distance = distances.get(pair);
    if (distance === undefined) {
      const capitals = tall(before) && tall(after);
      const high = (capitals ? zones.capital : zones.body) - CLEAR_OF_LINES;
      const share = capitals && !figure(before) && !figure(after) ? WHITE_SHARE * CAPITAL_WHITE : WHITE_SHARE;
      const rule: SpacingRule = {
        area: share * zones.body * (high - CLEAR_OF_LINES),
        depth: DEPTH,
        leastGap: LEAST_GAP,
        low: CLEAR_OF_LINES,
        high,
      };
      distance = distanceBetween(before.profile, after.profile, rule);
      distances.set(pair, distance);
    }
    return distance;
  };
}
