'use client';

import { useState } from 'react';
import type { Lesson } from '@/core/practice/lessons';
import type { Known } from './useKnown';

const MARKS = ['known', 'to stress'] as const;
type Mark = (typeof MARKS)[number];

const toggled = (list: readonly string[], letters: readonly string[], on: boolean): string[] => [
  ...list.filter((letter) => !letters.includes(letter)),
  ...(on ? letters : []),
];

/** The letters of a hand by family, to mark as known or to stress. */
export function KnownLetters({
  lessons,
  known,
  onKnown,
}: {
  lessons: readonly Lesson[];
  known: Known;
  onKnown: (known: Known) => void;
}) {
  const [mark, setMark] = useState<Mark>('known');
  const all = lessons.flatMap(({ letters }) => letters);
  const small = lessons.filter((lesson) => lesson.case === 'small').flatMap(({ letters }) => letters);
  const know = (letters: readonly string[], on: boolean) =>
    onKnown({
      letters: toggled(known.letters, letters, on),
      stressed: on ? known.stressed : toggled(known.stressed, letters, false),
    });
  const press = (letter: string) => {
    if (mark === 'known') return know([letter], !known.letters.includes(letter));
    const on = !known.stressed.includes(letter);
    onKnown({
      // A stressed letter is practised, so it counts as known.
      letters: on ? toggled(known.letters, [letter], true) : known.letters,
      stressed: toggled(known.stressed, [letter], on),
    });
  };
  const marking = { known, mark, onFamily: know, onLetter: press };
  return (
    <section aria-labelledby="known-letters">
      <h2 id="known-letters" className="margin-heading">
        Letters you know
      </h2>
      <div className="mb-1 flex flex-wrap items-center gap-1">
        <fieldset className="flex items-center gap-2 text-sm">
          <legend className="sr-only">A click marks a letter</legend>
          {MARKS.map((one) => (
            <label key={one} className="flex cursor-pointer items-center gap-1">
              <input
                type="radio"
                className="radio radio-xs"
                name="mark-letters"
                checked={mark === one}
                onChange={() => setMark(one)}
              />
              {one}
            </label>
          ))}
        </fieldset>
        <span className="ml-auto flex gap-1">
          <button
            type="button"
            className="btn btn-xs"
            onClick={() => know(small.length > 0 ? small : all, true)}
          >
            {small.length > 0 ? 'all small' : 'all'}
          </button>
          <button type="button" className="btn btn-xs" onClick={() => know(all, false)}>
            none
          </button>
        </span>
      </div>
      <Families lessons={lessons.filter((lesson) => lesson.case === 'small')} {...marking} />
      {lessons.some((lesson) => lesson.case !== 'small') && (
        <details open={small.length === 0}>
          <summary className="cursor-pointer py-1 text-sm">Capitals and figures</summary>
          <Families lessons={lessons.filter((lesson) => lesson.case !== 'small')} {...marking} />
        </details>
      )}
    </section>
  );
}

/** A row a family: its name marks all of it. */
function Families({
  lessons,
  known,
  mark,
  onFamily,
  onLetter,
}: {
  lessons: readonly Lesson[];
  known: Known;
  mark: Mark;
  onFamily: (letters: readonly string[], on: boolean) => void;
  onLetter: (letter: string) => void;
}) {
  return (
    <ul className="space-y-0.5">
      {lessons.map(({ family, title, letters, case: kind }) => {
        const whole = letters.every((letter) => known.letters.includes(letter));
        const name = kind === 'capital' ? `capitals, ${family}` : family;
        return (
          <li key={`${kind} ${family}`} className="grid grid-cols-[5.2rem_1fr] items-start gap-1">
            <button
              type="button"
              className="truncate text-left text-sm underline decoration-dotted underline-offset-2"
              aria-label={`All of ${name}`}
              aria-pressed={whole}
              title={whole ? `Unmark ${name}` : `Mark all of ${name}`}
              onClick={() => onFamily(letters, !whole)}
            >
              {title}
            </button>
            <span className="flex flex-wrap gap-0.5">
              {letters.map((letter) => {
                const isKnown = known.letters.includes(letter);
                const isStressed = known.stressed.includes(letter);
                return (
                  <button
                    key={letter}
                    type="button"
                    className={`btn btn-xs w-6 px-0 ${isKnown ? 'btn-primary' : ''} ${
                      isStressed ? 'underline decoration-2 underline-offset-4' : ''
                    }`}
                    aria-pressed={mark === 'known' ? isKnown : isStressed}
                    aria-label={`${letter}${isKnown ? ', known' : ''}${isStressed ? ', to stress' : ''}`}
                    onClick={() => onLetter(letter)}
                  >
                    {letter}
                  </button>
                );
              })}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
