'use client';

import { NotebookPen, Printer } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { type ReactNode, useEffect, useRef, useState } from 'react';
import type { About } from '@/core/about/about';
import type { Beginning } from '@/core/begin/firstPage';
import { FIRST_TOOL_IDS, FIRST_TOOLS, type FirstToolId } from '@/core/begin/firstTools';
import { PURPOSE_WORDS, PURPOSES, type Purpose } from '@/core/hand/portrait';
import type { HandId } from '@/core/hands/registry';
import { PENCIL_GAP } from '@/core/kit/item';
import { SIDES } from '@/core/kit/need';
import { recordId } from '@/core/log/recordId';
import { lettersOn } from '@/core/practice/newLetters';
import { useAbout } from '../frame/AboutMe';
import { useNotice } from '../frame/notices';
import { useDrawnPage } from '../frame/useDrawnPage';
import { useRead } from '../frame/useRead';
import { askServer, call, newId } from '../lib/api';
import { callUntilKept, keepAt } from '../lib/patience';
import { printerWords } from '../paper/FormatButtons';
import { useHandOver } from '../paper/useHandOver';
import { printedId } from '../practise/usePrinted';
import { sheetLink } from '../sheet/sheetLink';
import { Question } from './Question';

interface Answers {
  readonly purpose?: Purpose;
  readonly tool?: FirstToolId;
  readonly side?: About['side'];
  readonly hand?: HandId;
}

const SIDE_NAMES = { right: 'my right hand', left: 'my left hand' } as const;

/** The first visit: three short questions, then a hand, something to write with, and a page to print. */
export function BeginStation({ title }: { title: ReactNode }) {
  const { about, keep } = useAbout();
  const [answers, setAnswers] = useState<Answers>({});
  const [passed, setPassed] = useState(0);
  const [found, setFound] = useState<Beginning | null>(null);
  const [busy, setBusy] = useState(false);
  const [sheetId] = useState(newId);
  const result = useRef<HTMLElement>(null);
  const notice = useNotice();
  const router = useRouter();
  const handOver = useHandOver();
  const side = answers.side ?? about.side;
  // Saving the answers changes the record of the scribe; the page is made once per answer, not again for that change.
  const latest = useRef({ about, keep });
  latest.current = { about, keep };
  const [{ scribeNow, change }] = useState(() => ({
    scribeNow: () => latest.current.about,
    change: (part: Partial<About>) => latest.current.keep({ ...latest.current.about, ...part }),
  }));
  const all = passed >= 3;

  const say = (part: Partial<Answers>, question: number) => {
    setAnswers((now) => ({ ...now, hand: undefined, ...part }));
    setPassed((now) => Math.max(now, question));
  };

  useRead(
    async (signal) => {
      if (!all) return;
      const { purpose, tool, hand } = answers;
      const json = { purpose, tool, hand, about: { ...scribeNow(), side } };
      const begun = await askServer('POST /api/begin', { json, signal });
      setFound(begun);
      await keepAnswers(begun, sheetId);
      await change({ side, experience: 'beginner', hand: begun.chosen.hand });
    },
    [all, answers, side, sheetId],
  );
  const picture = useDrawnPage(found?.recipe ?? null);

  useEffect(() => {
    if (found) result.current?.scrollIntoView({ behavior: 'smooth', block: 'start' });
  }, [found]);

  const guarded = async (work: (begun: Beginning) => Promise<void>) => {
    if (!found) return;
    setBusy(true);
    try {
      await work(found);
    } catch (error) {
      notice.failed(error);
    } finally {
      setBusy(false);
    }
  };
  const print = () =>
    guarded(async (begun) => {
      const answer = await call('/api/practice?format=pdf', { method: 'POST', json: begun.recipe });
      await handOver(await answer.blob(), 'first-page.pdf', 'paper');
      const { recipe } = begun;
      const data = {
        hand: recipe.hand,
        letters: lettersOn(recipe.practice.bands),
        at: new Date().toISOString(),
      };
      await keepAt('PUT /api/records/{}', printedId(recipe.hand), { kind: 'printed', data });
      router.push(sheetLink(sheetId, '/practise'));
    });
  const goOn = () =>
    guarded(async () => {
      router.push(sheetLink(sheetId, '/practise'));
    });

  return (
    <div className="mx-auto max-w-5xl space-y-6 px-6 py-6 max-sm:px-3">
      <header>
        <h1>{title}</h1>
        <p className="max-w-prose">
          Three short questions, and your first page is ready to print. Skip any of them; everything can be
          changed afterwards.
        </p>
      </header>
      <Question
        name="What do you want to write?"
        choices={PURPOSES.map((purpose) => ({ value: purpose, name: PURPOSE_WORDS[purpose] }))}
        value={answers.purpose}
        onChoose={(purpose) => say({ purpose }, 1)}
        onSkip={() => say({ purpose: undefined }, 1)}
      />
      {passed >= 1 && (
        <Question
          name="What do you have to write with?"
          choices={FIRST_TOOL_IDS.map((id) => ({ value: id, name: FIRST_TOOLS[id].name }))}
          value={answers.tool}
          onChoose={(tool) => say({ tool }, 2)}
          onSkip={() => say({ tool: undefined }, 2)}
        />
      )}
      {passed >= 2 && (
        <Question
          name="Which hand do you write with?"
          choices={SIDES.map((one) => ({ value: one, name: SIDE_NAMES[one] }))}
          value={answers.side}
          onChoose={(one) => say({ side: one }, 3)}
          onSkip={() => say({ side: undefined }, 3)}
        />
      )}
      {all && found && (
        <section
          ref={result}
          aria-labelledby="begin-with"
          className="rounded border border-base-300 bg-base-100 p-5"
        >
          <h2 id="begin-with" className="font-serif text-2xl">
            Begin with {found.chosen.name}
          </h2>
          <div className="mt-2 grid gap-6 md:grid-cols-[1fr_20rem]">
            <div className="space-y-3">
              <p>{found.chosen.reasons.join(' ')}</p>
              <p>{withWhat(answers.tool, found)}</p>
              <div className="flex flex-wrap gap-2">
                <button
                  type="button"
                  className="btn btn-primary"
                  disabled={busy}
                  onClick={() => void print()}
                >
                  <Printer size={17} aria-hidden /> Print the first page
                </button>
                <button type="button" className="btn" disabled={busy} onClick={() => void goOn()}>
                  <NotebookPen size={17} aria-hidden /> Look at it in Practise
                </button>
              </div>
              <p className="text-sm opacity-80">{printerWords(null)}</p>
              {found.others.length > 0 && (
                <p className="flex flex-wrap items-center gap-2 text-sm">
                  Or begin with
                  {found.others.map(({ hand, name }) => (
                    <button
                      key={hand}
                      type="button"
                      className="btn btn-sm"
                      onClick={() => setAnswers((now) => ({ ...now, hand }))}
                    >
                      {name}
                    </button>
                  ))}
                </p>
              )}
            </div>
            <div className="rounded border border-base-300 bg-white" style={{ aspectRatio: '210 / 297' }}>
              {picture && (
                // biome-ignore lint/performance/noImgElement: an SVG made here, in memory
                <img src={picture} alt="The first page" className="h-full w-full object-contain" />
              )}
            </div>
          </div>
        </section>
      )}
    </div>
  );
}

/** Answers are saved at once (the tool, its kit and the page), however the scribe goes on. */
async function keepAnswers({ recipe, item, chosen, need }: Beginning, sheetId: string): Promise<void> {
  if (item) {
    await callUntilKept(`/api/items/${item.id}`, { method: 'PUT', json: item });
    const data = { need, parts: { tool: item.id } };
    await keepAt('PUT /api/records/{}', recordId('kit', chosen.hand), { kind: 'kit', data });
  }
  await keepAt('PUT /api/sheets/{}', sheetId, { name: `A first page of ${chosen.name}`, recipe });
}

/** What the page is ruled for, and what to do where the tool is another. */
function withWhat(tool: FirstToolId | undefined, { item, recipe }: Beginning): string {
  if (tool === 'pencils')
    return `Bind two pencils together with their points ${PENCIL_GAP} mm apart: they draw the outline of every broad stroke, the cheapest way to learn the angle.`;
  if (!item) return 'Any point you have will do; press lightly.';
  if (item.width !== null)
    return `The page is ruled for an edge of about ${recipe.width} mm. Measure yours on the Bench when you have a minute: the page then fits it to a tenth.`;
  return 'Thin going up, thick coming down: press only on the way down.';
}
