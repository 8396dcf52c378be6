import { useId } from 'react';

/** A short list to choose one from, or to leave open. */
export function Select<T extends string>({
  label,
  value,
  choices,
  nameOf = (choice) => choice,
  onChoose,
}: {
  label: string;
  value: T | '';
  choices: readonly T[];
  nameOf?: (choice: T) => string;
  onChoose: (choice: T | '') => void;
}) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="block text-sm">
        {label}
      </label>
      <select
        id={id}
        className="select select-sm mt-1 w-36 max-sm:w-full"
        value={value}
        onChange={(event) => onChoose(choices.find((choice) => choice === event.target.value) ?? '')}
      >
        <option value="">anything</option>
        {choices.map((choice) => (
          <option key={choice} value={choice}>
            {nameOf(choice)}
          </option>
        ))}
      </select>
    </div>
  );
}
