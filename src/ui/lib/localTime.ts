import { formatISO } from 'date-fns';

/** A time with its local offset, so that an evening stays an evening wherever it is read. */
export const wallClock = (moment = new Date()): string => formatISO(moment);
