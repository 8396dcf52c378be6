'use client';

import { useId, useState } from 'react';
import { SEEN } from '@/core/kit/seen';
import type { Session } from '@/core/log/session';
import type { Criterion } from '@/core/practice/criteria';
import { type Checked, RATINGS, type Rating } from '@/core/study/grade';
import { OneOrNone } from '../fields/OneOf';
import { useNotice } from '../frame/notices';
import { keepPhoto } from '../lib/photo';

/** What the self-check asks of a session: how it was, what wobbled, a note, what went wrong. */
export type Judged = Pick<Session, 'checks' | 'wobbled' | 'note' | 'trouble' | 'picture'>;

/** A thing that was practised, as it may be said to have wobbled. */
export interface Practised {
  readonly unit: string;
  readonly name: string;
}

/** Compare with the model: a few points, each off, near or right; which letters wobbled; a note; what went wrong. Keys 1, 2 and 3 rate the point at hand. */
export function SelfCheck({
  criteria,
  practised,
  onKeep,
  keep,
}: {
  criteria: readonly Criterion[];
  practised: readonly Practised[];
  onKeep: (judged: Judged) => void;
  /** What the button says. */
  keep: string;
}) {
  const [ratings, setRatings] = useState<Readonly<Record<string, Rating>>>({});
  const [wobbled, setWobbled] = useState<readonly string[]>([]);
  const [note, setNote] = useState('');
  const [trouble, setTrouble] = useState<(typeof SEEN)[number] | ''>('');
  const [picture, setPicture] = useState<string>();
  const notice = useNotice();
  const noteId = useId();
  const rate = (criterion: string, rating: Rating) => setRatings((now) => ({ ...now, [criterion]: rating }));
  return (
    <form
      className="space-y-5"
      onSubmit={(event) => {
        event.preventDefault();
        const checks: Checked[] = criteria.flatMap(({ id }) => {
          const rating = ratings[id];
          return rating ? [{ criterion: id, rating }] : [];
        });
        onKeep({
          checks,
          wobbled: [...wobbled],
          note: note.trim(),
          ...(trouble && { trouble }),
          ...(picture && { picture }),
        });
      }}
    >
      <div className="space-y-4">
        {criteria.map(({ id, say }, i) => (
          <fieldset
            key={id}
            onKeyDown={({ key }) => {
              const rating = RATINGS[Number(key) - 1];
              if (rating) rate(id, rating);
            }}
          >
            <legend className="mb-1">{say}</legend>
            <div className="flex gap-2">
              {RATINGS.map((rating, r) => (
                <label
                  key={rating}
                  className={`flex min-h-10 cursor-pointer items-center gap-2 rounded border px-3 ${
                    ratings[id] === rating ? 'border-primary bg-base-200 font-bold' : 'border-base-300'
                  }`}
                >
                  <input
                    type="radio"
                    name={`check-${id}`}
                    className="radio radio-sm"
                    // biome-ignore lint/a11y/noAutofocus: the session has ended, and this is what comes next
                    autoFocus={i === 0 && r === 1}
                    checked={ratings[id] === rating}
                    onChange={() => rate(id, rating)}
                  />
                  {rating}
                </label>
              ))}
            </div>
          </fieldset>
        ))}
      </div>
      {practised.length > 0 && (
        <fieldset>
          <legend className="mb-1">Which wobbled most? None, if the page was even.</legend>
          <div className="flex flex-wrap gap-2">
            {practised.map(({ unit, name }) => (
              <label
                key={unit}
                className={`flex min-h-9 cursor-pointer items-center gap-2 rounded border px-3 ${
                  wobbled.includes(unit) ? 'border-accent bg-base-200 font-bold' : 'border-base-300'
                }`}
              >
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm"
                  checked={wobbled.includes(unit)}
                  onChange={() =>
                    setWobbled((now) =>
                      now.includes(unit) ? now.filter((one) => one !== unit) : [...now, unit],
                    )
                  }
                />
                {name}
              </label>
            ))}
          </div>
        </fieldset>
      )}
      <div className="grid gap-3 sm:grid-cols-2">
        <label htmlFor={noteId} className="text-sm">
          A note for next time
          <textarea
            id={noteId}
            dir="auto"
            className="textarea w-full"
            rows={2}
            maxLength={1000}
            value={note}
            onChange={(event) => setNote(event.target.value)}
          />
        </label>
        <label className="text-sm">
          Did the pen give trouble?
          <OneOrNone
            className="select w-full"
            none="No"
            choices={SEEN}
            value={trouble}
            onChoose={setTrouble}
          />
        </label>
      </div>
      <label className="block text-sm">
        A photo of the page, if you want
        <input
          type="file"
          accept="image/png,image/jpeg,image/webp"
          className="file-input file-input-sm block w-full max-w-sm"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (!file) return;
            keepPhoto(file).then(setPicture, (error: unknown) => notice.failed(error));
          }}
        />
        {picture && <span className="opacity-80">Kept at this desk, made small.</span>}
      </label>
      <button type="submit" className="btn btn-primary">
        {keep}
      </button>
    </form>
  );
}
