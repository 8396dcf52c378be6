'use client';

import { useMemo, useState } from 'react';
import { inkTable } from '@/core/kit/inkTable';
import type { Item } from '@/core/kit/item';
import { kindName } from '@/core/kit/itemKinds';
import { useAbout } from '../frame/AboutMe';
import { SIGNS, WORDS } from './GoesWith';

/** Most names of pens that a row lists; the rest is counted. */
const NAMED = 3;

/** Pens of a row: their kind and fitting, and who they are. */
function PenNames({ pens }: { pens: readonly Item[] }) {
  const [first] = pens;
  if (!first) return null;
  const named = pens.slice(0, NAMED).map(({ label }) => label);
  const rest = pens.length - named.length;
  return (
    <>
      <b className="block">
        {kindName(first.kind)}
        {first.fitting ? `, ${first.fitting}` : ''}
      </b>
      <span className="block font-normal text-sm opacity-80">
        {named.join(', ')}
        {rest > 0 ? ` and ${rest} more` : ''}
      </span>
    </>
  );
}

/** Which ink may go into which pen of the bench: judged when it is opened. */
export function InksAndPens({ bench }: { bench: readonly Item[] }) {
  const [open, setOpen] = useState(false);
  return (
    <details
      className="mb-3 rounded bg-base-100 px-3 py-2"
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="cursor-pointer font-bold">Which ink goes into which pen</summary>
      {open && <TableOfInks bench={bench} />}
    </details>
  );
}

/** All pens with all inks; the reason of a cell is said beneath when it is pressed. */
function TableOfInks({ bench }: { bench: readonly Item[] }) {
  const { about } = useAbout();
  const { inks, rows } = useMemo(() => {
    const { side, experience, schools } = about;
    return inkTable(bench, { side, experience, schools });
  }, [bench, about]);
  const [asked, setAsked] = useState<readonly [row: number, column: number] | null>(null);
  if (inks.length === 0 || rows.length === 0) {
    return (
      <p>
        Put an ink, and a pen that is dipped or filled, on the bench: then this says which may go into which.
      </p>
    );
  }
  const row = asked && rows[asked[0]];
  const cell = asked && row?.cells[asked[1]];
  const pen = row?.pens[0];
  return (
    <div>
      <div className="max-h-[60vh] overflow-auto">
        <table className="table table-sm">
          <thead>
            <tr>
              <th scope="col" className="sticky top-0 left-0 z-20 bg-base-100">
                Pen
              </th>
              {inks.map(({ id, label }) => (
                <th
                  key={id}
                  scope="col"
                  className="sticky top-0 z-10 min-w-20 max-w-28 whitespace-normal bg-base-100 align-bottom font-normal"
                >
                  {label}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ pens, cells }, at) => (
              <tr key={pens[0]?.id}>
                <th scope="row" className="sticky left-0 z-10 min-w-48 bg-base-100 max-sm:min-w-32">
                  <PenNames pens={pens} />
                </th>
                {cells.map(({ item, how, why }, column) => (
                  <td key={item.id} className="p-1">
                    <button
                      type="button"
                      className={`btn btn-sm w-full ${how === 'not' ? 'text-error' : how === 'with care' ? 'text-warning' : ''}`}
                      aria-label={`${item.label} in ${pens[0]?.label}: ${WORDS[how]}`}
                      aria-pressed={asked?.[0] === at && asked[1] === column}
                      title={why}
                      onClick={() => setAsked([at, column])}
                    >
                      {SIGNS[how]}
                    </button>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p role="status" className="remark mt-2 text-sm">
        {cell && pen ? (
          <>
            <b>
              {cell.item.label} in {kindName(pen.kind)}, {WORDS[cell.how]}:
            </b>{' '}
            {cell.why}
          </>
        ) : (
          '✓ goes well, ~ with care, ✗ does not go. Press one for its reason.'
        )}
      </p>
    </div>
  );
}
