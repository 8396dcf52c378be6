import { colourName } from '@/core/drawing/colourName';
import { CUTS, FLEXES, HOLDER_TYPES, INK_KINDS, SIZINGS, SURFACES, TONES, WEARS } from '@/core/kit/choices';
import type { Item } from '@/core/kit/item';
import { type ItemKind, itemKinds } from '@/core/kit/itemKinds';
import type { KindOfTool } from '@/core/kit/kinds/kind';
import { toolOf } from '@/core/kit/kinds/registry';
import { lookUp } from '@/core/measure/lookUp';

/** How a fact is asked for. */
export type Fact =
  | { readonly key: keyof Item; readonly name: string; readonly kind: 'number'; readonly unit: string }
  | {
      readonly key: keyof Item;
      readonly name: string;
      readonly kind: 'choice';
      readonly choices: readonly string[];
    }
  | { readonly key: keyof Item; readonly name: string; readonly kind: 'flag' }
  | { readonly key: keyof Item; readonly name: string; readonly kind: 'text' | 'colour' };

const number = (key: keyof Item, name: string, unit: string): Fact => ({ key, name, kind: 'number', unit });
const choice = (key: keyof Item, name: string, choices: readonly string[]): Fact => ({
  key,
  name,
  kind: 'choice',
  choices,
});
const flag = (key: keyof Item, name: string): Fact => ({ key, name, kind: 'flag' });
const text = (key: keyof Item, name: string): Fact => ({ key, name, kind: 'text' });

const INK_COLOUR: Fact = { key: 'colour', name: 'Colour of the ink', kind: 'colour' };
const WIDTH = number('width', 'Width', 'mm');
/** An edge is cut, and worn by use; a point or a pencil has neither to speak of. */
const EDGE: readonly Fact[] = [choice('cut', 'Cut', CUTS), number('cutDegrees', 'Degrees of the cut', '°')];
const WEAR = choice('wear', 'Wear', WEARS);
const HOURS = number('hours', 'Hours written', 'h');
/** Facts that a kind of tool asks for by name. */
const ASKED: Readonly<Record<NonNullable<KindOfTool['asks']>[number], Fact>> = {
  flex: choice('flex', 'Flexibility', FLEXES),
  bent: flag('bent', 'Bent to its own angle (elbow nib)'),
  colour: INK_COLOUR,
  fitting: text('fitting', 'Cartridges it takes'),
};
const SEATED: readonly Fact[] = [
  number('shankRadius', 'Radius of the shank’s arc', 'mm'),
  number('shankWidth', 'Width of the shank', 'mm'),
  flag('reservoir', 'Has a reservoir'),
  flag('coated', 'Coating still on'),
];
const HOLDER: readonly Fact[] = [
  choice('holderType', 'Type', HOLDER_TYPES),
  number('fitsRadiusFrom', 'Takes arcs from', 'mm radius'),
  number('fitsRadiusTo', 'Takes arcs to', 'mm radius'),
  number('fitsWidthTo', 'Widest shank it takes', 'mm'),
  number('flangeTurn', 'Turn of the flange', '°'),
  number('grip', 'Diameter of the grip', 'mm'),
];
const INK: readonly Fact[] = [
  choice('inkKind', 'Kind', INK_KINDS),
  number('wetness', 'Wetness', 'of 5'),
  number('opacity', 'Opacity', 'of 5'),
  INK_COLOUR,
  flag('light', 'A light ink, for dark paper'),
  flag('waterproof', 'Waterproof'),
  text('fitting', 'Cartridge fitting, if it is one'),
  number('millilitres', 'Left', 'ml'),
];
const PAPER: readonly Fact[] = [
  choice('surface', 'Surface', SURFACES),
  choice('sizing', 'Sizing', SIZINGS),
  number('grams', 'Weight', 'g/m²'),
  choice('tone', 'Colour', TONES),
  number('paperWidth', 'Width', 'mm'),
  number('paperHeight', 'Height', 'mm'),
];

/** The facts that matter for a kind of thing, in the order they are asked for. */
export function factsOf(kind: ItemKind): readonly Fact[] {
  if (kind === 'holder') return HOLDER;
  if (kind === 'ink') return INK;
  if (kind === 'paper') return PAPER;
  const tool = toolOf(kind);
  if (!tool) return [];
  return [
    WIDTH,
    ...(tool.edge === 'cut' ? EDGE : []),
    ...(tool.supply === 'none' ? [] : [WEAR]),
    HOURS,
    ...(tool.asks ?? []).map((fact) => ASKED[fact]),
    ...(tool.seated ? SEATED : []),
  ];
}

/** A number as it was typed: none, the number, or what was typed, which the server refuses by the fact's name. */
export function enteredNumber(entered: string): number | string | null {
  if (entered === '') return null;
  const number = Number(entered.replace(',', '.'));
  return Number.isFinite(number) ? number : entered;
}

const OTHER_NAMES: Readonly<Record<string, string>> = { label: 'Name', note: 'Note', photo: 'Photo' };

/** What a fact is called. */
export const factName = (key: string): string =>
  itemKinds()
    .flatMap(factsOf)
    .find((fact) => fact.key === key)?.name ??
  lookUp(OTHER_NAMES, key) ??
  'A fact';

/** Facts that mean nothing without a word before them. */
const SHORT: Readonly<Partial<Record<keyof Item, string>>> = {
  shankRadius: 'arc',
  shankWidth: 'shank',
  fitsRadiusFrom: 'arcs from',
  fitsRadiusTo: 'arcs to',
  fitsWidthTo: 'shanks to',
  flangeTurn: 'flange',
  grip: 'grip',
  wetness: 'wetness',
  opacity: 'opacity',
};

/** The facts of a thing in one line, for the table. */
export function summary(item: Item): string {
  const parts = factsOf(item.kind).flatMap((fact) => {
    const value = item[fact.key];
    if (
      value === null ||
      value === '' ||
      value === 0 ||
      fact.key === 'width' ||
      fact.key === 'hours' ||
      fact.key === 'wear'
    )
      return [];
    if (fact.kind === 'flag') return value === true ? [fact.name.toLowerCase()] : [];
    if (fact.kind === 'colour') return [colourName(String(value))];
    const short = SHORT[fact.key];
    const unit = fact.kind === 'number' && fact.unit !== 'of 5' ? ` ${fact.unit.replace(' radius', '')}` : '';
    return [`${short ? `${short} ` : ''}${value}${unit}`];
  });
  return parts.slice(0, 4).join(', ');
}
