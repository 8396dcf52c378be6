'use client';

import { ImageUp } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { type ReactNode, useEffect, useRef, useState, useSyncExternalStore } from 'react';
import type { HandId } from '@/core/hands/registry';
import { Link } from '@/ui/lib/Link';
import { Tabs } from '../fields/Tabs';
import { later } from '../frame/later';
import { useNotice } from '../frame/notices';
import { fullDate } from '../lib/dates';
import { CameraPanel } from './CameraPanel';
import { CornersPanel } from './CornersPanel';
import { figureText } from './figureWords';
import { LettersBeside } from './LettersBeside';
import { measuring, nothingMeasured } from './measuring';
import type { PrintShown, ReviewShown } from './shown';

const SamplePanel = later(() => import('./SamplePanel').then(({ SamplePanel: made }) => made));
const History = later(() => import('./History').then(({ History: made }) => made));

const ACCEPTED =
  'image/jpeg,image/png,image/webp,image/tiff,image/heic,image/heif,.heic,.tif,.tiff,application/pdf,.pdf';
const VIEWS = ['Pages', 'Table', 'Letters', 'Over time'] as const;

/** Polling interval for pages that the server is measuring, in ms. */
const LOOK_AGAIN = 2000;

/** Review: a photograph of a page comes in, and what is off, by how much, comes out. */
export function ReviewStation({
  title,
  prints,
  reviews,
  hand,
  underWay,
}: {
  title: ReactNode;
  /** The desk's hand: writing that was not printed here is supposed to be in it. */
  hand: HandId;
  /** Pages of the demo that the server is measuring by itself. */
  underWay?: { readonly done: number; readonly of: number };
  prints: readonly PrintShown[];
  reviews: readonly ReviewShown[];
}) {
  const router = useRouter();
  const notice = useNotice();
  const { progress, failed } = useSyncExternalStore(measuring.subscribe, measuring.now, nothingMeasured);
  const [over, setOver] = useState(false);
  const [view, setView] = useState<(typeof VIEWS)[number]>('Pages');
  const [plain, setPlain] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const shown = useRef(true);
  useEffect(() => {
    shown.current = true;
    return () => {
      shown.current = false;
    };
  }, []);

  /** Pictures are measured one after the other; a single picture's review opens if the station is still shown. */
  const bring = async (files: readonly Blob[], query = '') => {
    if (files.length === 0) return;
    const onNote = (text: string) => notice({ tone: 'done', text });
    const kept = await measuring.bring(files, { query, onNote });
    if (!kept) return;
    const [only] = kept;
    if (!shown.current) {
      if (only !== undefined)
        onNote(
          kept.length === 1
            ? 'The page was measured: Review has it.'
            : `${kept.length} pages were measured: Review has them.`,
        );
    } else if (files.length === 1 && only !== undefined) router.push(`/review/${only}`);
    else router.refresh();
  };
  const latest = useRef(bring);
  latest.current = bring;
  useEffect(() => {
    const paste = (event: ClipboardEvent) => {
      const files = [...(event.clipboardData?.files ?? [])];
      if (files.length > 0) void latest.current(files);
    };
    window.addEventListener('paste', paste);
    return () => window.removeEventListener('paste', paste);
  }, []);
  useEffect(() => {
    if (!underWay) return;
    const timer = setInterval(() => router.refresh(), LOOK_AGAIN);
    return () => clearInterval(timer);
  }, [underWay, router]);

  return (
    <div className="mx-auto grid max-w-6xl grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 px-6 py-5 max-sm:px-3 lg:grid-cols-[1fr_20rem]">
      <header className="lg:col-span-2">
        <h1>{title}</h1>
        <p className="max-w-prose">
          Write on a page printed here with its marks, photograph or scan it, and see what is off, by how
          much, and what to do about it. Pictures stay on this machine.
        </p>
      </header>
      <div className="min-w-0 space-y-5">
        <section
          aria-label="Bring a picture"
          className={`rounded border-2 border-dashed p-5 text-center ${over ? 'border-primary bg-base-200' : 'border-base-300'}`}
          onDragOver={(event) => {
            event.preventDefault();
            setOver(true);
          }}
          onDragLeave={() => setOver(false)}
          onDrop={(event) => {
            event.preventDefault();
            setOver(false);
            void bring([...event.dataTransfer.files]);
          }}
        >
          <input
            ref={input}
            type="file"
            multiple
            accept={ACCEPTED}
            className="hidden"
            aria-label="Pictures of pages"
            onChange={({ target }) => {
              const files = [...(target.files ?? [])];
              target.value = '';
              void bring(files);
            }}
          />
          {progress ? (
            <div role="status" className="space-y-2">
              <p>
                {progress.file}
                {progress.words}
              </p>
              <progress
                className="progress progress-primary w-full max-w-sm"
                value={progress.share}
                max={1}
                aria-label="Measured"
              />
              <p>
                <button type="button" className="btn btn-sm" onClick={measuring.stop}>
                  Stop
                </button>
              </p>
            </div>
          ) : (
            <div className="space-y-2">
              <button type="button" className="btn btn-primary" onClick={() => input.current?.click()}>
                <ImageUp size={18} aria-hidden /> Choose pictures
              </button>
              <p className="text-sm">
                or drop them here, or paste. JPEG, PNG, WebP, TIFF, HEIC, or scans as PDF; on a phone or
                tablet the camera is offered.
              </p>
            </div>
          )}
        </section>
        {failed && (
          <section role="alert" className="space-y-3 rounded border border-accent p-4">
            <p>{failed.message}</p>
            {!failed.plain && (
              <CornersPanel
                key={failed.message}
                file={failed.file}
                prints={prints}
                onMeasure={(query) => void bring([failed.file], query)}
              />
            )}
          </section>
        )}
        <details onToggle={({ currentTarget }) => setPlain(currentTarget.open)}>
          <summary className="cursor-pointer">Writing that was not printed here</summary>
          {plain && (
            <SamplePanel
              hand={hand}
              busy={progress !== null}
              onMeasure={(file, query) => void bring([file], query)}
            />
          )}
        </details>
        <section aria-label="Reviewed pages">
          {underWay && (
            <p role="status" className="remark mb-3">
              The demo’s pages are being measured: {underWay.done} of {underWay.of} done. They appear here by
              themselves.
            </p>
          )}
          {reviews.length === 0 ? (
            !underWay && (
              <p>No page was reviewed yet. Without a pen at hand, let the simulated hand write one.</p>
            )
          ) : (
            <Tabs name="Reviewed pages" tabs={VIEWS} value={view} onChoose={setView}>
              {view === 'Pages' && <Pages reviews={reviews} />}
              {view === 'Table' && <Table reviews={reviews} />}
              {view === 'Letters' && <LettersBeside reviews={reviews} />}
              {view === 'Over time' && <History reviews={reviews} />}
            </Tabs>
          )}
        </section>
      </div>
      <CameraPanel
        written={reviews.length}
        prints={prints}
        busy={progress !== null}
        onPicture={(picture) => void bring([picture])}
      />
    </div>
  );
}

function Pages({ reviews }: { reviews: readonly ReviewShown[] }) {
  return (
    <ul className="grid gap-4 pt-4 sm:grid-cols-2 xl:grid-cols-3" data-testid="reviews">
      {reviews.map(({ id, at, title, picture, remark }) => (
        <li key={id}>
          <Link
            href={`/review/${id}`}
            className="block h-full rounded border border-base-300 hover:border-primary"
          >
            {/* biome-ignore lint/performance/noImgElement: a picture of this machine's own, shown as it is */}
            <img
              src={`/api/pictures/${picture}`}
              alt={`The page ${title}, straightened`}
              loading="lazy"
              className="h-40 w-full rounded-t bg-white object-cover object-top"
            />
            <span className="block space-y-1 p-3">
              <b className="block">{title}</b>
              <span className="block text-sm opacity-80">{fullDate(at)}</span>
              <span className="block text-sm">{remark}</span>
            </span>
          </Link>
        </li>
      ))}
    </ul>
  );
}

/** Figures a teacher compares over the pages of a class. */
const COLUMNS = ['angle', 'slope', 'nib', 'body', 'feet', 'evenness'] as const;
const COLUMN_NAMES = ['Pen angle', 'Slope', 'Nib', 'Body', 'Feet', 'Stems differ by'];

function Table({ reviews }: { reviews: readonly ReviewShown[] }) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a table wider than the screen is scrolled by the arrow keys
    <section className="overflow-x-auto pt-4" aria-label="Figures of all pages" tabIndex={0}>
      <table className="table table-sm">
        <thead>
          <tr>
            <th scope="col">Page</th>
            <th scope="col">Day</th>
            {COLUMN_NAMES.map((name) => (
              <th key={name} scope="col">
                {name}
              </th>
            ))}
            <th scope="col">Rows off</th>
          </tr>
        </thead>
        <tbody>
          {reviews.map(({ id, at, title, figures, faults }) => (
            <tr key={id}>
              <th scope="row" className="font-normal">
                <Link className="link" href={`/review/${id}`}>
                  {title}
                </Link>
              </th>
              <td className="whitespace-nowrap">{fullDate(at)}</td>
              {COLUMNS.map((column) => {
                const figure = figures.find((one) => one.id === column);
                return (
                  <td key={column} className="whitespace-nowrap tabular-nums">
                    {figure ? figureText(figure) : '–'}
                  </td>
                );
              })}
              <td className="tabular-nums">{faults}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
