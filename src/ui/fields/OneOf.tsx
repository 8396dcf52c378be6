'use client';

interface Listed<T extends string> {
  readonly choices: readonly T[];
  readonly nameOf?: (choice: T) => string;
  /** Its name where nothing around it names it. */
  readonly label?: string | undefined;
  readonly id?: string;
  readonly className?: string;
}

/** One of some values, by its name: a plain list to open. */
export function OneOf<T extends string>({
  value,
  onChoose,
  ...list
}: Listed<T> & { value: T; onChoose: (choice: T) => void }) {
  return <List {...list} value={value} onChoose={(choice) => choice !== undefined && onChoose(choice)} />;
}

/** One of some values, or '' for none of them, which is called `none`. */
export function OneOrNone<T extends string>({
  onChoose,
  ...list
}: Listed<T> & { value: T | ''; none: string; onChoose: (choice: T | '') => void }) {
  return <List {...list} onChoose={(choice) => onChoose(choice ?? '')} />;
}

function List<T extends string>({
  value,
  choices,
  nameOf = (choice) => choice,
  none,
  onChoose,
  label,
  id,
  className = 'select select-sm w-48',
}: Listed<T> & { value: T | ''; none?: string; onChoose: (choice: T | undefined) => void }) {
  return (
    <select
      id={id}
      className={className}
      aria-label={label}
      value={value}
      onChange={(event) => onChoose(choices.find((choice) => choice === event.target.value))}
    >
      {none !== undefined && <option value="">{none}</option>}
      {choices.map((choice) => (
        <option key={choice} value={choice}>
          {nameOf(choice)}
        </option>
      ))}
    </select>
  );
}
