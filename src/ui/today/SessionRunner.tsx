'use client';

import { ArrowRight, LifeBuoy, Pause, Play } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import type { Recipe } from '@/core/document/recipe';
import type { ItemKind } from '@/core/kit/itemKinds';
import type { Sitting } from '@/core/log/session';
import { groundOf } from '@/core/practice/ground';
import { unitTitle } from '@/core/study/explain';
import { criteriaOf } from '@/core/study/page';
import { shownAs } from '@/core/study/shown';
import { ofKey } from '@/core/study/unit';
import { useLetterSet } from '../frame/LetterSets';
import { later } from '../frame/later';
import { useNotice } from '../frame/notices';
import { wallClock } from '../lib/dates';
import { forgetRecord, keepSession, sessionIdOf } from '../lib/keepSession';
import { useKeys } from '../sheet/keys';
import { MovingFigure } from './MovingFigure';
import { reminderAt, STOP_FOR_PAIN } from './posture';
import { type Judged, SelfCheck } from './SelfCheck';
import { useBeat } from './useBeat';
import { useSitting } from './useSitting';

const RescueCards = later(() => import('../kit/RescueCards').then(({ RescueCards }) => RescueCards));

const clock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;

/** A session at the desk: one thing at a time, large and moving; one key or a tap anywhere goes on. */
export function SessionRunner({
  sitting: opened,
  recipe,
  tool,
}: {
  sitting: Sitting & { readonly entryId: string };
  recipe: Recipe;
  /** The kind of tool it is written with. */
  tool: ItemKind;
}) {
  const run = useSitting(opened);
  const { sitting } = run;
  const router = useRouter();
  const notice = useNotice();
  const [sound, setSound] = useState(false);
  const [rescue, setRescue] = useState(false);
  // The clock waits while something is mended.
  const turnRescue = () => {
    if (rescue === sitting.paused) run.pause();
    setRescue(!rescue);
  };
  /** Whatever else is pressed goes on with the writing. */
  const goingOn = (act: () => void) => () => {
    setRescue(false);
    act();
  };
  const next = goingOn(run.next);
  const pause = goingOn(run.pause);
  const skip = goingOn(run.skip);
  const end = goingOn(run.end);
  const own = useLetterSet(recipe.hand).set.letters;
  const ground = useMemo(() => groundOf(recipe, { size: 1, held: false }, own), [recipe, own]);
  const step = sitting.steps[sitting.at];
  const unit = step && ofKey(step.unit);
  const [kind, text] = [unit?.kind, step?.text];
  const subject = useMemo(
    () => (kind && text !== undefined ? shownAs(ground, kind, text) : undefined),
    [ground, kind, text],
  );
  const beat = useBeat(run.running && sound, run.running);
  useKeys(
    step
      ? [
          {
            shown: 'Space, Enter or →',
            does: 'the next thing to write',
            actions: { ' ': next, enter: next, arrowright: next },
          },
          { shown: '←', does: 'the previous thing', actions: { arrowleft: goingOn(run.back) } },
          { shown: 'P', does: 'pause, or go on', actions: { p: pause } },
          {
            shown: 'R',
            does: 'rescue: what to do when something happens on the sheet',
            actions: { r: turnRescue },
          },
          { shown: 'S', does: 'skip this', actions: { s: skip } },
          { shown: 'E', does: 'end early', actions: { e: end } },
          { shown: 'M', does: 'the beat to be heard, or not', actions: { m: () => setSound((on) => !on) } },
        ]
      : [],
  );
  const practised = [...new Map(sitting.steps.map((one) => [one.unit, one])).values()].filter(
    (one) => !sitting.skipped.includes(one.unit),
  );
  const named = (one: { readonly unit: string; readonly text: string }) => {
    const of = ofKey(one.unit);
    return of?.kind === 'word' ? one.text : of ? unitTitle(of) : one.unit;
  };
  const keep = async (judged: Judged) => {
    try {
      await keepSession(sessionIdOf(opened.entryId), {
        hand: sitting.hand,
        began: sitting.began,
        ended: wallClock(),
        minutes: Math.round((sitting.seconds / 60) * 10) / 10,
        units: practised.map((one) => one.unit),
        kit: sitting.kit,
        ...judged,
      });
      await forgetRecord(opened.entryId);
      router.replace('/today');
      router.refresh();
    } catch (error) {
      notice.failed(error);
    }
  };

  if (!step) {
    return (
      <div className="mx-auto max-w-3xl space-y-4 px-6 py-6 max-sm:px-3">
        <h1 className="font-serif text-3xl">Compare with the model</h1>
        <p>
          {clock(sitting.seconds)} of writing. Lay the page beside the model, look at one thing at a time, and
          say what you see.
        </p>
        {practised.length > 0 ? (
          <SelfCheck
            criteria={criteriaOf(
              recipe,
              practised.flatMap((one) => {
                const of = ofKey(one.unit);
                return of ? [{ unit: of }] : [];
              }),
            )}
            practised={practised.map((one) => ({ unit: one.unit, name: named(one) }))}
            keep="Keep the session"
            onKeep={(judged) => void keep(judged)}
          />
        ) : (
          <button
            type="button"
            className="btn"
            onClick={() => void forgetRecord(opened.entryId).then(() => router.replace('/today'))}
          >
            Nothing was written: back to Today
          </button>
        )}
      </div>
    );
  }
  return (
    <div className="relative flex h-full flex-col">
      <header className="flex flex-wrap items-baseline gap-x-6 px-6 pt-4 max-sm:px-3">
        <h1 className="font-serif text-4xl" data-testid="step">
          {named(step)}
        </h1>
        <p className="text-xl opacity-90">
          {sitting.at + 1} of {sitting.steps.length}
        </p>
        <p className="ml-auto text-xl tabular-nums" role="timer">
          {clock(sitting.seconds)}
        </p>
      </header>
      {subject?.remark && <p className="px-6 text-xl max-sm:px-3 max-sm:text-base">{subject.remark}</p>}
      {rescue && (
        <section aria-label="Rescue" className="min-h-0 flex-1 overflow-auto px-6 py-4 max-sm:px-3">
          <RescueCards kind={tool} />
        </section>
      )}
      {/* The whole of it is the key: whoever has ink on their fingers taps anywhere. Space does the same. */}
      <button
        type="button"
        aria-label="Done: the next thing"
        className={rescue ? 'hidden' : 'm-4 min-h-0 flex-1 cursor-pointer rounded bg-white p-4'}
        onClick={next}
      >
        {subject && (
          <MovingFigure
            ground={ground}
            figure={subject.figure}
            still={!run.running}
            label={`${named(step)}, as the pen writes it`}
          />
        )}
      </button>
      <div className="px-6 pb-1 text-lg max-sm:px-3">
        {sitting.paused ? <b>Paused. Space goes on.</b> : reminderAt(sitting.at)}{' '}
        <span className="text-sm opacity-80">{STOP_FOR_PAIN}</span>
      </div>
      <footer className="flex flex-wrap items-center gap-2 border-base-300 border-t bg-base-100 px-6 py-2 max-sm:px-3">
        <button type="button" className="btn btn-primary" onClick={next}>
          <ArrowRight size={16} aria-hidden /> Next
        </button>
        <button type="button" className="btn" onClick={pause}>
          {sitting.paused ? <Play size={16} aria-hidden /> : <Pause size={16} aria-hidden />}
          {sitting.paused ? 'Go on' : 'Pause'}
        </button>
        <button type="button" className="btn" aria-pressed={rescue} onClick={turnRescue}>
          <LifeBuoy size={16} aria-hidden /> {rescue ? 'Back to writing' : 'Rescue'}
        </button>
        <button type="button" className="btn btn-ghost" onClick={skip}>
          Skip
        </button>
        <button type="button" className="btn btn-ghost" onClick={end}>
          End here
        </button>
        <label className="ml-auto flex items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="toggle toggle-sm"
            checked={sound}
            onChange={() => setSound((on) => !on)}
          />
          beat to be heard
        </label>
        <span
          aria-hidden
          className={`h-5 w-5 rounded-full bg-accent transition-opacity ${beat ? 'opacity-100' : 'opacity-20'}`}
        />
      </footer>
    </div>
  );
}
