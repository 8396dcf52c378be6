import type { SchoolId } from './need';

/** The parts of a kit. */
export type KitPart = 'tool' | 'holder' | 'ink' | 'paper';

/**
 * What one rule says of two or three things of a kit, with its reason in words and numbers. Points say how much it matters: −30 to
 * +20, and 0 where a rule has nothing to say. `fails` rules a kit out, whatever else is good about it.
 */
export interface Judgement {
  readonly rule: string;
  readonly points: number;
  readonly fails?: boolean;
  readonly reason: string;
  /** What would lower the risk. */
  readonly cure?: string;
  /** A fact nobody has looked up, how to, and the id of the item it is of. */
  readonly unknown?: string;
  readonly of?: string;
  /** The school that decides this. */
  readonly school?: SchoolId;
  /** Which parts of the kit it judges. */
  readonly parts: readonly KitPart[];
}

export type Verdict = Omit<Judgement, 'rule' | 'parts'> | undefined;

export const good = (points: number, reason: string, more: Partial<Judgement> = {}): Verdict => ({
  points,
  reason,
  ...more,
});

export const risk = (
  points: number,
  reason: string,
  cure: string,
  more: Partial<Judgement> = {},
): Verdict => ({
  points: -points,
  reason,
  cure,
  ...more,
});

export const fails = (reason: string, cure?: string): Verdict => ({
  points: -100,
  fails: true,
  reason,
  cure,
});
