import type { CautionId } from '../cautions';
import type { Verdict } from '../verdict';

/**
 * What a tool holds ink in: a dip nib of steel; a feather or reed; grooves of glass; two leaves of metal that are opened and wiped; a
 * feed; two plates that are closed; hair.
 */
export type Vessel = 'steel' | 'cane' | 'glass' | 'leaves' | 'feed' | 'plates' | 'hair';

/** What is usual for an ink of its kind where nobody has looked at this bottle; absent where bottles differ. */
interface UsualInk {
  /** 1 (transparent) to 5 (covers). */
  readonly opacity?: number;
  readonly waterproof?: boolean;
  /** For dark paper. */
  readonly light?: boolean;
}

/** How a tool is cleaned of it (common teaching). */
export interface Rinsing {
  readonly soon: string;
  readonly rinse: string;
  readonly why: string;
  readonly caution?: CautionId;
}

/**
 * A kind of ink, declared once: what it does in each tool, how it is thinned, how long it takes to dry, and how it comes off again.
 * A new kind is a new file, named in the registry.
 */
export interface KindOfInk<Id extends string = string> {
  /** Its name as well, as a sentence goes on. */
  readonly id: Id;
  readonly usual: UsualInk;
  /** Minutes until a line on sized paper can be touched (estimate). */
  readonly dries: number;

  /** What it does in a tool, by what the tool holds it in. */
  readonly inside: Readonly<Record<Vessel, Verdict>>;
  /** Must not dry in a tool: it clogs, sets or corrodes. */
  readonly mustNotDry?: true;
  /** Dries to something that water does not dissolve. */
  readonly sets?: true;
  /** Attacks steel. */
  readonly corrodes?: true;
  /** A paste or powder that is mixed with water and stirred. */
  readonly mixed?: true;
  /** So thin on a dip nib that it wants gum arabic. */
  readonly wantsGum?: true;
  /** Fades in the light. */
  readonly fades?: true;
  /** The ink that a beginner dips first (common teaching). */
  readonly firstToDip?: true;

  readonly thinnedWith: string;
  /** What it must never be brought together with. */
  readonly neverWith?: string;
  readonly rinsing: Rinsing;
}

/** Keeps the id's own type. */
export const kindOfInk = <const Id extends string>(kind: KindOfInk<Id>): KindOfInk<Id> => kind;
