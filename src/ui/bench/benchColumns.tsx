'use client';

import type { ColumnDef } from '@tanstack/react-table';
import { WEARS } from '@/core/kit/choices';
import type { Item } from '@/core/kit/item';
import { isTool } from '@/core/kit/itemKinds';
import { lookUp } from '@/core/measure/lookUp';
import { plain } from '@/core/measure/units';
import { OneOrNone } from '../fields/OneOf';
import { enteredNumber, summary } from './facts';

/** Columns that narrow screens leave to the detail view. */
const ROOMY: Readonly<Record<string, string>> = {
  facts: 'hidden lg:table-cell min-w-40',
  hours: 'hidden lg:table-cell',
  wear: 'max-sm:hidden',
};
export const roomy = (column: string) => `max-sm:px-1 ${lookUp(ROOMY, column) ?? ''}`;

/** The columns of the bench's table; names, widths and wear are edited in their cells. */
export function columnsFor(
  edit: (item: Item, facts: Partial<Item>) => void,
  open: (id: string) => void,
): ColumnDef<Item>[] {
  return [
    {
      id: 'chosen',
      enableSorting: false,
      header: ({ table }) => (
        <label className="grid place-items-center">
          <input
            type="checkbox"
            className="checkbox checkbox-xs"
            aria-label="Choose everything on this page"
            checked={table.getIsAllPageRowsSelected()}
            onChange={table.getToggleAllPageRowsSelectedHandler()}
          />
        </label>
      ),
      cell: ({ row }) => (
        <label className="grid place-items-center">
          <input
            type="checkbox"
            className="checkbox checkbox-xs"
            aria-label={`Choose ${row.original.label}`}
            checked={row.getIsSelected()}
            onChange={row.getToggleSelectedHandler()}
          />
        </label>
      ),
    },
    {
      id: 'label',
      accessorFn: ({ label }) => label.toLowerCase(),
      header: 'Name',
      cell: ({ row: { original: item } }) => (
        <input
          key={item.label}
          className="input input-ghost input-sm w-full min-w-52 max-sm:min-w-42 max-sm:px-1"
          aria-label={`Name of the ${item.label}`}
          defaultValue={item.label}
          maxLength={80}
          onBlur={(event) =>
            event.target.value !== item.label && edit(item, { label: event.target.value.trim() })
          }
          onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
        />
      ),
    },
    {
      accessorKey: 'width',
      header: () => (
        <>
          Width <span className="sm:hidden">(mm)</span>
        </>
      ),
      cell: ({ row: { original: item } }) =>
        isTool(item.kind) ? (
          <span className="flex items-center gap-1 whitespace-nowrap tabular-nums">
            <input
              key={String(item.width)}
              className="input input-ghost input-sm w-16 max-sm:w-12 max-sm:px-1"
              aria-label={`Width of the ${item.label}`}
              inputMode="decimal"
              placeholder="?"
              defaultValue={item.width === null ? '' : plain(item.width)}
              onBlur={(event) => {
                const entered = event.target.value.trim().replace(',', '.');
                if (entered === (item.width === null ? '' : plain(item.width))) return;
                edit(item, {
                  width: enteredNumber(entered),
                  uncertainty: null,
                  measuredAt: null,
                } as Partial<Item>);
              }}
              onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
            />
            <span className="max-sm:hidden">
              {item.uncertainty !== null ? `± ${plain(item.uncertainty)} ` : ''}mm
            </span>
          </span>
        ) : (
          ''
        ),
    },
    { id: 'facts', header: 'Facts', enableSorting: false, cell: ({ row }) => summary(row.original) },
    {
      accessorKey: 'hours',
      header: 'Hours',
      cell: ({ row }) => (row.original.hours > 0 ? plain(row.original.hours, 1) : ''),
    },
    {
      accessorKey: 'wear',
      header: 'Wear',
      cell: ({ row: { original: item } }) =>
        isTool(item.kind) ? (
          <OneOrNone
            className="select select-ghost select-sm w-28"
            label={`Wear of the ${item.label}`}
            none="not known"
            choices={WEARS}
            value={item.wear ?? ''}
            onChoose={(wear) => edit(item, { wear: wear || null })}
          />
        ) : (
          ''
        ),
    },
    {
      id: 'open',
      enableSorting: false,
      header: () => <span className="sr-only">Actions</span>,
      cell: ({ row: { original: item } }) => (
        <button
          type="button"
          className="btn btn-xs"
          aria-label={`Details of the ${item.label}`}
          onClick={() => open(item.id)}
        >
          Details
        </button>
      ),
    },
  ];
}
