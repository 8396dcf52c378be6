import { Unzip, UnzipInflate, UnzipPassThrough } from 'fflate';
import { z } from 'zod';
import { PICTURE_BYTES } from '@/core/picture/picture';
import { Problem } from '@/core/problem/problem';

/** The zips this reads: the earliest held photos inside the rows of things. */
const VERSIONS = { earliest: 2, latest: 3 };

const manifestSchema = z.object({
  format: z.literal('elvane-backup'),
  version: z.int().min(VERSIONS.earliest),
  madeAt: z.iso.datetime().optional(),
  pictures: z.int().min(0).default(0),
  tables: z.record(z.string(), z.int().min(0)),
});
export type BackupManifest = z.infer<typeof manifestSchema>;

/** Longest line: a word list, or a thing of an earlier backup with its photo. */
const LONGEST_LINE = 6 * 1024 * 1024;
/** Maximum number of characters in one batch of rows. */
const TOGETHER = 1024 * 1024;

/** Rows of one table, in the order of the backup. */
export interface BackupRows {
  readonly table: string;
  readonly first: number;
  readonly rows: readonly unknown[];
}

/** A picture of the backup. */
export interface BackupPicture {
  readonly picture: Uint8Array<ArrayBuffer>;
}

export type BackupPart = BackupManifest | BackupPicture | BackupRows;

const broken = (name: string, why: string) =>
  new Problem('backup', `“${name}” cannot be read: ${why} Nothing was changed.`);

/** Parts one after the other. */
function joined(parts: readonly Uint8Array[]): Uint8Array<ArrayBuffer> {
  const whole = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}

/** Is this file a zip, by its first bytes? */
export async function isZip(file: Blob): Promise<boolean> {
  const [p, k] = new Uint8Array(await file.slice(0, 2).arrayBuffer());
  return p === 0x50 && k === 0x4b;
}

/**
 * Reads a backup a piece at a time, holding no more than a few rows or pictures of it: the manifest first, then
 * pictures, then rows by table.
 * @throws Problem when it is no backup, is cut short or is of a later version.
 */
export async function* readBackup(
  file: Blob & { readonly name?: string },
  onRead: (bytes: number) => void = () => undefined,
): AsyncGenerator<BackupPart> {
  const name = file.name ?? 'The backup';
  const ready: BackupPart[] = [];
  let manifest: BackupManifest | undefined;
  let failed: Problem | undefined;
  let ended = 0;
  let pictures = 0;

  const readManifest = (text: string) => {
    const found = manifestSchema.safeParse(JSON.parse(text));
    if (!found.success) throw broken(name, 'it is not an Elvane backup.');
    if (found.data.version > VERSIONS.latest) {
      throw broken(
        name,
        `it is of version ${found.data.version}, and this Elvane reads up to ${VERSIONS.latest}.`,
      );
    }
    manifest = found.data;
    ready.push(manifest);
  };

  const unzip = new Unzip((entry) => {
    const table = /^([A-Za-z]{1,20})\.jsonl$/.exec(entry.name)?.[1];
    const isPicture = entry.name.startsWith('pictures/');
    const picture: Uint8Array[] = [];
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
        if ((table || isPicture) && !manifest) throw broken(name, 'it is not an Elvane backup.');
        if (isPicture) {
          picture.push(chunk.slice());
          size += chunk.length;
          if (size > PICTURE_BYTES) throw broken(name, 'one of its pictures is larger than any of ours.');
          if (!last) return;
          ready.push({ picture: joined(picture) });
          pictures += 1;
          ended += 1;
          return;
        }
        const isManifest = entry.name === 'manifest.json';
        // Entries that do not belong to a backup are skipped without unpacking.
        if (!table && !isManifest) {
          if (last) ended += 1;
          return;
        }
        text += decoder.decode(chunk, { stream: !last });
        if (text.length > LONGEST_LINE && !table) throw broken(name, 'it is not an Elvane backup.');
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
        } else if (last) readManifest(text);
        if (last) ended += 1;
      } catch (thrown) {
        failed = thrown instanceof Problem ? thrown : broken(name, 'it is damaged.');
      }
    };
    entry.start();
  });
  unzip.register(UnzipInflate);
  unzip.register(UnzipPassThrough);

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
  if (ended < files + manifest.pictures + 1 || pictures < manifest.pictures)
    throw broken(name, 'it is cut short.');
}
