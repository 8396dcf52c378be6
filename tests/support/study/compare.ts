import { numbersFrom } from '@/core/measure/seeded';
import { madeUpLearner } from '@/core/study/learner';
import type { Unit } from '@/core/study/unit';
import { atRandom, inOrder, type Policy, planned, type Year, yearOf } from './policies';

export const POLICIES = ['planned', 'in order', 'at random'] as const;
export type PolicyName = (typeof POLICIES)[number];

/** Days of a year on which somebody writes, on average so many a week. */
export function daysOf(seed: number, aWeek: number, minutes: number) {
  const random = numbersFrom(seed);
  return Array.from({ length: 365 }, (_, day) => day)
    .filter(() => random() < aWeek / 7)
    .map((day) => ({ day, minutes }));
}

const made = (name: PolicyName, curriculum: readonly Unit[], seed: number): Policy =>
  name === 'planned'
    ? planned(curriculum)
    : name === 'in order'
      ? inOrder(curriculum)
      : atRandom(curriculum, seed);

/** A year of so many made-up learners under a policy, one by one: the same learners on the same days under each. */
export const years = (
  name: PolicyName,
  curriculum: readonly Unit[],
  { learners, aWeek, minutes }: { learners: number; aWeek: number; minutes: number },
): Year[] =>
  Array.from({ length: learners }, (_, seed) =>
    yearOf(
      madeUpLearner(seed),
      made(name, curriculum, seed),
      curriculum,
      daysOf(1000 + seed, aWeek, minutes),
    ),
  );

export const meanOf = (numbers: readonly number[]): number =>
  numbers.reduce((sum, one) => sum + one, 0) / numbers.length;
