'use client';

import { Pencil, Trash2 } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { entriesOf } from '@/core/log/entriesOf';
import type { Entry } from '@/core/log/entry';
import { LOG_KINDS, type LogKind, logKindName } from '@/core/log/logKinds';
import type { Session } from '@/core/log/session';
import { criterionSaid } from '@/core/practice/criteria';
import { Link } from '@/ui/lib/Link';
import { NumberField } from '../fields/NumberField';
import { OneOrNone } from '../fields/OneOf';
import { useNotice } from '../frame/notices';
import { useRead } from '../frame/useRead';
import { askServer } from '../lib/api';
import { dateWithWeekday, middayOf } from '../lib/dates';
import { callUntilKept } from '../lib/patience';
import { dayOf, inWords, nameOfUnit } from './words';

const MINUTES = { label: 'Minutes', unit: 'min', low: 0, high: 1440, step: 5 };

/** Debounce of the search after the last key, in ms. */
const AFTER = 250;

/** Entries day by day, the latest first; earlier ones are fetched as they are reached. */
export function Entries({ first }: { first: readonly Entry[] }) {
  const [entries, setEntries] = useState(first);
  const [kind, setKind] = useState<LogKind | ''>('');
  const [text, setText] = useState('');
  const [all, setAll] = useState(false);
  const [open, setOpen] = useState<string | null>(null);
  const foot = useRef<HTMLDivElement>(null);
  const fetching = useRef(false);
  const notice = useNotice();
  const query = useMemo(() => ({ text, ...(kind && { kind }) }), [kind, text]);
  const firstQuery = useRef(query);

  useRead(
    async (signal) => {
      // The server has rendered the list of the first query.
      if (query === firstQuery.current) return;
      const found = await askServer('GET /api/log', { query, signal });
      setEntries(found.entries);
      setAll(false);
    },
    [query],
    { debounce: AFTER },
  );
  const last = entries.at(-1);
  const earlier = async () => {
    if (!last || fetching.current) return;
    fetching.current = true;
    try {
      const before = { at: last.at, id: last.id };
      const { entries: more } = await askServer('GET /api/log', { query: { ...query, ...before } });
      if (more.length === 0) setAll(true);
      setEntries((now) => [...now, ...more.filter(({ id }) => !now.some((one) => one.id === id))]);
    } catch (error) {
      notice.failed(error);
    } finally {
      fetching.current = false;
    }
  };
  const latest = useRef(earlier);
  latest.current = earlier;
  useEffect(() => {
    const element = foot.current;
    if (!element) return;
    const seen = new IntersectionObserver(([one]) => {
      if (one?.isIntersecting) void latest.current();
    });
    seen.observe(element);
    return () => seen.disconnect();
  }, []);

  const put = async (entry: Entry) => {
    await callUntilKept(`/api/records/${entry.id}`, {
      method: 'PUT',
      json: { kind: entry.kind, data: entry.data },
    });
    setEntries((now) =>
      [...now.filter(({ id }) => id !== entry.id), entry].sort(
        (a, b) => b.at.localeCompare(a.at) || b.id.localeCompare(a.id),
      ),
    );
  };
  const remove = async (entry: Entry) => {
    try {
      await callUntilKept(`/api/records/${entry.id}`, { method: 'DELETE' });
      setEntries((now) => now.filter(({ id }) => id !== entry.id));
      notice({
        tone: 'done',
        text: `“${inWords(entry).title}” was removed from the logbook.`,
        undo: () => put(entry),
      });
    } catch (error) {
      notice.failed(error);
    }
  };

  return (
    <section aria-label="Days" className="space-y-4 pt-4">
      <div className="flex flex-wrap gap-2">
        <input
          type="search"
          dir="auto"
          className="input input-sm w-56"
          aria-label="Search the logbook"
          placeholder="Search notes, tools, letters"
          maxLength={80}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <OneOrNone
          className="select select-sm w-44"
          label="What is shown"
          none="everything"
          choices={LOG_KINDS}
          nameOf={logKindName}
          value={kind}
          onChoose={setKind}
        />
      </div>
      {entries.length === 0 && <p>Nothing is logged yet{text || kind ? ' that is like this' : ''}.</p>}
      <ol className="space-y-1" data-testid="entries">
        {entries.map((entry, i) => {
          const before = entries[i - 1];
          const day = dayOf(entry);
          const [session] = entriesOf('session', [entry]);
          const picture = session?.picture ?? entriesOf('review', [entry])[0]?.picture;
          const words = inWords(entry);
          return (
            <li key={entry.id} style={{ contentVisibility: 'auto', containIntrinsicSize: 'auto 3rem' }}>
              {(!before || dayOf(before) !== day) && (
                <h2 className="margin-heading mt-4">{dateWithWeekday(middayOf(day))}</h2>
              )}
              <div className="flex items-baseline gap-2 border-base-300 border-b py-1">
                <div className="min-w-0 flex-1">
                  <b>{words.title}</b> <span className="text-sm opacity-80">{words.more}</span>
                  {picture && (
                    // biome-ignore lint/performance/noImgElement: bytes of this desk
                    <img
                      src={`/api/pictures/${picture}`}
                      alt=""
                      loading="lazy"
                      className="float-right h-12 rounded"
                    />
                  )}
                  {session?.note && (
                    <p className="text-sm" dir="auto">
                      {session.note}
                    </p>
                  )}
                </div>
                {session && (
                  <button
                    type="button"
                    className="btn btn-ghost btn-xs min-h-6"
                    aria-expanded={open === entry.id}
                    aria-label={`Look at ${words.title}`}
                    onClick={() => setOpen((now) => (now === entry.id ? null : entry.id))}
                  >
                    <Pencil size={14} aria-hidden />
                  </button>
                )}
                {entry.kind === 'review' ? (
                  // Its picture goes with it at once, so it is deleted where it can be seen.
                  <Link
                    className="link text-sm"
                    href={`/review/${entry.id}`}
                    aria-label={`Open ${words.title}`}
                  >
                    Open
                  </Link>
                ) : (
                  <button
                    type="button"
                    className="btn btn-ghost btn-xs min-h-6"
                    aria-label={`Remove ${words.title}`}
                    onClick={() => void remove(entry)}
                  >
                    <Trash2 size={14} aria-hidden />
                  </button>
                )}
              </div>
              {session && open === entry.id && (
                <SessionDetail
                  session={session}
                  onChange={(part) => {
                    const { entryId: _, ...data } = session;
                    put({ ...entry, kind: 'session', data: { ...data, ...part } }).catch(notice.failed);
                  }}
                />
              )}
            </li>
          );
        })}
      </ol>
      <div ref={foot} className="py-2 text-sm opacity-80">
        {all && entries.length > 0 && 'That is the beginning of the logbook.'}
      </div>
    </section>
  );
}

/** All of a session; its note and its minutes can be changed. */
function SessionDetail({
  session,
  onChange,
}: {
  session: Session;
  onChange: (part: Partial<Session>) => void;
}) {
  const { units, checks, wobbled, kit, trouble, picture } = session;
  return (
    <div className="grid gap-4 bg-base-100 p-3 text-sm sm:grid-cols-2">
      <div className="space-y-2">
        <p>
          Practised: <span dir="auto">{units.map(nameOfUnit).join(', ')}</span>
        </p>
        {wobbled.length > 0 && <p>Wobbled: {wobbled.map(nameOfUnit).join(', ')}</p>}
        <ul>
          {checks.map(({ criterion, rating }) => (
            <li key={criterion}>
              <b>{rating}</b> · {criterionSaid(criterion)}
            </li>
          ))}
        </ul>
        <p>
          {[kit.tool, kit.ink, kit.paper].flatMap((one) => one?.label ?? []).join(', ') ||
            'No kit was named.'}
          {trouble && ` · trouble: ${trouble}`}
        </p>
        {picture && (
          // biome-ignore lint/performance/noImgElement: a photo of the user's own, made small when it was kept
          <img
            src={`/api/pictures/${picture}`}
            alt="The page that was written"
            className="max-h-60 rounded"
          />
        )}
      </div>
      <div className="space-y-2">
        <NumberField limit={MINUTES} value={session.minutes} onCommit={(minutes) => onChange({ minutes })} />
        <label className="block">
          Note
          <textarea
            dir="auto"
            className="textarea w-full"
            rows={3}
            maxLength={1000}
            defaultValue={session.note}
            onBlur={(event) => {
              if (event.target.value !== session.note) onChange({ note: event.target.value });
            }}
          />
        </label>
      </div>
    </div>
  );
}
