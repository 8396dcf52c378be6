import type { DrawingNode } from '../../drawing/drawing';
import { countsByPen } from '../../hand/hand';
import { type Mm, plain } from '../../measure/units';
import type { PageBoxes } from '../../page/boxes';
import type { Part } from '../../page/flow';
import type { LineLanguage } from '../../page/lineLanguage';
import { handOf } from '../../setting/handOf';
import type { Cell, Row } from '../cells';
import type { Ground } from '../ground';

/** A part of a band that stays together on one page. */
export type BandPart = Part<Laid>;

/** A part in its place: cells, ruled lines, and headings. */
export interface Laid {
  readonly cells: readonly Cell[];
  readonly rows: readonly Row[];
  readonly nodes: readonly DrawingNode[];
}

/** Parts of a band, and remarks on what could not be done. */
export interface BandParts {
  readonly parts: readonly BandPart[];
  readonly trouble: readonly string[];
  /** Rows that fill the rest of the page after the parts. */
  readonly filling?: BandPart;
}

/** What all bands of a sheet share. */
export interface PageRoom {
  readonly boxes: PageBoxes;
  readonly language: LineLanguage;
  /** Width and height of the frames that parts flow through. */
  readonly width: Mm;
  readonly height: Mm;
}

/** How the rows of a kind of band are written. */
export interface RowsOf {
  /** A row repeats one letter, with numbered strokes. */
  readonly oneLetter?: true;
  /** Each text takes a whole row. */
  readonly ownRow?: true;
  /** Texts are aligned to the start of their cell; otherwise they are centred. */
  readonly fromTheSide?: true;
  /** The first models of a hand measured by dots show the dots. */
  readonly dotted?: true;
}

/** White over the heading of a band. */
export const BAND_GAP: Mm = 5;

/** Parts laid side by side as one. */
export const together = (laid: readonly Laid[]): Laid => ({
  cells: laid.flatMap(({ cells }) => cells),
  rows: laid.flatMap(({ rows }) => rows),
  nodes: laid.flatMap(({ nodes }) => nodes),
});

/** Computed on first use and cached. */
export function once<T>(make: () => T): () => T {
  let made: { readonly value: T } | undefined;
  return () => {
    made ??= { value: make() };
    return made.value;
  };
}

/** What would fit, as a sentence: "A nib of 1.6 mm fits." */
export function smaller({ recipe, unit, zones }: Ground, share: number): string {
  const hand = handOf(recipe);
  const down = (value: number) => Math.floor(value * 10) / 10;
  return countsByPen(hand)
    ? `A nib of ${plain(down(recipe.width * share))} mm fits.`
    : `A body of ${plain(down(zones.body * unit * share))} mm fits.`;
}
