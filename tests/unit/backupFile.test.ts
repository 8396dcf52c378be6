import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { zipStream } from '@/app/_lib/zipStream';
import { PICTURE_BYTES } from '@/core/picture/picture';
import { Problem } from '@/core/problem/problem';
import { type BackupPart, isZip, readBackup } from '@/ui/workshop/readBackup';

const manifest = (tables: Record<string, number>, version = 2, pictures = 0) =>
  JSON.stringify({ format: 'elvane-backup', version, madeAt: '2026-11-24T12:00:00.000Z', tables, pictures });

/** A zip as the server makes it. */
async function served(
  files: readonly (readonly [string, readonly (string | Uint8Array)[]])[],
): Promise<Uint8Array<ArrayBuffer>> {
  const stream = zipStream(async (add) => {
    for (const [name, parts] of files) for (const part of parts) await add(name, part);
  });
  return new Uint8Array(await new Response(stream).arrayBuffer());
}

async function readAll(bytes: Uint8Array<ArrayBuffer>): Promise<BackupPart[]> {
  const found: BackupPart[] = [];
  for await (const part of readBackup(new Blob([bytes]))) found.push(part);
  return found;
}

const rowsIn = (parts: readonly BackupPart[]) =>
  parts.flatMap((part) =>
    'rows' in part ? part.rows.map((row, i) => [part.table, part.first + i, row]) : [],
  );

describe('a backup as it comes from the server', () => {
  it('is read row by row, whatever stands in the rows and however it was cut', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.record({ id: fc.string(), text: fc.string({ unit: 'grapheme', maxLength: 400 }) }), {
          maxLength: 60,
        }),
        async (rows) => {
          const bytes = await served([
            ['manifest.json', [manifest({ sheets: rows.length })]],
            ['sheets.jsonl', rows.map((row) => `${JSON.stringify(row)}\n`)],
          ]);
          const parts = await readAll(bytes);
          expect(parts[0]).toMatchObject({ tables: { sheets: rows.length } });
          expect(rowsIn(parts)).toEqual(rows.map((row, i) => ['sheets', i, row]));
        },
      ),
      { numRuns: 40 },
    );
  });

  it('holds photos larger than a chunk, in several tables', async () => {
    const photo = Array.from({ length: 400_000 }, (_, i) => String.fromCharCode(33 + ((i * 7919) % 90))).join(
      '',
    );
    const item = `${JSON.stringify({ id: 'a', photo })}\n`;
    const bytes = await served([
      ['manifest.json', [manifest({ items: 5, printers: 1 })]],
      ['items.jsonl', [item, item, item, item, item]],
      ['printers.jsonl', ['{"id":"p"}\n']],
    ]);
    const rows = rowsIn(await readAll(bytes));
    expect(rows.map(([table, number]) => [table, number])).toEqual([
      ['items', 0],
      ['items', 1],
      ['items', 2],
      ['items', 3],
      ['items', 4],
      ['printers', 0],
    ]);
    expect(rows[4]?.[2]).toEqual({ id: 'a', photo });
  });
});

describe('pictures in a backup', () => {
  const files = (pictures: readonly Uint8Array[], promised = pictures.length) =>
    served([
      ['manifest.json', [manifest({ printers: 1 }, 3, promised)]],
      ...pictures.map((bytes, i) => [`pictures/${i}.png`, [bytes]] as const),
      ['printers.jsonl', ['{"id":"p"}\n']],
    ]);

  it('come byte for byte, before the rows that show them', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.uint8Array({ minLength: 1, maxLength: 5000 }), { maxLength: 5 }),
        async (pictures) => {
          const parts = await readAll(await files(pictures));
          expect(parts.flatMap((part) => ('picture' in part ? [[...part.picture]] : []))).toEqual(
            pictures.map((bytes) => [...bytes]),
          );
          expect('rows' in (parts.at(-1) ?? {})).toBe(true);
        },
      ),
      { numRuns: 30 },
    );
  });

  it('that are missing, or larger than any of ours, make it no backup', async () => {
    await expect(readAll(await files([new Uint8Array(10)], 2))).rejects.toThrow(/cut short/);
    await expect(readAll(await files([new Uint8Array(PICTURE_BYTES + 1)]))).rejects.toThrow(
      /larger than any/,
    );
  });
});

describe('what is no backup', () => {
  const good = () =>
    served([
      ['manifest.json', [manifest({ sheets: 2 })]],
      ['sheets.jsonl', ['{"id":"a"}\n', '{"id":"b"}\n']],
    ]);

  it('is told by its first bytes', async () => {
    expect(await isZip(new Blob([await good()]))).toBe(true);
    expect(await isZip(new Blob(['{"format":"elvane-backup"}']))).toBe(false);
    expect(await isZip(new Blob([]))).toBe(false);
  });

  it('is refused in plain words: another zip, a later version, rows before the manifest, broken lines', async () => {
    const zip = (files: Record<string, string>) =>
      new Uint8Array(
        zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)]))),
      );
    await expect(readAll(zip({ 'cat.txt': 'meow' }))).rejects.toThrow(/not an Elvane backup/);
    await expect(readAll(zip({ 'manifest.json': manifest({}, 9) }))).rejects.toThrow(/version 9/);
    await expect(
      readAll(zip({ 'sheets.jsonl': '{"id":"a"}\n', 'manifest.json': manifest({ sheets: 1 }) })),
    ).rejects.toThrow(/not an Elvane backup/);
    await expect(
      readAll(zip({ 'manifest.json': manifest({ sheets: 1 }), 'sheets.jsonl': '{"id":\n' })),
    ).rejects.toThrow(/damaged/);
    await expect(readAll(zip({ 'manifest.json': manifest({ sheets: 1 }) }))).rejects.toThrow(/cut short/);
  });

  it('never passes for whole when it is cut anywhere, or changed', async () => {
    const bytes = await good();
    const whole = rowsIn(await readAll(bytes));
    await fc.assert(
      fc.asyncProperty(
        fc.integer({ min: 0, max: bytes.length - 1 }),
        fc.integer({ min: 1, max: 255 }),
        async (at, by) => {
          const changed = bytes.slice();
          changed[at] = (changed[at] as number) ^ by;
          const outcome = async (damaged: Uint8Array<ArrayBuffer>) => {
            try {
              return rowsIn(await readAll(damaged));
            } catch (error) {
              expect(error).toBeInstanceOf(Problem);
              return undefined;
            }
          };
          // Cut short it is refused, or only its table of contents is missing and every row is there.
          expect([undefined, whole]).toContainEqual(await outcome(bytes.slice(0, at)));
          // Changed it may still be a zip, of other rows: never of more than it had.
          expect((await outcome(changed))?.length ?? 0).toBeLessThanOrEqual(whole.length);
        },
      ),
      { numRuns: 150 },
    );
  });
});
