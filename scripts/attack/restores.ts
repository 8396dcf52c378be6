import { rmSync } from 'node:fs';
import { freshRecipe } from '../../src/core/document/defaults';
import { numbersFrom } from '../../src/core/measure/seeded';
import { desk, type Tables } from './desk';
import { later, type Server, send, serve } from './server';

const FOLDER = 'test-results/faults/restores';
const SHEETS = 40;
const SESSIONS = 60;
const UNIT = 'letter:n';
/** Rows sent together: a restore takes many requests. */
const TOGETHER = 10;

/** A desk whose every sheet and session says which of two it is of. */
async function fill(base: string, which: string): Promise<void> {
  const recipe = freshRecipe('brush');
  for (let i = 0; i < SHEETS; i++) await send('PUT', `${base}/api/sheets/s-${i}`, { name: which, recipe });
  const sessions = Array.from({ length: SESSIONS }, (_, i) => {
    const day = `2026-${String(1 + Math.floor(i / 28)).padStart(2, '0')}-${String(1 + (i % 28)).padStart(2, '0')}`;
    const session = {
      hand: 'brush',
      began: `${day}T18:00:00+01:00`,
      ended: `${day}T18:20:00+01:00`,
      minutes: 20,
      units: [UNIT],
      note: which,
      kit: {},
    };
    return { id: `ses-${i}`, session };
  });
  await send('POST', `${base}/api/log/import`, { sessions });
}

/** A server is killed within so many ms of the request that was drawn, mostly soon: a replacement takes a part of it. */
const WITHIN = 1000;

/**
 * Sends a desk's rows and asks for them to take the place of what is there; answers whether that was acknowledged. Says of each request
 * that it goes out.
 */
async function restore(base: string, tables: Tables, batch: string, goesOut = () => {}): Promise<boolean> {
  const address = `${base}/api/restore/rows?batch=${batch}`;
  for (const [table, rows] of Object.entries(tables))
    for (let first = 0; first < rows.length; first += TOGETHER) {
      const part = rows.slice(first, first + TOGETHER);
      goesOut();
      if ((await send('POST', address, { table, first, rows: part })).status !== 200) return false;
    }
  const counts = Object.fromEntries(Object.entries(tables).map(([table, rows]) => [table, rows.length]));
  goesOut();
  return (await send('PUT', address, counts)).status === 200;
}

/** Which of the two desks stands there. @throws where it is a mixture, or what is remembered is not of all its sessions. */
async function standing(base: string): Promise<string> {
  const { sheets = [], records = [] } = await desk(base);
  const names = new Set([
    ...sheets.map(({ name }) => name),
    ...records.flatMap(({ data }) => /"note":"(\w+)"/.exec(data ?? '')?.[1] ?? []),
  ]);
  const [which, ...others] = names;
  if (which === undefined || others.length > 0 || sheets.length !== SHEETS)
    throw new Error(
      `After a restore that was broken off ${sheets.length} sheets of ${[...names].join(' and ')} are there.`,
    );
  const unit = await (await fetch(`${base}/api/log/unit?hand=brush&unit=${UNIT}`)).json();
  const ratings = (unit.ratings as unknown[]).length;
  if (ratings !== SESSIONS) throw new Error(`${ratings} of ${SESSIONS} sessions are remembered.`);
  return which;
}

/**
 * Restores under way on one of two servers, which is killed (SIGKILL) at random moments: afterwards the desk is the one or the other, whole,
 * and the one that was restored if that was acknowledged.
 */
export async function restores(times: number, seed: number, port: number): Promise<string> {
  rmSync(FOLDER, { recursive: true, force: true });
  const next = numbersFrom(seed);
  const env = { ELVANE_DB_URL: `file:${FOLDER}/faults.db` };
  const other = await serve({ port: port - 1, env });
  const desks: Tables[] = [];
  for (const which of ['one', 'two']) {
    await fill(other.base, which);
    desks.push(await desk(other.base));
  }
  let requests = 0;
  await restore(other.base, desks[0] as Tables, 'first', () => {
    requests += 1;
  });
  let [acknowledged, replaced, brokenOff] = [0, 0, 0];
  let now = 'one';
  let server: Server = await serve({ port, env });
  for (let i = 0; i < times; i++) {
    const to = now === 'one' ? 'two' : 'one';
    let out = 0;
    const under = restore(server.base, desks[to === 'one' ? 0 : 1] as Tables, `batch-${i}`, () => {
      out += 1;
    });
    // Every second time in the middle of the replacement itself.
    const last = i % 2 ? requests : Math.ceil(next() * requests);
    let over = false;
    void under.finally(() => {
      over = true;
    });
    while (out < last && !over) await later(1);
    await later(next() ** 3 * WITHIN);
    await server.end('SIGKILL');
    const done = await under;
    server = await serve({ port, env });
    const stands = await standing(i % 2 ? server.base : other.base);
    if (done && stands !== to)
      throw new Error(`The restore of “${to}” was acknowledged, “${stands}” is there.`);
    if (done) acknowledged += 1;
    else if (stands === to) replaced += 1;
    else brokenOff += 1;
    now = stands;
  }
  for (const { end } of [server, other]) await end('SIGKILL');
  return `${times} kills, seed ${seed}: ${brokenOff} restores changed nothing, ${replaced} were done and not answered, ${acknowledged} were acknowledged; the desk whole each time`;
}
