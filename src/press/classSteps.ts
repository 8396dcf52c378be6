import { Zip, ZipPassThrough } from 'fflate';
import { studentPages } from '@/core/classroom/pages';
import type { Student } from '@/core/classroom/student';
import { Prints } from '@/core/document/prints';
import type { Drawing } from '@/core/drawing/drawing';
import { renderPdfPages } from '@/render/pdf';
import type { ClassJob } from './job';
import type { Step } from './step';

const TITLE = 'Pages for the class';

/** Pages for a class: one PDF (one step per page), or a zip with a PDF each (one step per student). Progress counts students, because the number of pages is known only after layout. */
export const classSteps = (job: ClassJob): Generator<Step, void> =>
  job.as === 'zip' ? zipped(job) : together(job);

/** Every copy of every student is a print of its own. */
function* copiesOf(at: number, job: ClassJob, prints: Prints): Generator<Drawing, void> {
  const { students, handout, copies, words, ids } = job;
  const pages = [...studentPages(students[at] as Student, handout, words)];
  for (let copy = 0; copy < copies; copy++) {
    for (const page of pages) yield prints.draw(page, ids[at * copies + copy]);
  }
}

function* together(job: ClassJob): Generator<Step, void> {
  let done = 0;
  const prints = new Prints();
  function* pages() {
    for (const at of job.students.keys()) {
      yield* copiesOf(at, job, prints);
      done += 1;
    }
  }
  for (const { bytes } of renderPdfPages(TITLE, pages(), job.pdf)) {
    yield { stage: 'drawing', done, of: job.students.length, bytes, kept: prints.take() };
  }
}

/** A student's name as a file name; equal names get a number. */
const fileOf = ({ name }: Student, at: number): string =>
  `${String(at + 1).padStart(2, '0')} ${name.replace(/[^\p{L}\p{N} -]/gu, '').trim() || 'student'}.pdf`;

function* zipped(job: ClassJob): Generator<Step, void> {
  let ready: Uint8Array[] = [];
  const zip = new Zip((error, part) => {
    if (error) throw error;
    ready.push(part);
  });
  const of = job.students.length;
  const prints = new Prints();
  for (const [at, student] of job.students.entries()) {
    // PDFs are already compressed.
    const entry = new ZipPassThrough(fileOf(student, at));
    zip.add(entry);
    for (const { bytes } of renderPdfPages(student.name, copiesOf(at, job, prints), job.pdf)) {
      for (const part of bytes) entry.push(new Uint8Array(part));
    }
    entry.push(new Uint8Array(), true);
    if (at === of - 1) zip.end();
    yield { stage: 'drawing', done: at + 1, of, bytes: ready, kept: prints.take() };
    ready = [];
  }
}
