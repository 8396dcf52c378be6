import type { Letter } from '../hand/letter';
import { type Degrees, tanDeg } from '../measure/units';
import { lastFor } from '../memo/memo';
import { type Pen, type Polygon, penFor, sweep } from '../pen/pen';
import { ribbons } from '../pen/ribbon';
import { compileStroke, type Stroke, sloped } from '../pen/stroke';
import { type Profile, profileOf } from './profile';

/** A letter (or a join) ready to be set: its strokes and its sides, computed on first use. */
export interface Cut {
  readonly letter: Letter;
  /** Strokes leaning as the hand does. */
  readonly strokes: readonly Stroke[];
  readonly upright: readonly Stroke[];
  /** Sides of the written letter, measured along the slope. */
  readonly profile: Profile;
}

/** A letter's strokes compiled, sheared, written and measured, each on first use. */
export function cutOf(letter: Letter, pen: Pen, slope: Degrees): Cut {
  let upright: readonly Stroke[] | undefined;
  let strokes: readonly Stroke[] | undefined;
  let profile: Profile | undefined;
  const cut: Cut = {
    letter,
    get upright() {
      upright ??= letter.strokes.map(compileStroke);
      return upright;
    },
    get strokes() {
      strokes ??= cut.upright.map((stroke) => sloped(stroke, slope));
      return strokes;
    },
    get profile() {
      profile ??= profileOf(inkOf(pen, cut), tanDeg(slope));
      return profile;
    },
  };
  return cut;
}

/** The same letter with its strokes changed; its sides are those of the changed ink. */
export function redrawn(cut: Cut, pen: Pen, slope: Degrees, change: (stroke: Stroke) => Stroke): Cut {
  const strokes = cut.strokes.map(change);
  let profile: Profile | undefined;
  const made: Cut = {
    letter: cut.letter,
    upright: cut.upright,
    strokes,
    get profile() {
      profile ??= profileOf(inkOf(pen, made), tanDeg(slope));
      return profile;
    },
  };
  return made;
}

/** Ink of a letter for the screen, at the origin; cached for the last pen. */
export const inkOf = lastFor((pen: Pen, cut: Cut): Polygon[] =>
  cut.strokes.flatMap((stroke) => sweep(pen, stroke)),
);

/** Distance between poses and tolerance of chords, in letter units, where a letter is as small as a key: a unit is about five pixels there. */
const KEY_DETAIL = { step: 0.3, tolerance: 0.02 } as const;

/** Ink of a letter as small as a key, with an eighth to a third of the points; cached for the last pen. */
export const keyInkOf = lastFor((pen: Pen, cut: Cut): Polygon[] =>
  cut.strokes.flatMap((stroke) => ribbons(penFor(pen, stroke), stroke, KEY_DETAIL)),
);
