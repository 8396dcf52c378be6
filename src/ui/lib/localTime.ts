import { formatISO } from 'date-fns';

/** A moment with the offset of the clock on the wall: an evening stays an evening wherever it is read. */
export const wallClock = (moment = new Date()): string => formatISO(moment);
