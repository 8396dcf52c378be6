import type { ToolFamily } from '../../hand/hand';
import { line, stroke, to } from '../../hand/notation';
import { type Degrees, type NibWidths, plain } from '../../measure/units';
import type { Knot, StrokePlan } from '../../pen/stroke';
import type { Figure } from '../../writing/figure';
import type { Ground } from '../ground';

/**
 * Stroke drills: what hands are made of, written by the band's own pen. Each is a short run, repeated across the line;
 * strokes stand on an upright skeleton in letter units and lean with the hand.
 */
export interface Drill {
  readonly id: string;
  readonly name: string;
  readonly remark: string;
  /** Beats of one run, where it is written to a beat. */
  readonly beat?: Beat;
  /** Tools that can do it. */
  readonly tools: readonly ToolFamily[];
  readonly build: (ground: Ground) => Built;
}

export interface Built {
  readonly strokes: readonly StrokePlan[];
  readonly labels?: Figure['labels'];
  /** The strokes bring their own pressure. */
  readonly pressed?: boolean;
  /** Leans with the hand unless told otherwise. */
  readonly upright?: boolean;
}

/** A movement written to a beat, from the arm, without lifting the pen. */
export interface Beat {
  readonly beats: number;
  readonly perSecond: number;
}

/** Eight easy beats at two to a second (common teaching of movement exercises; slower for a beginner). */
export const EASY_BEAT: Beat = { beats: 8, perSecond: 2 };

/** A beat as it is said: "Count 1 to 8, two to a second: 4 s a run." */
export const beatInWords = ({ beats, perSecond }: Beat): string =>
  `Count 1 to ${beats}, ${perSecond} to a second: ${plain(beats / perSecond)} s a run.`;

export const count = (n: number): number[] => Array.from({ length: n }, (_, i) => i);

/** Angles an edge can be laid at and still leave a saw of two legs. */
export const SAW: readonly [Degrees, Degrees] = [20, 65];

export const stem = (x: NibWidths, top: NibWidths, foot: NibWidths, more: Partial<Knot> = {}): StrokePlan =>
  stroke('stem', [to(x, top, undefined, more), line(x, foot)]);
