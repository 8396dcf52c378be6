'use client';

import { Printer } from 'lucide-react';
import { useState } from 'react';
import type { StudentStanding } from '@/core/desk/routes';
import { handById } from '@/core/hands/registry';
import { LONGEST_TITLE } from '@/core/sheet/title';
import { FileButton } from '../fields/FileButton';
import { useNotice } from '../frame/notices';
import { askServer, call, sentenceOf } from '../lib/api';
import { shortDate } from '../lib/dates';
import { useHandOver } from '../paper/useHandOver';

interface StudentRow extends StudentStanding {
  readonly name: string;
}

/** One row a student, from the logbooks they export as JSON: how they stand, and what to hand out next. Nothing of them is kept. */
export function Students() {
  const [rows, setRows] = useState<readonly StudentRow[]>([]);
  const notice = useNotice();
  const handOver = useHandOver();
  const open = async (file: File) => {
    try {
      const read: unknown = JSON.parse(await file.text());
      const sessions = (read as { sessions?: unknown } | null)?.sessions ?? [];
      const standing = await askServer('POST /api/log/student', { json: { sessions } });
      const name = file.name.replace(/\.json$/i, '');
      const row = { name, ...standing };
      setRows((now) => [...now.filter((one) => one.name !== name), row]);
    } catch (error) {
      notice({
        tone: 'problem',
        text:
          error instanceof SyntaxError
            ? `“${file.name}” is not a logbook: ask the student to save theirs as JSON.`
            : sentenceOf(error),
      });
    }
  };
  const print = async ({ name, hand, steps }: StudentRow) => {
    try {
      const made = await askServer('POST /api/today/page', { json: { hand, steps } });
      const json = { ...made, title: name.slice(0, LONGEST_TITLE) };
      const answer = await call('/api/practice?format=pdf', { method: 'POST', json });
      await handOver(await answer.blob(), `${name}.pdf`, 'paper');
    } catch (error) {
      notice.failed(error);
    }
  };
  return (
    <div className="space-y-3 pt-4">
      <p>
        A student saves their logbook as JSON (Files) and names the file after themselves; opened here, each
        is a row. Nothing of it is kept at this desk.
      </p>
      <FileButton
        label="Logbook of a student"
        accept=".json,application/json"
        onFile={(file) => void open(file)}
      >
        Open a student’s logbook
      </FileButton>
      {rows.length > 0 && (
        <div className="overflow-x-auto">
          <table className="table-sm table" data-testid="students">
            <thead>
              <tr>
                <th>Student</th>
                <th>Hand</th>
                <th>Letters</th>
                <th>Minutes</th>
                <th>Last</th>
                <th>Next page to hand out</th>
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.name}>
                  <th dir="auto">{row.name}</th>
                  <td>{handById(row.hand).name}</td>
                  <td>
                    {row.known.length} of {row.of}
                  </td>
                  <td>{row.minutes}</td>
                  <td>{row.last && shortDate(row.last)}</td>
                  <td>
                    <span dir="auto">{row.next.join(', ')}</span>
                    <span className="block text-sm opacity-80">{row.why}</span>
                    <button
                      type="button"
                      className="btn btn-xs mt-1 min-h-6"
                      aria-label={`Print the page for ${row.name}`}
                      onClick={() => void print(row)}
                    >
                      <Printer size={13} aria-hidden /> Print it
                    </button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </div>
  );
}
