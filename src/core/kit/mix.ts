import { plain } from '../measure/units';

/** A mix of ink in a pot: what went in, in ml and drops. */
export const CONSISTENCIES = ['watery', 'thin', 'thin cream', 'cream', 'thick'] as const;
export const BASES = ['gouache', 'stick', 'bottle'] as const;

export interface Mix {
  readonly id: string;
  readonly label: string;
  readonly base: (typeof BASES)[number];
  readonly baseMl: number;
  readonly waterMl: number;
  readonly gumDrops: number;
  readonly consistency: (typeof CONSISTENCIES)[number];
  readonly madeAt: string;
  readonly note: string;
}

/** Volume of a drop where none has been calibrated: about twenty to a millilitre (common teaching value). */
export const USUAL_DROP_ML = 0.05;

/** Size of a drop from counting how many fill a measured volume. */
export const dropFrom = (drops: number, ml: number): number => ml / drops;

export const volumeOf = (mix: Pick<Mix, 'baseMl' | 'waterMl' | 'gumDrops'>, dropMl: number): number =>
  mix.baseMl + mix.waterMl + mix.gumDrops * dropMl;

/** The same mix for another volume, gum to the nearest drop. */
export function scaleMix<T extends Pick<Mix, 'baseMl' | 'waterMl' | 'gumDrops'>>(
  mix: T,
  toMl: number,
  dropMl: number,
): T {
  const share = toMl / volumeOf(mix, dropMl);
  return {
    ...mix,
    baseMl: mix.baseMl * share,
    waterMl: mix.waterMl * share,
    gumDrops: Math.round(mix.gumDrops * share),
  };
}

export const COMPLAINTS = ['too thin', 'too thick', 'rubs off', 'pulls together'] as const;
export type Complaint = (typeof COMPLAINTS)[number];
export const ADDITIONS = ['water', 'gum', 'base'] as const;
export type Addition = (typeof ADDITIONS)[number];

/** What was added for a complaint, and whether it helped. */
export interface Remedy {
  readonly complaint: Complaint;
  readonly addition: Addition;
  readonly helped: boolean;
}

/** Prior from common teaching, as counts of (helped, did not help). */
const TEACHING: Readonly<Record<Complaint, Readonly<Record<Addition, readonly [number, number]>>>> = {
  'too thin': { base: [6, 2], gum: [3, 3], water: [0, 6] },
  'too thick': { water: [7, 1], gum: [1, 5], base: [0, 6] },
  'rubs off': { gum: [7, 1], base: [1, 5], water: [0, 6] },
  'pulls together': { gum: [6, 2], base: [3, 4], water: [1, 5] },
};

/** The drop added at a time: small, because nothing can be taken out again. */
const ONE_DROP: Readonly<Record<Addition, string>> = {
  water: 'one drop of distilled water',
  gum: 'one drop of gum arabic',
  base: 'a little more of the base',
};

/** Weight of an observation at this desk relative to one of the prior. */
const OWN = 3;
/** Minimum probability that an addition helps, for it to be offered. */
const LEAST_CHANCE = 0.35;

/** A mix with the next addition in it. */
export function withDrop<T extends Pick<Mix, 'baseMl' | 'waterMl' | 'gumDrops'>>(
  mix: T,
  addition: Addition,
  dropMl: number,
): T {
  switch (addition) {
    case 'water':
      return { ...mix, waterMl: mix.waterMl + dropMl };
    case 'gum':
      return { ...mix, gumDrops: mix.gumDrops + 1 };
    case 'base':
      return { ...mix, baseMl: mix.baseMl + dropMl };
  }
}

/**
 * The next drop: the addition most likely to help, by the mean of a beta distribution that begins with what teachers
 * say and is moved by what has helped here.
 */
export function nextDrop(
  complaint: Complaint,
  log: readonly Remedy[],
): { addition: Addition | undefined; sentence: string } {
  const chance = (addition: Addition) => {
    const [yes, no] = TEACHING[complaint][addition];
    const seen = log.filter((one) => one.complaint === complaint && one.addition === addition);
    const helped = seen.filter((one) => one.helped).length;
    return (yes + OWN * helped + 1) / (yes + no + OWN * seen.length + 2);
  };
  const best = [...ADDITIONS].sort((a, b) => chance(b) - chance(a))[0] as Addition;
  if (chance(best) < LEAST_CHANCE) {
    return {
      addition: undefined,
      sentence: `Nothing that can be added has helped an ink that ${complaint === 'too thin' || complaint === 'too thick' ? `is ${complaint}` : complaint}: begin a fresh mix, or take another ink.`,
    };
  }
  const seen = log.filter((one) => one.complaint === complaint && one.addition === best && one.helped).length;
  return {
    addition: best,
    sentence: `Add ${ONE_DROP[best]}, stir, and try again (likely to help: ${plain(100 * chance(best), 0)} %${seen > 0 ? `; it has helped you ${seen === 1 ? 'once' : `${seen} times`}` : ''}).`,
  };
}
