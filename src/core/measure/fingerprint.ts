/** FNV-1a, 32 bits: enough to tell one state of a thing from the next, not to stand against somebody who forges one. */
const OFFSET = 0x811c9dc5;
const PRIME = 0x01000193;

/** A short name for a text, computed over its code points: the same text has the same name on every machine. */
export function fingerprint(text: string): string {
  let hash = OFFSET;
  for (const character of text) {
    hash = Math.imul(hash ^ (character.codePointAt(0) ?? 0), PRIME) >>> 0;
  }
  return hash.toString(36);
}
