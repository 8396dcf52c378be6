'use client';

import { type ReactNode, useState } from 'react';
import { LONGEST_WORD, PENS } from '@/core/compare/penLimits';
import type { PenComparison } from '@/core/compare/pens';
import { HANDS, OPENING_HAND } from '@/core/hands/registry';
import type { Nib } from '@/core/kit/nib';
import { plain } from '@/core/measure/units';
import { Link } from '@/ui/lib/Link';
import { OneOf } from '../fields/OneOf';
import { useNotice } from '../frame/notices';
import { useRead } from '../frame/useRead';
import { Away, call, sentenceOf } from '../lib/api';
import { FormatButtons, printerWords } from '../paper/FormatButtons';
import { Paper } from '../paper/Paper';
import { useHandOver } from '../paper/useHandOver';
import type { Zoom } from '../paper/zoom';

type Pen = Pick<Nib, 'id' | 'label' | 'kind' | 'width'>;

/** Typing settles before the word is written, in ms. */
const SETTLE = 250;
/** Pens ticked at first: enough to see a difference. */
const AT_FIRST = 6;
const FIRST_WORD = 'moon';
/** Hands a broad pen can be asked to write. */
const BROAD = HANDS.filter(({ tool }) => tool === 'broad');

/** Some of the drawer, as different as they come: spread over its widths. */
function spread(pens: readonly Pen[]): string[] {
  if (pens.length <= AT_FIRST) return pens.map(({ id }) => id);
  const step = (pens.length - 1) / (AT_FIRST - 1);
  return Array.from({ length: AT_FIRST }, (_, i) => (pens[Math.round(i * step)] as Pen).id);
}

/** One word with any pens of the drawer, true to scale, beside what the pen model says of each. */
export function PensStation({ title, pens }: { title: ReactNode; pens: readonly Pen[] }) {
  const [word, setWord] = useState(FIRST_WORD);
  const [hand, setHand] = useState(OPENING_HAND);
  const [chosen, setChosen] = useState<readonly string[]>(() => spread(pens));
  const [compared, setCompared] = useState<PenComparison | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [page, setPage] = useState(0);
  const [zoom, setZoom] = useState<Zoom>('fit');
  const [busy, setBusy] = useState(false);
  const notice = useNotice();
  const handOver = useHandOver();

  useRead(
    async (signal) => {
      try {
        const json = { word, hand, pens: chosen };
        const answer = await call('/api/pens?format=json', { method: 'POST', json, signal });
        setCompared(await answer.json());
        setProblem(null);
      } catch (error) {
        if (signal.aborted || error instanceof Away) throw error;
        setProblem(sentenceOf(error));
      }
    },
    [word, hand, chosen],
    { debounce: SETTLE },
  );

  const save = async (out: 'paper' | 'pdf') => {
    setBusy(true);
    try {
      const answer = await call('/api/pens?format=pdf', {
        method: 'POST',
        json: { word, hand, pens: chosen },
      });
      await handOver(await answer.blob(), 'same-word.pdf', out);
    } catch (error) {
      notice.failed(error);
    } finally {
      setBusy(false);
    }
  };
  const pages = compared?.pages ?? [];
  const at = Math.min(page, Math.max(0, pages.length - 1));
  const drawing = pages[at];
  if (pens.length === 0) {
    return (
      <p className="m-6 max-w-prose">
        There is no pen on the bench whose width is known. Put one on the{' '}
        <Link className="link" href="/bench">
          Bench
        </Link>{' '}
        and come back.
      </p>
    );
  }
  return (
    <div className="flex h-full min-h-0 max-sm:flex-col max-sm:overflow-y-auto">
      <div className="flex min-h-0 min-w-0 flex-1 flex-col max-sm:h-[60vh] max-sm:flex-none">
        {pages.length > 1 && (
          <nav
            aria-label="Pages"
            className="flex justify-center gap-2 border-base-300 border-b bg-base-100 py-1 text-sm"
          >
            {pages.map(({ title: name }, i) => (
              <button
                // biome-ignore lint/suspicious/noArrayIndexKey: pages are their places
                key={`${name} ${i}`}
                type="button"
                aria-current={i === at ? 'page' : undefined}
                className={`btn btn-xs ${i === at ? 'btn-primary' : ''}`}
                onClick={() => setPage(i)}
              >
                {i + 1}
              </button>
            ))}
          </nav>
        )}
        {drawing ? (
          <Paper drawing={drawing} label={drawing.title} zoom={zoom} onZoom={setZoom} />
        ) : (
          <p className="m-auto">{problem ?? 'Writing …'}</p>
        )}
      </div>
      <aside className="w-96 space-y-4 overflow-y-auto max-md:w-80 max-sm:overflow-visible border-base-300 border-l bg-base-100 px-4 py-4 max-sm:w-full max-sm:border-t max-sm:border-l-0">
        <h1 className="sr-only">The same word with every pen</h1>
        <div aria-hidden>{title}</div>
        <label className="block text-sm">
          The word
          <input
            dir="auto"
            className="input mt-1 w-full text-lg"
            value={word}
            maxLength={LONGEST_WORD}
            onChange={(event) => setWord(event.target.value)}
          />
        </label>
        <div className="flex items-center justify-between gap-3 text-sm">
          <span aria-hidden>Broad pens write</span>
          <OneOf
            label="Broad pens write"
            value={hand}
            choices={BROAD.map(({ id }) => id)}
            nameOf={(id) => BROAD.find((one) => one.id === id)?.name ?? id}
            onChoose={setHand}
          />
        </div>
        {problem && drawing && (
          <p role="alert" className="remark remark-warning text-sm">
            {problem}
          </p>
        )}
        <fieldset>
          <legend className="margin-heading">Pens</legend>
          <ul className="mt-1 space-y-1">
            {pens.map((pen) => {
              const on = chosen.includes(pen.id);
              const said = on ? compared?.readings.find(({ id }) => id === pen.id) : undefined;
              return (
                <li key={pen.id}>
                  <label className="flex min-h-6 cursor-pointer items-start gap-2 text-sm">
                    <input
                      type="checkbox"
                      className="checkbox checkbox-sm mt-0.5"
                      checked={on}
                      disabled={!on && chosen.length >= PENS.most}
                      onChange={() =>
                        setChosen(
                          on
                            ? chosen.filter((id) => id !== pen.id)
                            : pens.map(({ id }) => id).filter((id) => id === pen.id || chosen.includes(id)),
                        )
                      }
                    />
                    <span>
                      {pen.label} <span className="opacity-80">({plain(pen.width)} mm)</span>
                      {said && (
                        <span className="block opacity-80">
                          {said.trouble ?? `${said.hand}: ${said.reading}`}
                        </span>
                      )}
                    </span>
                  </label>
                </li>
              );
            })}
          </ul>
        </fieldset>
        <section aria-labelledby="files">
          <h2 id="files" className="margin-heading">
            Print or save
          </h2>
          <div className="mt-1 flex flex-wrap gap-1">
            <FormatButtons
              outs={['paper', 'pdf']}
              onSave={(out) => void save(out === 'paper' ? 'paper' : 'pdf')}
              disabled={busy}
            />
          </div>
          <p className="mt-1 text-sm opacity-80">
            {printerWords(null)} Under each word is a row to write it yourself.
          </p>
        </section>
      </aside>
    </div>
  );
}
