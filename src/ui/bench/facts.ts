import { colourName } from '@/core/drawing/colourName';
import { ALL_FACTS, factsOf } from '@/core/kit/facts';
import type { Item } from '@/core/kit/item';
import { lookUp } from '@/core/measure/lookUp';

/** Parses a typed number: null when empty, the number, or the text itself, which the server refuses with the name of the fact. */
export function enteredNumber(entered: string): number | string | null {
  if (entered === '') return null;
  const number = Number(entered.replace(',', '.'));
  return Number.isFinite(number) ? number : entered;
}

const OTHER_NAMES: Readonly<Record<string, string>> = { label: 'Name', note: 'Note', photo: 'Photo' };

/** What a fact is called. */
export const factName = (key: string): string =>
  ALL_FACTS.find((fact) => fact.key === key)?.name ?? lookUp(OTHER_NAMES, key) ?? 'A fact';

/** A unit as it stands behind a number in the summary. */
const unitAfter = (unit: string): string =>
  unit === 'of 5' ? '' : unit === '°' ? unit : ` ${unit.replace(' radius', '')}`;

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
