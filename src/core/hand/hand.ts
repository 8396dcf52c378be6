import type { Degrees, Mm, Modules, NibWidths } from '../measure/units';
import type { HandChecks } from './checks';
import type { Portrait } from './portrait';
import type { Script } from './script';

/** What a hand is written with. */
export type ToolFamily = 'broad' | 'pointed' | 'brush' | 'monoline';

/**
 * What the heights of a hand are counted in: nib widths (broad edge), units of a ratio such as 3:2:3 on a body in
 * mm (pointed), plain millimetres (brush, monoline), or rhombic dots of the pen (dot-measured hands).
 */
export type Basis = 'nib' | 'ratio' | 'mm' | 'dots';

/**
 * The unit a hand's letters are drawn in: the width of the broad nib, a fifth of the body (hands whose stroke is
 * pressure), or the dot (the diagonal of the pen's rhombus, √2 nib widths).
 */
export type LetterUnit = 'nib' | 'fifth' | 'dot';

export interface Range {
  readonly low: number;
  readonly high: number;
}

/** Heights of the zones, in modules. Ascender and descender count beyond the body; the rest from the baseline. */
export interface Zones {
  readonly body: Modules;
  readonly ascender: Modules;
  readonly descender: Modules;
  /** 0 where the hand has no capitals. */
  readonly capital: Modules;
  readonly gap: Modules;
  /** Height at which arches branch, or the midline; null for none. */
  readonly branch: Modules | null;
  readonly smallCapital: Modules | null;
}

/**
 * A pen angle the hand turns to, to the writing line. `where` says what it is for in a teacher's words: such turns are
 * printed in the gauge; the others are touches at the end of a stroke.
 */
export interface Turn {
  readonly angle: Degrees;
  readonly where?: string;
}

export type LetterCase = 'small' | 'capital' | 'figure' | 'other';

/** Letters that share strokes and are practised together, in the order they are taught. */
export interface Family {
  /** Key under which practice pages store it. */
  readonly name: string;
  readonly case: LetterCase;
  /** Short name beside its case; the full name where missing. */
  readonly title?: string;
  /** The drill it grows out of, by the drill's id; where there is none, the warm-up stands in. */
  readonly drill?: string;
}

/** A way of teaching the hand that differs from the default in what `set` holds. */
export interface School {
  readonly id: string;
  readonly name: string;
  readonly remark: string;
  readonly set: {
    readonly zones?: Partial<Zones>;
    readonly penAngle?: Degrees;
    readonly slope?: Degrees;
    readonly ratioUnit?: Mm;
    readonly tallCapitals?: boolean;
    readonly style?: string;
    /** The nib it is usually written with, where that is not the hand's. */
    readonly width?: Mm;
    readonly joined?: boolean;
    readonly contrast?: number;
  };
}

/**
 * Definition of a hand without its letters: common teaching values as starting points that a user can change. Ranges are what is usual;
 * the ruling warns outside them and never refuses. Letters are loaded on demand.
 */
export interface Hand {
  readonly id: string;
  readonly name: string;
  readonly tool: ToolFamily;
  readonly basis: Basis;
  readonly unit: LetterUnit;
  readonly zones: Zones;
  /** Usual body heights in modules (`capitalsOnly` hands: height of the capitals). */
  readonly weight: Range;
  /** Usual heights of the capitals from the baseline, in modules; null where the hand has none. */
  readonly capitals: Range | null;
  /** Capitals may be as tall as ascenders; elsewhere a sheet that makes them so is remarked on. */
  readonly tallCapitals: boolean;
  /** Usual body heights on paper for hands measured in units or millimetres. */
  readonly bodyMm?: Range;
  /** Length of one ratio unit; only for basis 'ratio'. */
  readonly ratioUnit?: Mm;
  /** Edge length W for a first sheet; full shade of a pointed pen or brush; line of a monoline. */
  readonly width: Mm;
  readonly penAngle: { readonly usual: Degrees; readonly range: Range } | null;
  /** Every angle the pen is turned to, by name; letters, gauge and remarks use these numbers. */
  readonly turns: Readonly<Record<string, Turn>>;
  /** Off the vertical; a slant σ from the writing line is a slope of 90° − σ. */
  readonly slope: { readonly usual: Degrees; readonly range: Range };
  /** Distance of neighbouring stems or shades, centre to centre, in letter units, for a body in the same unit. */
  readonly breadth: (body: NibWidths, penAngle: Degrees) => NibWidths;
  /** Full shade over hairline for a pen nobody has measured; of pressed hands. */
  readonly contrast: number;
  /** Maximum shade, in letter units: a wider one closes the letters of a pressed hand. */
  readonly fattestShade: NibWidths;
  /** Hands whose downstrokes may get a second contour: how far to the right of the first, in letter units. */
  readonly second?: NibWidths;
  /** Whether every school writes it joined. */
  readonly joined: boolean;
  readonly capitalsOnly: boolean;
  /** Hands of one case take any text in it. */
  readonly fold?: 'upper' | 'lower';
  readonly rightToLeft: boolean;
  /** How its letters are finished, where it has several ways: the hand's own names, chosen by its schools. */
  readonly style?: string;
  readonly families: readonly Family[];
  /** Letters that stand on two leaning strokes instead of a stem. */
  readonly diagonals?: string;
  /** Default school first. */
  readonly schools: readonly School[];
  readonly remarks: readonly string[];
  /** Information for choosing it. */
  readonly portrait: Portrait;
  /** Its letters; missing where they are not drawn yet: such a hand can be ruled, and has drills. */
  readonly script?: () => Promise<Script>;
  /** Expectations on its letters, for tests. */
  readonly checks?: () => Promise<HandChecks>;
}

/** Heights counted by the pen itself: nib widths or its dots. */
export const countsByPen = ({ basis }: Pick<Hand, 'basis'>): boolean => basis === 'nib' || basis === 'dots';

/** Hands whose weight is pressure and whose lean is called a slant. */
export const isPressed = ({ tool }: Pick<Hand, 'tool'>): boolean => tool === 'pointed' || tool === 'brush';

/** Text as the hand takes it: in its one case, where it has but one. */
export const foldedFor = ({ fold }: Pick<Hand, 'fold'>, text: string): string =>
  fold === 'upper' ? text.toUpperCase() : fold === 'lower' ? text.toLowerCase() : text;

/**
 * Letters as typed: word lists are in small letters, and a hand of capitals writes them in its own case. Known letters of such a hand
 * are looked up in this form.
 */
export const asTyped = ({ fold }: Pick<Hand, 'fold'>, letters: readonly string[]): readonly string[] =>
  fold ? letters.map((letter) => letter.toLowerCase()) : letters;

/** A hand as one school teaches it: the same shape, with the school's values in place. */
export function inSchool(hand: Hand, schoolId: string): Hand {
  const set = hand.schools.find((school) => school.id === schoolId)?.set ?? {};
  return {
    ...hand,
    zones: { ...hand.zones, ...set.zones },
    ratioUnit: set.ratioUnit ?? hand.ratioUnit,
    penAngle: hand.penAngle && { ...hand.penAngle, usual: set.penAngle ?? hand.penAngle.usual },
    slope: { ...hand.slope, usual: set.slope ?? hand.slope.usual },
    tallCapitals: set.tallCapitals ?? hand.tallCapitals,
    style: set.style ?? hand.style,
    width: set.width ?? hand.width,
    joined: set.joined ?? hand.joined,
    contrast: set.contrast ?? hand.contrast,
    // Where there are small capitals, text keeps its case.
    fold: set.zones?.smallCapital ? undefined : hand.fold,
  };
}
