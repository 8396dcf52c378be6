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
  /** The tool and the paper it was mixed for, in words; empty where that was left open. */
  readonly writtenWith: string;
}

/** Days a mix keeps in a closed pot, by what it is made from: gum grows mould, the glue of stick ink spoils (common teaching values). */
const KEEPS_DAYS: Readonly<Record<Mix['base'], number>> = { gouache: 14, stick: 1, bottle: 90 };
const MS_A_DAY = 24 * 60 * 60 * 1000;

/** The moment, in ms, up to which a mix keeps. */
export const keepsUntil = ({ base, madeAt }: Pick<Mix, 'base' | 'madeAt'>): number =>
  Date.parse(madeAt) + KEEPS_DAYS[base] * MS_A_DAY;

/** Volume of a drop where none has been calibrated: about twenty to a millilitre (common teaching value). */
export const USUAL_DROP_ML = 0.05;

/** Size of a drop from counting how many fill a measured volume. */
export const dropFrom = (drops: number, ml: number): number => ml / drops;

export const volumeOf = (mix: Pick<Mix, 'baseMl' | 'waterMl' | 'gumDrops'>, dropMl: number): number =>
  mix.baseMl + mix.waterMl + mix.gumDrops * dropMl;

/** How a mix is tried before it is trusted (common teaching). */
export const TEST_STROKE: Readonly<Record<Mix['base'], string>> = {
  gouache:
    'Pull a test stroke on a corner of the paper: it leaves the pen at once, covers evenly, and dries without a shine. It is as thick as thin cream when a drop of it runs slowly down the brush.',
  stick:
    'Pull a test stroke on a corner of the paper: black in the middle when it is dry, and no halo around it. Grind on while it is grey.',
  bottle: 'Pull a test stroke on a corner of the paper and let it dry: compare its edges and its colour.',
};

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

/** Drops refused one after the other, after which the cause is looked for elsewhere. */
export const REFUSED_OFTEN = 2;

/** Where else the cause of a complaint lies, once drops have not helped (common teaching). */
export const ELSEWHERE: Readonly<Record<Complaint, string>> = {
  'too thin':
    'Two drops have not helped: look at the paper and the pen. Unsized paper drinks any ink, and a pen that is dipped too deep floods.',
  'too thick':
    'Two drops have not helped: rinse the pen. What has dried in its slit holds back even a thin ink.',
  'rubs off':
    'Two drops have not helped: let it dry through, a day on smooth paper. If it rubs off then, the pigment has too little binder: begin anew.',
  'pulls together':
    'Two drops have not helped: look at the paper. Grease of the hand or a glossy coating makes any ink pull together; wipe it with pounce or an eraser.',
};

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
