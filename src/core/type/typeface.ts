import { foldedFor, type Zones } from '../hand/hand';
import { type Letter, USUAL } from '../hand/letter';
import { measuresOf } from '../hand/measures';
import { penOf } from '../hand/pen';
import type { Script } from '../hand/script';
import { type HandId, handById } from '../hands/registry';
import { scriptOf } from '../hands/scripts';
import { lookUp } from '../measure/lookUp';
import type { Degrees, NibWidths } from '../measure/units';
import { lru, numbering } from '../memo/memo';
import type { WritingPen } from '../pen/pen';
import { bouncer } from './bounce';
import { composer } from './compose';
import { type Cut, cutOf } from './cut';
import type { Endings } from './endings';
import type { Typeface } from './face';
import { joiner } from './joining';
import { pairDistances } from './kerning';

/** Thickness of the edge over its width where nothing is known of the nib: 0.1 mm at 2 mm (common teaching value). */
export const USUAL_EDGE: NibWidths = 0.05;

export interface TypefaceKey {
  readonly hand: HandId;
  /** In letter units. */
  readonly zones: Zones;
  readonly penAngle: Degrees;
  readonly slope: Degrees;
  /** How its letters are finished, where the hand has several ways. */
  readonly style?: string;
  /** Full shade and hairline of a pressed pen in letter units; not used by a broad edge. */
  readonly pressed?: { readonly spread: NibWidths; readonly hairline: NibWidths };
  /** Thickness of a broad edge in letter units. */
  readonly edge?: NibWidths;
  /** Hold this one angle for every stroke, whatever the letter asks for. */
  readonly held?: boolean;
  readonly joined?: boolean;
  /** White between letters and between words beyond the hand's own, as fractions of the body. */
  readonly letterSpace?: number;
  readonly wordSpace?: number;
  readonly endings?: Endings;
  /** How far letters leave the line, 0 to 1, in hands that may. */
  readonly bounce?: number;
  /** Let the shapes of a letter take turns, where none is chosen. */
  readonly mixed?: boolean;
  /** Chosen variants by letter; a name the hand does not know is passed over. */
  readonly chosen?: Readonly<Record<string, string>>;
  /** Letters of the user's own, written in place of the hand's where both have one. */
  readonly own?: readonly Letter[];
}

/** Cache size: a face for every nib of a drawer at one body, and those on the desk. */
const MOST_KEPT = 32;
const kept = lru<Typeface>(MOST_KEPT);
/** Cache keys: scripts and own letters are compared by identity, not by content. */
const numbered = numbering();

/** The usual pressed pen: a full shade of 0.74 fifths of the body, nine times the hairline. */
const USUAL_PRESSED = { spread: 0.74, hairline: 0.08 };

/** The typeface for a hand as a recipe has it; undefined for a hand whose letters are not drawn yet. */
export function typeface(key: TypefaceKey): Typeface | undefined {
  const script = scriptOf(key.hand);
  if (!script) return undefined;
  const { own, ...plain } = key;
  const name = JSON.stringify([plain, numbered(script), own && numbered(own)]);
  return kept(name, () => build(key, script));
}

/** A script written by a pen, whatever its letters: also how a user's own letters are tried. */
export function build(key: TypefaceKey, script: Script): Typeface {
  const {
    zones,
    slope,
    held = false,
    joined = false,
    chosen = {},
    own = [],
    letterSpace = 0,
    wordSpace = 0,
    endings = 'plain',
    bounce = 0,
    mixed = false,
  } = key;
  const hand = handById(key.hand);
  const setting = {
    zones,
    penAngle: key.penAngle,
    slope,
    pressed: key.pressed ?? USUAL_PRESSED,
    style: key.style,
  };
  const pen = penOf(hand, setting, { edge: key.edge ?? USUAL_EDGE, held });
  const measures = measuresOf(hand, setting);
  const shapes = shapesBy(withOwn(script.letters(measures), own), pen, slope);
  const letters = new Map<string, Cut>();
  for (const [text, list] of shapes) {
    const choice = lookUp(chosen, text);
    const everywhere = list.find(
      ({ letter }) => letter.variant === choice && (letter.context ?? 'anywhere') === 'anywhere',
    );
    letters.set(text, everywhere ?? (list[0] as Cut));
  }
  const pair = pairDistances(script, zones, measures, letterSpace * zones.body);
  return {
    hand: key.hand,
    script,
    pen,
    slope,
    zones,
    measures,
    rightToLeft: hand.rightToLeft,
    letters,
    shapes,
    ...composer(script, measures, shapes, pen, slope),
    chosen,
    mixed,
    joined,
    pair,
    join: joiner(script, measures, pen, slope, pair),
    inPlace: bouncer(script, measures, bounce, pen, slope),
    endings,
    wordSpace: (script.spacing.wordSpace + wordSpace) * zones.body,
    // With small capitals both cases have letters.
    fold: (text) => (zones.smallCapital ? text : foldedFor(hand, text)),
  };
}

/** The hand's letters, and the scribe's own in place of those of the same name. */
function withOwn(drawn: readonly Letter[], own: readonly Letter[]): readonly Letter[] {
  const ours = new Set(own.map(({ text, variant }) => `${text} ${variant}`));
  return [...drawn.filter(({ text, variant }) => !ours.has(`${text} ${variant}`)), ...own];
}

/** Letters by text, the usual shape of each first. */
function shapesBy(
  drawn: readonly Letter[],
  pen: WritingPen,
  slope: Degrees,
): ReadonlyMap<string, readonly Cut[]> {
  const shapes = new Map<string, Cut[]>();
  for (const letter of drawn) {
    const list = shapes.get(letter.text) ?? [];
    const cut = cutOf(letter, pen, slope);
    if (letter.variant === USUAL) list.unshift(cut);
    else list.push(cut);
    shapes.set(letter.text, list);
  }
  return shapes;
}
