import { TOOLS, type ToolKind, toolOf } from './kinds/registry';

export type { ToolKind } from './kinds/registry';

const OTHER_KINDS = ['holder', 'ink', 'paper', 'sundry'] as const;
export type ItemKind = ToolKind | (typeof OTHER_KINDS)[number];

/** What a bench holds, in the order it is listed: tools mark the paper; the rest serves them. */
export const itemKinds = (): readonly ItemKind[] => [...TOOLS.map(({ id }) => id), ...OTHER_KINDS];

export const isItemKind = (kind: unknown): kind is ItemKind =>
  typeof kind === 'string' && itemKinds().some((known) => known === kind);

export const isTool = (kind: ItemKind): kind is ToolKind => toolOf(kind) !== undefined;

/** What a thing of this kind is called. */
export const kindName = (kind: ItemKind): string => toolOf(kind)?.name ?? kind;
