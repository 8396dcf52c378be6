'use client';

import { Download, Trash2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { KEPT_TABLES } from '@/core/desk/keptTables';
import type { UnreadableRow } from '@/core/desk/routes';
import { useNotice } from '../frame/notices';
import { askServer, call, downloadJson } from '../lib/api';

/** What is kept and cannot be read, row by row, with a way to save and to remove it; nothing where all can. */
export function UnreadablePanel() {
  const [rows, setRows] = useState<readonly UnreadableRow[]>([]);
  const notice = useNotice();
  useEffect(() => {
    askServer('GET /api/unreadable', {}).then(setRows, () => undefined);
  }, []);
  if (rows.length === 0) return null;
  const remove = async ({ table, key }: UnreadableRow) => {
    try {
      await call('/api/unreadable', { method: 'DELETE', json: { table, key } });
      setRows((list) => list.filter((row) => row.table !== table || row.key !== key));
    } catch (error) {
      notice.failed(error);
    }
  };
  return (
    <section aria-labelledby="unreadable" className="space-y-3">
      <h2 id="unreadable" className="margin-heading">
        What cannot be read
      </h2>
      <p className="max-w-prose">
        These are in the database, but nothing here can read them: another version wrote them, or they were
        damaged. Everything else works. Save one to repair it by hand and bring it back as a file, or remove
        it.
      </p>
      <ul className="divide-y divide-base-300">
        {rows.map((row) => (
          <li key={`${row.table} ${row.key}`} className="flex flex-wrap items-center gap-2 py-2">
            <span className="min-w-60 flex-1">
              <b>
                {KEPT_TABLES[row.table].row} “{row.key}”
              </b>
              <br />
              <span className="text-sm">{row.why}</span>
            </span>
            <button
              type="button"
              className="btn btn-sm"
              onClick={() => downloadJson(JSON.parse(row.content), `${row.table}-${row.key}.json`)}
            >
              <Download size={15} aria-hidden /> Save it
            </button>
            <button type="button" className="btn btn-ghost btn-sm" onClick={() => void remove(row)}>
              <Trash2 size={15} aria-hidden /> Remove
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
