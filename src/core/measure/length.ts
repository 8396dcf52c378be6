import { lookUp } from './lookUp';
import { MM_PER_INCH, type Mm, plain } from './units';

/** Units a length may be written in. */
export type LengthUnit = 'mm' | 'inch';

const MM_PER: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  '"': MM_PER_INCH,
  '″': MM_PER_INCH,
};

/** Vulgar fractions a keyboard may give. */
const FRACTIONS: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** A number, a whole and a fraction, or a fraction; then perhaps a unit. */
const LENGTH = /^(-?\d*[.,]?\d+)?(?:\s*(\d+)\s*\/\s*(\d+))?\s*([a-z"″]*)$/i;

/**
 * A length as people type it, in mm: "12", "5 in", "3/8", "1 1/2 in", "1½", "2 cm". What says no unit is in `unit`.
 * Undefined where it is no length.
 */
export function readLength(text: string, unit: LengthUnit): Mm | undefined {
  const plainText = text
    .trim()
    .replace(/[½¼¾⅛⅜⅝⅞]/g, (sign) => ` ${lookUp(FRACTIONS, sign)}`)
    .trim();
  const found = LENGTH.exec(plainText);
  if (!found) return undefined;
  const [, whole, above, below, said] = found;
  if (whole === undefined && above === undefined) return undefined;
  if (above !== undefined && whole !== undefined && /[.,]/.test(whole)) return undefined;
  if (below !== undefined && Number(below) === 0) return undefined;
  const per = lookUp(
    MM_PER,
    said === undefined || said === '' ? (unit === 'inch' ? 'in' : 'mm') : said.toLowerCase(),
  );
  if (per === undefined) return undefined;
  const number = whole === undefined ? 0 : Number(whole.replace(',', '.'));
  const part = above === undefined ? 0 : Number(above) / Number(below);
  return (number < 0 ? number - part : number + part) * per;
}

/** Fractions of an inch are shown as such when a length is this close to one, in inches. */
const CLOSE = 0.0005;
/** Parts an inch is divided into on a ruler. */
const PARTS = 16;
const PLACES = 3;

/** A length in the unit asked for, without its name: 9.525 mm as inches is "3/8". */
export function sayLength(length: Mm, unit: LengthUnit): string {
  if (unit === 'mm') return plain(length, PLACES);
  const inches = length / MM_PER_INCH;
  const sixteenths = Math.round(inches * PARTS);
  if (Math.abs(inches - sixteenths / PARTS) > CLOSE || sixteenths === 0) return plain(inches, PLACES);
  const whole = Math.trunc(sixteenths / PARTS);
  let [above, below] = [Math.abs(sixteenths % PARTS), PARTS];
  while (above > 0 && above % 2 === 0) {
    above /= 2;
    below /= 2;
  }
  if (above === 0) return String(whole);
  const fraction = `${above}/${below}`;
  return whole === 0 ? (sixteenths < 0 ? `-${fraction}` : fraction) : `${whole} ${fraction}`;
}

/** The same with its unit: "3/8 in", "12 mm". */
export const lengthIn = (length: Mm, unit: LengthUnit): string =>
  `${sayLength(length, unit)} ${unit === 'inch' ? 'in' : 'mm'}`;
