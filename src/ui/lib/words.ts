import { plain } from '@/core/measure/units';

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
