import { readBackup } from '../../src/ui/workshop/readBackup';

/** A row of a backup: texts by their names. */
type Row = Readonly<Record<string, string>>;
/** All a desk holds, by table. */
export type Tables = Readonly<Record<string, readonly Row[]>>;

/** All a desk holds, as its backup has it. */
export async function desk(base: string): Promise<Tables> {
  const answer = await fetch(`${base}/api/backup`);
  if (!answer.ok) throw new Error(`A backup was answered ${answer.status}.`);
  const tables: Record<string, Row[]> = {};
  for await (const part of readBackup(await answer.blob()))
    if ('rows' in part) tables[part.table] = [...(tables[part.table] ?? []), ...(part.rows as Row[])];
  return tables;
}
