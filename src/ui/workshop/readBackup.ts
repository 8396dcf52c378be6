import { Unzip, UnzipInflate } from 'fflate';
import { z } from 'zod';
import { Problem } from '@/core/problem/problem';

/** The latest version of a backup this reads. */
const VERSION = 2;

const manifestSchema = z.object({
  format: z.literal('elvane-backup'),
  version: z.int().min(VERSION),
  tables: z.record(z.string(), z.int().min(0)),
});
export type BackupManifest = z.infer<typeof manifestSchema>;

/** Longest line: a word list, or a thing with its photo. */
const LONGEST_LINE = 6 * 1024 * 1024;
/** Rows handed on together hold at most so many characters. */
const TOGETHER = 1024 * 1024;

/** Rows of one table, in the order of the backup. */
export interface BackupRows {
  readonly table: string;
  readonly first: number;
  readonly rows: readonly unknown[];
}

const broken = (name: string, why: string) =>
  new Problem('backup', `“${name}” cannot be read: ${why} Nothing was changed.`);

/** Is this file a zip, by its first bytes? */
export async function isZip(file: Blob): Promise<boolean> {
  const [p, k] = new Uint8Array(await file.slice(0, 2).arrayBuffer());
  return p === 0x50 && k === 0x4b;
}

/**
 * Reads a backup a piece at a time, holding no more than a few rows of it: the manifest first, then rows by table.
 * @throws Problem when it is no backup, is cut short or is of a later version.
 */
export async function* readBackup(
  file: Blob & { readonly name?: string },
  onRead: (bytes: number) => void = () => undefined,
): AsyncGenerator<BackupManifest | BackupRows> {
  const name = file.name ?? 'The backup';
  const ready: (BackupManifest | BackupRows)[] = [];
  let manifest: BackupManifest | undefined;
  let failed: Problem | undefined;
  let ended = 0;

  const readManifest = (text: string) => {
    const found = manifestSchema.safeParse(JSON.parse(text));
    if (!found.success) throw broken(name, 'it is not an Elvane backup.');
    if (found.data.version > VERSION) {
      throw broken(name, `it is of version ${found.data.version}, and this Elvane reads up to ${VERSION}.`);
    }
    manifest = found.data;
    ready.push(manifest);
  };

  const unzip = new Unzip((entry) => {
    const table = /^([A-Za-z]{1,20})\.jsonl$/.exec(entry.name)?.[1];
    const decoder = new TextDecoder();
    let text = '';
    let rows: unknown[] = [];
    let size = 0;
    let first = 0;
    const flush = () => {
      if (table && rows.length > 0) ready.push({ table, first, rows });
      first += rows.length;
      rows = [];
      size = 0;
    };
    entry.ondata = (error, chunk, last) => {
      if (failed) return;
      try {
        if (error) throw broken(name, 'it is damaged.');
        if (table && !manifest) throw broken(name, 'it is not an Elvane backup.');
        text += decoder.decode(chunk, { stream: !last });
        if (table) {
          const lines = text.split('\n');
          text = lines.pop() ?? '';
          if (text.length > LONGEST_LINE) throw broken(name, 'one of its rows is longer than any of ours.');
          for (const line of lines) {
            rows.push(JSON.parse(line));
            size += line.length;
            if (size > TOGETHER) flush();
          }
          if (last) flush();
        } else if (last && entry.name === 'manifest.json') readManifest(text);
        if (last) ended += 1;
      } catch (thrown) {
        failed = thrown instanceof Problem ? thrown : broken(name, 'it is damaged.');
      }
    };
    entry.start();
  });
  unzip.register(UnzipInflate);

  let read = 0;
  const reader = file.stream().getReader();
  for (;;) {
    const { done, value } = await reader.read();
    try {
      unzip.push(value ?? new Uint8Array(), done);
    } catch {
      failed ??= broken(name, 'it is damaged.');
    }
    if (failed) throw failed;
    read += value?.byteLength ?? 0;
    onRead(read);
    yield* ready.splice(0);
    if (done) break;
  }
  if (!manifest) throw broken(name, 'it is not an Elvane backup.');
  const files = Object.values(manifest.tables).filter((rows) => rows > 0).length;
  if (ended < files + 1) throw broken(name, 'it is cut short.');
}
