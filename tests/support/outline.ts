import { short } from './digest';

/** Plain data as an indented text that a person can read and compare; numbers to three digits, functions left out. */
export function outline(value: unknown, depth = 0): string {
  const pad = '  '.repeat(depth);
  if (Array.isArray(value))
    return value.map((one) => `${pad}- ${outline(one, depth + 1).trimStart()}`).join('\n');
  if (typeof value === 'number') return short(value, 3);
  if (typeof value !== 'object' || value === null) return String(value);
  return Object.entries(value)
    .filter(([, one]) => one !== undefined && typeof one !== 'function')
    .map(([key, one]) => {
      const text = outline(one, depth + 1);
      const nested = typeof one === 'object' && one !== null && text !== '';
      return nested ? `${pad}${key}:\n${text}` : `${pad}${key}: ${text}`;
    })
    .join('\n');
}
