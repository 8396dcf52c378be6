import { rmSync } from 'node:fs';
import { DEMO_BENCH } from '../../src/core/kit/demoBench';
import type { Item } from '../../src/core/kit/itemFormat';
import { numbersFrom } from '../../src/core/measure/seeded';
import { later, send, serve } from './server';

const FOLDER = 'test-results/faults/sittings';
/** A server is killed within so many writes, and then within so many ms, wherever the next write is: a session has fourteen. */
const MOST_WRITES = 30;
const WITHIN = 20;
const STEPS = 12;
const MINUTES = 12;
const TOOL = 'square-2-4';
const UNIT = 'letter:n';

const nib = DEMO_BENCH.find(({ id }) => id === TOOL) as Item;
const kit = { tool: { id: TOOL, label: nib.label } };
const began = '2026-11-27T18:00:00+01:00';

/** A session under way on the server: step after step is kept, then it is ended, then the next begins. */
class AtTheDesk {
  number = 0;
  /** The step of the sitting that was acknowledged last. */
  at = 0;
  /** Writes that were acknowledged. */
  writes = 0;
  /** Sessions that were acknowledged, and those that were sent. */
  readonly kept = new Set<string>();
  readonly sent = new Set<string>();

  get sitting(): string {
    return `sit-${this.number}`;
  }

  /** One write after the other, until the server answers no more. */
  async write(base: string): Promise<void> {
    for (;;) {
      if (this.at < STEPS) {
        const data = {
          hand: 'italic',
          began,
          steps: Array.from({ length: STEPS }, () => ({ unit: UNIT, minutes: 1, reason: 'due', text: 'n' })),
          at: this.at + 1,
          seconds: (this.at + 1) * 60,
          kit,
        };
        const answer = await send('PUT', `${base}/api/records/${this.sitting}`, { kind: 'sitting', data });
        if (answer.status !== 200) return;
        this.writes += 1;
        this.at += 1;
        continue;
      }
      const id = `ses-${this.number}`;
      const data = {
        hand: 'italic',
        began,
        ended: `2026-11-27T18:${String(this.number % 60).padStart(2, '0')}:00+01:00`,
        minutes: MINUTES,
        units: [UNIT],
        kit,
      };
      this.sent.add(id);
      const answer = await send('PUT', `${base}/api/records/${id}`, { kind: 'session', data });
      if (answer.status !== 200) return;
      this.writes += 1;
      this.kept.add(id);
      await send('DELETE', `${base}/api/records/${this.sitting}`, undefined);
      this.number += 1;
      this.at = 0;
    }
  }

  /** What was acknowledged and is not there, in words; what came of the sessions counted as often as they are there. */
  async lost(base: string): Promise<string[]> {
    const lost: string[] = [];
    const page = (await (await fetch(`${base}/today/session?id=${this.sitting}`)).text()).replaceAll(
      '\\"',
      '"',
    );
    const at = Number(/"at":(\d+),/.exec(page)?.[1] ?? 0);
    if (this.at > 0 && at < this.at) lost.push(`${this.sitting}: step ${this.at} was kept, ${at} is there`);
    this.at = Math.max(this.at, at);
    const unit = await (await fetch(`${base}/api/log/unit?hand=italic&unit=${UNIT}`)).json();
    const there = new Set((unit.ratings as { session: string }[]).map(({ session }) => session));
    for (const id of this.kept) if (!there.has(id)) lost.push(`${id} was kept and is not in the logbook`);
    for (const id of there) if (!this.sent.has(id)) lost.push(`${id} was never written`);
    const items = (await (await fetch(`${base}/api/items`)).json()) as Item[];
    const hours = items.find(({ id }) => id === TOOL)?.hours ?? 0;
    const expected = nib.hours + (there.size * MINUTES) / 60;
    if (Math.abs(hours - expected) > 0.01 * there.size + 0.01)
      lost.push(`${hours} hours are on the nib, ${expected} were written`);
    for (const id of there) this.kept.add(id);
    return lost;
  }
}

/** The server killed (SIGKILL) in the middle of sessions, and started anew on the same database. */
export async function sittings(times: number, seed: number, port: number): Promise<string> {
  rmSync(FOLDER, { recursive: true, force: true });
  const next = numbersFrom(seed);
  const options = { port, env: { ELVANE_DB_URL: `file:${FOLDER}/faults.db` } };
  const desk = new AtTheDesk();
  const first = await serve(options);
  await send('PUT', `${first.base}/api/items/${TOOL}`, nib);
  await first.end('SIGKILL');
  for (let i = 0; i < times; i++) {
    const server = await serve(options);
    let over = false;
    const writing = desk.write(server.base).finally(() => {
      over = true;
    });
    const last = desk.writes + Math.floor(next() * MOST_WRITES);
    while (desk.writes < last && !over) await later(1);
    await later(next() * WITHIN);
    if (over) throw new Error('A write was refused by a server that was left alone.');
    await server.end('SIGKILL');
    await writing;
    const again = await serve(options);
    const lost = await desk.lost(again.base);
    if (lost.length > 0) throw new Error(lost.join('\n'));
    await again.end('SIGKILL');
  }
  if (desk.number === 0) throw new Error('No session was ended: nothing was tried.');
  return `${times} kills, seed ${seed}: ${desk.number} sessions ended, nothing acknowledged lost, hours counted once`;
}
