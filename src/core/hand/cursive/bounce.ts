import type { NibWidths } from '../../measure/units';
import type { Measures } from '../letter';
import type { Bounced } from '../script';

/** Maximum displacement of letters from the line, and maximum change of their heights, as fractions of the body and of their zones. */
export const BOUNDS = { rise: 0.16, body: 0.12, foot: 0.34, descender: 0.22, ascender: 0.08 } as const;
/**
 * No letter reaches farther than this share of the body over the ascender line or under the descender line: half the
 * gap such hands are ruled with, so that lines never meet.
 */
export const ROOM = 0.2;
/** Steps of the golden section, by which neighbours mostly move in opposite directions. */
const GOLDEN = 0.381966;
const START = 0.1;
/** Weights of the wave and of the random value in a letter's height. */
const WAVE = 0.65;
const CHANCE = 0.35;
/** A letter within this distance of the previous one of its kind is moved by one of these offsets, so that repeats differ. */
const NEAR = 6;
const APART = 0.36;
/** Maximum difference in height of neighbours. */
const STEP = 1.25;
const MOVES = [0, APART, -APART, 0.6, -0.6, 0.9, -0.9, 1.3, -1.3, 1.7, -1.7];
/** Small letters whose last stroke ends in a turn on the line: it may drop below. */
const DROPS = /[adhiklmnrtu]/;
/** Factor for capitals and figures, which leave the line half as far. */
const TALL = /[\p{Lu}\p{Nd}]/u;
const TALL_SHARE = 0.5;

/** A number from −1 to 1 from a place, its letter and a channel (an integer hash): the same text always bounces alike. */
export function noise(place: number, text: string, channel: number): number {
  let h = (0x9e3779b9 ^ Math.imul(place + 1, 0x85ebca6b) ^ Math.imul(text.codePointAt(0) ?? 0, 0xc2b2ae35) ^ Math.imul(channel + 1, 0x27d4eb2f)) >>> 0;
  h ^= h >>> 15;
  h = Math.imul(h, 0x2c1b3c6d) >>> 0;
  h ^= h >>> 12;
  h = Math.imul(h, 0x297a2d39) >>> 0;
  h ^= h >>> 15;
  return ((h >>> 0) / 0xffffffff) * 2 - 1;
}

const clampUnit = (value: number) => Math.max(-1, Math.min(1, value));
const alone = (place: number, text: string) => WAVE * Math.sin(2 * Math.PI * (GOLDEN * place + START)) + CHANCE * noise(place, text, 0);

/**
 * Where each letter of a text stands, −1 (lowest) to 1: a wave and chance, moved where a letter would stand as the last
 * of its kind did, or too far from its neighbour.
 */
export function stances(letters: readonly string[]): number[] {
  const out: number[] = [];
  for (const [i, text] of letters.entries()) {
    const from = Math.max(0, i - NEAR);
    const alike = out.slice(from).filter((_, j) => letters[from + j] === text);
    const last = out[i - 1] ?? 0;
    const nearness = (value: number) => Math.min(1, ...alike.map((other) => Math.abs(other - value) / APART), STEP / Math.max(0.01, Math.abs(value - last)));
    const tries = MOVES.map((move) => clampUnit(alone(i, text) + move));
    out.push(tries.find((value) => nearness(value) >= 1) ?? tries.reduce((best, value) => (nearness(value) > nearness(best) ? value : best)));
  }
  return out;
}

/** A letter as it is drawn where it stands: heights of its own, and its rise over the line. */
export function bounced(place: number, stance: number, text: string, amount: number, m: Measures): Bounced {
  const tall = TALL.test(text);
  const body = tall ? 1 : 1 + amount * BOUNDS.body * 0.5 * (noise(place, text, 1) - stance);
  const drop = DROPS.test(text) ? Math.min(1, Math.max(0, 0.6 * noise(place, text, 2) - 0.55 * stance)) : 0;
  const X: NibWidths = m.X * body;
  const rise = (tall ? TALL_SHARE : 1) * amount * BOUNDS.rise * m.X * stance;
  const room = ROOM * m.X;
  const ascender = X + (m.A - m.X) * (1 + amount * BOUNDS.ascender * noise(place, text, 4));
  const descender = m.D * (1 + amount * BOUNDS.descender * Math.abs(noise(place, text, 3)));
  return {
    rise,
    measures: {
      ...m,
      X,
      T: X - m.half(),
      A: Math.min(ascender, m.A + room - rise),
      D: Math.max(descender, m.D - room - rise),
      F: m.B - amount * BOUNDS.foot * m.X * drop,
    },
  };
}

const known = new WeakMap<readonly string[], readonly number[]>();

/** The way of round cursive hands to leave the line. */
export function cursiveBounce(place: number, texts: readonly string[], amount: number, m: Measures): Bounced {
  const all = known.get(texts) ?? stances(texts);
  known.set(texts, all);
  return bounced(place, all[place] ?? 0, texts[place] ?? '', amount, m);
}
