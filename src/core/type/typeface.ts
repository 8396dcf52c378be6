import type { Zones } from '../hands/hand';
import { type Letter, type Measures, type Script, USUAL } from '../hands/letter';
import { measuresFor, pointedMeasures } from '../hands/measures';
import type { HandId } from '../hands/registry';
import { SCRIPTS } from '../hands/scripts';
import { type Degrees, type NibWidths, tanDeg } from '../measure/units';
import { type Pen, type Polygon, sweep, type WritingPen } from '../pen/pen';
import { compileStroke, type Stroke, sloped } from '../pen/stroke';
import { pairDistances } from './kerning';
import { type Profile, profileOf } from './profile';

/** A letter (or a join) ready to be set: its strokes, and its sides, worked out when first asked for. */
export interface Cut {
  readonly letter: Letter;
  /** Strokes leaning as the hand does. */
  readonly strokes: readonly Stroke[];
  readonly upright: readonly Stroke[];
  /** Sides of the written letter, measured along the slope. */
  readonly profile: Profile;
}

/** A hand at one weight, angle and slope: everything that setting words needs, each thing worked out once. */
export interface Typeface {
  readonly hand: HandId;
  readonly script: Script;
  readonly pen: WritingPen;
  readonly slope: Degrees;
  /** Heights in letter units. */
  readonly zones: Zones;
  readonly measures: Measures;
  /** The shape written where nothing else is asked for: the user's choice, else the usual one. */
  readonly letters: ReadonlyMap<string, Cut>;
  /** Every shape of every letter, the usual one first. */
  readonly shapes: ReadonlyMap<string, readonly Cut[]>;
  /** The user's choices by letter. */
  readonly chosen: Readonly<Record<string, string>>;
  /** Whether neighbouring letters are joined and ligatures taken. */
  readonly joined: boolean;
  /** From one letter's origin to the next one's. */
  readonly pair: (before: Cut, after: Cut) => NibWidths;
  /** The stroke between two letters, in the coordinates of the first; undefined where they do not join. */
  readonly join: (before: Cut | undefined, after: Cut | undefined) => Cut | undefined;
  readonly wordSpace: NibWidths;
}

/** Thickness of the steel of a dip nib over its width: about 0.1 mm at 2 mm (common teaching value). */
export const STEEL: NibWidths = 0.05;

export interface TypefaceKey {
  readonly hand: HandId;
  /** In letter units. */
  readonly zones: Zones;
  readonly penAngle: Degrees;
  readonly slope: Degrees;
  /** Full shade and hairline of a pointed pen in letter units; not used by a broad edge. */
  readonly pressed?: { readonly shade: NibWidths; readonly hairline: NibWidths };
  /** Hold this one angle for every stroke, whatever the letter asks for. */
  readonly held?: boolean;
  readonly joined?: boolean;
  /** Chosen variants by letter; a name the hand does not know is passed over. */
  readonly chosen?: Readonly<Record<string, string>>;
  /** Letters of the user's own, written in place of the hand's where both have one. */
  readonly own?: readonly Letter[];
}

const MOST_KEPT = 16;
const kept = new Map<string, Typeface>();

/** The usual pointed pen: a full shade of 0.74 fifths of the body, nine times the hairline. */
const USUAL_PRESSED = { shade: 0.74, hairline: 0.08 };

/** The typeface for a hand as a recipe has it; undefined for a hand whose letters are not drawn yet. */
export function typeface(key: TypefaceKey): Typeface | undefined {
  const name = JSON.stringify(key);
  const known = kept.get(name);
  if (known) return known;
  const script = SCRIPTS[key.hand];
  if (!script) return undefined;
  const face = build(key, script);
  kept.set(name, face);
  if (kept.size > MOST_KEPT) kept.delete(kept.keys().next().value as string);
  return face;
}

/** A script written by a pen, whatever its letters: also how a user's own letters are tried. */
export function build(key: TypefaceKey, script: Script): Typeface {
  const { hand, zones, penAngle, slope, held = false, joined = false, chosen = {}, own = [] } = key;
  const pressed = key.pressed ?? USUAL_PRESSED;
  const pen: WritingPen =
    script.tool === 'pointed'
      ? { kind: 'pointed', ...pressed }
      : { kind: 'broad', width: 1, steel: STEEL, angle: penAngle, held };
  const measures =
    script.tool === 'pointed' ? pointedMeasures(zones, slope, pressed) : measuresFor(zones, penAngle, slope);
  const drawn = script.letters(measures);
  const ours = new Set(own.map(({ text, variant }) => `${text} ${variant}`));
  const shapes = new Map<string, Cut[]>();
  for (const letter of [...drawn.filter(({ text, variant }) => !ours.has(`${text} ${variant}`)), ...own]) {
    const list = shapes.get(letter.text) ?? [];
    const cut = cutOf(letter, pen, slope);
    if (letter.variant === USUAL) list.unshift(cut);
    else list.push(cut);
    shapes.set(letter.text, list);
  }
  const letters = new Map<string, Cut>();
  for (const [text, list] of shapes) {
    const everywhere = list.find(
      ({ letter }) => letter.variant === chosen[text] && (letter.context ?? 'anywhere') === 'anywhere',
    );
    letters.set(text, everywhere ?? (list[0] as Cut));
  }
  const pair = pairDistances(script, zones, measures);
  return {
    hand,
    script,
    pen,
    slope,
    zones,
    measures,
    letters,
    shapes,
    chosen,
    joined,
    pair,
    join: joiner(script, measures, pen, slope, pair),
    wordSpace: script.spacing.wordSpace * zones.body,
  };
}

/** A letter's strokes compiled, leant, written and read, each when first needed. */
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

/** Joins worked out when a pair is first met. */
function joiner(
  script: Script,
  measures: Measures,
  pen: Pen,
  slope: Degrees,
  pair: Typeface['pair'],
): Typeface['join'] {
  const joins = new Map<string, Cut | undefined>();
  return (before, after) => {
    const key = `${nameOf(before)}\u0000${nameOf(after)}`;
    if (joins.has(key)) return joins.get(key);
    const distance = before && after ? pair(before, after) : 0;
    const plan = script.join(before?.letter, after?.letter, distance, measures);
    const text = `${before?.letter.text ?? ''}→${after?.letter.text ?? ''}`;
    const cut = plan && cutOf({ text, variant: 'join', family: 'joins', strokes: [plan] }, pen, slope);
    joins.set(key, cut);
    return cut;
  };
}

const nameOf = (cut: Cut | undefined): string => (cut ? `${cut.letter.text}\u0001${cut.letter.variant}` : '');

const inks = new WeakMap<Cut, { pen: Pen; ink: Polygon[] }>();

/** Ink of a letter for the screen, at the origin; kept for the pen it was last written with. */
export function inkOf(pen: Pen, cut: Cut): Polygon[] {
  const known = inks.get(cut);
  if (known?.pen === pen) return known.ink;
  const ink = cut.strokes.flatMap((stroke) => sweep(pen, stroke));
  inks.set(cut, { pen, ink });
  return ink;
}
