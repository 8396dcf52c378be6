'use client';

import { flexRender, type Table } from '@tanstack/react-table';
import { Fragment } from 'react';
import type { Item } from '@/core/kit/item';
import { kindName } from '@/core/kit/itemKinds';
import { roomy } from './benchColumns';

const ARIA_SORT = { asc: 'ascending', desc: 'descending', none: 'none' } as const;

/** The rows of the bench, page by page; with `byKind` under the names of their kinds. */
export function BenchTable({
  table,
  byKind,
  open,
}: {
  table: Table<Item>;
  byKind: boolean;
  /** The thing whose details are shown. */
  open: string | null;
}) {
  const rows = table.getRowModel().rows;
  return (
    <div className="overflow-x-auto">
      <table className="table table-sm bg-base-100">
        <thead>
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id}>
              {group.headers.map((header) => (
                <th
                  key={header.id}
                  scope="col"
                  className={roomy(header.column.id)}
                  aria-sort={ARIA_SORT[header.column.getIsSorted() || 'none']}
                >
                  {header.column.getCanSort() ? (
                    <button
                      type="button"
                      className="min-h-6 cursor-pointer max-sm:min-h-11"
                      onClick={header.column.getToggleSortingHandler()}
                    >
                      {flexRender(header.column.columnDef.header, header.getContext())}
                      {{ asc: ' ↑', desc: ' ↓', none: '' }[header.column.getIsSorted() || 'none']}
                    </button>
                  ) : (
                    flexRender(header.column.columnDef.header, header.getContext())
                  )}
                </th>
              ))}
            </tr>
          ))}
        </thead>
        <tbody>
          {rows.map((row, i) => (
            <Fragment key={row.id}>
              {byKind && row.original.kind !== rows[i - 1]?.original.kind && (
                <tr>
                  <th
                    colSpan={row.getVisibleCells().length}
                    scope="rowgroup"
                    className="bg-base-200 font-serif text-base"
                  >
                    {kindName(row.original.kind)}
                  </th>
                </tr>
              )}
              <tr className={row.id === open ? 'bg-base-200' : row.original.archived ? 'opacity-75' : ''}>
                {row.getVisibleCells().map((cell) => (
                  <td key={cell.id} className={`py-1 ${roomy(cell.column.id)}`}>
                    {flexRender(cell.column.columnDef.cell, cell.getContext())}
                  </td>
                ))}
              </tr>
            </Fragment>
          ))}
        </tbody>
      </table>
      {table.getPageCount() > 1 && (
        <div className="mt-2 flex items-center gap-2 text-sm">
          <button
            type="button"
            className="btn btn-xs"
            onClick={table.previousPage}
            disabled={!table.getCanPreviousPage()}
          >
            Previous
          </button>
          Page {table.getState().pagination.pageIndex + 1} of {table.getPageCount()}
          <button
            type="button"
            className="btn btn-xs"
            onClick={table.nextPage}
            disabled={!table.getCanNextPage()}
          >
            Next
          </button>
        </div>
      )}
    </div>
  );
}
