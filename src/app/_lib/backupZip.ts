import 'server-only';
import { ENDINGS } from '@/core/picture/picture';
import { streamBackup } from '@/store/backupStream';
import { zipStream } from './zipStream';

/** Everything in one zip, made as it is read: a manifest, the pictures, and a file of JSON lines for each table. */
export const backupZip = (now: Date): ReadableStream<Uint8Array> =>
  zipStream((add) =>
    streamBackup(now, {
      manifest: (manifest) => add('manifest.json', `${JSON.stringify(manifest, null, 2)}\n`),
      picture: ({ id, type, bytes }) => add(`pictures/${id}.${ENDINGS[type]}`, bytes),
      row: (table, row) => add(`${table}.jsonl`, `${JSON.stringify(row)}\n`),
      unreadable: (table, row) => add('unreadable.txt', `${table} ${JSON.stringify(row)}\n`),
    }),
  );
