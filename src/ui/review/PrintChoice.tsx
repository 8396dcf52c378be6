import { OneOf } from '../fields/OneOf';
import { type PrintShown, printKey, printName } from './shown';

/** One of the pages that were printed with marks. */
export function PrintChoice({
  label,
  prints,
  value,
  onChoose,
}: {
  label: string;
  prints: readonly PrintShown[];
  value: PrintShown;
  onChoose: (key: string) => void;
}) {
  return (
    <span className="block overflow-x-clip text-sm">
      {label}
      <OneOf
        label={label}
        className="select select-sm w-full"
        value={printKey(value)}
        choices={prints.map(printKey)}
        nameOf={(key) => {
          const print = prints.find((one) => printKey(one) === key);
          return print ? printName(print) : key;
        }}
        onChoose={onChoose}
      />
    </span>
  );
}
