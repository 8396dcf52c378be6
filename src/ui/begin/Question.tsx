'use client';

import { useId } from 'react';

/** One short question with its answers as large buttons, and a way past it. */
export function Question<T extends string>({
  name,
  choices,
  value,
  onChoose,
  onSkip,
}: {
  name: string;
  choices: readonly { readonly value: T; readonly name: string }[];
  value: T | undefined;
  onChoose: (value: T) => void;
  onSkip: () => void;
}) {
  const id = useId();
  return (
    <section aria-labelledby={id}>
      <h2 id={id} className="mb-2 font-serif text-xl">
        {name}
      </h2>
      <div className="flex flex-wrap gap-2">
        {choices.map((choice) => (
          <button
            key={choice.value}
            type="button"
            aria-pressed={choice.value === value}
            className={`btn h-auto min-h-11 max-w-full whitespace-normal py-2 text-left ${choice.value === value ? 'btn-primary' : ''}`}
            onClick={() => onChoose(choice.value)}
          >
            {choice.name}
          </button>
        ))}
        <button type="button" className="btn btn-ghost min-h-11" onClick={onSkip}>
          Skip
        </button>
      </div>
    </section>
  );
}
