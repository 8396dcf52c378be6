import { useId } from 'react';
import { OneOrNone } from '../fields/OneOf';

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
      <OneOrNone
        id={id}
        className="select select-sm mt-1 w-36 max-sm:w-full"
        none="anything"
        choices={choices}
        nameOf={nameOf}
        value={value}
        onChoose={onChoose}
      />
    </div>
  );
}
