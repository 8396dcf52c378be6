import type { Degrees } from '../measure/units';

/**
 * Grip and page. δ is the direction the pen's nib points in on the desk (anticlockwise from the line a reader's eye
 * would follow, 90° straight away from the writer); ρ is how far the page is turned anticlockwise. Turning the page
 * turns the writing line with it, so what the page sees of a direction on the desk is that direction less ρ.
 */

/** Usual directions: a right hand's pen points up and to the left, a left hand's up and to the right. */
export const USUAL_POINTING: Readonly<Record<'right' | 'left', Degrees>> = { right: 122, left: 65 };

/**
 * Pen angle a broad edge takes to the writing line. A square edge lies across the pen, at δ − 90° on the desk; an
 * oblique grind turns it: α = δ − 90° − ρ + cut (plane geometry). `cut` is positive for a left-oblique grind.
 */
export const penAngleOf = (pointing: Degrees, page: Degrees, cut: Degrees = 0): Degrees =>
  pointing - 90 - page + cut;

/** The page turn (anticlockwise positive) at which a broad edge takes the angle wanted: ρ = δ − 90° + cut − α. */
export const pageTurnForEdge = (pointing: Degrees, wanted: Degrees, cut: Degrees = 0): Degrees =>
  pointing - 90 + cut - wanted;

/**
 * The page turn at which the tines of a pointed pen lie along the slant σ (from the writing line): the flange of an
 * oblique holder turns the nib clockwise by φ, so the tines point to δ − φ on the desk, and ρ = δ − φ − σ.
 */
export const pageTurnForSlant = (pointing: Degrees, slant: Degrees, flange: Degrees = 0): Degrees =>
  pointing - flange - slant;

/** The oblique grind that makes turning the page unnecessary: cut = α − δ + 90°. */
export const cutWanted = (pointing: Degrees, wanted: Degrees): Degrees => wanted - pointing + 90;

/** The flange that makes turning the page unnecessary: φ = δ − σ. */
export const flangeWanted = (pointing: Degrees, slant: Degrees): Degrees => pointing - slant;

/** Within this of the slant both tines are pressed alike, and an edge within it is on its angle (common teaching value). */
const TRUE_WITHIN: Degrees = 2;

/** How an edge or tines lie with the page as it lies now. */
export interface Lie {
  /** Off what is wanted; positive is steeper. */
  readonly off: Degrees;
  readonly sentence: string;
}

/** With the page turned so (anticlockwise), how far the tines are off the slant: δ − φ − ρ − σ. */
export const tinesLie = (pointing: Degrees, slant: Degrees, flange: Degrees, page: Degrees): Lie =>
  lie('The tines lie', 'the slant', pointing - flange - page - slant);

/** With the page turned so, how far an edge is off its angle: α(ρ) − α. */
export const edgeLies = (pointing: Degrees, wanted: Degrees, cut: Degrees, page: Degrees): Lie =>
  lie('The edge lies', `${Math.round(wanted)}°`, penAngleOf(pointing, page, cut) - wanted);

function lie(what: string, wanted: string, off: Degrees): Lie {
  const by = Math.round(Math.abs(off));
  // Whatever turns the page turns the angle to its lines the other way.
  const turn = off > 0 ? 'anticlockwise' : 'clockwise';
  return {
    off,
    sentence:
      Math.abs(off) <= TRUE_WITHIN
        ? `${what} true, within ${TRUE_WITHIN}° of ${wanted}.`
        : `${what} ${by}° ${off > 0 ? 'steeper' : 'flatter'} than ${wanted}: turn the page ${by}° ${turn}.`,
  };
}

/** Grinds and flanges that are made. */
const MOST_CUT: Degrees = 30;
const MOST_FLANGE: Degrees = 45;
/** A page turned further than this no longer lies in front of the writer. */
export const COMFORTABLE_TURN: Degrees = 50;

export interface GripAdvice {
  /** Anticlockwise; negative is clockwise. */
  readonly page: Degrees;
  readonly sentence: string;
  /** What makes the turn unnecessary, if it can be had. */
  readonly instead?: string;
  readonly uncomfortable: boolean;
}

const turned = (page: Degrees): string =>
  Math.abs(page) < 1
    ? 'Leave the page straight in front of you.'
    : `Turn the page ${Math.round(Math.abs(page))}° ${page > 0 ? 'anticlockwise' : 'clockwise'}.`;

/** How to lay the page for a broad edge. */
export function adviseEdge(pointing: Degrees, wanted: Degrees, cut: Degrees = 0): GripAdvice {
  const page = pageTurnForEdge(pointing, wanted, cut);
  const grind = cutWanted(pointing, wanted);
  const can = Math.abs(grind) <= MOST_CUT;
  return {
    page,
    uncomfortable: Math.abs(page) > COMFORTABLE_TURN,
    sentence: `${turned(page)} The edge then lies at ${Math.round(wanted)}° to the line.`,
    ...(can &&
      Math.abs(grind - cut) > 2 && {
        instead: `A ${grind > 0 ? 'left' : 'right'}-oblique cut of ${Math.round(Math.abs(grind))}° would do without turning the page.`,
      }),
  };
}

/** How to lay the page for a pointed pen. */
export function adviseSlant(pointing: Degrees, slant: Degrees, flange: Degrees = 0): GripAdvice {
  const page = pageTurnForSlant(pointing, slant, flange);
  const needed = flangeWanted(pointing, slant);
  const can = needed > 2 && needed <= MOST_FLANGE;
  return {
    page,
    uncomfortable: Math.abs(page) > COMFORTABLE_TURN,
    sentence: `${turned(page)} The tines then point along the slant of ${Math.round(slant)}°.`,
    ...(can &&
      Math.abs(needed - flange) > 2 && {
        instead: `An oblique holder turned ${Math.round(needed)}° would do without turning the page.`,
      }),
  };
}

/**
 * How to lay the page for a point without edge or tines: a downstroke on the slant σ comes straight towards the writer where
 * ρ = 90° − σ (plane geometry; pulled strokes are the steadiest, common teaching).
 */
export function advisePulled(slant: Degrees): GripAdvice {
  const page = 90 - slant;
  return {
    page,
    uncomfortable: Math.abs(page) > COMFORTABLE_TURN,
    sentence: `${turned(page)} Downstrokes then come straight towards you.`,
  };
}
