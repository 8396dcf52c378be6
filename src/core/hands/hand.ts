import type { Degrees, Mm, Modules } from '../measure/units';

/** What a hand is written with. */
export type ToolFamily = 'broad' | 'pointed' | 'brush' | 'monoline';

/**
 * What the heights of a hand are counted in: nib widths (broad edge), units of a ratio such as 3:2:3 on a body in
 * mm (pointed), plain millimetres (brush, monoline), or rhombic dots of the pen (dot-measured hands).
 */
export type Basis = 'nib' | 'ratio' | 'mm' | 'dots';

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

/** A pen angle the hand turns to, and the strokes it is for. */
export interface AngleTurn {
  readonly angle: Degrees;
  readonly where: string;
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
  };
}

/**
 * A hand's metrics: common teaching values, starting points a user can change. Ranges say what is usual; the
 * ruling warns outside them and never refuses.
 */
export interface Hand {
  readonly id: string;
  readonly name: string;
  readonly tool: ToolFamily;
  readonly basis: Basis;
  readonly zones: Zones;
  /** Usual body heights in modules (`capitalsOnly` hands: height of the capitals). */
  readonly weight: Range;
  /** Usual heights of the capitals from the baseline, in modules; null where the hand has none. */
  readonly capitals: Range | null;
  /** Usual body heights on paper for hands measured in units or millimetres. */
  readonly bodyMm?: Range;
  /** Length of one ratio unit; only for basis 'ratio'. */
  readonly ratioUnit?: Mm;
  /** Edge length W for a first sheet; full shade of a pointed pen or brush; line of a monoline. */
  readonly width: Mm;
  readonly penAngle: {
    readonly usual: Degrees;
    readonly range: Range;
    readonly turns: readonly AngleTurn[];
  } | null;
  /** Off the vertical; a slant σ from the writing line is a slope of 90° − σ. */
  readonly slope: { readonly usual: Degrees; readonly range: Range };
  readonly capitalsOnly: boolean;
  readonly rightToLeft: boolean;
  /** Default school first. */
  readonly schools: readonly School[];
  readonly remarks: readonly string[];
}

/** A hand as one school teaches it: the same shape, with the school's values in place. */
export function inSchool(hand: Hand, schoolId: string): Hand {
  const set = hand.schools.find((school) => school.id === schoolId)?.set ?? {};
  return {
    ...hand,
    zones: { ...hand.zones, ...set.zones },
    ratioUnit: set.ratioUnit ?? hand.ratioUnit,
    penAngle: hand.penAngle && { ...hand.penAngle, usual: set.penAngle ?? hand.penAngle.usual },
    slope: { ...hand.slope, usual: set.slope ?? hand.slope.usual },
  };
}
