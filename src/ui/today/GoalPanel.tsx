'use client';

import { useState } from 'react';
import { AIMS, type Aim, dayHere, sessionDays } from '@/core/study/goal';
import type { KeptGoal } from '@/core/study/goalFormat';
import type { Today } from '@/core/study/today';
import { NumberField } from '../fields/NumberField';
import { OneOf } from '../fields/OneOf';
import { useNotice } from '../frame/notices';
import { download } from '../lib/api';
import { dayAndMonth, middayOf } from '../lib/dates';
import { forgetRecord } from '../lib/keepSession';
import { callUntilKept } from '../lib/patience';

const MINUTES = { label: 'Minutes of a session', unit: 'min', low: 5, high: 240, step: 5 };

const AIM_WORDS: Readonly<Record<Aim, string>> = {
  small: 'the small letters',
  capitals: 'small letters and capitals',
  all: 'letters and figures',
};
const WEEKDAYS = ['Su', 'Mo', 'Tu', 'We', 'Th', 'Fr', 'Sa'] as const;
const FROM_MONDAY = [1, 2, 3, 4, 5, 6, 0] as const;
/** Sessions in a calendar begin at seven in the evening, until they are moved there. */
const EVENING = 'T19:00:00';

const goalId = (hand: string) => `goal-${hand}`;

/** What is to be learned by when: whether one is in time, and the sessions as a calendar. */
export function GoalPanel({ today, onKept }: { today: Today; onKept: () => void }) {
  const { goal, hand, handName } = today;
  const [editing, setEditing] = useState(false);
  const notice = useNotice();
  const guarded = async (work: () => Promise<unknown>) => {
    try {
      await work();
      onKept();
    } catch (error) {
      notice.failed(error);
    }
  };
  const calendar = async (kept: KeptGoal) => {
    const { calendarOf } = await import('../lib/calendar');
    const days = sessionDays(kept, dayHere(new Date()));
    const events = days.map((day) => {
      const start = new Date(`${day}${EVENING}`);
      return {
        title: `${handName}: ${kept.minutes} minutes${kept.name ? `, for ${kept.name}` : ''}`,
        start,
        end: new Date(start.getTime() + kept.minutes * 60_000),
      };
    });
    download(new Blob([calendarOf(events)], { type: 'text/calendar' }), 'sessions.ics');
  };
  return (
    <section aria-labelledby="goal" className="space-y-2">
      <h2 id="goal" className="margin-heading">
        Goal
      </h2>
      {goal && !editing && (
        <>
          <p className="text-sm" data-testid="goal">
            {handName}, {AIM_WORDS[goal.kept.aim]}, by {dayAndMonth(middayOf(goal.kept.by))}
            {goal.kept.name && ` for ${goal.kept.name}`}: {goal.standing.known} of{' '}
            {goal.standing.letters.length} letters are known.
          </p>
          <progress
            className="progress progress-primary w-full"
            aria-label="Letters known"
            value={goal.standing.known}
            max={goal.standing.letters.length}
          />
          <p
            className={`text-sm ${goal.standing.onTrack ? '' : 'remark remark-warning'}`}
            data-testid="track"
          >
            {goal.standing.onTrack
              ? `On track: about ${goal.standing.needed} minutes are left to write, and the sessions planned have ${goal.standing.available}.`
              : goal.standing.minutesAWeek === undefined
                ? 'Its day has passed.'
                : `Not on track: it takes about ${goal.standing.needed} minutes, and the sessions planned have ${goal.standing.available}. ${goal.standing.minutesAWeek} minutes a week would be enough.`}
          </p>
          <div className="flex flex-wrap gap-1">
            <button type="button" className="btn btn-xs min-h-6" onClick={() => setEditing(true)}>
              Change
            </button>
            <button
              type="button"
              className="btn btn-xs min-h-6"
              onClick={() => void guarded(() => calendar(goal.kept))}
            >
              Sessions as a calendar
            </button>
            <button
              type="button"
              className="btn btn-ghost btn-xs min-h-6"
              onClick={() => void guarded(() => forgetRecord(goalId(hand)))}
            >
              Give it up
            </button>
          </div>
        </>
      )}
      {!goal && !editing && (
        <button type="button" className="btn btn-sm" onClick={() => setEditing(true)}>
          Set a goal
        </button>
      )}
      {editing && (
        <GoalForm
          hand={hand}
          kept={goal?.kept}
          onKeep={(data) =>
            void guarded(async () => {
              await callUntilKept(`/api/records/${goalId(hand)}`, {
                method: 'PUT',
                json: { kind: 'goal', data, was: goal?.kept ?? null },
              });
              setEditing(false);
            })
          }
        />
      )}
    </section>
  );
}

/** Default goal: six weeks ahead, three evenings a week. */
const usualGoal = (hand: Today['hand']): KeptGoal => ({
  hand,
  name: '',
  aim: 'small',
  by: dayHere(new Date(Date.now() + 42 * 24 * 60 * 60 * 1000)),
  minutes: 20,
  weekdays: [1, 3, 5],
});

function GoalForm({
  hand,
  kept,
  onKeep,
}: {
  hand: Today['hand'];
  kept: KeptGoal | undefined;
  onKeep: (goal: KeptGoal) => void;
}) {
  const [refused, setRefused] = useState(false);
  const [goal, setGoal] = useState<KeptGoal>(kept ?? usualGoal(hand));
  const set = (part: Partial<KeptGoal>) => setGoal((now) => ({ ...now, ...part }));
  return (
    <form
      className="space-y-2 text-sm"
      onSubmit={(event) => {
        event.preventDefault();
        onKeep(goal);
      }}
    >
      <div>
        Learn
        <OneOf
          className="select select-sm w-full"
          label="What is to be learned"
          value={goal.aim}
          choices={AIMS}
          nameOf={(aim) => AIM_WORDS[aim]}
          onChoose={(aim) => set({ aim })}
        />
      </div>
      <label className="block">
        By
        <input
          type="date"
          required
          className="input input-sm w-full"
          value={goal.by}
          onChange={(event) => set({ by: event.target.value })}
        />
      </label>
      <label className="block">
        For
        <input
          dir="auto"
          className="input input-sm w-full"
          placeholder="the open night"
          maxLength={80}
          value={goal.name}
          onChange={(event) => set({ name: event.target.value })}
        />
      </label>
      <NumberField
        limit={MINUTES}
        value={goal.minutes}
        onCommit={(minutes) => set({ minutes: Math.round(minutes) })}
        onRefused={setRefused}
      />
      <fieldset>
        <legend>On</legend>
        <div className="flex flex-wrap gap-1">
          {FROM_MONDAY.map((day) => (
            <button
              key={day}
              type="button"
              aria-pressed={goal.weekdays.includes(day)}
              className={`btn btn-xs min-h-7 ${goal.weekdays.includes(day) ? 'border-accent font-bold text-accent' : 'font-normal'}`}
              onClick={() =>
                set({
                  weekdays: goal.weekdays.includes(day)
                    ? goal.weekdays.filter((one) => one !== day)
                    : [...goal.weekdays, day],
                })
              }
            >
              {WEEKDAYS[day]}
            </button>
          ))}
        </div>
      </fieldset>
      <button type="submit" className="btn btn-sm btn-primary" disabled={refused}>
        Keep the goal
      </button>
    </form>
  );
}
