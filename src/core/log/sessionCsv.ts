import { asCell, fromCell } from '../kit/csvText';
import { CRITERION_IDS } from '../practice/criteria';
import { Problem } from '../problem/problem';
import { RATINGS } from '../study/grade';
import { readEntry } from './entry';
import { type Session, sessionSchema } from './session';

/** A session with its id: a row of the logbook. */
export interface LoggedSession {
  readonly id: string;
  readonly session: Session;
}

/** The columns of the logbook as a table of text. Lists are separated by spaces, ratings written `feet=near`. */
export const LOG_COLUMNS = [
  'id',
  'hand',
  'began',
  'ended',
  'minutes',
  'units',
  'checks',
  'wobbled',
  'note',
  'tool',
  'toolId',
  'ink',
  'inkId',
  'paper',
  'paperId',
  'trouble',
  'picture',
  'review',
  'measured',
  'measuredWobbled',
] as const;
export type LogColumn = (typeof LOG_COLUMNS)[number];

/** Spaces inside a key would end it: words of two languages have none, but texts may. */
const joined = (keys: readonly string[]): string =>
  keys.map((key) => encodeURI(key.toWellFormed())).join(' ');
const apart = (cell: string): string[] => cell.split(/\s+/).filter(Boolean).map(decodeKey);
function decodeKey(text: string): string {
  try {
    return decodeURI(text);
  } catch {
    return text;
  }
}

const rated = (checks: Session['checks']): string =>
  checks.map(({ criterion, rating }) => `${criterion}=${rating}`).join(' ');

/** A session as the cells of its row, in the order of `LOG_COLUMNS`. */
export function sessionRow({ id, session }: LoggedSession): string[] {
  const { tool, ink, paper } = session.kit;
  const cells: Record<LogColumn, string> = {
    id,
    hand: session.hand,
    began: session.began,
    ended: session.ended,
    minutes: String(session.minutes),
    units: joined(session.units),
    checks: rated(session.checks),
    wobbled: joined(session.wobbled),
    note: session.note,
    tool: tool?.label ?? '',
    toolId: tool?.id ?? '',
    ink: ink?.label ?? '',
    inkId: ink?.id ?? '',
    paper: paper?.label ?? '',
    paperId: paper?.id ?? '',
    trouble: session.trouble ?? '',
    picture: session.picture ?? '',
    review: session.measured?.review ?? '',
    measured: rated(session.measured?.checks ?? []),
    measuredWobbled: joined(session.measured?.wobbled ?? []),
  };
  return LOG_COLUMNS.map((column) => asCell(cells[column]));
}

/**
 * A session from the cells of a row, by their columns; a row without an id gets the one given.
 * @throws Problem naming the column.
 */
export function readSessionRow(cells: Readonly<Record<string, string>>, newId: string): LoggedSession {
  const cell = (column: LogColumn) => fromCell(cells[column] ?? '');
  const text = (column: LogColumn) => cell(column).trim();
  const minutes = Number(text('minutes').replace(',', '.'));
  if (text('minutes') === '' || !Number.isFinite(minutes)) {
    throw new Problem('minutes', `“minutes” is “${text('minutes').slice(0, 30)}”, not a number.`);
  }
  const used = (name: 'tool' | 'ink' | 'paper', id: LogColumn) => {
    const label = text(name);
    return label === '' && text(id) === '' ? {} : { [name]: { id: text(id), label: cell(name) } };
  };
  const ratings = (column: LogColumn) =>
    apart(cell(column)).map((check) => {
      const [criterion, rating] = check.split('=');
      if (!CRITERION_IDS.some((one) => one === criterion) || !RATINGS.some((one) => one === rating)) {
        throw new Problem(column, `“${check.slice(0, 40)}” is not a rating; write feet=near, for example.`);
      }
      return { criterion, rating };
    });
  const session = readEntry('session', {
    hand: text('hand'),
    began: text('began'),
    ended: text('ended') || text('began'),
    minutes,
    units: apart(cell('units')),
    checks: ratings('checks'),
    wobbled: apart(cell('wobbled')),
    note: cell('note'),
    kit: { ...used('tool', 'toolId'), ...used('ink', 'inkId'), ...used('paper', 'paperId') },
    ...(text('trouble') && { trouble: text('trouble') }),
    ...(text('picture') && { picture: text('picture') }),
    ...(text('review') && {
      measured: {
        review: text('review'),
        checks: ratings('measured'),
        wobbled: apart(cell('measuredWobbled')),
      },
    }),
  });
  return { id: text('id') || newId, session: sessionSchema.parse(session) };
}

/** What becomes of a row beside what is logged already. */
export const FATES = ['new', 'changed', 'same', 'refused'] as const;
export type Fate = (typeof FATES)[number];

export const fateOf = (session: Session, before: Session | undefined): Fate =>
  !before ? 'new' : JSON.stringify(sorted(before)) === JSON.stringify(sorted(session)) ? 'same' : 'changed';

/** Normalised to the order of the schema, without the mark that it was imported. */
const sorted = (session: Session): Session => sessionSchema.parse({ ...session, elsewhere: undefined });
