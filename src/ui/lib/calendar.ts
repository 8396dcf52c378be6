import { createEvents, type DateTime, type EventAttributes } from 'ics';

/** A step of work with its times. */
export interface CalendarStep {
  readonly title: string;
  readonly start: Date;
  readonly end: Date;
}

const utc = (date: Date): DateTime => [
  date.getUTCFullYear(),
  date.getUTCMonth() + 1,
  date.getUTCDate(),
  date.getUTCHours(),
  date.getUTCMinutes(),
];

/**
 * Steps as an iCalendar file, times in UTC.
 * @throws Error when the calendar library refuses them.
 */
export function calendarOf(steps: readonly CalendarStep[]): string {
  const events = steps.map(
    ({ title, start, end }): EventAttributes => ({
      // A line break in a title would begin a line of its own in the file.
      title: title.replace(/[\r\n\u2028\u2029]+/g, ' '),
      start: utc(start),
      startInputType: 'utc',
      end: utc(end),
      endInputType: 'utc',
      productId: 'elvane',
    }),
  );
  const { error, value } = createEvents(events);
  if (error || !value) throw error ?? new Error('The calendar could not be made.');
  return value;
}
