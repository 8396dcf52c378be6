'use client';

import { Check, Play, Printer } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import type { Recipe } from '@/core/document/recipe';
import type { Sitting } from '@/core/log/session';
import { counted } from '@/core/measure/words';
import type { Reason } from '@/core/study/plan';
import type { Today, TodayStep } from '@/core/study/today';
import { Link } from '@/ui/lib/Link';
import { OneOf } from '../fields/OneOf';
import { useNotice } from '../frame/notices';
import { useDrawnPage } from '../frame/useDrawnPage';
import { useGuarded } from '../frame/useGuarded';
import { useRead } from '../frame/useRead';
import { askServer, call, newId } from '../lib/api';
import { dayAndMonth, wallClock } from '../lib/dates';
import { forgetRecord, keepSession } from '../lib/keepSession';
import { callUntilKept } from '../lib/patience';
import { printerWords } from '../paper/FormatButtons';
import { useHandOver } from '../paper/useHandOver';
import { sheetLink } from '../sheet/sheetLink';
import { Desk } from './Desk';
import { GoalPanel } from './GoalPanel';
import { type Judged, SelfCheck } from './SelfCheck';

const REASON_WORDS: Readonly<Record<Reason, string>> = {
  'warm-up': 'warm-up',
  wobbled: 'off last time',
  due: 'due',
  new: 'new',
  'stroke-of': 'its stroke first',
  keep: 'to keep',
};

const LENGTHS = [
  ['warm-up', 'just warm up'],
  ['10', '10 minutes'],
  ['20', '20 minutes'],
  ['40', '40 minutes'],
] as const;

/** A step as a session keeps it. */
const asKept = ({ unit, minutes, reason, text }: TodayStep) => ({ unit, minutes, reason, text });

/** Today: what to write now, with what, and whether one is in time. */
export function TodayStation({
  title,
  today,
  open,
  printer,
}: {
  title: ReactNode;
  today: Today;
  /** Sessions that were begun and not ended. */
  open: readonly (Sitting & { readonly entryId: string })[];
  printer: string | null;
}) {
  const router = useRouter();
  const notice = useNotice();
  const handOver = useHandOver();
  const { busy, guarded } = useGuarded();
  const [wrote, setWrote] = useState(false);
  const { kit, steps } = today;
  const page = usePage(today);
  const go = (hand: string, minutes: string) => router.push(`/today?hand=${hand}&minutes=${minutes}`);
  const used = {
    ...(kit.tool && { tool: kit.tool }),
    ...(kit.ink && { ink: kit.ink }),
    ...(kit.paper && { paper: kit.paper }),
  };
  const begin = () =>
    guarded(async () => {
      const id = `sit-${newId()}`;
      const data: Sitting = {
        hand: today.hand,
        began: wallClock(),
        steps: steps.map(asKept),
        at: 0,
        skipped: [],
        seconds: 0,
        paused: false,
        kit: used,
      };
      await callUntilKept(`/api/records/${id}`, { method: 'PUT', json: { kind: 'sitting', data } });
      router.push(`/today/session?id=${id}`);
    });
  const print = () =>
    guarded(async () => {
      if (!page.recipe) return;
      const answer = await call('/api/practice?format=pdf', { method: 'POST', json: page.recipe });
      await handOver(await answer.blob(), 'today.pdf', 'paper');
    });
  const layOut = () =>
    guarded(async () => {
      if (!page.recipe) return;
      const id = newId();
      const name = `${today.handName}, ${dayAndMonth(new Date())}`;
      await callUntilKept(`/api/sheets/${id}`, { method: 'PUT', json: { name, recipe: page.recipe } });
      router.push(sheetLink(id, '/practise'));
    });
  const log = (judged: Judged) =>
    guarded(async () => {
      const id = `ses-${newId()}`;
      const ended = new Date();
      await keepSession(id, {
        hand: today.hand,
        began: wallClock(new Date(ended.getTime() - today.minutes * 60_000)),
        ended: wallClock(ended),
        minutes: today.minutes,
        units: steps.map(({ unit }) => unit),
        kit: used,
        ...judged,
      });
      setWrote(false);
      router.refresh();
      notice({
        tone: 'done',
        text: `Logged: ${today.minutes} minutes of ${today.handName}.`,
        undo: async () => {
          await forgetRecord(id);
          router.refresh();
        },
      });
    });

  return (
    <div className="mx-auto grid max-w-6xl gap-x-8 gap-y-6 px-6 py-5 max-sm:px-3 lg:grid-cols-[1fr_19rem]">
      <header className="flex flex-wrap items-end gap-x-6 gap-y-2 lg:col-span-2">
        <h1>{title}</h1>
        <label className="text-sm">
          <span className="sr-only">Hand</span>
          <OneOf
            className="select select-sm w-44"
            choices={today.hands.map(({ id }) => id)}
            nameOf={(id) => today.hands.find((hand) => hand.id === id)?.name ?? id}
            value={today.hand}
            onChoose={(hand) => go(hand, today.warmUp ? 'warm-up' : String(today.minutes))}
          />
        </label>
        <fieldset className="flex flex-wrap gap-1">
          <legend className="sr-only">How long</legend>
          {LENGTHS.map(([value, name]) => {
            const on = today.warmUp ? value === 'warm-up' : value === String(today.minutes);
            return (
              <button
                key={value}
                type="button"
                aria-pressed={on}
                className={`btn btn-sm ${on ? 'border-accent bg-base-100 font-bold text-accent' : 'btn-ghost font-normal'}`}
                onClick={() => go(today.hand, value)}
              >
                {name}
              </button>
            );
          })}
        </fieldset>
      </header>

      <div className="min-w-0 space-y-5">
        {open.map((sitting) => (
          <p
            key={sitting.entryId}
            className="remark remark-caution flex flex-wrap items-center gap-2"
            data-testid="open-sitting"
          >
            A session is under way: {sitting.at} of {sitting.steps.length} done.
            <Link className="btn btn-sm" href={`/today/session?id=${sitting.entryId}`}>
              Go on with it
            </Link>
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              onClick={() => void guarded(() => forgetRecord(sitting.entryId).then(() => router.refresh()))}
            >
              Let it go
            </button>
          </p>
        ))}
        <section
          aria-labelledby="next"
          className={`grid gap-x-8 gap-y-4 ${steps.length > 0 ? 'xl:grid-cols-[minmax(0,1fr)_19rem]' : ''}`}
        >
          <div className="space-y-3">
            <h2 id="next" className="font-serif text-2xl">
              {steps.length > 0 ? 'Write next' : 'Nothing to write'}
            </h2>
            <p className="max-w-prose text-lg" data-testid="why">
              {today.why}
            </p>
            <ol className="grid gap-x-6 gap-y-1 sm:max-xl:grid-cols-2" data-testid="steps">
              {steps.map(({ unit, name, minutes, reason }) => (
                <li key={unit} className="flex items-baseline gap-2 border-base-300 border-b py-1">
                  <b className="font-serif text-lg" dir="auto">
                    {name}
                  </b>
                  <span className="opacity-80">{REASON_WORDS[reason]}</span>
                  <span className="ml-auto tabular-nums">{minutes} min</span>
                </li>
              ))}
            </ol>
            <div className="flex flex-wrap items-center gap-2">
              <button
                type="button"
                className="btn btn-primary"
                disabled={busy || steps.length === 0}
                onClick={() => void begin()}
              >
                <Play size={16} aria-hidden /> Begin
              </button>
              <button
                type="button"
                className="btn"
                disabled={busy || !page.recipe}
                onClick={() => void print()}
              >
                <Printer size={16} aria-hidden /> Print the page
              </button>
              <button
                type="button"
                className="btn"
                aria-expanded={wrote}
                disabled={steps.length === 0}
                onClick={() => setWrote((shown) => !shown)}
              >
                <Check size={16} aria-hidden /> I wrote it
              </button>
              <button
                type="button"
                className="btn btn-ghost"
                disabled={busy || !page.recipe}
                onClick={() => void layOut()}
              >
                Change the page first
              </button>
              <Link className="btn btn-ghost" href="/review">
                Photograph what you wrote
              </Link>
            </div>
            {wrote && (
              <div className="rounded border border-base-300 bg-base-100 p-4">
                <SelfCheck
                  criteria={today.criteria}
                  practised={steps.map(({ unit, name }) => ({ unit, name }))}
                  keep={`Keep it: ${counted(today.minutes, 'minute')}`}
                  onKeep={(judged) => void log(judged)}
                />
              </div>
            )}
            <p className="text-sm opacity-80">{printerWords(printer)}</p>
          </div>
          {page.picture && (
            // biome-ignore lint/performance/noImgElement: drawn here and now, for this page alone
            <img
              src={page.picture}
              alt="The page, as it will be printed"
              className="max-h-[30rem] border border-base-300 bg-white shadow-sm"
            />
          )}
        </section>
      </div>

      <aside className="space-y-5">
        <Desk today={today} onCleaned={() => router.refresh()} />
        <GoalPanel today={today} onKept={() => router.refresh()} />
        <p className="text-sm">
          <Link className="link" href="/today/eye">
            Train the eye
          </Link>
          : five minutes of telling slopes, weights and spacing apart.
        </p>
      </aside>
    </div>
  );
}

/** The page of today, drawn: as a recipe to print, and as a picture to look at. */
function usePage({ hand, steps, kit }: Today) {
  const [recipe, setRecipe] = useState<Recipe | null>(null);
  const tool = kit.tool?.id;
  useRead(
    async (signal) => {
      setRecipe(null);
      if (steps.length === 0) return;
      const json = { hand, tool, steps: steps.map(asKept) };
      setRecipe(await askServer('POST /api/today/page', { json, signal }));
    },
    [hand, tool, steps],
  );
  const picture = useDrawnPage(recipe);
  return { recipe, picture };
}
