import 'server-only';
import { createWriteStream, openAsBlob } from 'node:fs';
import { mkdir, readdir, rename, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { countRows } from '@/store/counts';
import { readBackup } from '@/ui/workshop/readBackup';
import { backupZip } from './backupZip';
import { log } from './log';

/** Number of daily copies kept. */
const KEPT = 7;
/** Interval, in ms, of the check whether today's copy exists. */
const EVERY = 60 * 60 * 1000;
const NAME = /^elvane-copy-(\d{4}-\d{2}-\d{2})\.zip$/;

/** A backup that the server made by itself. */
export interface Copy {
  readonly name: string;
  /** Of the day in UTC, as in 2026-11-30. */
  readonly day: string;
  readonly bytes: number;
}

/** The folder of `ELVANE_COPIES`; undefined where none is named. */
const folder = (): string | undefined => process.env.ELVANE_COPIES?.trim() || undefined;

/** The copies there are, the latest first. */
export async function listCopies(): Promise<readonly Copy[]> {
  const where = folder();
  if (!where) return [];
  const names = await readdir(where).catch(() => []);
  const found = names.flatMap((name) => {
    const day = NAME.exec(name)?.[1];
    return day ? [{ name, day }] : [];
  });
  const copies = await Promise.all(
    found.map(async (copy) => ({ ...copy, bytes: (await stat(join(where, copy.name))).size })),
  );
  return copies.sort((a, b) => b.day.localeCompare(a.day));
}

/** The file of a copy; undefined where there is none of that name. Only names of copies are looked for. */
export async function findCopy(name: string): Promise<Blob | undefined> {
  const where = folder();
  if (!where || !NAME.test(name)) return undefined;
  return openAsBlob(join(where, name), { type: 'application/zip' }).catch(() => undefined);
}

/**
 * Makes the copy of a day, unless it is there, and throws away all but the latest. It is read from end to end before it takes its
 * name: a copy that is listed can be restored. An empty desk is not copied: after damage it would push out, day by day, the copies that
 * hold something.
 * @throws what the store, the disk or the reading of the copy says.
 */
export async function makeCopy(now: Date): Promise<void> {
  const where = folder();
  if (!where) return;
  await mkdir(where, { recursive: true });
  const name = `elvane-copy-${now.toISOString().slice(0, 10)}.zip`;
  if ((await listCopies()).some((copy) => copy.name === name)) return;
  if (Object.values(await countRows()).every((count) => count === 0)) return;
  const unfinished = join(where, `${name}.part`);
  try {
    await pipeline(Readable.from(backupZip(now)), createWriteStream(unfinished));
    for await (const _ of readBackup(await openAsBlob(unfinished))) {
      // Reading it through verifies it: a truncated row or a missing picture throws.
    }
    await rename(unfinished, join(where, name));
  } finally {
    await rm(unfinished, { force: true });
  }
  for (const old of (await listCopies()).slice(KEPT)) await rm(join(where, old.name), { force: true });
}

/** Makes the daily copy while the server runs; a failure is logged and retried. */
export function startCopies(): void {
  if (!folder()) return;
  const copy = () =>
    makeCopy(new Date()).catch((error: unknown) =>
      log.error({ err: error }, 'the copy of today could not be made'),
    );
  void copy();
  setInterval(() => void copy(), EVERY).unref();
}
