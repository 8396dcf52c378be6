import { inWords, listed } from '../measure/words';
import type { Findings, Weighed } from './findings';
import { splayIsSaid } from './pageRemarks';
import type { RowFault } from './rowFaults';

/** Words and cure of each fault of a row. */
const ROW_WORDS: Readonly<
  Record<RowFault, { readonly say: (letters: string, one: boolean) => string; readonly cure: string }>
> = {
  'stroke missing': {
    say: (letters) => `A stroke of ${letters} seems to be missing.`,
    cure: 'Follow the numbers of the guided letter: every stroke has one.',
  },
  'strokes apart': {
    say: (letters) => `The strokes of ${letters} do not meet.`,
    cure: 'Begin the second stroke inside the first, where the guided letter shows its start.',
  },
  narrow: {
    say: (letters, one) => `Your ${letters} ${one ? 'is' : 'are'} narrower than the model.`,
    cure: 'Leave room for the counter before the second stroke comes down.',
  },
  wide: {
    say: (letters, one) => `Your ${letters} ${one ? 'is' : 'are'} wider than the model.`,
    cure: 'Bring the second stroke down sooner; trace the letter three times, then write it.',
  },
  short: {
    say: (letters, one) => `Your ${letters} ${one ? 'does not reach its' : 'do not reach their'} height.`,
    cure: 'Begin on the line: the pen touches it before the stroke comes down.',
  },
  tall: {
    say: (letters, one) => `Your ${letters} ${one ? 'overshoots its' : 'overshoot their'} height.`,
    cure: 'Begin under the line, not over it; the pen touches it from below.',
  },
  leaning: {
    say: (letters, one) => `Your ${letters} ${one ? 'leans' : 'lean'} more than the rest of the page.`,
    cure: 'Draw the first stem along the slope, and the others after it.',
  },
  upright: {
    say: (letters, one) =>
      `Your ${letters} ${one ? 'stands' : 'stand'} more upright than the rest of the page.`,
    cure: 'Draw the first stem along the slope, and the others after it.',
  },
  'not parallel': {
    say: (letters) => `The strokes of ${letters} are not parallel.`,
    cure: 'Draw the second stroke looking along the first, not at the nib; a row of n between slope lines.',
  },
  flat: {
    say: (letters) => `In ${letters} the pen lay flatter than on the rest of the page.`,
    cure: 'Lay the edge on the gauge before this row.',
  },
  steep: {
    say: (letters) => `In ${letters} the pen stood steeper than on the rest of the page.`,
    cure: 'Lay the edge on the gauge before this row.',
  },
  'high branch': {
    say: (letters) => `In ${letters} the arch leaves the stem too high.`,
    cure: 'Go back up inside the stem, and let the arch grow out of it lower down: the drill of arches shows where.',
  },
  'low branch': {
    say: (letters) => `In ${letters} the arch leaves the stem too low.`,
    cure: 'Stay in the stem longer before the arch springs: the drill of arches shows where.',
  },
  'above the line': {
    say: (letters, one) => `Your ${letters} ${one ? 'stops' : 'stop'} above the baseline.`,
    cure: 'Look at the line where the stroke will end, not at the nib.',
  },
  'below the line': {
    say: (letters, one) => `Your ${letters} ${one ? 'goes' : 'go'} through the baseline.`,
    cure: 'Look at the line where the stroke will end, not at the nib.',
  },
};

const SETTLES: Partial<Readonly<Record<RowFault, Weighed['settles']>>> = {
  'not parallel': 'slope',
  leaning: 'slope',
  upright: 'slope',
  flat: 'angle',
  steep: 'angle',
};

/** Merges the same fault of several rows into one remark. */
export function rowRemarks(findings: Findings): Weighed[] {
  const byFault = new Map<RowFault, { texts: string[]; letters: number; weight: number }>();
  for (const { text, faults } of findings.rows) {
    const [first] = faults;
    // Skips what the page's figure already says, in degrees.
    if (!first || (first.fault === 'not parallel' && splayIsSaid(findings))) continue;
    const known = byFault.get(first.fault) ?? { texts: [], letters: 0, weight: 0 };
    byFault.set(first.fault, {
      texts: known.texts.includes(text) ? known.texts : [...known.texts, text],
      letters: known.letters + first.letters,
      weight: Math.max(known.weight, first.score),
    });
  }
  return [...byFault].map(([fault, { texts, letters, weight }]) => {
    const { say, cure } = ROW_WORDS[fault];
    return {
      text: `${say(listed(texts), texts.length === 1).slice(0, -1)} (${inWords(letters)} letters).`,
      cure,
      go: 'page' as const,
      weight,
      settles: SETTLES[fault],
    };
  });
}
