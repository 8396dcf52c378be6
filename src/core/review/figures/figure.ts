import type { Settles } from '../../faults/fault';
import type { upperLine } from '../../hand/upperLine';
import { type Mm, plain, signed } from '../../measure/units';

/** Where a remark sends: a drill page, the bench, the ruling, a letter's strokes. */
export const CURES = ['page', 'bench', 'rule', 'strokes', 'none'] as const;
export type Go = (typeof CURES)[number];

/** A figure as it was measured. */
export interface Measured {
  readonly value: number;
  /** What the model has there; null where it has nothing of the kind. */
  readonly asked: number | null;
  /** Two standard errors, combined with the error floor of the method. */
  readonly error: number;
  /** Letters, stems or lines it rests on. */
  readonly count: number;
}

/** The page and pen that remarks are worded for. */
export interface WrittenPage {
  /** The nib in mm where it is an edge; and the height of the body. */
  readonly nib: Mm | undefined;
  readonly body: Mm;
  /** Pressure makes its strokes thick: a pointed pen's, a brush's. */
  readonly pressed: boolean;
  /** The line that letters reach up to: the waistline, or the capital line of a hand of capitals. */
  readonly upper: ReturnType<typeof upperLine>;
  /** The page is ruled with slope lines. */
  readonly slopeLines: boolean;
  /** The page has a gauge of pen angles. */
  readonly gauge: boolean;
}

/** A figure with the context that its remark is worded from. */
export interface Said extends WrittenPage {
  readonly figure: Measured;
  /** Difference from what is asked. */
  readonly by: number;
  /** What it was measured on: “30 letters”. */
  readonly rests: string;
  /** Another figure of the page. */
  readonly beside: (id: 'angle' | 'counter') => Measured | undefined;
}

/** Remark on one figure that deviates by more than its error. */
export interface FigureRemark {
  /** Size of the deviation; 1 is the minimum for a remark. */
  readonly weight: (said: Said) => number;
  readonly text: (said: Said) => string;
  readonly cure: (said: Said) => string;
  readonly go: (said: Said) => Go;
  readonly settles?: Settles;
}

/** Something that is measured of a page, declared once: its name, its words, the errors of its method, and its remark. */
export interface Figure {
  readonly name: string;
  /** Its value as the table shows it. */
  readonly say: (value: number) => string;
  /** It is said in words without ±: a picture does not resolve it more closely. */
  readonly rank?: true;
  /**
   * Error floor of the method: on pages with marks, for nibs of 2 mm or more and ink that does not spread (absolute; a fraction of the nib
   * for `nib`), and on writing without marks (degrees for angles, relative for lengths). Twice the 90 % error on simulated pages
   * (docs/measuring.md), or the tolerance promised by the trial, whichever is larger.
   */
  readonly floor: { readonly marked?: number; readonly plain?: number };
  readonly remark?: FigureRemark;
}

export type Figures = Readonly<Record<string, Figure>>;

/** Difference of a figure from what is asked. */
export const off = ({ value, asked }: Measured): number => value - (asked ?? 0);

/** Deviates by more than its error. */
export const isOff = (figure: Measured | undefined): boolean =>
  figure !== undefined && Math.abs(off(figure)) > figure.error;

/** How figures read in a sentence. */
export const degrees = (value: number): string => `${signed(value, 0)}°`;
export const mm = (value: number): string => `${plain(value, 1)} mm`;
export const percent = (fraction: number): string => `${plain(100 * Math.abs(fraction), 0)} %`;

/** How figures read in a table. */
export const inDegrees = (value: number): string => `${signed(value, 1)}°`;
export const inMm = (value: number): string => `${signed(value, 2)} mm`;
export const inPercent = (fraction: number): string => `${signed(100 * fraction, 0)} %`;

/** Size of a deviation as a multiple of the minimum for a remark, which is given in the figure's own unit. */
export const worth =
  (minimum: number) =>
  ({ by }: Said): number =>
    Math.abs(by) / minimum;
/** The same with the minimum given as a fraction of the body height. */
export const ofBody =
  (fraction: number) =>
  ({ by, body }: Said): number =>
    Math.abs(by) / (fraction * body);

export const toPage = (): Go => 'page';
export const toBench = (): Go => 'bench';
/** Station of the cure: the practice page where it has slope lines, else Rule. */
export const toLines = ({ slopeLines }: Said): Go => (slopeLines ? 'page' : 'rule');
