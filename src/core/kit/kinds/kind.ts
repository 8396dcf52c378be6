import type { ToolFamily } from '../../hand/hand';
import type { Mm } from '../../measure/units';
import type { CUTS, FLEXES, LEADS, WEARS } from '../choices';
import type { Vessel } from '../inks/kind';
import type { Need } from '../need';
import type { NibKind } from '../nib';
import type { Seen } from '../seen';
import type { Step } from '../step';
import type { Verdict } from '../verdict';

/** Facts of a tool that what is said of its kind may depend on; null where nobody has looked them up. */
export interface ToolFacts {
  readonly width: Mm | null;
  readonly cut: (typeof CUTS)[number] | null;
  readonly cutDegrees: number | null;
  readonly flex: (typeof FLEXES)[number] | null;
  readonly shankRadius: Mm | null;
  readonly shankWidth: Mm | null;
  readonly reservoir: boolean | null;
  readonly coated: boolean | null;
  readonly wear: (typeof WEARS)[number] | null;
  readonly lead: (typeof LEADS)[number] | null;
  readonly fitting: string | null;
}

type Range = readonly [low: Mm, high: Mm];

/** Something of this kind that shops keep, and what is known of it. */
export interface Offered {
  readonly label: string;
  readonly facts: Partial<ToolFacts>;
}

/** What offers are made for: the width that suits the need, and the hand that writes. */
export interface Wish {
  readonly width: Mm;
  readonly side: Need['side'];
}

/**
 * A kind of tool, declared once: all stations derive what they say of it from here. A new kind is a new file, named in the registry.
 */
export interface KindOfTool<Id extends string = string> {
  readonly id: Id;
  readonly name: string;
  /** Its name is a plural: two pencils. */
  readonly plural?: true;

  /** Families of hands whose strokes it can make; it is made for the first of them. */
  readonly writes: readonly ToolFamily[];
  /** The family for which it is the first kind to look for. */
  readonly firstFor?: ToolFamily;
  /** What it is ruled as; absent where no sheet can be ruled for it. */
  readonly nib?: NibKind;

  /** A cut edge, the gap between two points, or one point. */
  readonly edge: 'cut' | 'gap' | 'point';
  /** Thickness of a new edge; absent where it is that of a steel nib, or there is none. */
  readonly thickness?: Mm;
  /** The finest line its point leaves, where that is not usual for its kind of nib. */
  readonly hairline?: Mm;
  /** Two tines that open under pressure. */
  readonly tines?: true;
  /** A slit that feeds the edge, and can be sprung, clogged or coated. */
  readonly slit?: true;
  /** Widths that occur; outside, the facts of a thing contradict each other. */
  readonly widths?: Range;
  /** Widths to begin with (common teaching); absent where that is a matter of school. */
  readonly firstWidths?: Range;
  /** Verdict on its first widths, in place of the usual one. */
  readonly firstWidth?: (width: Mm, range: Range) => Verdict;

  /** Dipped; filled by a cartridge or converter, or with a dropper; its own ink for life; or none at all. */
  readonly supply: 'dipped' | 'cartridge' | 'dropper' | 'own' | 'none';
  /** What it holds ink in, where that is not a nib of steel, a feed or two plates. */
  readonly vessel?: Vessel;
  /** What one dip takes up, in µl (estimate); absent where that depends on its reservoir and the hand. */
  readonly load?: number;
  /** Its own ink is opaque: in a light colour it shows on dark paper. */
  readonly covers?: true;
  /** Is it pushed into a holder? */
  readonly seated: boolean;
  /** Does any copy paper bear its line? */
  readonly anyPaper?: true;
  /** Ink it lays, as a multiple of what a nib of its width lays (estimate). */
  readonly flood?: number;
  /** How wet the ink is that it holds, 1 to 5. */
  readonly wetness?: number;
  /** Hours of writing after which it is inspected under a lens; absent where its kind does not wear by hours. */
  readonly hoursDue?: number;

  /** What never goes wrong with it. */
  readonly never: readonly Seen[];
  /** What speaks for or against it, by purpose and experience. */
  readonly suits?: (need: Need) => Verdict;
  /** In a hand of pressure: what is said where the scribe’s school begins soft, and elsewhere. */
  readonly softStart?: { readonly first: string; readonly otherwise: Verdict };
  /** What is to be said of it where one even line is wanted. */
  readonly oneLine?: Verdict;
  /** On a very smooth, a smooth, a textured and a rough sheet. */
  readonly onSurface: readonly [Verdict, Verdict, Verdict, Verdict];
  /** Where it is worn out, in place of the usual. */
  readonly wornOut?: Verdict;

  /** Facts it has besides width, wear and hours, a cut edge's and a seated nib's. */
  readonly asks?: readonly ('flex' | 'bent' | 'colour' | 'fitting' | 'hairline' | 'lead' | 'tip')[];
  /** How it is held, where that is not how a dip nib is. */
  readonly held?: string;
  readonly prepare?: (tool: ToolFacts) => readonly Step[];
  /** How it is charged with ink, in place of dipping a nib. */
  readonly loading?: Pick<Step, 'what' | 'why'>;
  /** How it is made to write again when it has dried. */
  readonly restart?: string;
  /** How it is tried before writing. */
  readonly test?: (tool: ToolFacts) => string;
  /** What is done with it when the writing stops; of a dipped tool, after it was rinsed. */
  readonly putAway: readonly Step[];
  /** Ends of its strokes, where it has a point. */
  readonly tops?: 'round' | 'square';
  readonly offers?: (wish: Wish) => readonly Offered[];
}

/** Keeps the id's own type. */
export const kindOfTool = <const Id extends string>(kind: KindOfTool<Id>): KindOfTool<Id> => kind;
