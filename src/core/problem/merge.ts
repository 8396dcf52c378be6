import { lookUp } from '../measure/lookUp';

/** A change, as three states of one record: as its writer had read it, as the writer leaves it, and as it is stored now. */
interface Change {
  readonly was: unknown;
  readonly mine: unknown;
  readonly theirs: unknown;
}

/** What came of a merge: the record with both changes, or the path of the first field both changed differently. */
export type Merged =
  | { readonly kind: 'merged'; readonly value: unknown }
  | { readonly kind: 'conflict'; readonly path: readonly string[] };

type Fields = Readonly<Record<string, unknown>>;

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Fields in the order of their names: who wrote them down first does not matter. */
const inOrder = (_: string, value: unknown): unknown =>
  isFields(value) ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1))) : value;

/** JSON text that is the same for equal data, whatever the order of its fields. */
export const dataText = (value: unknown): string => JSON.stringify(value, inOrder) ?? '';

/** Equal as JSON, whatever the order of fields. */
export const sameData = (one: unknown, other: unknown): boolean => dataText(one) === dataText(other);

/**
 * Three-way merge of JSON data. What one side left alone takes the other side's change; fields are merged one by one, lists
 * by their members (removed by either side: gone; added by either: there). Only a single value that both changed, and
 * differently, is a conflict.
 */
export function merge(change: Change, path: readonly string[] = []): Merged {
  const { was, mine, theirs } = change;
  if (sameData(mine, theirs) || sameData(mine, was)) return { kind: 'merged', value: theirs };
  if (sameData(theirs, was)) return { kind: 'merged', value: mine };
  if (isFields(mine) && isFields(theirs)) return mergeFields(isFields(was) ? was : {}, mine, theirs, path);
  if (Array.isArray(mine) && Array.isArray(theirs)) {
    return { kind: 'merged', value: mergeLists(Array.isArray(was) ? was : [], mine, theirs) };
  }
  return { kind: 'conflict', path };
}

function mergeFields(was: Fields, mine: Fields, theirs: Fields, path: readonly string[]): Merged {
  const merged: Record<string, unknown> = {};
  for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
    const one = merge({ was: lookUp(was, key), mine: lookUp(mine, key), theirs: lookUp(theirs, key) }, [
      ...path,
      key,
    ]);
    if (one.kind === 'conflict') return one;
    if (one.value !== undefined) merged[key] = one.value;
  }
  return { kind: 'merged', value: merged };
}

function mergeLists(
  was: readonly unknown[],
  mine: readonly unknown[],
  theirs: readonly unknown[],
): unknown[] {
  const [before, here, there] = [was, mine, theirs].map((list) => new Set(list.map(dataText)));
  const kept = theirs.filter((one) => here?.has(dataText(one)) || !before?.has(dataText(one)));
  const added = mine.filter((one) => !before?.has(dataText(one)) && !there?.has(dataText(one)));
  return [...kept, ...added];
}
