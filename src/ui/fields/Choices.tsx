'use client';

import { useId } from 'react';

export interface Choice<T extends string> {
  readonly value: T;
  readonly name: string;
  readonly remark?: string;
}

/** A list to choose one from, with the reason to choose it. */
export function Choices<T extends string>({
  legend,
  choices,
  value,
  onChoose,
}: {
  legend: string;
  choices: readonly Choice<T>[];
  value: T | null;
  onChoose: (value: T) => void;
}) {
  const name = useId();
  return (
    <fieldset className="max-h-80 overflow-y-auto">
      <legend className="mb-1 text-sm">{legend}</legend>
      {choices.map((choice) => (
        <label
          key={choice.value}
          className="flex cursor-pointer items-start gap-2 rounded px-1 py-1 hover:bg-base-200"
        >
          <input
            type="radio"
            name={name}
            className="radio radio-xs mt-1"
            checked={choice.value === value}
            onChange={() => onChoose(choice.value)}
          />
          <span>
            {choice.name}
            {choice.remark && <span className="block text-sm opacity-80">{choice.remark}</span>}
          </span>
        </label>
      ))}
    </fieldset>
  );
}

/** A switch with its name. */
export function Toggle({
  name,
  on,
  onSwitch,
}: {
  name: string;
  on: boolean;
  onSwitch: (on: boolean) => void;
}) {
  return (
    <label className="flex cursor-pointer items-center gap-2 py-0.5 text-sm">
      <input
        type="checkbox"
        className="checkbox checkbox-xs"
        checked={on}
        onChange={(event) => onSwitch(event.target.checked)}
      />
      {name}
    </label>
  );
}
