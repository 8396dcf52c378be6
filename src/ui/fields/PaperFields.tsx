import { PAPER_FORMATS, type PaperFormat, type PaperFormatId } from '@/core/measure/paper';
import type { Mm } from '@/core/measure/units';
import { LIMITS } from '@/core/problem/limits';
import { Choices } from './Choices';
import { NumberField } from './NumberField';

/** Paper as it is chosen: a format or a size of its own, and which way it lies. */
interface PaperChosen {
  readonly format: PaperFormatId;
  readonly width: Mm;
  readonly height: Mm;
  readonly sideways: boolean;
}

/** The choice of paper: its format by groups in the order they are wanted, its own size where it has one, and how it lies. */
export function PaperFields({
  paper: { format, width, height, sideways },
  groups,
  custom,
  onChange,
}: {
  paper: PaperChosen;
  groups: readonly PaperFormat['group'][];
  /** What a size of one's own is called. */
  custom: string;
  onChange: (changed: Partial<PaperChosen>) => void;
}) {
  // A custom size is given as the sheet lies: width, then height.
  const lying = sideways ? { width: height, height: width } : { width, height };
  return (
    <>
      <label className="block text-sm">
        Format
        <select
          className="select select-sm mt-1 flex w-64"
          value={format}
          onChange={({ target }) => {
            const chosen = PAPER_FORMATS.find(({ id }) => id === target.value);
            onChange(
              chosen
                ? { format: chosen.id, width: chosen.width, height: chosen.height }
                : { format: 'custom', ...lying, sideways: false },
            );
          }}
        >
          {groups.map((group) => (
            <optgroup key={group} label={group === 'north american' ? 'North American' : group}>
              {PAPER_FORMATS.filter((one) => one.group === group).map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </optgroup>
          ))}
          <option value="custom">{custom}</option>
        </select>
      </label>
      {format === 'custom' && (
        <>
          <NumberField
            limit={LIMITS.paperWidth}
            value={lying.width}
            onCommit={(to) => onChange({ ...lying, width: to, sideways: false })}
          />
          <NumberField
            limit={LIMITS.paperHeight}
            value={lying.height}
            onCommit={(to) => onChange({ ...lying, height: to, sideways: false })}
          />
        </>
      )}
      {format !== 'custom' && (
        <Choices
          legend="It lies"
          value={sideways ? 'sideways' : 'upright'}
          choices={[
            { value: 'upright', name: 'upright' },
            { value: 'sideways', name: 'sideways' },
          ]}
          onChoose={(way) => onChange({ sideways: way === 'sideways' })}
        />
      )}
    </>
  );
}
