import type { Item } from '@/core/kit/item';
import { kindName } from '@/core/kit/itemKinds';
import { sideBySide } from './facts';

/** Two chosen things beside each other, what differs first. */
export function SideBySide({ one, other }: { one: Item; other: Item }) {
  const rows = sideBySide(one, other);
  const differing = rows.filter(({ same }) => !same).length;
  return (
    <section aria-label="Side by side" className="mb-3 overflow-x-auto rounded bg-base-100 px-3 py-2">
      <table className="table table-sm max-w-3xl">
        <thead>
          <tr>
            <th scope="col">{differing === 0 ? 'No fact differs' : 'What differs'}</th>
            {[one, other].map(({ id, label, kind }) => (
              <th key={id} scope="col">
                {label}
                <span className="block font-normal text-sm opacity-80">{kindName(kind)}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ name, values, same }) => (
            <tr key={name} className={same ? 'opacity-75' : 'font-bold'}>
              <th scope="row" className="font-normal">
                {name}
              </th>
              {values.map((value, at) => (
                <td key={[one, other][at]?.id}>{value ?? '–'}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
