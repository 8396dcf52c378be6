import { loadScript } from '../src/core/hands/scripts';
import { meanOf, POLICIES, years } from '../tests/support/study/compare';

/** Writes the table of docs/scheduling.md: a year of a hundred made-up learners, under each way to choose. */
const LEARNERS = 100;
const ROWS = [
  [10, 2],
  [10, 3],
  [10, 5],
  [10, 7],
  [20, 3],
  [20, 5],
] as const;

await loadScript('italic');
const { CURRICULUM } = await import('../tests/support/study/italic');
console.log('| minutes | days a week | planned | in order | at random | longest late |');
console.log('|---|---|---|---|---|---|');
for (const [minutes, aWeek] of ROWS) {
  const cells = POLICIES.map((name) => {
    const all = years(name, CURRICULUM, { learners: LEARNERS, aWeek, minutes });
    const held = meanOf(all.map((year) => year.held));
    const perHundred = (held / meanOf(all.map((year) => year.minutes))) * 100;
    return { text: `${held.toFixed(1)} (${perHundred.toFixed(2)})`, all };
  });
  const late = Math.max(...(cells[0]?.all ?? []).map((year) => year.longestLate));
  console.log(
    `| ${minutes} | ${aWeek} | ${cells.map(({ text }) => text).join(' | ')} | ${late.toFixed(0)} days |`,
  );
}
