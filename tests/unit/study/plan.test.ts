import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { whyOf } from '@/core/study/explain';
import { afterRating, chanceOf, GRADES, type Grade, isKnown, type Memory } from '@/core/study/memory';
import { AWAY_DAYS, type Memories, planSession } from '@/core/study/plan';
import { keyOf } from '@/core/study/unit';
import { meanOf, years } from '../../support/study/compare';
import { CURRICULUM } from '../../support/study/italic';

const DAY = 86_400_000;
const NOW = new Date('2026-11-27T18:00:00.000Z');
const before = (days: number) => new Date(NOW.getTime() - days * DAY);

const rated = (days: number, grade: Grade, memory?: Memory) =>
  afterRating(memory, { grade, at: before(days), off: [] });

/** Anything a scribe may have done: some units written, at any time, with any luck. */
const anyMemories: fc.Arbitrary<Memories> = fc
  .array(
    fc.record({
      unit: fc.nat(CURRICULUM.length - 1),
      times: fc.array(
        fc.record({ days: fc.integer({ min: 0, max: 400 }), grade: fc.constantFrom<Grade>(1, 2, 3) }),
        { minLength: 1, maxLength: 5 },
      ),
    }),
    { maxLength: 60 },
  )
  .map((list) => {
    const memories = new Map<string, Memory>();
    for (const { unit, times } of list) {
      let memory: Memory | undefined;
      for (const { days, grade } of [...times].sort((a, b) => b.days - a.days))
        memory = rated(days, grade, memory);
      if (memory) memories.set(CURRICULUM[unit]?.key ?? '', memory);
    }
    return memories;
  });

const minutesOf = (steps: readonly { readonly minutes: number }[]) =>
  steps.reduce((sum, { minutes }) => sum + minutes, 0);

describe('a plan', () => {
  it('never takes more than the time given, and nothing twice', () => {
    fc.assert(
      fc.property(anyMemories, fc.integer({ min: 1, max: 90 }), fc.boolean(), (memories, minutes, warmUp) => {
        const { steps } = planSession(CURRICULUM, memories, { minutes, warmUp, now: NOW });
        expect(minutesOf(steps)).toBeLessThanOrEqual(minutes);
        const keys = steps.map(({ unit }) => unit.key);
        expect(new Set(keys).size).toBe(keys.length);
        if (warmUp) expect(steps.every(({ unit }) => unit.kind === 'stroke')).toBe(true);
      }),
    );
  });

  it('brings few new letters, none before what it is made of, and in the order of work', () => {
    fc.assert(
      fc.property(anyMemories, fc.constantFrom(10, 20, 40), (memories, minutes) => {
        const { steps, gentle } = planSession(CURRICULUM, memories, { minutes, now: NOW });
        const fresh = steps.filter(({ reason }) => reason === 'new');
        const letters = fresh.filter(({ unit }) => unit.kind === 'letter');
        expect(letters.length).toBeLessThanOrEqual(1 + minutes / 10);
        if (gentle) expect(fresh).toEqual([]);
        const before = new Set<string>();
        for (const { unit, reason } of steps) {
          if (reason === 'new')
            for (const need of unit.needs)
              expect(isKnown(memories.get(need)) || before.has(need), need).toBe(true);
          before.add(unit.key);
        }
        const order = ['stroke', 'letter', 'rhythm', 'join', 'word'];
        const ranks = steps.map(({ unit }) => order.indexOf(unit.kind));
        expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
      }),
    );
  });

  it('begins a hand with its first stroke, then its first letters', () => {
    const first = planSession(CURRICULUM, new Map(), { minutes: 10, now: NOW });
    expect(first.steps[0]?.unit.key).toBe('stroke:stems');
    // Nobody is sent away after two drills: what is made of the first stroke comes the same day.
    expect(first.steps.map(({ unit }) => unit.key)).toEqual(
      expect.arrayContaining(['stroke:stems', 'letter:i', 'stroke:arches', 'letter:n']),
    );
    expect(minutesOf(first.steps)).toBeGreaterThanOrEqual(8);
    expect(whyOf(first, CURRICULUM, new Map(), NOW)).toBe('i and n are new; their strokes come first.');
    const known = new Map([['stroke:stems', rated(1, GRADES.right)]]);
    const second = planSession(CURRICULUM, known, { minutes: 10, now: NOW });
    const fresh = second.steps.filter(({ reason, unit }) => reason === 'new' && unit.kind === 'letter');
    expect(fresh.map(({ unit }) => unit.of)).toEqual(['i', 'l']);
  });

  it('a letter that was off brings its stroke first, and says so', () => {
    const memories = new Map([
      [keyOf('stroke', 'arches'), rated(2, GRADES.right)],
      [keyOf('stroke', 'stems'), rated(30, GRADES.right)],
      [
        keyOf('letter', 'n'),
        afterRating(rated(9, GRADES.near), { grade: GRADES.off, at: before(5), off: ['feet', 'feet'] }),
      ],
    ]);
    const plan = planSession(CURRICULUM, memories, { minutes: 10, now: NOW });
    const keys = plan.steps.map(({ unit }) => unit.key);
    expect(keys.indexOf('stroke:arches')).toBeGreaterThanOrEqual(0);
    expect(keys.indexOf('stroke:arches')).toBeLessThan(keys.indexOf('letter:n'));
    const why = whyOf(plan, CURRICULUM, memories, NOW);
    expect(why).toContain(
      'Off last time: n (n: heads and feet left the lines, twice); its stroke comes first',
    );
    expect(why).toContain('m, h and r share the stroke of n');
  });

  it('after weeks away it begins gently: nothing new, what is likeliest there first', () => {
    const memories = new Map<string, Memory>();
    const letters = CURRICULUM.filter(({ kind }) => kind === 'letter').slice(0, 12);
    for (const [i, { key, needs }] of letters.entries()) {
      memories.set(key, rated(AWAY_DAYS + 2 + i, i % 3 === 0 ? GRADES.off : GRADES.right));
      for (const need of needs) memories.set(need, rated(AWAY_DAYS + 2, GRADES.right));
    }
    const plan = planSession(CURRICULUM, memories, { minutes: 10, now: NOW });
    expect(plan.gentle).toBe(true);
    expect(plan.steps.some(({ reason }) => reason === 'new')).toBe(false);
    expect(whyOf(plan, CURRICULUM, memories, NOW)).toMatch(
      /^You were away for three weeks: nothing new today/,
    );
    const taken = plan.steps.filter(({ unit }) => unit.kind === 'letter');
    const left = letters.filter(({ key }) => !taken.some(({ unit }) => unit.key === key));
    const chance = (key: string) => chanceOf(memories.get(key) as Memory, NOW);
    expect(Math.min(...taken.map(({ unit }) => chance(unit.key)))).toBeGreaterThanOrEqual(
      Math.min(...left.map(({ key }) => chance(key))),
    );
  });

  it('what waits too long comes before anything else, however dear the rest is', () => {
    const memories = new Map<string, Memory>();
    for (const { key, kind } of CURRICULUM)
      if (kind === 'letter' || kind === 'stroke') memories.set(key, rated(9, GRADES.off));
    const join = CURRICULUM.find(({ kind }) => kind === 'join')?.key ?? '';
    memories.set(join, rated(60, GRADES.near));
    const { steps } = planSession(CURRICULUM, memories, { minutes: 10, now: NOW });
    expect(steps.map(({ unit }) => unit.key)).toContain(join);
  });
});

describe('a year of a hundred made-up learners', () => {
  const year = { learners: 100, aWeek: 3, minutes: 10 };
  const plans = years('planned', CURRICULUM, year);
  const held = meanOf(plans.map((one) => one.held));
  const perMinute = (list: typeof plans) => meanOf(list.map((one) => one.held / one.minutes));

  it.each(['in order', 'at random'] as const)(
    'planned, holds at least a quarter more letters a minute than %s',
    (name) => {
      expect(perMinute(plans)).toBeGreaterThan(1.25 * perMinute(years(name, CURRICULUM, year)));
      expect(held).toBeGreaterThan(15);
    },
  );

  it('starves nothing: what is due is written within six weeks, three days a week of ten minutes', () => {
    expect(Math.max(...plans.map((one) => one.longestLate))).toBeLessThanOrEqual(42);
  });
});
