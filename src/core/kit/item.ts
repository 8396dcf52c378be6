import type { Mm } from '../measure/units';
import { DIP_NIB_EDGE } from '../pen/edge';
import { LIMITS } from '../problem/limits';
import type { Item } from './itemFormat';
import type { ItemKind, ToolKind } from './itemKinds';
import type { Nib, NibKind } from './nib';

export type { Item } from './itemFormat';

/** What is known of a thing nobody has described. */
const NOTHING_KNOWN: Omit<Item, 'id' | 'kind' | 'label'> = {
  note: '',
  archived: false,
  photo: null,
  width: null,
  uncertainty: null,
  measuredAt: null,
  cut: null,
  cutDegrees: null,
  flex: null,
  shankRadius: null,
  shankWidth: null,
  reservoir: null,
  coated: null,
  wear: null,
  hours: 0,
  fitting: null,
  bent: null,
  holderType: null,
  fitsRadiusFrom: null,
  fitsRadiusTo: null,
  fitsWidthTo: null,
  flangeTurn: null,
  grip: null,
  inkKind: null,
  wetness: null,
  opacity: null,
  light: null,
  waterproof: null,
  millilitres: null,
  colour: null,
  surface: null,
  sizing: null,
  grams: null,
  tone: null,
  paperWidth: null,
  paperHeight: null,
};

/** An item of a kind with nothing known about it. */
export const blankItem = (id: string, kind: ItemKind, label: string): Item => ({
  id,
  kind,
  label,
  ...NOTHING_KNOWN,
});

/** What the rest of the application calls a nib: a tool that can be ruled for. */
const NIB_KIND: Readonly<Partial<Record<ItemKind, NibKind>>> = {
  'broad-nib': 'broad',
  'felt-marker': 'broad',
  'cartridge-pen': 'broad',
  'plate-pen': 'broad',
  quill: 'broad',
  'pointed-nib': 'pointed',
  'brush-pen': 'brush',
  pencils: 'two-point',
};

/** Points of two pencils bound side by side: they stand as far apart as a pencil is thick (common size). */
export const PENCIL_GAP: Mm = 7;

/** What kind of nib a kind of thing is; undefined for what cannot be ruled for. */
export const nibKindOf = (kind: ItemKind): NibKind | undefined => NIB_KIND[kind];

/**
 * How thick the edge of a thing is, whatever its width (common teaching value for steel: 0.05 to 0.15 mm; felt and quills
 * are blunter: estimates). Others are as steel, or have no edge.
 */
const EDGES: Readonly<Partial<Record<ItemKind, Mm>>> = {
  'felt-marker': 0.3,
  quill: 0.2,
  'cartridge-pen': 0.15,
};

/**
 * Worn edges are rounder, and so thicker: felt splays much, steel little. Our own estimates, as many times the new edge.
 */
const WORN: Readonly<Record<NonNullable<Item['wear']>, number>> = { none: 1, some: 1.6, 'worn out': 2.5 };

/** The finest line a tip leaves, by kind of nib (common values for steel and for hair). */
const HAIRLINES: Readonly<Partial<Record<NibKind, Mm>>> = { pointed: 0.1, brush: 0.3 };

/**
 * The item as a nib, with what wear has made of it; undefined for what has no width or cannot be ruled for. All stations
 * take what a pen writes from here.
 */
export function asNib({ id, kind, label, width, wear, uncertainty, measuredAt }: Item): Nib | undefined {
  const nibKind = NIB_KIND[kind];
  if (!nibKind || width === null) return undefined;
  const edge = Math.min(LIMITS.edge.high, (EDGES[kind] ?? DIP_NIB_EDGE) * WORN[wear ?? 'none']);
  const hairline = HAIRLINES[nibKind];
  return { id, kind: nibKind, label, width, edge, ...(hairline && { hairline }), uncertainty, measuredAt };
}

const KIND_OF_NIB: Readonly<Record<NibKind, ToolKind>> = {
  broad: 'broad-nib',
  pointed: 'pointed-nib',
  brush: 'brush-pen',
  'two-point': 'pencils',
};

/** A nib as an item of the bench, with what is known of it already kept. */
export const fromNib = (nib: Omit<Nib, 'edge'>, before?: Item): Item => ({
  ...(before ?? blankItem(nib.id, KIND_OF_NIB[nib.kind], nib.label)),
  label: nib.label,
  width: nib.width,
  uncertainty: nib.uncertainty,
  measuredAt: nib.measuredAt,
});
