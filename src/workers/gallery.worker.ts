import type { Recipe } from '@/core/document/recipe';
import type { DrawingNode } from '@/core/drawing/drawing';
import { loadScript } from '@/core/hands/scripts';
import { sampleLine } from '@/core/writing/sampleLine';
import { pathData } from '@/render/pathData';

/** A line to be written in a hand, for the gallery: the letters of a hand are fetched here, not on the page. */
export interface Wanted {
  readonly number: number;
  /** What tells it from the others. */
  readonly key: string;
  readonly recipe: Recipe;
  readonly text: string;
}

/** Paths as SVG has them, in mm, the baseline at 0. */
export interface WrittenPath {
  readonly d: string;
  readonly transform?: string;
  readonly box?: boolean;
}

export interface WrittenSample {
  readonly number: number;
  readonly key: string;
  readonly hand: string;
  readonly paths: readonly WrittenPath[];
  readonly width: number;
  readonly above: number;
  readonly below: number;
  readonly missing: readonly string[];
}

/** A node of a written line as a path: letters as forms, boxes for those the hand lacks as outlines. */
const pathOf = (node: DrawingNode): WrittenPath[] => {
  if (node.kind === 'form')
    return [
      { d: pathData(node.form.commands), transform: `translate(${node.x} ${node.y}) scale(${node.scale})` },
    ];
  return node.kind === 'path' ? [{ d: pathData(node.commands), box: true }] : [];
};

self.onmessage = async ({ data }: MessageEvent<Wanted>) => {
  const { number, key, recipe, text } = data;
  await loadScript(recipe.hand);
  const line = sampleLine(recipe, text, 'currentColor');
  if (!line) return;
  const { nodes, ...rest } = line;
  self.postMessage({
    number,
    key,
    hand: recipe.hand,
    paths: nodes.flatMap(pathOf),
    ...rest,
  } satisfies WrittenSample);
};
