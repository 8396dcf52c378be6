import { USUAL } from '../hand/letter';
import type { Ground } from './ground';

/** Families of a hand's letters with their usual shapes, in the order they are taught. */
export function familiesOf({ face }: Pick<Ground, 'face'>): ReadonlyMap<string, readonly string[]> {
  const families = new Map<string, string[]>();
  for (const [text, shapes] of face?.shapes ?? []) {
    const usual = shapes.find(({ letter }) => letter.variant === USUAL);
    if (!usual) continue;
    const { family } = usual.letter;
    families.set(family, [...(families.get(family) ?? []), text]);
  }
  return families;
}
