import { rmSync } from 'node:fs';
import { numbersFrom } from '../../src/core/measure/seeded';
import { later, serve } from './server';
import { Written } from './written';

const FOLDER = 'test-results/faults/kills';
/** Writers at once, and the longest a server lives, in ms. */
const WRITERS = 4;
const LONGEST_LIFE = 700;

/** The server killed (SIGKILL) at random moments of mixed writing, and started anew on the same database. */
export async function kills(times: number, seed: number, port: number): Promise<string> {
  rmSync(FOLDER, { recursive: true, force: true });
  const next = numbersFrom(seed);
  const options = { port, env: { ELVANE_DB_URL: `file:${FOLDER}/faults.db` } };
  const written = new Written();
  for (let i = 0; i < times; i++) {
    const server = await serve(options);
    let alive = true;
    const writers = Array.from({ length: WRITERS }, async (_, writer) => {
      while (alive) {
        const kind = next() < 0.5 ? 'sheet' : 'item';
        if ((await written.write(server.base, `${kind}-${writer}`)).status !== 200) return;
      }
    });
    await later(next() * LONGEST_LIFE);
    await server.end('SIGKILL');
    alive = false;
    await Promise.all(writers);
    const again = await serve(options);
    const lost = await written.lost(again.base);
    if (lost.length > 0) throw new Error(lost.join('\n'));
    await again.end('SIGKILL');
  }
  return `${times} kills, seed ${seed}: ${written.count} writes, nothing acknowledged lost`;
}
