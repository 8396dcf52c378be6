'use client';

import {
  getCoreRowModel,
  getFilteredRowModel,
  getPaginationRowModel,
  type RowSelectionState,
  type SortingState,
  useReactTable,
} from '@tanstack/react-table';
import { type ReactNode, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { blankItem, type Item } from '@/core/kit/item';
import { type ItemKind, itemKinds, kindName } from '@/core/kit/itemKinds';
import type { TriedSeat } from '@/core/kit/seat';
import { lookUp } from '@/core/measure/lookUp';
import { Link } from '@/ui/lib/Link';
import { Toggle } from '../fields/Choices';
import { OneOrNone } from '../fields/OneOf';
import { useNotice } from '../frame/notices';
import { download, newId, Stale, sentenceOf } from '../lib/api';
import { BenchTable } from './BenchTable';
import { columnsFor } from './benchColumns';
import { ChosenThings } from './ChosenThings';
import { factName, summary } from './facts';
import { GoesWith } from './GoesWith';
import { ImportCsv } from './ImportCsv';
import { InksAndPens } from './InksAndPens';
import { ItemDetail } from './ItemDetail';
import { SideBySide } from './SideBySide';
import { useBench } from './useBench';
import { useBenchOrder } from './useBenchOrder';

const PAGE = 60;

/** A table of the things owned, to sort, filter, group and edit, with a panel of all facts of one thing. */
export function BenchStation({
  title,
  first = null,
  tried,
}: {
  title: ReactNode;
  first?: string | null;
  tried: readonly TriedSeat[];
}) {
  const { items, load, save, change, remove } = useBench();
  const notice = useNotice();
  const [sorting, setSorting] = useState<SortingState>([]);
  const [selected, setSelected] = useState<RowSelectionState>({});
  const [search, setSearch] = useState('');
  const [kind, setKind] = useState<ItemKind | ''>('');
  const [grouped, setGrouped] = useState(true);
  const [withArchived, setWithArchived] = useState(false);
  const [open, setOpen] = useState<string | null>(first);
  const [problem, setProblem] = useState<string | null>(null);

  const fail = useCallback((error: unknown) => {
    const fact = error instanceof Stale && error.theirs ? `${factName(error.field)}: ` : '';
    setProblem(`${fact}${sentenceOf(error)}`);
  }, []);
  const put = useCallback(
    async (added: readonly Item[], said: string) => {
      try {
        await save(added);
        setProblem(null);
        notice({ tone: 'done', text: said });
      } catch (error) {
        fail(error);
      }
    },
    [save, notice, fail],
  );
  const set = useCallback(
    async (chosen: readonly Item[], facts: Partial<Item>, said: string) => {
      try {
        await change(chosen.map((item) => ({ item, facts })));
        setProblem(null);
        const back = chosen.map((item) => ({
          item: { ...item, ...facts },
          facts: factsBefore(item, facts),
        }));
        notice({ tone: 'done', text: said, undo: () => change(back) });
      } catch (error) {
        fail(error);
      }
    },
    [change, notice, fail],
  );
  const edit = useCallback(
    (item: Item, facts: Partial<Item>) => {
      const what = Object.keys(facts).map(factName)[0] ?? 'A fact';
      void set([item], facts, `${what} of “${item.label}” changed.`);
    },
    [set],
  );

  const order = useBenchOrder(items, grouped, sorting);
  const shown = useMemo(
    () =>
      (items ?? [])
        .filter((item) => (withArchived || !item.archived) && (kind === '' || item.kind === kind))
        .sort((a, b) => (order.get(a.id) ?? 0) - (order.get(b.id) ?? 0)),
    [items, kind, withArchived, order],
  );
  const columns = useMemo(() => columnsFor(edit, setOpen), [edit]);
  const table = useReactTable({
    data: shown,
    columns,
    state: {
      sorting,
      rowSelection: selected,
      globalFilter: search,
      // While the panel is open the table shows only the columns that distinguish things.
      columnVisibility: { hours: open === null, wear: open === null },
    },
    getRowId: ({ id }) => id,
    onSortingChange: setSorting,
    onRowSelectionChange: setSelected,
    onGlobalFilterChange: setSearch,
    globalFilterFn: (row, _, wanted) =>
      `${row.original.label} ${row.original.otherNames ?? ''} ${kindName(row.original.kind)} ${summary(row.original)}`
        .toLowerCase()
        .includes(String(wanted).toLowerCase()),
    getCoreRowModel: getCoreRowModel(),
    manualSorting: true,
    getFilteredRowModel: getFilteredRowModel(),
    getPaginationRowModel: getPaginationRowModel(),
    initialState: { pagination: { pageSize: PAGE } },
    autoResetPageIndex: false,
  });
  const chosen = (items ?? []).filter(({ id }) => lookUp(selected, id));
  const [left, right] = chosen;
  const two = chosen.length === 2 && left && right ? ([left, right] as const) : undefined;
  const detail = items?.find(({ id }) => id === open);
  const margin = useRef<HTMLElement>(null);
  // On a narrow screen the margin stands over the table, perhaps out of sight.
  useEffect(() => {
    if (open) margin.current?.scrollIntoView({ block: 'nearest' });
  }, [open]);

  const takeAway = async (gone: readonly Item[]) => {
    try {
      await remove(gone.map(({ id }) => id));
      setSelected({});
      const what = gone.length === 1 ? gone[0]?.label : `${gone.length} things`;
      notice({
        tone: 'done',
        text: `Took ${what} off the bench. Sheets ruled for it keep their width.`,
        undo: () => save(gone),
      });
    } catch (error) {
      fail(error);
    }
  };
  const saveCsv = async () => {
    const [{ default: Papa }, { CSV_COLUMNS, rowOf }] = await Promise.all([
      import('papaparse'),
      import('@/core/kit/csv'),
    ]);
    const text = Papa.unparse({ fields: [...CSV_COLUMNS], data: (items ?? []).map(rowOf) });
    download(new Blob([`\ufeff${text}`], { type: 'text/csv' }), 'bench.csv');
  };

  return (
    <div className="flex min-h-full flex-col gap-4 px-6 py-6 max-sm:px-3 xl:flex-row">
      <div className="min-w-0 flex-1">
        <h1>{title}</h1>
        <p className="mb-3 max-w-prose">
          What you own. Labels differ between makers and felt wears wider, so a measured width beats a marked
          one; a fact you do not know is better left open than guessed.{' '}
          <Link className="link" href="/parts">
            Parts of pens and their names
          </Link>
        </p>
        {problem && (
          <p role="alert" className="remark remark-warning mb-3">
            {problem}
          </p>
        )}
        <div className="mb-2 flex flex-wrap items-center gap-2">
          <input
            className="input input-sm w-44"
            placeholder="Search"
            aria-label="Search the bench"
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
          <OneOrNone
            className="select select-sm w-40"
            label="Kind"
            none="all kinds"
            choices={itemKinds()}
            nameOf={kindName}
            value={kind}
            onChoose={setKind}
          />
          <Toggle name="by kind" on={grouped} onSwitch={setGrouped} />
          <Toggle name="include archived" on={withArchived} onSwitch={setWithArchived} />
          <AddItem
            onAdd={(item) => void put([item], `Put ${item.label} on the bench.`).then(() => setOpen(item.id))}
          />
          <Link href="/pens" className="btn btn-sm">
            One word with every pen
          </Link>
          <button type="button" className="btn btn-sm" onClick={() => void saveCsv()} disabled={!items}>
            Save CSV
          </button>
          <ImportCsv
            bench={items ?? []}
            onDone={(written) => {
              void load();
              notice({ tone: 'done', text: `Wrote ${written} rows.` });
            }}
          />
        </div>
        {items && items.length > 0 && <InksAndPens bench={items} />}
        {chosen.length > 0 && (
          <ChosenThings
            chosen={chosen}
            onSet={(facts, said) => void set(chosen, facts, said)}
            onAdd={(items, said) => void put(items, said)}
            onDelete={() => void takeAway(chosen)}
          />
        )}
        {two && <SideBySide one={two[0]} other={two[1]} />}
        {!items ? (
          <p role="status">Loading the bench…</p>
        ) : shown.length === 0 ? (
          <p className="py-8 text-center text-lg">Nothing here yet. Add the first thing, or open a CSV.</p>
        ) : (
          <BenchTable table={table} byKind={grouped && sorting.length === 0} open={open} />
        )}
      </div>
      {detail && (
        <aside ref={margin} aria-label="Margin" className="order-first w-full shrink-0 xl:order-none xl:w-80">
          <div className="sticky top-4 rounded bg-base-100 p-4">
            <div className="flex justify-end gap-1">
              <button type="button" className="btn btn-xs" onClick={() => void takeAway([detail])}>
                Delete
              </button>
              <button type="button" className="btn btn-xs" onClick={() => setOpen(null)}>
                Close
              </button>
            </div>
            <ItemDetail
              key={detail.id}
              item={detail}
              onSave={(item) => edit(detail, changedFacts(detail, item))}
              onProblem={fail}
            />
            <GoesWith item={detail} bench={items ?? []} tried={tried} />
          </div>
        </aside>
      )}
    </div>
  );
}

/** What facts were before they were changed. */
const factsBefore = (item: Item, facts: Partial<Item>): Partial<Item> =>
  Object.fromEntries(Object.entries(item).filter(([key]) => key in facts));

/** The facts of a thing that differ from what they were. */
const changedFacts = (before: Item, after: Item): Partial<Item> =>
  Object.fromEntries(Object.entries(after).filter(([key, value]) => before[key as keyof Item] !== value));

function AddItem({ onAdd }: { onAdd: (item: Item) => void }) {
  return (
    <OneOrNone
      className="select select-sm w-36"
      label="Add a thing"
      none="Add…"
      choices={itemKinds()}
      nameOf={kindName}
      value=""
      onChoose={(kind) => kind && onAdd(blankItem(newId(), kind, `new ${kindName(kind)}`))}
    />
  );
}
