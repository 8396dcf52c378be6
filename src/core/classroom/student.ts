import { z } from 'zod';
import { DESK_PAPERS } from '../about/about';
import { handIdSchema } from '../hands/handId';
import { HANDS, type HandId, OPENING_HAND } from '../hands/registry';
import { SIDES } from '../kit/need';
import { choice, shortText } from '../problem/schema';

/** Students of one class at most: more do not sit in one room. */
export const MOST_STUDENTS = 40;
const LONGEST_NAME = 40;
const MOST_LETTERS = 120;

/** Somebody a teacher prints pages for. */
export const studentSchema = z.strictObject({
  name: shortText('A name', LONGEST_NAME),
  side: choice('Writing hand', SIDES).default('right'),
  hand: handIdSchema.default(OPENING_HAND),
  /** Letters known already. */
  letters: z
    .array(shortText('A letter', 8), { error: () => 'Letters must be a list.' })
    .max(MOST_LETTERS, { error: () => `At most ${MOST_LETTERS} letters can be known.` })
    .default([]),
  paper: choice('Paper', DESK_PAPERS).default('a4'),
});
export type Student = z.infer<typeof studentSchema>;

export const studentsSchema = z
  .array(studentSchema, { error: () => 'A class must be a list of students.' })
  .max(MOST_STUDENTS, { error: () => `A class has at most ${MOST_STUDENTS} students.` });

/** A student of whom only the name is known. */
export const namedStudent = (name: string): Student => ({
  name: name.trim().slice(0, LONGEST_NAME),
  side: 'right',
  hand: OPENING_HAND,
  letters: [],
  paper: 'a4',
});

/** A row of a list, and what could not be understood in it; the row is taken all the same. */
export interface ReadStudent {
  readonly student: Student;
  readonly remark?: string;
}

/** What columns may be called. */
const COLUMNS = {
  name: ['name', 'names', 'student', 'full name'],
  side: ['side', 'writing hand', 'handed', 'writes with'],
  hand: ['hand', 'script'],
  letters: ['letters', 'known', 'letters known'],
  paper: ['paper', 'sheet'],
} as const;

const handNamed = (said: string): HandId | undefined =>
  HANDS.find(({ id, name }) => [id, name.toLowerCase()].includes(said.toLowerCase()))?.id;

/**
 * A list of names, or a table with headings (name, side, hand, letters, paper), as students. Without a heading that says name, the
 * first column is the names. Empty rows are passed over; what is not understood keeps its usual value and is said.
 */
export function readStudents(rows: readonly (readonly string[])[]): ReadStudent[] {
  const [first = [], ...rest] = rows;
  const headings = first.map((cell) => cell.trim().toLowerCase());
  const at = (key: keyof typeof COLUMNS) =>
    headings.findIndex((heading) => (COLUMNS[key] as readonly string[]).includes(heading));
  const hasHeadings = at('name') >= 0;
  const column = (row: readonly string[], key: keyof typeof COLUMNS) =>
    (hasHeadings ? (row[at(key)] ?? '') : key === 'name' ? (row[0] ?? '') : '').trim();
  return (hasHeadings ? rest : rows).flatMap((row): ReadStudent[] => {
    const name = column(row, 'name');
    if (name === '') return [];
    const remarks: string[] = [];
    const [side, hand, paper] = [column(row, 'side'), column(row, 'hand'), column(row, 'paper')];
    const known = handNamed(hand);
    if (hand !== '' && !known) remarks.push(`there is no hand “${hand}”`);
    const sheet = DESK_PAPERS.find((one) => one === paper.toLowerCase());
    if (paper !== '' && !sheet) remarks.push(`there is no paper “${paper}”`);
    const letters = column(row, 'letters');
    const student: Student = {
      ...namedStudent(name),
      side: /^l/i.test(side) ? 'left' : 'right',
      ...(known && { hand: known }),
      ...(sheet && { paper: sheet }),
      letters: [...new Set(/\s/.test(letters) ? letters.split(/\s+/) : letters)].slice(0, MOST_LETTERS),
    };
    return [{ student, ...(remarks.length > 0 && { remark: `${name}: ${remarks.join(', ')}.` }) }];
  });
}
