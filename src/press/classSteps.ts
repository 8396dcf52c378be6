import { studentPages } from '@/core/classroom/pages';
import { renderPdfPages } from '@/render/pdf';
import type { ClassJob } from './job';
import type { Step } from './step';

/** One PDF with everybody's pages, a step a page; progress counts students, for nobody knows the pages before they are laid. */
export function* classSteps({ students, handout, copies, words, pdf }: ClassJob): Generator<Step, void> {
  let done = 0;
  function* pages() {
    for (const student of students) {
      const drawings = [...studentPages(student, handout, words)];
      for (let copy = 0; copy < copies; copy++) yield* drawings;
      done += 1;
    }
  }
  for (const { bytes } of renderPdfPages('Pages for the class', pages(), pdf)) {
    yield { stage: 'drawing', done, of: students.length, bytes };
  }
}
