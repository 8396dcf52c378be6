'use client';

import { useRef, useState } from 'react';
import { call, download, sentenceOf } from '../lib/api';

/** Matches the server's limit for a backup. */
const LARGEST_BACKUP_MB = 16;

/** Everything to and from one file. Restoring asks first, and keeps a backup of what it replaces. */
export function BackupPanel() {
  const input = useRef<HTMLInputElement>(null);
  const [chosen, setChosen] = useState<File | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [done, setDone] = useState<string | null>(null);

  const backup = async (name?: string) => {
    const response = await call('/api/backup');
    const disposition = response.headers.get('content-disposition') ?? '';
    download(
      await response.blob(),
      name ?? /filename="([^"]+)"/.exec(disposition)?.[1] ?? 'elvane-backup.json',
    );
  };
  const guarded = async (work: () => Promise<void>) => {
    setBusy(true);
    setProblem(null);
    try {
      await work();
    } catch (error) {
      setProblem(sentenceOf(error));
    } finally {
      setBusy(false);
    }
  };
  const restore = (file: File) =>
    guarded(async () => {
      if (file.size > LARGEST_BACKUP_MB * 1024 * 1024) {
        setProblem(
          `“${file.name}” is larger than ${LARGEST_BACKUP_MB} MB and cannot be a backup of this desk.`,
        );
        return;
      }
      let data: unknown;
      try {
        data = JSON.parse(await file.text());
      } catch {
        setProblem(`“${file.name}” is not readable JSON. Nothing was changed.`);
        return;
      }
      await backup('elvane-before-restore.json');
      const counts = (await (await call('/api/restore', { method: 'POST', json: data })).json()) as {
        sheets: number;
        nibs: number;
        printers: number;
      };
      setChosen(null);
      setDone(`Restored ${counts.sheets} sheets, ${counts.nibs} nibs and ${counts.printers} printers.`);
    });

  return (
    <section aria-labelledby="backup" className="space-y-3">
      <h2 id="backup" className="margin-heading">
        Safe keeping
      </h2>
      <p className="max-w-prose">
        One file holds every sheet, nib and printer: plain JSON that any Elvane can read, wherever its
        database lives.
      </p>
      <div className="flex flex-wrap items-center gap-2">
        <button
          type="button"
          className="btn btn-sm"
          disabled={busy}
          onClick={() => void guarded(() => backup())}
        >
          Back up to a file
        </button>
        <input
          ref={input}
          type="file"
          accept="application/json,.json"
          className="hidden"
          aria-label="Backup file"
          onChange={(event) => {
            setChosen(event.target.files?.[0] ?? null);
            setDone(null);
            setProblem(null);
            event.target.value = '';
          }}
        />
        <button type="button" className="btn btn-sm" disabled={busy} onClick={() => input.current?.click()}>
          Restore from a file
        </button>
        {busy && (
          <span className="loading loading-spinner loading-sm">
            <span className="sr-only">Working</span>
          </span>
        )}
      </div>
      {chosen && (
        <div className="remark remark-caution space-y-2">
          <p>
            Replace everything here by what is in “{chosen.name}”? A backup of what is here now is saved to
            your downloads first.
          </p>
          <button
            type="button"
            className="btn btn-error btn-sm"
            disabled={busy}
            onClick={() => void restore(chosen)}
          >
            Replace everything
          </button>{' '}
          <button type="button" className="btn btn-sm" onClick={() => setChosen(null)}>
            Leave it
          </button>
        </div>
      )}
      <div aria-live="polite">{done && <p className="remark">{done}</p>}</div>
      {problem && (
        <p role="alert" className="remark remark-warning">
          {problem}
        </p>
      )}
    </section>
  );
}
