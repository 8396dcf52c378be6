'use client';

import { formatDistanceToNow } from 'date-fns';
import { Copy, FileDown, Plus, Trash2 } from 'lucide-react';
import { type ReactNode, useEffect, useState } from 'react';
import type { Document } from '@/core/document/document';
import { Link } from '@/ui/lib/Link';
import { FileButton } from '../fields/FileButton';
import { InWindow } from '../frame/InWindow';
import { useNotice } from '../frame/notices';
import { askServer, call, downloadJson, newId, sentenceOf } from '../lib/api';
import { BeginPiece } from '../piece/BeginPiece';
import { sheetLink } from '../sheet/sheetLink';

export interface ShelfSheet {
  readonly id: string;
  readonly name: string;
  /** The station it opens in. */
  readonly station: string;
  /** What it is ruled for: its usual name. */
  readonly says: string;
  readonly revision: number;
  readonly updatedAt: string;
}

/** A sheet as it is stored now. The shelf lists sheets without what was made of them: it is read where it is needed. */
const readSheet = (id: string) => askServer('GET /api/sheets/{}', { id });

/** The shelf of sheets: open, name, duplicate, delete with undo, search, import and export. */
export const SheetShelf = (props: OfShelf) => (
  <InWindow>
    <Shelf {...props} />
  </InWindow>
);

interface OfShelf {
  readonly initial: readonly ShelfSheet[];
  readonly title: ReactNode;
}

function Shelf({ initial, title }: OfShelf) {
  const [sheets, setSheets] = useState(initial);
  const [search, setSearch] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const notice = useNotice();

  const guarded = async (work: () => Promise<void>) => {
    try {
      await work();
      setProblem(null);
    } catch (error) {
      setProblem(sentenceOf(error));
    }
  };
  const put = async (sheet: Omit<ShelfSheet, 'updatedAt'>, recipe: Document) => {
    const { id, name, revision: basedOn } = sheet;
    const { revision } = await askServer('PUT /api/sheets/{}', { id, json: { name, recipe, basedOn } });
    const saved = { ...sheet, revision, updatedAt: new Date().toISOString() };
    setSheets((list) => [saved, ...list.filter((other) => other.id !== id)]);
  };
  const rename = (sheet: ShelfSheet, name: string) =>
    guarded(async () => {
      const { recipe, revision } = await readSheet(sheet.id);
      await put({ ...sheet, name, revision }, recipe);
    });
  const duplicate = (sheet: ShelfSheet) =>
    guarded(async () => {
      const { recipe } = await readSheet(sheet.id);
      await put({ ...sheet, id: newId(), revision: 0, name: `${sheet.name} (copy)`.slice(0, 80) }, recipe);
      notice({ tone: 'done', text: `Duplicated “${sheet.name}”.` });
    });
  const remove = (sheet: ShelfSheet) =>
    guarded(async () => {
      await call(`/api/sheets/${sheet.id}`, { method: 'DELETE' });
      const before = sheets;
      setSheets((list) => list.filter(({ id }) => id !== sheet.id));
      notice({
        tone: 'done',
        text: `Deleted “${sheet.name}”.`,
        undo: () =>
          guarded(async () => {
            await call(`/api/sheets/${sheet.id}/restore`, { method: 'POST' });
            setSheets(before);
          }),
      });
    });
  const exportFile = ({ id, name }: ShelfSheet) =>
    guarded(async () => downloadJson((await readSheet(id)).recipe, `${name}.json`));
  const importFile = (file: File) =>
    guarded(async () => {
      const { readSheetFile } = await import('./readSheetFile');
      const { recipe, says, station } = await readSheetFile(file);
      const name = recipe.title || file.name.replace(/\.json$/i, '').slice(0, 80) || says;
      await put({ id: newId(), name, says, station, revision: 0 }, recipe);
      notice({ tone: 'done', text: `Imported “${name}”.` });
    });

  const wanted = search.trim().toLowerCase();
  const shown = sheets.filter(({ name, says }) => `${name} ${says}`.toLowerCase().includes(wanted));

  return (
    <div className="mx-auto max-w-6xl px-6 py-6">
      <div className="mb-4 flex flex-wrap items-center gap-3">
        <h1 className="mr-auto">{title}</h1>
        <input
          dir="auto"
          type="search"
          className="input input-sm w-56"
          placeholder="Search"
          aria-label="Search the shelf"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
        />
        <FileButton
          label="Saved sheet"
          accept="application/json,.json"
          onFile={(file) => void importFile(file)}
        >
          Import
        </FileButton>
        <Link href="/hand" className="btn btn-primary btn-sm">
          <Plus size={15} aria-hidden /> New sheet
        </Link>
        <BeginPiece className="btn btn-sm">
          <Plus size={15} aria-hidden /> New piece
        </BeginPiece>
      </div>
      {problem && (
        <p role="alert" className="remark remark-warning mb-4">
          {problem}
        </p>
      )}
      {shown.length === 0 ? (
        <p className="py-12 text-center text-lg">
          {sheets.length === 0
            ? 'The shelf is empty. Choose a hand to rule the first sheet.'
            : `Nothing on the shelf matches “${search}”.`}
        </p>
      ) : (
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(14rem,1fr))] gap-5">
          {shown.map((sheet) => (
            <ShelfCard
              key={sheet.id}
              sheet={sheet}
              onRename={(name) => void rename(sheet, name)}
              onDuplicate={() => void duplicate(sheet)}
              onExport={() => void exportFile(sheet)}
              onDelete={() => void remove(sheet)}
            />
          ))}
        </ul>
      )}
    </div>
  );
}

function ShelfCard({
  sheet,
  onRename,
  onDuplicate,
  onExport,
  onDelete,
}: {
  sheet: ShelfSheet;
  onRename: (name: string) => void;
  onDuplicate: () => void;
  onExport: () => void;
  onDelete: () => void;
}) {
  const { id, name, station, says, updatedAt } = sheet;
  return (
    <li className="flex flex-col rounded border border-base-300 bg-base-100 p-3">
      <Link
        href={sheetLink(id, station)}
        className="flex h-52 items-center justify-center bg-base-200 p-2"
        aria-label={`Open ${name}`}
      >
        <SheetPicture sheet={sheet} />
      </Link>
      <input
        key={name}
        aria-label={`Name of ${name}`}
        className="input input-ghost input-sm mt-2 w-full px-1 font-bold"
        defaultValue={name}
        maxLength={80}
        onBlur={(event) => {
          const next = event.target.value.trim();
          if (next && next !== name) onRename(next);
          else event.target.value = name;
        }}
        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      />
      <p className="px-1 text-sm">{says}</p>
      <div className="mt-1 flex items-center gap-1">
        <time dateTime={updatedAt} className="mr-auto px-1 text-sm opacity-80" suppressHydrationWarning>
          {formatDistanceToNow(new Date(updatedAt), { addSuffix: true })}
        </time>
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          aria-label={`Duplicate ${name}`}
          onClick={onDuplicate}
        >
          <Copy size={15} aria-hidden />
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          aria-label={`Export ${name}`}
          onClick={onExport}
        >
          <FileDown size={15} aria-hidden />
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          aria-label={`Delete ${name}`}
          onClick={onDelete}
        >
          <Trash2 size={15} aria-hidden />
        </button>
      </div>
    </li>
  );
}

/** Delays before a missing picture is requested again, in ms: the press may be busy with the files of a class. */
const AGAIN = [1000, 3000, 9000] as const;

/** The first page of a sheet, drawn by the server. A sheet that cannot be drawn (its paper is too small, for example) stays on the shelf. */
function SheetPicture({ sheet: { id, revision } }: { sheet: ShelfSheet }) {
  const [tries, setTries] = useState(0);
  const [broken, setBroken] = useState(false);
  const wait = AGAIN[tries];
  useEffect(() => {
    if (!broken || wait === undefined) return;
    const timer = setTimeout(() => {
      setTries((now) => now + 1);
      setBroken(false);
    }, wait);
    return () => clearTimeout(timer);
  }, [broken, wait]);
  if (broken) return wait === undefined && <span className="text-sm">cannot be drawn</span>;
  return (
    // biome-ignore lint/performance/noImgElement: drawn at true size by our own server
    <img
      src={`/api/sheets/${id}/picture?revision=${revision}&try=${tries}`}
      alt=""
      loading="lazy"
      className="max-h-full max-w-full bg-white shadow"
      onError={() => setBroken(true)}
    />
  );
}
