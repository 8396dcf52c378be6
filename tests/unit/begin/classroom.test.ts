import fc from 'fast-check';
import { unzipSync } from 'fflate';
import { beforeAll, describe, expect, it } from 'vitest';
import { type Handout, studentPages } from '@/core/classroom/pages';
import { namedStudent, readStudents, type Student, studentSchema } from '@/core/classroom/student';
import { handsOn } from '@/core/document/keptPage';
import { Prints } from '@/core/document/prints';
import type { Drawing, DrawingNode } from '@/core/drawing/drawing';
import { loadAllScripts } from '@/core/hands/scripts';
import { USUAL_COURSE } from '@/core/practice/course/course';
import { classSteps } from '@/press/classSteps';
import { WORDS } from '../../support/practice';

beforeAll(loadAllScripts);

const textsOf = (nodes: readonly DrawingNode[]): string[] =>
  nodes.flatMap((node) =>
    node.kind === 'text' ? [node.text] : node.kind === 'group' ? textsOf(node.children) : [],
  );
const said = ({ nodes }: Drawing) => textsOf(nodes).join(' ');

describe('a list of names', () => {
  it('is read with headings in any order', () => {
    const read = readStudents([
      ['Paper', 'Student', 'Known', 'Side', 'Hand'],
      ['Letter', 'Aveline', 'n m', 'Left', 'Italic'],
      ['', 'Brannoc', 'iu', '', 'copperplate'],
      ['', '  ', '', '', ''],
      ['A9', 'Corisande', '', 'right', 'Runes'],
    ]);
    expect(read.map(({ student }) => student)).toEqual([
      { name: 'Aveline', side: 'left', hand: 'italic', letters: ['n', 'm'], paper: 'letter' },
      { name: 'Brannoc', side: 'right', hand: 'copperplate', letters: ['i', 'u'], paper: 'a4' },
      { ...namedStudent('Corisande') },
    ]);
    expect(read[2]?.remark).toBe('Corisande: there is no hand “Runes”, there is no paper “A9”.');
  });

  it('without headings is names alone', () => {
    expect(readStudents([['Aveline'], ['Brannoc']]).map(({ student }) => student.name)).toEqual([
      'Aveline',
      'Brannoc',
    ]);
  });

  it('whatever it holds gives students that can be kept', () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(fc.string({ unit: 'grapheme' }), { maxLength: 6 }), { maxLength: 8 }),
        (rows) => {
          const table = [['name', 'side', 'hand', 'letters', 'paper'], ...rows];
          for (const { student } of readStudents(table)) {
            const letters = student.letters.every((letter) => letter.length <= 8);
            if (letters && !/\p{Cc}/u.test(JSON.stringify(rows))) studentSchema.parse(student);
          }
        },
      ),
    );
  });
});

describe('pages for everybody', () => {
  const left = { ...namedStudent('Aveline'), side: 'left' as const, letters: ['i', 'l'] };
  const pointed = { ...namedStudent('Brannoc'), hand: 'copperplate', paper: 'letter' as const };

  const drawn = (student: Student, handout: Handout): Drawing[] =>
    [...studentPages(student, handout, WORDS)].map((page) => new Prints().draw(page));

  it('are each one’s own: name, paper, hand, and what comes after the letters they know', () => {
    const [first] = drawn(left, 'page');
    const [second] = drawn(pointed, 'page');
    expect(said(first as Drawing)).toContain('Aveline · Italic');
    expect(said(second as Drawing)).toContain('Brannoc · Copperplate');
    expect([first?.width, second?.width]).toEqual([210, 215.9]);
    const [beginner] = drawn({ ...left, letters: [] }, 'page');
    expect(said(beginner as Drawing)).not.toBe(said(first as Drawing));
  });

  it('of a pack have the name at every head', () => {
    const pages = drawn(left, { ...USUAL_COURSE, sessions: 5 });
    expect(pages.length).toBeGreaterThan(6);
    for (const page of pages.slice(2)) expect(said(page)).toContain('Aveline');
  });

  it('are one file, so many copies of each, with progress by student', () => {
    const job = {
      kind: 'class',
      students: [left, pointed],
      handout: 'page',
      copies: 2,
      ids: ['AAAAAAAAA1', 'AAAAAAAAA2', 'AAAAAAAAA3', 'AAAAAAAAA4'],
      as: 'pdf',
      words: WORDS,
      pdf: {},
    } as const;
    const steps = [...classSteps(job)];
    expect(steps).toHaveLength(5);
    expect(steps.at(-1)).toMatchObject({ done: 2, of: 2 });
    const file = Buffer.concat(steps.flatMap(({ bytes }) => bytes)).toString('latin1');
    expect(file.match(/\/Type \/Page\b/g)).toHaveLength(4);
    // Every copy is a print of its own, to be found again.
    const kept = steps.flatMap((step) => step.kept ?? []);
    expect(kept.map(({ code }) => code.id)).toEqual(job.ids);
    expect(kept.flatMap(({ page }) => handsOn(page))).toEqual([
      'italic',
      'italic',
      'copperplate',
      'copperplate',
    ]);
  });

  it('come as a file each as well, told apart though two are called alike', () => {
    const students = [left, { ...left }, { ...pointed, name: 'Nia / Wren' }];
    const steps = [
      ...classSteps({
        kind: 'class',
        students,
        handout: 'page',
        copies: 1,
        ids: [],
        as: 'zip',
        words: WORDS,
        pdf: {},
      }),
    ];
    expect(steps.map(({ done }) => done)).toEqual([1, 2, 3]);
    const files = unzipSync(new Uint8Array(Buffer.concat(steps.flatMap(({ bytes }) => bytes))));
    expect(Object.keys(files)).toEqual(['01 Aveline.pdf', '02 Aveline.pdf', '03 Nia  Wren.pdf']);
    for (const file of Object.values(files)) expect(Buffer.from(file).toString('latin1')).toMatch(/^%PDF/);
  });
});
