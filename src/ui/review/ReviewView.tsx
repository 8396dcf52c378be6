'use client';

import { ChevronLeft, NotebookPen, Printer, Trash2 } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Item } from '@/core/kit/item';
import type { Session } from '@/core/log/session';
import { plain } from '@/core/measure/units';
import { capital } from '@/core/measure/words';
import { criterionSaid } from '@/core/practice/criteria';
import type { OwnModel } from '@/core/review/ownModel';
import { NO_PRINT, type Remark, type Review } from '@/core/review/review';
import { keyOf } from '@/core/study/unit';
import { Link } from '@/ui/lib/Link';
import { useNotice } from '../frame/notices';
import { useGuarded } from '../frame/useGuarded';
import { askServer, call, newId } from '../lib/api';
import { fullDate, wallClock } from '../lib/dates';
import { keepSession } from '../lib/keepSession';
import { callUntilKept, keepAt } from '../lib/patience';
import { useHandOver } from '../paper/useHandOver';
import { sheetLink } from '../sheet/sheetLink';
import { FiguresTable } from './FiguresTable';
import { LetterPanel } from './LetterPanel';
import { PageView } from './PageView';
import { ProfilePanel } from './ProfilePanel';

/** Assumed time for a page, in minutes, where none was recorded. */
const PAGE_MINUTES = 10;

/** One reviewed page: what held, what is off and what to do, the page with its models, rows and letters, figures. */
export function ReviewView({
  id,
  at,
  review,
  handName,
  overlaid,
  lines,
  beside,
  session,
  models,
  nib,
}: {
  id: string;
  at: string;
  review: Review;
  handName: string;
  /** Models can be overlaid: the printed page is kept and says what is where. */
  overlaid: boolean;
  /** Lines without cells: their letters cannot be identified one by one. */
  lines: boolean;
  /** Reviews of what other pens wrote on the same page. */
  beside: readonly { readonly id: string; readonly title: string }[];
  /** The tool whose strip it is, as the bench knows it; undefined where the bench no longer has it. */
  nib: Item | undefined;
  /** The scribe's own models of letters of this hand. */
  models: readonly OwnModel[];
  /** The session it was written in, as far as can be told. */
  session: (Session & { readonly entryId: string }) | null;
}) {
  const router = useRouter();
  const notice = useNotice();
  const handOver = useHandOver();
  const { busy, guarded } = useGuarded();
  const [remarks, setRemarks] = useState(review.remarks);
  const [letter, setLetter] = useState<readonly [number, number] | null>(null);
  const plainSample = review.print === NO_PRINT;
  const counted = session?.measured?.review === id;
  const day = fullDate(at);
  /** Nothing but a nib's strip is on it: there is no letter to practise or to log. */
  const onlyStrip = review.profile !== null && review.rows.length === 0;

  const nextPage = () => askServer('POST /api/review/{}/next', { id });
  const print = () =>
    guarded(async () => {
      const answer = await call('/api/practice?format=pdf', { method: 'POST', json: await nextPage() });
      await handOver(await answer.blob(), 'next-page.pdf', 'paper');
    });
  const open = () =>
    guarded(async () => {
      const sheet = newId();
      const name = `${handName}, after ${review.title || 'a review'}`.slice(0, 80);
      await keepAt('PUT /api/sheets/{}', sheet, { name, recipe: await nextPage() });
      router.push(sheetLink(sheet, '/practise'));
    });
  const count = () =>
    guarded(async () => {
      const measured = { review: id, checks: review.checks, wobbled: review.wobbled };
      if (session) {
        const { entryId, ...kept } = session;
        await keepSession(entryId, { ...kept, measured });
      } else {
        const ended = new Date(at);
        const letters = [...new Set(review.rows.map(({ text }) => text))].filter(
          (text) => [...text].length === 1,
        );
        await keepSession(`ses-${newId()}`, {
          hand: review.hand,
          began: wallClock(new Date(ended.getTime() - PAGE_MINUTES * 60_000)),
          ended: wallClock(ended),
          minutes: PAGE_MINUTES,
          units: letters.map((text) => keyOf('letter', text)),
          checks: [],
          wobbled: [],
          note: '',
          kit: {},
          measured,
        });
      }
      notice({ tone: 'done', text: 'Counted: what was measured decides what comes next.' });
      router.refresh();
    });
  const remove = () =>
    guarded(async () => {
      await callUntilKept(`/api/records/${id}`, { method: 'DELETE' });
      router.push('/review');
    });
  const keepRemarks = (changed: Remark[]) =>
    guarded(async () => {
      setRemarks(changed);
      const data = { ...review, remarks: changed };
      await keepAt('PUT /api/records/{}', id, { kind: 'review', data });
    });

  return (
    <div className="mx-auto max-w-6xl space-y-5 px-6 py-5 max-sm:px-3">
      <header className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <Link href="/review" className="link no-print flex items-center gap-1 text-sm">
          <ChevronLeft size={16} aria-hidden /> All pages
        </Link>
        <h1 className="text-3xl">{review.title || `${handName}, a page`}</h1>
        <p className="text-sm">
          {day} ·{' '}
          {plainSample ? 'without marks, by the rows that were marked' : `${review.rings} of 8 rings found`}
          {review.bent > 0.3 && ` · the page was bent by ${plain(review.bent, 1)} mm, which is corrected`}
        </p>
      </header>
      {beside.length > 0 && (
        <p className="text-sm" data-testid="beside">
          What other pens wrote on this page:{' '}
          {beside.map((other, i) => (
            <span key={other.id}>
              {i > 0 && ' · '}
              <Link href={`/review/${other.id}`} className="link">
                {other.title}
              </Link>
            </span>
          ))}
        </p>
      )}
      {review.changed && (
        <p className="text-sm">
          Letters have been redrawn since this page was printed: its models are the present ones and may
          differ slightly.
        </p>
      )}
      {review.profile && <ProfilePanel profile={review.profile} nib={nib} hand={review.hand} at={at} />}
      <section aria-label="Remarks" className="grid gap-3 empty:hidden md:grid-cols-3" data-testid="remarks">
        {remarks.map((remark, i) => (
          <RemarkCard
            key={review.remarks[i]?.text}
            remark={remark}
            onChange={(changed) => void keepRemarks(remarks.map((one, k) => (k === i ? changed : one)))}
          />
        ))}
        {remarks.length === 0 && !review.profile && (
          <p>Too little was written to judge: at least three letters are needed.</p>
        )}
      </section>
      <div className="no-print flex flex-wrap gap-2">
        {!onlyStrip && (
          <>
            <button
              type="button"
              className="btn btn-primary btn-sm"
              disabled={busy}
              onClick={() => void print()}
            >
              <Printer size={16} aria-hidden /> Print the next page
            </button>
            <button type="button" className="btn btn-sm" disabled={busy} onClick={() => void open()}>
              <NotebookPen size={16} aria-hidden /> Open it in Practise
            </button>
          </>
        )}
        {!lines && !onlyStrip && (
          <button
            type="button"
            className="btn btn-sm"
            disabled={busy || counted}
            onClick={() => void count()}
          >
            {counted
              ? 'Counted in the logbook'
              : session
                ? 'Count it, beside the self-check'
                : 'Log it: ten minutes'}
          </button>
        )}
        <button type="button" className="btn btn-sm" onClick={() => window.print()}>
          <Printer size={16} aria-hidden /> Feedback sheet
        </button>
        <NibLink review={review} />
        <button type="button" className="btn btn-ghost btn-sm" disabled={busy} onClick={() => void remove()}>
          <Trash2 size={16} aria-hidden />{' '}
          {beside.length > 0 ? 'Delete this review' : 'Delete with its picture'}
        </button>
      </div>
      {session && session.checks.length > 0 && (
        <details className="no-print text-sm">
          <summary className="cursor-pointer">Your self-check beside what was measured</summary>
          <ul className="pt-2">
            {review.checks.map(({ criterion, rating }) => {
              const own = session.checks.find((check) => check.criterion === criterion);
              return (
                <li key={criterion}>
                  {criterionSaid(criterion)} Measured: <b>{rating}</b>; by eye:{' '}
                  <b>{own?.rating ?? 'not rated'}</b>.
                </li>
              );
            })}
          </ul>
        </details>
      )}
      <div className="grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <PageView id={id} review={review} known={overlaid} onLetter={(row, k) => setLetter([row, k])} />
        <div className="space-y-5">
          {!onlyStrip && <FiguresTable hand={review.hand} figures={review.figures} />}
          {review.refused.length > 0 && (
            <section aria-label="Not judged">
              <h2 className="margin-heading">Not judged</h2>
              <ul className="list-disc pl-5 text-sm">
                {review.refused.map((why) => (
                  <li key={why}>{why}</li>
                ))}
              </ul>
            </section>
          )}
          {!onlyStrip && (
            <section aria-label="Rows">
              <h2 className="margin-heading">Rows</h2>
              <ul className="space-y-1 text-sm" data-testid="rows">
                {review.rows.map((row, i) => (
                  <li key={`${row.text} ${row.baseline}`}>
                    <button type="button" className="link text-left" onClick={() => setLetter([i, 0])}>
                      {row.text}
                    </button>
                    : {row.letters.length} {lines ? 'groups of letters' : 'shown'}
                    {row.faults.length > 0 && ` · ${row.faults.map(({ fault }) => fault).join(', ')}`}
                  </li>
                ))}
              </ul>
            </section>
          )}
        </div>
      </div>
      {letter && (
        <LetterPanel
          id={id}
          review={review}
          known={overlaid}
          models={models}
          at={letter}
          onMove={setLetter}
          onClose={() => setLetter(null)}
        />
      )}
    </div>
  );
}

function RemarkCard({ remark, onChange }: { remark: Remark; onChange: (remark: Remark) => void }) {
  const [editing, setEditing] = useState(false);
  const [text, setText] = useState(remark.text);
  return (
    <article className="rounded border border-base-300 p-4">
      {editing ? (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            setEditing(false);
            if (text.trim() && text !== remark.text) onChange({ ...remark, text: text.trim() });
          }}
          className="space-y-2"
        >
          <textarea
            className="textarea w-full"
            aria-label="Remark"
            rows={4}
            maxLength={400}
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
          <button type="submit" className="btn btn-sm">
            Keep
          </button>
        </form>
      ) : (
        <>
          <p className="font-serif text-lg leading-snug">{remark.text}</p>
          {remark.cure && <p className="pt-2 text-sm">{remark.cure}</p>}
          <p className="no-print flex gap-3 pt-2 text-sm">
            {CURE_LINKS[remark.go] && (
              <Link className="link" href={CURE_LINKS[remark.go] ?? '/'}>
                {capital(CURE_WORDS[remark.go] ?? '')}
              </Link>
            )}
            <button type="button" className="link" onClick={() => setEditing(true)}>
              Edit this remark
            </button>
          </p>
        </>
      )}
    </article>
  );
}

const CURE_LINKS: Readonly<Record<Remark['go'], string | null>> = {
  page: null,
  bench: '/bench',
  rule: '/rule',
  strokes: '/strokes',
  none: null,
};
const CURE_WORDS: Readonly<Partial<Record<Remark['go'], string>>> = {
  bench: 'to the bench',
  rule: 'to the ruling',
  strokes: 'to the strokes',
};

/** The nib width measured from its ink, to be checked at the bench. */
function NibLink({ review }: { review: Review }) {
  const nib = review.figures.find(({ id }) => id === 'nib');
  if (!nib || nib.asked === null || Math.abs(nib.value - nib.asked) <= nib.error) return null;
  return (
    <Link className="btn btn-sm" href="/bench">
      Measured nib: {plain(nib.value, 2)} mm, to the bench
    </Link>
  );
}
