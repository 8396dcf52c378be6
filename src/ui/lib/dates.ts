import { formatISO } from 'date-fns';

/** The interface's only locale: British English, as its words are. The platform's own formatters cost no bytes. */
const LOCALE = 'en-GB';

type Moment = string | Date;
const written = (options: Intl.DateTimeFormatOptions) => {
  const formatter = new Intl.DateTimeFormat(LOCALE, options);
  return (moment: Moment): string => formatter.format(new Date(moment));
};

/** A calendar day (`2026-10-26`) as a moment of that day, whatever the time zone. */
export const middayOf = (day: string): Date => new Date(`${day}T12:00:00`);

/** “26 October”. */
export const dayAndMonth = written({ day: 'numeric', month: 'long' });
/** “26 October 2026”. */
export const fullDate = written({ day: 'numeric', month: 'long', year: 'numeric' });
/** “26 Oct 2026”. */
export const shortDate = written({ day: 'numeric', month: 'short', year: 'numeric' });
const weekday = written({ weekday: 'long' });
const shortWeekday = written({ weekday: 'short' });
const shortDay = written({ day: 'numeric', month: 'short' });
const clock = written({ hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });

// Put together here: server and browser may have other ideas of the commas between.
/** “Monday 26 October 2026”. */
export const dateWithWeekday = (moment: Moment): string => `${weekday(moment)} ${fullDate(moment)}`;
/** “26 October 2026 at 20:15”. */
export const dateAndTime = (moment: Moment): string => `${fullDate(moment)} at ${clock(moment)}`;
/** “Mon 26 Oct, 20:15”: a moment to be ready by. */
export const deadline = (moment: Moment): string =>
  `${shortWeekday(moment)} ${shortDay(moment)}, ${clock(moment)}`;

/** A time with its local offset, so that an evening stays an evening wherever it is read. */
export const wallClock = (moment = new Date()): string => formatISO(moment);
