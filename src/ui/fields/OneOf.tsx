'use client';

/** One of some values, by its name: a plain list to open. What stands round it names it, or `label` does. */
export function OneOf<T extends string>({
  value,
  choices,
  nameOf = (choice) => choice,
  onChoose,
  label,
  className = 'select select-sm w-48',
}: {
  value: T;
  choices: readonly T[];
  nameOf?: (choice: T) => string;
  onChoose: (choice: T) => void;
  label?: string;
  className?: string;
}) {
  return (
    <select
      className={className}
      aria-label={label}
      value={value}
      onChange={(event) => {
        const chosen = choices.find((choice) => choice === event.target.value);
        if (chosen !== undefined) onChoose(chosen);
      }}
    >
      {choices.map((choice) => (
        <option key={choice} value={choice}>
          {nameOf(choice)}
        </option>
      ))}
    </select>
  );
}
