import { amount, counted, inWords } from '../measure/words';
import type { Hand } from './hand';

/** What the heights of a hand are counted in, in words. */
const UNITS = { nib: 'nib widths', ratio: 'units', mm: 'mm', dots: 'dots' } as const;
const ONE = { nib: 'nib width', ratio: 'unit', mm: 'mm', dots: 'dot' } as const;

export const heightUnit = ({ basis }: Pick<Hand, 'basis'>): string => UNITS[basis];

/** “1 nib width”, “2.5 mm”, “4.2 dots”, as a measured height is read off. */
export const heightAmount = ({ basis }: Pick<Hand, 'basis'>, value: number, digits = 2): string =>
  amount(value, ONE[basis], digits, UNITS[basis]);

/** “one nib width”, “2.5 mm”, “four dots”. */
export const heightInWords = ({ basis }: Pick<Hand, 'basis'>, value: number): string =>
  basis === 'mm' ? `${inWords(value)} mm` : counted(value, ONE[basis], UNITS[basis]);
