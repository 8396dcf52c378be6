import { colourName } from '@/core/drawing/colourName';
import { ALL_FACTS, type AnyFact, factsOf } from '@/core/kit/facts';
import type { Item } from '@/core/kit/item';
import { lookUp } from '@/core/measure/lookUp';

/** Parses a typed number: null when empty, the number, or the text itself, which the server refuses with the name of the fact. */
export function enteredNumber(entered: string): number | string | null {
  if (entered === '') return null;
  const number = Number(entered.replace(',', '.'));
  return Number.isFinite(number) ? number : entered;
}

/** Characters of a day in a moment: “2026-11-27”. */
const DAY = 10;

const OTHER_NAMES: Readonly<Record<string, string>> = { label: 'Name', note: 'Note', photo: 'Photo' };

/** What a fact is called. */
export const factName = (key: string): string =>
  ALL_FACTS.find((fact) => fact.key === key)?.name ?? lookUp(OTHER_NAMES, key) ?? 'A fact';

/** A unit as it stands behind a number in the summary. */
const unitAfter = (unit: string): string =>
  unit === 'of 5' ? '' : unit === '°' ? unit : ` ${unit.replace(' radius', '')}`;

/** A fact of a thing in words, where it stands by itself. */
function said({ key, asked }: AnyFact, item: Item): string {
  const value = item[key];
  if (value === null || value === '') return 'not known';
  if (asked.kind === 'flag') return value === true ? 'yes' : 'no';
  if (asked.kind === 'colour') return colourName(String(value));
  if (asked.kind === 'time') return String(value).slice(0, DAY);
  return asked.kind === 'number' ? `${value} ${asked.unit}`.trim() : String(value);
}

/** A fact of two things beside each other; undefined where a thing of that kind has none. */
export interface Beside {
  readonly name: string;
  readonly values: readonly [string | undefined, string | undefined];
  readonly same: boolean;
}

/** Two things beside each other, fact by fact: what differs first. */
export function sideBySide(one: Item, other: Item): Beside[] {
  const facts = ALL_FACTS.filter(({ of }) => of(one.kind) || of(other.kind));
  const rows = facts.map((fact): Beside => {
    const of = (item: Item) => (fact.of(item.kind) ? said(fact, item) : undefined);
    const values = [of(one), of(other)] as const;
    return { name: fact.name, values, same: values[0] === values[1] };
  });
  return [...rows.filter(({ same }) => !same), ...rows.filter(({ same }) => same)];
}

/** The facts of a thing in one line, for the table. */
export function summary(item: Item): string {
  const parts = factsOf(item.kind).flatMap(({ key, name, short, asked }) => {
    const value = item[key];
    if (value === null || value === '' || value === 0 || short === null) return [];
    if (asked.kind === 'flag') return value === true ? [name.toLowerCase()] : [];
    if (asked.kind === 'colour') return [colourName(String(value))];
    const unit = asked.kind === 'number' ? unitAfter(asked.unit) : '';
    return [`${short ? `${short} ` : ''}${value}${unit}`];
  });
  return parts.slice(0, 4).join(', ');
}
