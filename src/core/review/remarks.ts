import type { Findings } from './findings';
import { pageRemarks } from './pageRemarks';
import { praises } from './praises';
import type { Remark } from './review';
import { rowRemarks } from './rowRemarks';

/** Most remarks of a page; the first praises. */
const MOST = 3;

/**
 * At most three remarks about a page, as a teacher would say them: first what held, then what is farthest off its model
 * beyond twice the error, each with what to do about it.
 */
export function remarksOn(findings: Findings): Remark[] {
  const faults = [...pageRemarks(findings), ...rowRemarks(findings)].sort((a, b) => b.weight - a.weight);
  const [praise] = praises(findings).sort((a, b) => b.weight - a.weight);
  const said = [...(praise ? [praise] : []), ...faults].slice(0, MOST);
  return said.map(({ text, cure, go }) => ({ text, cure, go }));
}
