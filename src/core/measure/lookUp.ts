/**
 * What a record itself holds under a text; undefined where it holds nothing. Indexing a plain object with a text that somebody typed
 * also finds what every object inherits: `constructor`, `__proto__`, `valueOf` (tests/unit/textKeys.test.ts).
 */
export const lookUp = <Value>(record: Readonly<Record<string, Value>>, text: string): Value | undefined =>
  Object.hasOwn(record, text) ? record[text] : undefined;
