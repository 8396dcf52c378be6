import { expect, it } from 'vitest';
import { dateAndTime, dateWithWeekday, dayAndMonth, deadline, fullDate, middayOf, shortDate } from './dates';

// Without a zone a moment is of this machine's clock, so that the test holds anywhere.
const EVENING = '2026-10-05T20:05:00';

it('days and times are written as British English does', () => {
  expect(dayAndMonth(EVENING)).toBe('5 October');
  expect(fullDate(EVENING)).toBe('5 October 2026');
  expect(shortDate(EVENING)).toBe('5 Oct 2026');
  expect(dateWithWeekday(EVENING)).toBe('Monday 5 October 2026');
  expect(dateAndTime(EVENING)).toBe('5 October 2026 at 20:05');
  expect(deadline(EVENING)).toBe('Mon 5 Oct, 20:05');
});

it('a calendar day is that day, and midnight is no hour 24', () => {
  expect(fullDate(middayOf('2026-03-29'))).toBe('29 March 2026');
  expect(deadline('2026-10-05T00:30:00')).toContain('00:30');
});
