import { plain } from './units';

const SMALL = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
];

/** A number as it reads in a sentence: whole numbers to twelve and their halves in words, the rest in figures. */
export function inWords(value: number): string {
  const whole = SMALL[value];
  if (whole) return whole;
  const below = SMALL[Math.floor(value)];
  if (value % 1 === 0.5 && value > 1 && below) return `${below} and a half`;
  return plain(value);
}

export const counted = (value: number, one: string, many = `${one}s`): string =>
  `${inWords(value)} ${value === 1 ? one : many}`;

/** A measured amount as it is read off: “1 nib width”, “2.1 nib widths”; one is said of what is shown as 1. */
export function amount(value: number, one: string, digits = 2, many = `${one}s`): string {
  const shown = plain(value, digits);
  return `${shown} ${shown === '1' ? one : many}`;
}

/** “n”, “n and h”, “n, h and m”; each once. */
export function listed(words: readonly string[]): string {
  const all = [...new Set(words)];
  const last = all.at(-1) ?? '';
  return all.length < 2 ? last : `${all.slice(0, -1).join(', ')} and ${last}`;
}

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A thing with its article: "an oblique holder", "a 2 mm nib", "two bound pencils" (which take none). */
export function withArticle(thing: string): string {
  if (/^(two|three) /.test(thing)) return thing;
  // Eight, eleven and eighteen are pronounced with a vowel first.
  return `${/^([aeiou]|8|11(?!\d)|18(?!\d))/i.test(thing) ? 'an' : 'a'} ${thing}`;
}
