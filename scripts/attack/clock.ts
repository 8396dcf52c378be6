import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { serve } from './server';
import { Written } from './written';

const FOLDER = 'test-results/faults/clock';
const CLOCK = `${FOLDER}/wrong-by`;
const DAY = 24 * 60 * 60 * 1000;
/** How wrong the clock is, one after the other, in days: forward, far back, an hour back as in autumn, to the end of time. */
const JUMPS = [400, -900, -1 / 24, 20_000, 0];
const WRITES = 20;

/** A clock that jumps between writes, with a new start at each wrong time: nothing is lost, nothing refused. */
export async function jumps(port: number): Promise<string> {
  rmSync(FOLDER, { recursive: true, force: true });
  mkdirSync(FOLDER, { recursive: true });
  const options = {
    port,
    preload: './scripts/attack/jumpingClock.mjs',
    env: { ELVANE_DB_URL: `file:${FOLDER}/clock.db`, JUMPING_CLOCK: CLOCK },
  };
  const written = new Written();
  let server = await serve(options);
  const lost: string[] = [];
  for (const days of JUMPS) {
    writeFileSync(CLOCK, String(days * DAY));
    for (let i = 0; i < WRITES; i++) {
      const { status } = await written.write(server.base, `${i % 2 ? 'sheet' : 'item'}-${i % 5}`);
      if (status !== 200)
        throw new Error(`With the clock wrong by ${days} days a write was answered ${status}.`);
    }
    lost.push(...(await written.lost(server.base)));
    await server.end('SIGKILL');
    server = await serve(options);
    lost.push(...(await written.lost(server.base)));
  }
  await server.end('SIGKILL');
  if (lost.length > 0) throw new Error(lost.join('\n'));
  return `clock wrong by ${JUMPS.map((days) => `${Math.round(days * 100) / 100} d`).join(', ')}: ${written.count} writes, none refused, none lost, over a new start at each`;
}
