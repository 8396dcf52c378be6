import { execFileSync } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { freshRecipe } from '../../src/core/document/defaults';
import { send, serve, statusOf } from './server';
import { Written } from './written';

const FOLDER = 'test-results/faults/disk';
/** Sizes of the small disk and of the same with room again. */
const SMALL = '2m';
const ROOM = '32m';
/** Large writes tried at most until the disk is full, and those tried on a full one. */
const MOST = 4000;
const ON_A_FULL_ONE = 50;

const mount = (...args: string[]) => execFileSync('mount', args, { stdio: 'ignore' });

/** A small disk of memory; its own folder, and how to take it away. */
function smallDisk(): () => void {
  mkdirSync(FOLDER, { recursive: true });
  mount('-t', 'tmpfs', '-o', `size=${SMALL}`, 'none', FOLDER);
  return () => execFileSync('umount', ['-l', FOLDER], { stdio: 'ignore' });
}

const OPTIONS = { env: { ELVANE_DB_URL: `file:${FOLDER}/full.db` } };

/** A disk that fills up under the database, and has room again: refused in plain words meanwhile, nothing lost. */
export async function fullDisk(port: number): Promise<string> {
  const away = smallDisk();
  try {
    const server = await serve({ port, ...OPTIONS });
    const written = new Written();
    for (const key of ['sheet-a', 'item-a']) await written.write(server.base, key);
    let writes = 0;
    let full = { status: 200, message: '' };
    for (; writes < MOST && full.status === 200; writes++) {
      const recipe = { ...freshRecipe('italic'), title: `${writes}` };
      full = await send('PUT', `${server.base}/api/sheets/fill-${writes}`, { name: 'fill', recipe });
    }
    if (full.status !== 503 || !/full/.test(full.message))
      throw new Error(`A full disk said ${JSON.stringify(full)}.`);
    let refused = 0;
    for (let i = 0; i < ON_A_FULL_ONE; i++) {
      const { status } = await written.write(server.base, i % 2 ? 'sheet-a' : 'item-a');
      if (status !== 200) refused += 1;
    }
    if ((await statusOf(`${server.base}/api/health/live`)) !== 200) throw new Error('It no longer lives.');
    const health = await (await fetch(`${server.base}/api/health`)).json();
    let lost = await written.lost(server.base);
    mount('-o', `remount,size=${ROOM}`, FOLDER);
    for (const key of ['sheet-a', 'item-a', 'sheet-b']) {
      const { status } = await written.write(server.base, key);
      if (status !== 200) throw new Error(`With room again a write was answered ${status}.`);
    }
    lost = [...lost, ...(await written.lost(server.base))];
    await server.end('SIGKILL');
    const again = await serve({ port, ...OPTIONS });
    lost = [...lost, ...(await written.lost(again.base))];
    await again.end('SIGKILL');
    if (lost.length > 0) throw new Error(lost.join('\n'));
    return `a disk of ${SMALL} full after ${writes} sheets: “${full.message}”; then ${refused} of ${ON_A_FULL_ONE} writes refused, health said “${health.wrong ?? health.status}”; with room again all kept, without a new start; nothing acknowledged lost`;
  } finally {
    away();
  }
}

/** A database on a disk that cannot be written to: the server says so and leaves; nothing is harmed. */
export async function readOnlyDisk(port: number): Promise<string> {
  const away = smallDisk();
  try {
    const server = await serve({ port, ...OPTIONS });
    const written = new Written();
    for (const key of ['sheet-a', 'item-a']) await written.write(server.base, key);
    await server.end('SIGTERM');
    mount('-o', 'remount,ro', FOLDER);
    const said = await serve({ port, ...OPTIONS }).then(
      async (started) => {
        const health = await (await fetch(`${started.base}/api/health`)).json();
        await started.end('SIGKILL');
        return `it started, health said “${health.wrong ?? health.status}”`;
      },
      (error: Error) => `it did not start: “${/"msg":"([^"]+)"/.exec(error.message)?.[1] ?? error.message}”`,
    );
    mount('-o', 'remount,rw', FOLDER);
    const again = await serve({ port, ...OPTIONS });
    const lost = await written.lost(again.base);
    await again.end('SIGKILL');
    if (lost.length > 0) throw new Error(lost.join('\n'));
    return `${said}; writable again, all was there`;
  } finally {
    away();
  }
}
