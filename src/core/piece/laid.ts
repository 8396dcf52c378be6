import type { Mm } from '../measure/units';
import type { Box } from '../page/boxes';
import type { SetLine } from '../type/placed';
import type { BlockPen } from './pen';
import type { Block, Piece } from './piece';

/** Extremes of ink on the page, in mm. */
export interface Extent {
  readonly left: Mm;
  readonly right: Mm;
  readonly top: Mm;
  readonly bottom: Mm;
}

/** A line of a piece in its place. */
export interface LaidLine {
  readonly block: Block;
  /** Its number in the block, from 0; an initial is -1. */
  readonly number: number;
  /** Its words, and where each begins in the text of the block. */
  readonly words: readonly { readonly text: string; readonly at: number }[];
  readonly set: SetLine;
  readonly pen: BlockPen;
  /** Where the skeleton begins. */
  readonly x: Mm;
  readonly baseline: Mm;
  readonly ink: Extent;
  /** Width available and width taken. */
  readonly room: Mm;
}

/** What a scribe should know before the pencil is taken up, in plain words. */
export interface Finding {
  /** 'wrong': it cannot be written like this; 'eased': it was adjusted; 'remark': a matter of taste. */
  readonly tone: 'wrong' | 'eased' | 'remark';
  readonly about:
    | 'width'
    | 'height'
    | 'postage'
    | 'letters'
    | 'collision'
    | 'flourish'
    | 'weight'
    | 'ink'
    | 'fold'
    | 'verse';
  readonly block?: string;
  /** Amount by which it is too wide, too tall or too close: what must be gained for it to fit. */
  readonly by?: Mm;
  readonly text: string;
}

/** Tolerance of position, in mm, that paper and pencil can resolve. */
export const PAPER_TOLERANCE: Mm = 0.05;

/** The most severe finding: of several lines that are too wide, the widest. */
export const worstFinding = (findings: readonly Finding[]): Finding | undefined => {
  const wrong = findings.filter(({ tone }) => tone === 'wrong');
  const [first] = wrong;
  return wrong
    .filter(({ about }) => about === first?.about)
    .reduce((worst, one) => ((one.by ?? 0) > (worst?.by ?? 0) ? one : worst), first);
};

/** A piece laid out. */
export interface LaidPiece {
  readonly piece: Piece;
  readonly page: { readonly width: Mm; readonly height: Mm };
  /** The page less its margins: no ink leaves it. */
  readonly frame: Box;
  readonly postage?: Box;
  readonly lines: readonly LaidLine[];
  readonly findings: readonly Finding[];
  /** Whether the piece has no findings and can be written as it is. */
  readonly fits: boolean;
  /** Share of the frame's height the writing takes. */
  readonly fill: number;
}

export const inkOfLines = (lines: readonly LaidLine[]): Extent | undefined =>
  lines.length === 0
    ? undefined
    : {
        left: Math.min(...lines.map(({ ink }) => ink.left)),
        right: Math.max(...lines.map(({ ink }) => ink.right)),
        top: Math.min(...lines.map(({ ink }) => ink.top)),
        bottom: Math.max(...lines.map(({ ink }) => ink.bottom)),
      };

/** An extent at another place. */
export const shifted = ({ left, right, top, bottom }: Extent, x: Mm, y: Mm): Extent => ({
  left: left + x,
  right: right + x,
  top: top + y,
  bottom: bottom + y,
});

/** A line at another place, its ink with it. */
export const moved = (line: LaidLine, x: Mm, y: Mm): LaidLine => ({
  ...line,
  x: line.x + x,
  baseline: line.baseline + y,
  ink: shifted(line.ink, x, y),
});
