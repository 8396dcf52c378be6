/**
 * `npm run faults [-- kills seed only]`: built servers under faults. Two on one database, killed in turns at random moments, 200 times unless
 * told otherwise; and twenty times each in the middle of practice and of a restore; a full disk; a read-only one; a clock that jumps; a remote database that goes away. Whatever it had acknowledged must be there.
 * Disks need root. `only` names one of them.
 */
import { away } from './away';
import { jumps } from './clock';
import { fullDisk, readOnlyDisk } from './disk';
import { kills } from './kills';
import { restores } from './restores';
import { sittings } from './sittings';

const PORT = 3491;
const [times = '200', seed = '1', only] = process.argv.slice(2);

/** Kills in the middle of practice, and of restores. */
const seldom = Math.max(20, Math.round(Number(times) / 10));

const FAULTS: Readonly<Record<string, () => Promise<string>>> = {
  'read-only': () => readOnlyDisk(PORT),
  full: () => fullDisk(PORT),
  clock: () => jumps(PORT),
  away: () => away(PORT),
  kills: () => kills(Number(times), Number(seed), PORT),
  sittings: () => sittings(seldom, Number(seed), PORT),
  restores: () => restores(seldom, Number(seed), PORT),
};

let failed = 0;
for (const [name, run] of Object.entries(FAULTS)) {
  if (only && only !== name) continue;
  const began = Date.now();
  const said = await run().catch((error: unknown) => {
    failed += 1;
    return `FAILED: ${error instanceof Error ? error.message : error}`;
  });
  console.log(`${name} (${Math.round((Date.now() - began) / 1000)} s): ${said}`);
}
process.exit(failed === 0 ? 0 : 1);
