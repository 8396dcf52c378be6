'use client';

import { useState } from 'react';
import type { Fate, LoggedSession } from '@/core/log/sessionCsv';
import { capital, counted } from '@/core/measure/words';
import { FileButton } from '../fields/FileButton';
import { useNotice } from '../frame/notices';
import { useGuarded } from '../frame/useGuarded';
import { askServer, newId, sentenceOf } from '../lib/api';

const FORMATS = [
  ['csv', 'Table (CSV)'],
  ['json', 'JSON'],
  ['ics', 'Calendar (iCalendar)'],
] as const;
/** Largest file read, in bytes: ten years of daily sessions are under 3 MB. */
const LARGEST = 8 * 1024 * 1024;
const SHOWN = 200;

interface Row {
  readonly row: number;
  readonly fate: Fate;
  readonly what: string;
}
interface Read {
  readonly rows: readonly Row[];
  readonly sessions: readonly LoggedSession[];
}

const FATE_WORDS: Readonly<Record<Fate, string>> = {
  new: 'new',
  changed: 'changed',
  same: 'as before',
  refused: 'refused',
};

/** The logbook as files: out as a table, JSON or a calendar; in from a table, with every row's fate before anything is kept. */
export function LogFiles() {
  const [read, setRead] = useState<Read | null>(null);
  const { busy, guarded } = useGuarded();
  const notice = useNotice();
  const open = (file: File) => guarded(async () => setRead(await readFile(file)));
  const keep = (sessions: readonly LoggedSession[]) =>
    guarded(async () => {
      await askServer('POST /api/log/import', { json: { sessions } });
      setRead(null);
      notice({
        tone: 'done',
        text: `${capital(counted(sessions.length, 'session'))} ${sessions.length === 1 ? 'is' : 'are'} in the logbook.`,
      });
    });
  return (
    <div className="space-y-6 pt-4">
      <section aria-labelledby="out" className="space-y-2">
        <h2 id="out" className="margin-heading">
          Export
        </h2>
        <div className="flex flex-wrap gap-1">
          {FORMATS.map(([format, name]) => (
            <a key={format} className="btn btn-sm" href={`/api/log/export?format=${format}`} download>
              {name}
            </a>
          ))}
        </div>
        <p className="text-sm opacity-80">
          All sessions. An exported table can be read in again unchanged; times keep the time zone they were
          written in.
        </p>
      </section>
      <section aria-labelledby="in" className="space-y-2">
        <h2 id="in" className="margin-heading">
          Import
        </h2>
        <FileButton label="Logbook table" accept=".csv,text/csv" onFile={(file) => void open(file)}>
          Read a table (CSV)
        </FileButton>
        {read && (
          <div className="space-y-2" data-testid="fates">
            <p>
              {(Object.keys(FATE_WORDS) as Fate[])
                .map((fate) => `${read.rows.filter((row) => row.fate === fate).length} ${FATE_WORDS[fate]}`)
                .join(', ')}
              .
            </p>
            <ol className="text-sm">
              {read.rows.slice(0, SHOWN).map(({ row, fate, what }) => (
                <li key={row}>
                  Row {row}: <b>{FATE_WORDS[fate]}</b> · {what}
                </li>
              ))}
            </ol>
            <div className="flex gap-1">
              <button
                type="button"
                className="btn btn-sm btn-primary"
                disabled={busy || read.sessions.length === 0}
                onClick={() => void keep(read.sessions)}
              >
                Keep {counted(read.sessions.length, 'session')}
              </button>
              <button type="button" className="btn btn-sm btn-ghost" onClick={() => setRead(null)}>
                Keep nothing
              </button>
            </div>
          </div>
        )}
      </section>
    </div>
  );
}

/** Reads a table and asks the server for the fate of each row, without saving anything. */
async function readFile(file: File): Promise<Read> {
  const [{ default: papa }, { readSessionRow }, { decodeText }, { Problem }] = await Promise.all([
    import('papaparse'),
    import('@/core/log/sessionCsv'),
    import('@/core/kit/csv'),
    import('@/core/problem/problem'),
  ]);
  if (file.size > LARGEST) {
    throw new Problem('file', `“${file.name}” is larger than ${LARGEST / 1024 / 1024} MB; split it.`);
  }
  const text = decodeText(new Uint8Array(await file.arrayBuffer()));
  const { data } = papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
  if (data.length === 0) throw new Problem('file', `“${file.name}” has no rows under its headings.`);
  const rows: Row[] = [];
  const sessions: { row: number; logged: LoggedSession }[] = [];
  data.forEach((cells, i) => {
    const row = i + 2;
    try {
      sessions.push({ row, logged: readSessionRow(cells, `ses-${newId()}`) });
    } catch (error) {
      rows.push({ row, fate: 'refused', what: sentenceOf(error) });
    }
  });
  const { fates } = await askServer('POST /api/log/import', {
    query: { dry: '1' },
    json: { sessions: sessions.map(({ logged }) => logged) },
  });
  sessions.forEach(({ row, logged: { session } }, i) => {
    const what = `${session.hand}, ${session.began.slice(0, 16).replace('T', ' ')}, ${session.minutes} min`;
    rows.push({ row, fate: fates[i] ?? 'refused', what });
  });
  return {
    rows: rows.sort((a, b) => a.row - b.row),
    sessions: sessions.flatMap(({ logged }, i) => (fates[i] === 'same' ? [] : [logged])),
  };
}
