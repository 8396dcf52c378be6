import type { Mm } from '../measure/units';
import { DIP_NIB_EDGE } from '../pen/edge';
import { LIMITS } from '../problem/limits';
import { ALL_FACTS, type FactName } from './facts';
import type { Item } from './itemFormat';
import type { ItemKind, ToolKind } from './itemKinds';
import { TOOLS, toolOf } from './kinds/registry';
import type { Nib, NibKind } from './nib';

export type { Item } from './itemFormat';

const BLANKS = Object.fromEntries(ALL_FACTS.map(({ key, blank }) => [key, blank])) as Pick<Item, FactName>;

/** An item of a kind with nothing known about it. */
export const blankItem = (id: string, kind: ItemKind, label: string): Item => ({
  id,
  kind,
  label,
  note: '',
  archived: false,
  photo: null,
  ...BLANKS,
});

/** Points of two pencils bound side by side: they stand as far apart as a pencil is thick (common size). */
export const PENCIL_GAP: Mm = 7;

/** What kind of nib a kind of thing is; undefined for what cannot be ruled for. */
export const nibKindOf = (kind: ItemKind): NibKind | undefined => toolOf(kind)?.nib;

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
export function asNib({
  id,
  kind,
  label,
  width,
  wear,
  uncertainty,
  measuredAt,
  ...item
}: Item): Nib | undefined {
  const tool = toolOf(kind);
  if (!tool?.nib || width === null) return undefined;
  const nibKind = tool.nib;
  const edge = Math.min(LIMITS.edge.high, (tool.thickness ?? DIP_NIB_EDGE) * WORN[wear ?? 'none']);
  const hairline = item.hairline ?? tool.hairline ?? HAIRLINES[nibKind];
  return { id, kind: nibKind, label, width, edge, ...(hairline && { hairline }), uncertainty, measuredAt };
}

/** The kind of tool a nib is taken for where nothing else is known: the first that is ruled like it. */
function toolFor(nib: NibKind): ToolKind {
  const kind = TOOLS.find((tool) => tool.nib === nib);
  if (!kind) throw new Error(`No kind of tool is ruled as ${nib}`);
  return kind.id;
}

/** A nib as an item of the bench, with what is known of it already kept. */
export const fromNib = (nib: Omit<Nib, 'edge'>, before?: Item): Item => ({
  ...(before ?? blankItem(nib.id, toolFor(nib.kind), nib.label)),
  label: nib.label,
  width: nib.width,
  uncertainty: nib.uncertainty,
  measuredAt: nib.measuredAt,
});
