import { KEPT_TABLES } from '@/core/desk/keptTables';
import { lookUp } from '@/core/measure/lookUp';
import { counted } from '@/core/measure/words';
import { Problem } from '@/core/problem/problem';
import { askServer, call, newId } from '../lib/api';
import { isZip, readBackup } from './readBackup';

export { isZip };

/** How many rows of each table were restored. */
export type Restored = Readonly<Record<string, number>>;

/** Largest backup of the old kind that is read: those were never larger. */
const LARGEST_OLD_MB = 16;

/**
 * Restores a zip: it is read here a piece at a time, its pictures are kept (nothing shows them yet), its rows are put aside on the server, and only when all have come
 * through do they take the place of what is there. Stopped at any moment, nothing has changed.
 * @throws Problem saying what cannot be read.
 */
export async function restoreZip(
  file: File,
  signal: AbortSignal,
  onShare: (share: number) => void,
  keepWhatIsThere: () => Promise<void>,
): Promise<Restored> {
  const batch = newId();
  const address = `/api/restore/rows?batch=${batch}`;
  let expected: Restored = {};
  let pictures = 0;
  try {
    for await (const part of readBackup(file, (read) => onShare(read / file.size))) {
      signal.throwIfAborted();
      if ('tables' in part) expected = part.tables;
      else if ('picture' in part) {
        await call('/api/pictures', { method: 'POST', body: part.picture, signal });
        pictures += 1;
      } else await call(address, { method: 'POST', json: part, signal });
    }
    await keepWhatIsThere();
    signal.throwIfAborted();
    await call(address, { method: 'PUT', json: expected });
    return { ...expected, pictures };
  } catch (error) {
    await call(address, { method: 'DELETE' }).catch(() => undefined);
    throw error;
  }
}

/** A backup of version 1, one JSON file, as it is read. */
async function readOld(file: File): Promise<object> {
  if (file.size > LARGEST_OLD_MB * 1024 * 1024) {
    throw new Problem(
      'backup',
      `“${file.name}” is not a zip and is larger than ${LARGEST_OLD_MB} MB: it cannot be a backup of this desk.`,
    );
  }
  let data: unknown;
  try {
    data = JSON.parse(await file.text());
  } catch {
    throw new Problem('backup', `“${file.name}” is neither a zip nor readable JSON. Nothing was changed.`);
  }
  if (typeof data !== 'object' || data === null || !('format' in data) || data.format !== 'elvane-backup') {
    throw new Problem('backup', `“${file.name}” is not an Elvane backup. Nothing was changed.`);
  }
  return data;
}

/** Restores a backup of version 1. */
export async function restoreOld(
  file: File,
  signal: AbortSignal,
  keepWhatIsThere: () => Promise<void>,
): Promise<Restored> {
  const data = await readOld(file);
  await keepWhatIsThere();
  return (await askServer('POST /api/restore', { json: data, signal })).restored;
}

/** What a backup holds, before anything is done with it. */
export interface Contents {
  readonly counts: Restored;
  readonly madeAt: string | undefined;
}

/**
 * Looks into a backup.
 * @throws Problem saying why it is none.
 */
export async function contentsOf(file: File): Promise<Contents> {
  if (await isZip(file)) {
    for await (const part of readBackup(file)) {
      if ('tables' in part)
        return { counts: { ...part.tables, pictures: part.pictures }, madeAt: part.madeAt };
    }
  }
  const data = await readOld(file);
  const counts = Object.entries(data).flatMap(([name, rows]) =>
    Array.isArray(rows) ? [[name, rows.length]] : [],
  );
  const madeAt = 'madeAt' in data && typeof data.madeAt === 'string' ? data.madeAt : undefined;
  return { counts: Object.fromEntries(counts), madeAt };
}

/** Nibs were a table of their own in the earliest backups. */
const NAMES: Readonly<Record<string, { readonly one: string; readonly many: string }>> = {
  ...KEPT_TABLES,
  nibs: { one: 'nib', many: 'nibs' },
  pictures: { one: 'photo', many: 'photos' },
};

/** "9 sheets, 46 things on the bench and one printer". */
export function countsInWords(counts: Restored): string {
  const parts = Object.entries(NAMES).flatMap(([name, { one, many }]) => {
    const count = lookUp(counts, name) ?? 0;
    return count > 0 ? [counted(count, one, many)] : [];
  });
  const last = parts.pop();
  if (last === undefined) return 'nothing';
  return parts.length > 0 ? `${parts.join(', ')} and ${last}` : last;
}
