/** “n”, “n and h”, “n, h and m”. */
export function listed(words: readonly string[]): string {
  const all = [...new Set(words)];
  const last = all.at(-1) ?? '';
  return all.length < 2 ? last : `${all.slice(0, -1).join(', ')} and ${last}`;
}

const NUMBERS = [
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

/** Small numbers in words. */
export const inWords = (count: number): string => NUMBERS[count] ?? String(count);
