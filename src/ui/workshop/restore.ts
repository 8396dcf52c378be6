import { Problem } from '@/core/problem/problem';
import { call, newId } from '../lib/api';
import { readBackup } from './readBackup';

export { isZip } from './readBackup';

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
  try {
    for await (const part of readBackup(file, (read) => onShare(read / file.size))) {
      signal.throwIfAborted();
      if ('tables' in part) expected = part.tables;
      else if ('picture' in part) await call('/api/pictures', { method: 'POST', body: part.picture, signal });
      else await call(address, { method: 'POST', json: part, signal });
    }
    await keepWhatIsThere();
    signal.throwIfAborted();
    await call(address, { method: 'PUT', json: expected });
    return expected;
  } catch (error) {
    await call(address, { method: 'DELETE' }).catch(() => undefined);
    throw error;
  }
}

/** Restores a backup of version 1, one JSON file. */
export async function restoreOld(
  file: File,
  signal: AbortSignal,
  keepWhatIsThere: () => Promise<void>,
): Promise<Restored> {
  if (file.size > LARGEST_OLD_MB * 1024 * 1024) {
    throw new Problem(
      'backup',
      `“${file.name}” is no zip, and larger than ${LARGEST_OLD_MB} MB: it cannot be a backup of this desk.`,
    );
  }
  let data: unknown;
  try {
    data = JSON.parse(await file.text());
  } catch {
    throw new Problem('backup', `“${file.name}” is neither a zip nor readable JSON. Nothing was changed.`);
  }
  await keepWhatIsThere();
  const answer = await call('/api/restore', { method: 'POST', json: data, signal });
  return ((await answer.json()) as { restored: Restored }).restored;
}
