import fc from 'fast-check';
import papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { HANDS } from '@/core/hands/registry';
import { SEEN } from '@/core/kit/seen';
import { demoLog } from '@/core/log/demoLog';
import { type Session, sessionSchema } from '@/core/log/session';
import { fateOf, LOG_COLUMNS, readSessionRow, sessionRow } from '@/core/log/sessionCsv';
import { dayOn, mondayOf, summaryOf } from '@/core/log/summary';
import { CRITERION_IDS } from '@/core/practice/criteria';
import { RATINGS } from '@/core/study/grade';
import { CURRICULUM, LESSONS, RECIPE } from '../../support/study/italic';

const key = fc.oneof(
  fc.constantFrom(...CURRICULUM.map((unit) => unit.key)),
  fc.string({ maxLength: 12 }).map((of) => `word:${of}`),
);
const part = fc.record({ id: fc.stringMatching(/^[a-z0-9-]{1,20}$/), label: fc.string({ maxLength: 30 }) });
const time = fc
  .date({ min: new Date('2020-01-01'), max: new Date('2035-01-01'), noInvalidDate: true })
  .map((date) => `${date.toISOString().slice(0, 19)}+05:30`);
const anySession: fc.Arbitrary<Session> = fc.record(
  {
    hand: fc.constantFrom(...HANDS.map(({ id }) => id)),
    began: time,
    ended: time,
    minutes: fc.double({ min: 0, max: 600, noNaN: true }).map((minutes) => Math.round(minutes * 10) / 10),
    units: fc.array(key, { maxLength: 6 }),
    checks: fc.uniqueArray(
      fc.record({ criterion: fc.constantFrom(...CRITERION_IDS), rating: fc.constantFrom(...RATINGS) }),
      { maxLength: 5, selector: ({ criterion }) => criterion },
    ),
    wobbled: fc.array(key, { maxLength: 2 }),
    note: fc.oneof(
      fc.string({ maxLength: 60, unit: 'grapheme' }),
      fc.constantFrom('=SUM(A1)', "'quoted", '-5', '@home', 'two\nlines', 'a "quote", and a comma', '‏نجم'),
    ),
    kit: fc.record({ tool: part, ink: part, paper: part }, { requiredKeys: [] }),
    trouble: fc.constantFrom(...SEEN),
    measured: fc.record({
      review: fc.constantFrom('rev-1', 'rev-2'),
      checks: fc.uniqueArray(
        fc.record({ criterion: fc.constantFrom(...CRITERION_IDS), rating: fc.constantFrom(...RATINGS) }),
        { maxLength: 5, selector: ({ criterion }) => criterion },
      ),
      wobbled: fc.array(key, { maxLength: 2 }),
    }),
  },
  { requiredKeys: ['hand', 'began', 'ended', 'minutes', 'units', 'checks', 'wobbled', 'note', 'kit'] },
);

describe('the logbook as a table', () => {
  it('goes out and comes in as it was, whatever was noted', () => {
    fc.assert(
      fc.property(fc.array(anySession, { minLength: 1, maxLength: 4 }), (sessions) => {
        const logged = sessions.map((session, i) => ({
          id: `ses-${i}`,
          session: sessionSchema.parse(session),
        }));
        const text = papa.unparse([[...LOG_COLUMNS], ...logged.map(sessionRow)]);
        const { data } = papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
        expect(data.map((cells) => readSessionRow(cells, 'new'))).toEqual(logged);
        for (const one of logged) expect(fateOf(one.session, one.session)).toBe('same');
      }),
    );
  });

  it('is written though half of a character stands in it', () => {
    const [session] = fc.sample(anySession, 1) as [Session];
    const broken = { ...session, units: ['word:\ud800'], wobbled: ['letter:\udfff'] };
    expect(() => sessionRow({ id: 'a', session: broken })).not.toThrow();
    expect(sessionRow({ id: 'a', session: broken }).join(' ')).toContain(encodeURI('word:\ufffd'));
  });

  it('nothing in it is run by a spreadsheet', () => {
    const [session] = fc.sample(anySession, 1) as [Session];
    const row = sessionRow({ id: 'a', session: { ...session, note: '=1+1', units: [] } });
    for (const cell of row) expect(cell).not.toMatch(/^[=+\-@]/);
  });

  it.each([
    [{ minutes: 'many' }, /“minutes” is “many”, not a number/],
    [{ hand: 'scrawl' }, /hand/i],
    [{ began: 'yesterday' }, /such as 2026-11-27T18:30:00\+01:00/],
    [{ checks: 'feet=awful' }, /“feet=awful” is not a rating/],
    [{ units: 'dance' }, /such as letter:n/],
  ])('a row that cannot be is refused by its column: %o', (cells, message) => {
    const good = { hand: 'italic', began: '2026-11-27T18:00:00+01:00', minutes: '10', units: 'letter:n' };
    expect(() => readSessionRow({ ...good, ...cells }, 'new')).toThrow(message);
    expect(readSessionRow(good, 'new')).toMatchObject({ id: 'new', session: { ended: good.began } });
  });
});

describe('weeks', () => {
  it('a session over midnight belongs to the day it began on, by the clock on the wall', () => {
    expect(dayOn('2026-11-29T23:50:00+13:00')).toBe('2026-11-29');
    expect(mondayOf('2026-11-29')).toBe('2026-11-23');
    expect(mondayOf('2026-11-30')).toBe('2026-11-30');
  });

  it('lose no minute and no rating', () => {
    fc.assert(
      fc.property(fc.array(anySession, { maxLength: 20 }), (sessions) => {
        const summary = summaryOf(sessions);
        const minutes = summary.weeks.flatMap((week) => Object.values(week.minutes).map(Number));
        expect(minutes.reduce((sum, one) => sum + one, 0)).toBeCloseTo(
          sessions.reduce((sum, one) => sum + one.minutes, 0),
          5,
        );
        const ratings = summary.criteria.flatMap(({ weeks }) =>
          weeks.flatMap((week) => Object.values(week.ratings)),
        );
        expect(ratings.reduce((sum, one) => sum + one, 0)).toBe(
          sessions.reduce((sum, one) => sum + one.checks.length, 0),
        );
      }),
    );
  });
});

describe('the log of the demo', () => {
  const now = new Date('2026-11-27T09:00:00.000Z');
  const log = demoLog(RECIPE, LESSONS, now, {});

  it('is ten weeks of evenings with a gap, and the same for ever', () => {
    expect(demoLog(RECIPE, LESSONS, now, {})).toEqual(log);
    expect(log.length).toBeGreaterThan(20);
    const days = log.map(({ session }) => Date.parse(session.began) / 86_400_000);
    const gaps = days.slice(1).map((day, i) => day - (days[i] as number));
    expect(Math.min(...gaps)).toBeGreaterThan(0.5);
    expect(Math.max(...gaps)).toBeGreaterThan(9);
    for (const { session } of log) expect(sessionSchema.parse(session)).toEqual(session);
  });

  it('goes up and down, and up on the whole', () => {
    const points = log.map(({ session }) => {
      const right = session.checks.filter(({ rating }) => rating === 'right').length;
      return right / Math.max(1, session.checks.length);
    });
    const half = Math.floor(points.length / 2);
    const mean = (list: number[]) => list.reduce((sum, one) => sum + one, 0) / list.length;
    expect(mean(points.slice(half))).toBeGreaterThan(mean(points.slice(0, half)));
    expect(points.slice(1).some((point, i) => point < (points[i] as number))).toBe(true);
  });
});
