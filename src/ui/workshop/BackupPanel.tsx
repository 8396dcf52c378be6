'use client';

import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import type { CopyMade } from '@/core/desk/routes';
import { useRead } from '../frame/useRead';
import { askServer, call, download, fileNameOf, sentenceOf } from '../lib/api';
import { dateAndTime, dayAndMonth, fullDate, middayOf } from '../lib/dates';

/** A database that could not be read when the server started, and was put aside. */
export interface Damaged {
  readonly name: string;
  readonly at: string;
}

/** Name of the backup of what is replaced. */
const BEFORE = 'elvane-before-restore.zip';

/** Everything to and from one file. Restoring asks first, and keeps a backup of what it replaces. */
export function BackupPanel({ damages }: { damages: readonly Damaged[] }) {
  const input = useRef<HTMLInputElement>(null);
  const [chosen, setChosen] = useState<{ readonly file: File; readonly holds: string } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [done, setDone] = useState<string | null>(null);
  const [share, setShare] = useState<number | null>(null);
  const [copies, setCopies] = useState<readonly CopyMade[]>([]);
  const [unread, setUnread] = useState(damages);
  const router = useRouter();
  const stop = useRef(new AbortController());
  useRead(async (signal) => setCopies(await askServer('GET /api/copies', { signal })), []);
  /** A copy the server made is looked at as a file that was chosen. */
  const lookAt = ({ name }: CopyMade) =>
    guarded(async () => {
      const answer = await call(`/api/copies/${encodeURIComponent(name)}`);
      await look(new File([await answer.blob()], name, { type: 'application/zip' }));
    });

  /** Announced no more; the file stays where it is. */
  const understood = async (read: readonly Damaged[]) => {
    for (const { name } of read) await call(`/api/damage/${encodeURIComponent(name)}`, { method: 'DELETE' });
    setUnread((list) => list.filter((damage) => !read.includes(damage)));
    router.refresh();
  };

  const backup = async (name?: string) => {
    const response = await call('/api/backup');
    download(await response.blob(), name ?? fileNameOf(response, 'elvane-backup.zip'));
  };
  const guarded = async (work: () => Promise<void>) => {
    setBusy(true);
    setProblem(null);
    try {
      await work();
    } catch (error) {
      if (!stop.current.signal.aborted) setProblem(sentenceOf(error));
    } finally {
      setBusy(false);
      setShare(null);
    }
  };
  /** The backup is read before the confirmation. */
  const look = (file: File) =>
    guarded(async () => {
      const { contentsOf, countsInWords } = await import('./restore');
      const { counts, madeAt } = await contentsOf(file);
      const when = madeAt ? ` of ${fullDate(madeAt)}` : '';
      setChosen({ file, holds: `“${file.name}”${when}: ${countsInWords(counts)}` });
    });
  const restore = (file: File) =>
    guarded(async () => {
      stop.current = new AbortController();
      const { signal } = stop.current;
      const { countsInWords, isZip, restoreOld, restoreZip } = await import('./restore');
      const counts = (await isZip(file))
        ? await restoreZip(file, signal, setShare, () => backup(BEFORE))
        : await restoreOld(file, signal, () => backup(BEFORE));
      setChosen(null);
      setDone(`Restored: ${countsInWords(counts)}.`);
      await understood(unread);
    });

  return (
    <section aria-labelledby="backup" className="space-y-3">
      <h2 id="backup" className="margin-heading">
        Safe keeping
      </h2>
      {unread.map((damage) => (
        <div key={damage.name} role="alert" className="remark remark-warning max-w-prose space-y-2">
          <p>
            The database was damaged when the server started{whenInWords(damage.at)}, and could not be read.
            This desk began empty. Nothing of the damaged file was deleted: it lies beside the database as{' '}
            <code className="break-all">{damage.name}</code>.
          </p>
          <p>
            {copies[0]
              ? `The newest copy is of ${dayAndMonth(middayOf(copies[0].day))}.`
              : 'There is no copy of the server’s own: restore from a backup you saved, if you have one.'}
          </p>
          <div className="flex flex-wrap gap-2">
            {copies[0] && (
              <button
                type="button"
                className="btn btn-primary btn-sm"
                disabled={busy}
                onClick={() => copies[0] && void lookAt(copies[0])}
              >
                Restore the newest copy
              </button>
            )}
            <button
              type="button"
              className="btn btn-sm"
              disabled={busy}
              onClick={() => void guarded(() => understood([damage]))}
            >
              Do not show this again
            </button>
          </div>
        </div>
      ))}
      <p className="max-w-prose">
        One zip holds every sheet, everything on the bench with its photos, all that the desk remembers,
        printers, letter sets and words: lines of plain JSON that any Elvane can read, wherever its database
        lives.
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
          accept="application/zip,.zip,application/json,.json"
          className="hidden"
          aria-label="Backup file"
          onChange={(event) => {
            const file = event.target.files?.[0];
            setChosen(null);
            setDone(null);
            setProblem(null);
            if (file) void look(file);
            event.target.value = '';
          }}
        />
        <button type="button" className="btn btn-sm" disabled={busy} onClick={() => input.current?.click()}>
          Restore from a file
        </button>
        {busy && (
          <span className="flex items-center gap-2">
            {share === null ? (
              <span className="loading loading-spinner loading-sm">
                <span className="sr-only">Working</span>
              </span>
            ) : (
              <>
                <progress className="progress w-40" aria-label="Read so far" value={share} max={1} />
                <button type="button" className="btn btn-xs" onClick={() => stop.current.abort()}>
                  Stop
                </button>
              </>
            )}
          </span>
        )}
      </div>
      {copies.length > 0 && (
        <div className="max-w-prose text-sm" data-testid="copies">
          <p>
            A copy is made every day and read again before it is kept; those of the last{' '}
            {copies.length === 1 ? 'day' : `${copies.length} days`} are here.
          </p>
          <ul className="mt-1 flex flex-wrap gap-2">
            {copies.map((copy) => (
              <li key={copy.name}>
                <button
                  type="button"
                  className="btn btn-sm"
                  disabled={busy}
                  onClick={() => void lookAt(copy)}
                >
                  Restore that of {dayAndMonth(middayOf(copy.day))}
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
      {chosen && (
        <div className="remark remark-caution space-y-2">
          <p>
            Replace everything here by {chosen.holds}? A backup of what is here now is saved to your downloads
            first.
          </p>
          <button
            type="button"
            className="btn btn-error btn-sm"
            disabled={busy}
            onClick={() => void restore(chosen.file)}
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

const whenInWords = (at: string): string => (at === '' ? '' : ` on ${dateAndTime(at)}`);
