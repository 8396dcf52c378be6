import type { Findings, Weighed } from './findings';
import { pageRemarks } from './pageRemarks';
import { praises } from './praises';
import type { Remark } from './review';
import { rowRemarks } from './rowRemarks';

/** Maximum number of remarks on a page, of which the first is praise. */
const MOST = 3;

/**
 * Sorted by weight, but what follows from another fault comes after it: strokes off their slope are also read as another
 * angle of the edge, and are mended first. Common teaching order: lines, slope, parallels, then pen angle.
 */
function causesFirst(faults: readonly Weighed[]): Weighed[] {
  const causes = faults.filter(({ settles }) => settles === 'slope').map(({ weight }) => weight);
  const weightOf = ({ settles, weight }: Weighed) =>
    settles === 'angle' && causes.length > 0 ? Math.min(weight, AFTER * Math.min(...causes)) : weight;
  return [...faults].sort((a, b) => weightOf(b) - weightOf(a));
}
/** A fault that follows weighs this fraction of the lightest of its causes. */
const AFTER = 0.99;

/**
 * At most three remarks about a page, as a teacher would say them: first what held, then what is farthest off its model
 * beyond twice the error, each with what to do about it.
 */
export function remarksOn(findings: Findings): Remark[] {
  const faults = causesFirst([...pageRemarks(findings), ...rowRemarks(findings)]);
  const [praise] = praises(findings).sort((a, b) => b.weight - a.weight);
  const said = [...(praise ? [praise] : []), ...faults].slice(0, MOST);
  return said.map(({ text, cure, go }) => ({ text, cure, go }));
}
