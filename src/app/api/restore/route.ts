import { answer, BACKUP_BODY, parse, readJson } from '@/app/_lib/http';
import { parseRecipe } from '@/core/document/recipe';
import { readEntry } from '@/core/log/entry';
import { Problem } from '@/core/problem/problem';
import { BACKUP_FORMAT, BACKUP_VERSION, backupSchema, restoreBackup } from '@/store/backup';

/** Replaces everything by a backup. Every recipe in it is read before anything is written. */
export const POST = (request: Request) =>
  answer(request, async () => {
    const data = await readJson(request, BACKUP_BODY);
    const head = (data ?? {}) as { format?: unknown; version?: unknown };
    if (head.format !== BACKUP_FORMAT) {
      throw new Problem('format', 'This is not an Elvane backup: its “format” is not “elvane-backup”.');
    }
    if (typeof head.version === 'number' && head.version > BACKUP_VERSION) {
      throw new Problem(
        'version',
        `This backup is of version ${head.version}; this Elvane reads up to ${BACKUP_VERSION}.`,
      );
    }
    const backup = parse(backupSchema, data);
    for (const sheet of backup.sheets) {
      try {
        parseRecipe(JSON.parse(sheet.recipe));
      } catch (error) {
        const why = error instanceof Problem ? error.message : 'it is not JSON.';
        throw new Problem(
          'sheets',
          `The sheet “${sheet.name}” in this backup cannot be read: ${why} Nothing was changed.`,
        );
      }
    }
    for (const { id, kind, data } of backup.records) {
      try {
        readEntry(kind, JSON.parse(data));
      } catch (error) {
        const why = error instanceof Problem ? error.message : 'it is not JSON.';
        throw new Problem(
          'records',
          `The ${kind} “${id}” in this backup cannot be read: ${why} Nothing was changed.`,
        );
      }
    }
    await restoreBackup(backup, new Date());
    const { sheets, nibs, printers } = backup;
    return Response.json({ sheets: sheets.length, nibs: nibs.length, printers: printers.length });
  });
