import type { z } from 'zod';
import { Problem } from './problem';

/** What is being read, for sentences: "The recipe’s “width” is missing …". */
interface Reading {
  /** With its article: "the recipe". */
  readonly what: string;
  /** Prefix of an error message that names the place in the data. */
  readonly where?: (path: readonly PropertyKey[]) => string;
}

/** Longest name of a strange field that is repeated, and most of them. */
const NAME = 40;
const MOST_NAMES = 5;
/** Names are quoted, never as markup. */
const quoted = (name: string) => `“${name.replace(/[<>]/g, '').slice(0, NAME)}”`;

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** The first thing wrong with untrusted data, as a sentence a person can act on. */
export function problemOf(error: z.ZodError, { what, where }: Reading): Problem {
  const [issue] = error.issues;
  const [, noun = what] = what.split(' ');
  if (!issue) return new Problem(noun, `${capital(what)} could not be read.`);
  const field = issue.path.join('.') || noun;
  const before = where?.(issue.path) ?? '';
  if (issue.code === 'unrecognized_keys') {
    const names = issue.keys.slice(0, MOST_NAMES).map(quoted).join(', ');
    const [inside] = issue.path.filter((part) => typeof part === 'string');
    const owner = inside === undefined ? capital(what) : `${capital(what)}’s “${String(inside)}”`;
    const has = before
      ? `${before}Elvane does not know the fields ${names}.`
      : `${owner} has fields that Elvane does not know: ${names}.`;
    return new Problem(field, has);
  }
  if (issue.message.startsWith('Invalid')) {
    const named = before ? `${before}“${field}”` : `${capital(what)}’s “${field}”`;
    return new Problem(field, `${named} is missing or of the wrong kind.`);
  }
  return new Problem(field, `${before}${issue.message}`);
}

/**
 * Reads untrusted data by a schema.
 * @throws Problem naming the first field that is wrong.
 */
export function read<T>(schema: z.ZodType<T>, data: unknown, reading: Reading): T {
  const result = schema.safeParse(data);
  if (result.success) return result.data;
  throw problemOf(result.error, reading);
}
