import { numbersFrom } from '../measure/seeded';
import { GRADES, type Grade } from './memory';
import type { Unit } from './unit';

/** How a made-up learner learns and forgets; drawn for each of them. Not the scheduler's own model: tests must not measure themselves. */
interface Nature {
  /** Fraction of the remaining skill that one practice gains. */
  readonly step: number;
  /** Days after which half a skill is gone when it was written once. */
  readonly halfLife: number;
  /** Factor on that gain for practising on time. */
  readonly gain: number;
  /** Fraction of a letter's gain that its family receives. */
  readonly transfer: number;
  /** Chance of judging oneself a step too kindly or too hard. */
  readonly blur: number;
}

/** A simulated learner, whose skills grow with practice and fade without it. */
export interface Learner {
  /** Practises a unit on a day, and rates it. */
  readonly practise: (unit: Unit, day: number) => Grade;
  /** The true chance that a unit would go right on a day. */
  readonly skill: (key: string, day: number) => number;
}

interface Skill {
  half: number;
  /** How well it can be done when fresh: approaches 1 by practice. */
  top: number;
  last: number;
}

/** Skill below which a row is off, and below which it is near. */
const OFF = 0.35;
const NEAR = 0.6;
/** Minimum skill of a prerequisite. */
const READY = 0.3;
/** Factor on the gain of a letter that is practised before its stroke. */
const UNREADY = 0.5;
/** Maximum half-life of a skill without practice, in days. */
const LONGEST_HALF = 200;
/** Difficulty of each unit for a learner, drawn independently. */
const EASE = { low: 0.4, high: 1.3 } as const;

export function madeUpLearner(seed: number): Learner {
  const random = numbersFrom(seed);
  const between = (low: number, high: number) => low + random() * (high - low);
  const nature: Nature = {
    step: between(0.15, 0.4),
    halfLife: between(2, 6),
    gain: between(1.3, 2),
    transfer: between(0.05, 0.2),
    blur: between(0, 0.2),
  };
  const skills = new Map<string, Skill>();
  const eases = new Map<string, number>();
  const easeOf = (key: string): number => {
    const ease = eases.get(key) ?? between(EASE.low, EASE.high);
    eases.set(key, ease);
    return ease;
  };
  const families = new Map<string, Set<string>>();
  const skill = (key: string, day: number): number => {
    const one = skills.get(key);
    return one ? one.top * 2 ** (-(day - one.last) / one.half) : 0;
  };
  const strengthen = (key: string, day: number, share: number) => {
    const step = nature.step * share * easeOf(key);
    const one = skills.get(key);
    if (!one) {
      skills.set(key, { half: nature.halfLife, top: step, last: day });
      return;
    }
    // Practice makes a skill last most when about half of it has gone: less the moment after, and little when nothing is
    // left to build on (the spacing effect; desirable difficulty).
    const there = 2 ** (-(day - one.last) / one.half);
    const spaced = 4 * there * (1 - there);
    one.half = Math.min(LONGEST_HALF, one.half * (1 + (nature.gain - 1) * share * easeOf(key) * spaced));
    one.top += (1 - one.top) * step;
    if (share === 1) one.last = day;
  };
  const practise = (unit: Unit, day: number): Grade => {
    const ready = unit.needs.every((need) => skill(need, day) > READY);
    const share = ready ? 1 : UNREADY;
    strengthen(unit.key, day, share);
    // Practice of a unit also raises the other skills of its family a little.
    const family = families.get(unit.family) ?? new Set();
    families.set(unit.family, family.add(unit.key));
    for (const other of family) if (other !== unit.key) strengthen(other, day, nature.transfer);
    const went = skill(unit.key, day) * share;
    const seen = went + (random() < nature.blur ? between(-0.25, 0.25) : 0);
    if (seen < OFF) return GRADES.off;
    return seen < NEAR ? GRADES.near : GRADES.right;
  };
  return { practise, skill };
}
