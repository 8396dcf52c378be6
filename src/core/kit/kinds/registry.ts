import type { ToolFamily } from '../../hand/hand';
import { broadNib } from './broadNib';
import { brushPen } from './brushPen';
import { cartridgePen } from './cartridgePen';
import { chiselMarker } from './chiselMarker';
import { feltMarker } from './feltMarker';
import { fineliner } from './fineliner';
import { flexibleFountainPen } from './flexibleFountainPen';
import { foldedPen } from './foldedPen';
import { fountainPen } from './fountainPen';
import { gelPen } from './gelPen';
import { glassPen } from './glassPen';
import type { KindOfTool } from './kind';
import { paintPen } from './paintPen';
import { pencil } from './pencil';
import { pencils } from './pencils';
import { platePen } from './platePen';
import { pointedBrush } from './pointedBrush';
import { pointedNib } from './pointedNib';
import { quill } from './quill';
import { reed } from './reed';
import { rulingPen } from './rulingPen';

const DECLARED = [
  broadNib,
  pointedNib,
  feltMarker,
  chiselMarker,
  cartridgePen,
  fountainPen,
  flexibleFountainPen,
  platePen,
  brushPen,
  pointedBrush,
  glassPen,
  quill,
  reed,
  rulingPen,
  foldedPen,
  pencil,
  fineliner,
  gelPen,
  paintPen,
  pencils,
] as const;

export type ToolKind = (typeof DECLARED)[number]['id'];

const tools: KindOfTool<ToolKind>[] = [...DECLARED];

/** Every kind of tool, in the order a bench lists them. */
export const TOOLS: readonly KindOfTool<ToolKind>[] = tools;

/** Adds a kind of tool to the others. */
export function registerTool(kind: KindOfTool<ToolKind>): void {
  tools.push(kind);
}

/** The kind of tool with this id; undefined for what is no tool. */
export const toolOf = (id: string): KindOfTool<ToolKind> | undefined => tools.find((kind) => kind.id === id);

/** The kind to look for first for a family of hands. @throws Error where none is declared. */
export function firstToolFor(family: ToolFamily): KindOfTool<ToolKind> {
  const first = tools.find(({ firstFor }) => firstFor === family);
  if (!first) throw new Error(`No kind of tool is declared as the first for ${family} hands`);
  return first;
}
