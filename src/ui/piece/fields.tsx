'use client';

import { useId } from 'react';
import { OneOf } from '../fields/OneOf';

/** One of a few, by its name. */
export function Pick<T extends string>({
  name,
  value,
  choices,
  onPick,
}: {
  name: string;
  value: T;
  choices: readonly (readonly [value: T, name: string])[];
  onPick: (value: T) => void;
}) {
  const id = useId();
  return (
    <div className="text-sm">
      <label htmlFor={id}>{name}</label>
      <OneOf
        id={id}
        className="select select-sm mt-1 flex w-full"
        choices={choices.map(([choice]) => choice)}
        nameOf={(choice) => choices.find(([one]) => one === choice)?.[1] ?? choice}
        value={value}
        onChoose={onPick}
      />
    </div>
  );
}

/** Inks of a scribe's desk. */
const INKS = [
  ['#1f2430', 'near black'],
  ['#a33327', 'madder'],
  ['#24406e', 'night blue'],
  ['#2f6f66', 'verdigris'],
  ['#7a5a2b', 'walnut'],
  ['#8a8d99', 'graphite'],
] as const;

/** An ink of the desk, or any colour. */
export function ColourField({
  name,
  value,
  onPick,
}: {
  name: string;
  value: string;
  onPick: (colour: string) => void;
}) {
  const id = useId();
  return (
    <fieldset className="flex flex-wrap items-center gap-1 text-sm">
      <legend className="sr-only">{name}</legend>
      <span id={id} className="mr-1">
        {name}
      </span>
      {INKS.map(([colour, says]) => (
        <button
          key={colour}
          type="button"
          className={`h-6 w-6 max-sm:h-11 max-sm:w-11 rounded-full border-2 ${value === colour ? 'border-accent' : 'border-base-300'}`}
          style={{ background: colour }}
          aria-label={`${name}: ${says}`}
          aria-pressed={value === colour}
          title={says}
          onClick={() => onPick(colour)}
        />
      ))}
      <input
        type="color"
        className="h-6 w-8"
        aria-label={`${name}: any colour`}
        value={value}
        onChange={(event) => onPick(event.target.value)}
      />
    </fieldset>
  );
}
