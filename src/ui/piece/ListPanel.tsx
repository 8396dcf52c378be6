'use client';

import { parse } from 'papaparse';
import { lookUp } from '@/core/measure/lookUp';
import { fieldsOf, openRows, rowsOf } from '@/core/piece/batch';
import type { Piece, Row } from '@/core/piece/piece';
import { PIECE_LIMITS } from '@/core/piece/pieceFormat';
import { FileButton } from '../fields/FileButton';
import { OneOf } from '../fields/OneOf';
import { useNotice } from '../frame/notices';
import type { PieceFiles } from './usePieceFiles';
import type { Found } from './usePieceWorker';

/** Maximum size of a list of names; a larger file is something else. */
const LARGEST = 4 * 1024 * 1024;
/** Rows marked; the others are in the file all the same. */
const SHOWN = 200;

const STATES: readonly Row['state'][] = ['to write', 'written', 'spoiled'];

/** One frame for many names: a list, what becomes of each row, and what is still to be written. */
export function ListPanel({
  piece,
  edit,
  found,
  files,
  row,
  onRow,
}: {
  piece: Piece;
  edit: (change: (piece: Piece) => Piece) => void;
  found: Found;
  files: PieceFiles;
  row: number;
  onRow: (row: number) => void;
}) {
  const notice = useNotice();
  const fields = fieldsOf(piece);
  const open = openRows(piece).length;
  const fate = new Map(found.rows?.map((one) => [one.row, one]));
  const helped = found.rows?.filter(({ remedy }) => remedy).length ?? 0;
  const refused = found.rows?.filter((one) => one.wrong) ?? [];
  const wrong = refused.filter(({ row: at }) => piece.rows[at]?.state !== 'written').length;
  // A row that cannot be written is marked, and does not block the others.
  const rows = wrong > 0 && wrong < open ? 'fitting' : 'open';

  const readList = async (file: File) => {
    if (file.size > LARGEST) {
      notice({ tone: 'problem', text: `“${file.name}” is too large for a list of names (at most 4 MB).` });
      return;
    }
    const { data } = parse<string[]>(await file.text(), { skipEmptyLines: 'greedy' });
    const [headings, ...cells] = data;
    if (!headings || cells.length === 0) {
      notice({
        tone: 'problem',
        text: 'The list needs a row of headings (name, street …) and a row for each name.',
      });
      return;
    }
    if (cells.length > PIECE_LIMITS.rows) {
      notice({
        tone: 'problem',
        text: `The list has ${cells.length} rows; ${PIECE_LIMITS.rows} can be written for at once. Nothing was read: split it into several.`,
      });
      return;
    }
    const listed = rowsOf(headings, cells);
    const long = listed.find(({ values }) =>
      Object.values(values).some((value) => value.length > PIECE_LIMITS.cell),
    );
    if (long) {
      notice({
        tone: 'problem',
        text: `Row ${listed.indexOf(long) + 1} has a value of more than ${PIECE_LIMITS.cell} characters. Nothing was read.`,
      });
      return;
    }
    edit((p) => ({ ...p, rows: listed }));
    onRow(0);
    const lacking = fields.filter((field) => listed.every(({ values }) => !lookUp(values, field)));
    notice({
      tone: lacking.length > 0 ? 'problem' : 'done',
      text: `${listed.length} rows read.${lacking.length > 0 ? ` No column is called ${lacking.map((field) => `“${field}”`).join(', ')}: that place stays empty.` : ''}`,
    });
  };
  const setState = (at: number, state: Row['state']) =>
    edit((p) => ({ ...p, rows: p.rows.map((one, i) => (i === at ? { ...one, state } : one)) }));

  return (
    <div className="space-y-3">
      <p className="text-sm">
        {fields.length > 0 ? (
          <>The text asks for {fields.map((field) => `{${field}}`).join(', ')}.</>
        ) : (
          <>
            Write {'{name}'} (or any word in braces) in the text, and it is written for every row of a list.
          </>
        )}
      </p>
      <div className="flex flex-wrap gap-1">
        <FileButton
          label="List of names"
          accept=".csv,text/csv,text/plain"
          onFile={(file) => void readList(file)}
        >
          Open a CSV
        </FileButton>
        <button
          type="button"
          className="btn btn-primary btn-sm"
          disabled={files.busy || open === 0 || fields.length === 0}
          onClick={() => void files.saveAll('pdf', rows)}
        >
          PDF of{' '}
          {rows === 'fitting'
            ? `the ${open - wrong} that ${open - wrong === 1 ? 'fits' : 'fit'}`
            : open === piece.rows.length
              ? `all ${open}`
              : `the ${open} to write`}
        </button>
        <button
          type="button"
          className="btn btn-sm"
          disabled={files.busy || open === 0 || fields.length === 0}
          onClick={() => void files.saveAll('paper', rows)}
        >
          Print them
        </button>
      </div>
      {files.progress && (
        <p role="status" className="flex items-center gap-2 text-sm">
          <progress className="progress w-32" value={files.progress.done} max={files.progress.of} />
          {files.progress.done} of {files.progress.of} pages
          <button type="button" className="btn btn-xs" onClick={files.cancel}>
            Stop
          </button>
        </p>
      )}
      {piece.rows.length > 0 && (
        <>
          <p role="status" className="text-sm">
            {found.rowsDone
              ? wrong > 0
                ? `${wrong} ${wrong === 1 ? 'does' : 'do'} not fit whatever is done; ${helped} ${helped === 1 ? 'fits' : 'fit'} with help.`
                : helped > 0
                  ? `All fit, ${helped} with help.`
                  : 'All fit as they are.'
              : `Laying out ${found.rows?.length ?? 0} of ${piece.rows.length}…`}
          </p>
          <table className="table-sm table w-full">
            <thead>
              <tr>
                <th scope="col">Row</th>
                <th scope="col">Written</th>
              </tr>
            </thead>
            <tbody>
              {piece.rows.slice(0, SHOWN).map(({ values, state }, i) => {
                const one = fate.get(i);
                return (
                  // biome-ignore lint/suspicious/noArrayIndexKey: a row is its place in the list
                  <tr key={i} className={i === row ? 'bg-base-200' : ''}>
                    <td>
                      <button type="button" className="link text-left" onClick={() => onRow(i)}>
                        {Object.values(values).filter(Boolean).join(', ')}
                      </button>
                      {one?.remedy && <span className="block text-sm">{one.remedy}</span>}
                      {one?.wrong && <span className="remark remark-warning block text-sm">{one.wrong}</span>}
                    </td>
                    <td>
                      <OneOf
                        className="select select-xs"
                        label={`State of row ${i + 1}`}
                        choices={STATES}
                        value={state}
                        onChoose={(next) => setState(i, next)}
                      />
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
          {piece.rows.length > SHOWN && (
            <p className="text-sm">And {piece.rows.length - SHOWN} more, written and printed like these.</p>
          )}
        </>
      )}
    </div>
  );
}
