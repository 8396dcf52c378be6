import { rmSync } from 'node:fs';
import { numbersFrom } from '../../src/core/measure/seeded';
import { later, type Server, serve } from './server';
import { KEPT, Written } from './written';

const FOLDER = 'test-results/faults/kills';
/** Writers at once, and the longest two servers are left alone, in ms. */
const WRITERS = 4;
const LONGEST_PEACE = 700;

/**
 * Two servers on one database; at random moments of mixed writing through both, one of them is killed (SIGKILL) and started anew, while
 * the other goes on.
 */
export async function kills(times: number, seed: number, port: number): Promise<string> {
  rmSync(FOLDER, { recursive: true, force: true });
  const next = numbersFrom(seed);
  const env = { ELVANE_DB_URL: `file:${FOLDER}/faults.db` };
  const start = (i: number) => serve({ port: port - i, env });
  const servers: Server[] = [await start(0), await start(1)];
  const written = new Written();
  for (let i = 0; i < times; i++) {
    let writing = true;
    const writers = Array.from({ length: WRITERS }, async (_, writer) => {
      for (let turn = writer; writing; turn++) {
        const kind = KEPT[Math.floor(next() * KEPT.length)] as (typeof KEPT)[number];
        const server = servers[turn % servers.length] as Server;
        const { status } = await written.write(server.base, `${kind}-${writer}`);
        // Whoever is not answered turns to the other server.
        if (status !== 200 && status !== 0) throw new Error(`A write of a ${kind} was answered ${status}.`);
      }
    });
    await later(next() * LONGEST_PEACE);
    const killed = i % servers.length;
    await (servers[killed] as Server).end('SIGKILL');
    await later(next() * LONGEST_PEACE);
    writing = false;
    await Promise.all(writers);
    servers[killed] = await start(killed);
    for (const { base } of servers) {
      const lost = await written.lost(base);
      if (lost.length > 0) throw new Error(lost.join('\n'));
    }
  }
  for (const server of servers) await server.end('SIGKILL');
  return `${times} kills of two servers in turns, seed ${seed}: ${written.count} writes, nothing acknowledged lost`;
}
