import { ROW_WORDS, type RowFault } from '../faults/faults';
import { inWords, listed } from '../measure/words';
import type { Findings, Weighed } from './findings';
import { splayIsSaid } from './pageRemarks';

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
    const { say, cure, settles } = ROW_WORDS[fault];
    return {
      text: `${say(listed(texts), texts.length === 1).slice(0, -1)} (${inWords(letters)} letters).`,
      cure,
      go: 'page' as const,
      weight,
      settles,
    };
  });
}
