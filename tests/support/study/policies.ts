import { numbersFrom } from '@/core/measure/seeded';
import type { Learner } from '@/core/study/learner';
import { afterRating, type Grade, type Memory } from '@/core/study/memory';
import { MINUTES, NEW_LETTER_MINUTES, planSession } from '@/core/study/plan';
import type { Unit } from '@/core/study/unit';

/** A way to choose what is practised on a day. */
export interface Policy {
  readonly name: string;
  readonly choose: (
    day: number,
    minutes: number,
  ) => readonly { readonly unit: Unit; readonly minutes: number }[];
  readonly rated: (unit: Unit, grade: Grade, day: number) => void;
  /** How many days the latest of what is due is late. */
  readonly late?: (day: number) => number;
}

const DAY = 86_400_000;

/** Midday of a day of a simulation. */
export const dateOf = (day: number): Date => new Date(Date.UTC(2026, 0, 1 + day, 12));

const minutesFor = (unit: Unit, known: ReadonlySet<string>): number =>
  unit.kind === 'letter' && !known.has(unit.key) ? NEW_LETTER_MINUTES : MINUTES[unit.kind];

/** The scheduler. */
export function planned(curriculum: readonly Unit[]): Policy {
  const memories = new Map<string, Memory>();
  return {
    name: 'planned',
    choose: (day, minutes) => planSession(curriculum, memories, { minutes, now: dateOf(day) }).steps,
    rated: ({ key }, grade, day) => {
      memories.set(key, afterRating(memories.get(key), { grade, at: dateOf(day), off: [] }));
    },
    late: (day) =>
      Math.max(
        0,
        ...[...memories.values()].map(({ due }) => (dateOf(day).getTime() - Date.parse(due)) / DAY),
      ),
  };
}

/** From the first unit to the last, and round again: a copybook. */
export function inOrder(curriculum: readonly Unit[]): Policy {
  const known = new Set<string>();
  let next = 0;
  return {
    name: 'in order',
    choose: (_, minutes) => {
      const chosen: { unit: Unit; minutes: number }[] = [];
      let left = minutes;
      for (let tried = 0; tried < curriculum.length; tried++) {
        const unit = curriculum[next] as Unit;
        const needed = minutesFor(unit, known);
        if (needed > left) break;
        chosen.push({ unit, minutes: needed });
        left -= needed;
        next = (next + 1) % curriculum.length;
      }
      return chosen;
    },
    rated: ({ key }) => known.add(key),
  };
}

/** Whatever comes to mind. */
export function atRandom(curriculum: readonly Unit[], seed: number): Policy {
  const random = numbersFrom(seed);
  const known = new Set<string>();
  return {
    name: 'at random',
    choose: (_, minutes) => {
      const chosen: { unit: Unit; minutes: number }[] = [];
      let left = minutes;
      for (let tries = 0; tries < 40 && left > 0; tries++) {
        const unit = curriculum[Math.floor(random() * curriculum.length)] as Unit;
        const needed = minutesFor(unit, known);
        if (needed > left || chosen.some((one) => one.unit.key === unit.key)) continue;
        chosen.push({ unit, minutes: needed });
        left -= needed;
      }
      return chosen;
    },
    rated: ({ key }) => known.add(key),
  };
}

/** What came of a year. */
export interface Year {
  /** Letters that would go right at the end. */
  readonly held: number;
  readonly minutes: number;
  /** Longest time a unit stood due and was not written, in days; only the scheduler knows what is due. */
  readonly longestLate: number;
}

/** A skill that goes right three times in four is held. */
const HELD = 0.75;

/** A learner's year under a policy: the days they write, for so many minutes. */
export function yearOf(
  learner: Learner,
  policy: Policy,
  curriculum: readonly Unit[],
  days: readonly { readonly day: number; readonly minutes: number }[],
): Year {
  let spent = 0;
  let longestLate = 0;
  for (const { day, minutes } of days) {
    for (const { unit, minutes: needed } of policy.choose(day, minutes)) {
      spent += needed;
      policy.rated(unit, learner.practise(unit, day), day);
    }
    longestLate = Math.max(longestLate, policy.late?.(day) ?? 0);
  }
  const end = days.at(-1)?.day ?? 0;
  const held = curriculum.filter(
    ({ kind, key }) => kind === 'letter' && learner.skill(key, end) >= HELD,
  ).length;
  return { held, minutes: spent, longestLate };
}
