/** What the code of a printed page says: which print, which of its pages, and a check that it is that page. */
export interface PageCode {
  /** Ten characters of CODE_LETTERS. */
  readonly id: string;
  readonly page: number;
  readonly of: number;
  /** `pageHash` of the page that was drawn. */
  readonly hash: string;
}

/** Digits and capitals that are not taken for one another: what a code can hold in its densest form. */
const CODE_LETTERS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
export const ID_LENGTH = 10;
const HASH_LENGTH = 7;
const MAGIC = 'ELV1';

export const PRINT_ID = new RegExp(`^[${CODE_LETTERS}]{${ID_LENGTH}}$`);

/** At most 34 characters of the dense alphabet: a code of 25 modules at level M. */
export const codeText = ({ id, page, of, hash }: PageCode): string => `${MAGIC}:${id}:P${page}/${of}:${hash}`;

/** What a code says; undefined for a code that is not one of Elvane's. */
export function readCode(text: string): PageCode | undefined {
  const parts = /^ELV1:([0-9A-Z]{10}):P(\d{1,4})\/(\d{1,4}):([0-9A-Z]{7})$/.exec(text);
  if (!parts) return undefined;
  const [, id = '', page, of, hash = ''] = parts;
  return PRINT_ID.test(id) ? { id, page: Number(page), of: Number(of), hash } : undefined;
}

/** An id out of random bytes, of which the low five bits of each count. */
export const printId = (random: Uint8Array): string =>
  Array.from(random.subarray(0, ID_LENGTH), (byte) => CODE_LETTERS[byte & 31]).join('');

/** The id of a copy of a print, by its number: the first has the print's own, and each other one of its own. */
export const copyId = (id: string, copy: number): string =>
  copy === 0 ? id : `${pageHash(`${id}/${copy}`)}${pageHash(`${copy}/${id}`)}`.slice(0, ID_LENGTH);

/** FNV-1a over text, 32 bits, from a given offset basis. */
function fnv(text: string, start: number): number {
  let hash = start;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193) >>> 0;
  return hash;
}

/** Tells one page from another by its data as JSON: 35 bits of two hashes. */
export function pageHash(json: string): string {
  const [low, high] = [fnv(json, 0x811c9dc5), fnv(json, 0x9747b28c)];
  return Array.from({ length: HASH_LENGTH }, (_, i) => {
    const bits = i < 6 ? low >>> (5 * i) : high;
    return CODE_LETTERS[bits & 31];
  }).join('');
}
