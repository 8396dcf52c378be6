import type { Degrees } from '../measure/units';
import type { Stroke } from '../pen/stroke';

/** The letter's own size and lean; faults are fractions of it. */
export interface Shape {
  readonly left: number;
  readonly right: number;
  readonly body: number;
}

/** A letter's strokes with a fault in them, and the turn of the pen that belongs to it. */
export interface Misshapen {
  readonly strokes: readonly Stroke[];
  readonly turn: Degrees;
}

/** What has to be put right before anything else is read: slope and parallels, or what they change, the angle. */
export type Settles = 'slope' | 'angle';

/** What is said of the letters of a row that have a fault. */
export interface RowWords {
  readonly say: (letters: string, one: boolean) => string;
  readonly cure: string;
}

/** Something a hand does wrong in every letter of a row, declared once. */
export interface Fault {
  /** Writes it in its plainest form into the strokes of an upright letter; size 1 is plain to see. */
  readonly make: (strokes: readonly Stroke[], shape: Shape, size: number) => Misshapen;
  /** Words by its name in a row: one name, or two where it has two directions, first of positive sizes. */
  readonly rows: Readonly<Record<string, RowWords>>;
  readonly settles?: Settles;
  /** It has a negative size of the same name. */
  readonly bothWays?: true;
  /** Only letters with two sides have it. */
  readonly ofSides?: true;
  /** It turns the edge, so that the angle is measured again. */
  readonly turns?: true;
  /** A page of few rows shows it as a whole. */
  readonly ofPage?: true;
}
