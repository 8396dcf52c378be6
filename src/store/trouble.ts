/** What a failing store says, and what that means. From SQLite's result codes, and what fetching throws. */
const TROUBLES: readonly (readonly [RegExp, string])[] = [
  [/SQLITE_FULL|disk is full/i, 'The disk is full: nothing can be saved.'],
  [/SQLITE_READONLY|readonly|read-only/i, 'The database is read-only: nothing can be saved.'],
  [/SQLITE_BUSY|SQLITE_LOCKED|database is locked/i, 'The database is held by another process.'],
  [/SQLITE_CANTOPEN|unable to open database/i, 'The database cannot be opened.'],
  [
    /SQLITE_CORRUPT|SQLITE_NOTADB|disk image is malformed|file is not a database/i,
    'The database is damaged. Restart the server: it puts the damaged file aside, and Workshop offers the newest copy.',
  ],
  [/SQLITE_IOERR|disk I\/O/i, 'The disk under the database fails.'],
  [
    /fetch failed|ECONNREFUSED|ECONNRESET|ETIMEDOUT|TimeoutError|operation was aborted|socket|SERVER_ERROR|HTTP status 5/i,
    'The database does not answer.',
  ],
];

/** The messages of an error and its causes. The text of a failed query is left out: it contains the data, not the reason. */
function said(error: unknown): string {
  if (!(error instanceof Error)) return '';
  const code = 'code' in error ? String(error.code) : '';
  const message = error.message.startsWith('Failed query:') ? '' : error.message;
  return `${error.name} ${code} ${message} ${said(error.cause)}`;
}

/** The sentence for an error of the store itself; undefined for any other error. */
export function troubleOf(error: unknown): string | undefined {
  const text = said(error);
  return TROUBLES.find(([sign]) => sign.test(text))?.[1];
}
