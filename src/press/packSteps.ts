import { Prints } from '@/core/document/prints';
import type { Drawing } from '@/core/drawing/drawing';
import { type OnSheet, onLarge, type Pages } from '@/core/page/imposition';
import { copyId } from '@/core/page/pageCode';
import type { Composed } from '@/core/practice/compose';
import { type Course, type CourseOptions, planCourse } from '@/core/practice/course/course';
import { coursePages, layPack, packPage } from '@/core/practice/course/draw';
import type { WordList } from '@/core/practice/words/wordList';
import type { OwnLetter } from '@/core/setting/letterSet';
import type { Sheet } from '@/core/sheet/sheet';
import { type PdfOptions, renderPdfPages } from '@/render/pdf';
import type { Step } from './step';

/** Pages as a PDF, a step a page; each is drawn only when its turn has come, and kept where it has a code. */
export function* pdfSteps(
  title: string,
  of: number,
  page: (index: number) => Drawing,
  options: PdfOptions,
  prints = new Prints(),
): Generator<Step, void> {
  function* drawings() {
    for (let index = 0; index < of; index++) yield page(index);
  }
  for (const { pages, bytes } of renderPdfPages(title, drawings(), options)) {
    yield { stage: 'drawing', done: pages, of, bytes, kept: prints.take() };
  }
}

/** A practice page, however many sheets it takes; small ones together on a larger sheet where that is asked. */
export function practiceSteps(
  composed: Composed,
  title: string,
  on: OnSheet,
  options: PdfOptions,
  id: string | undefined,
) {
  const prints = new Prints();
  const count = composed.pages.length;
  const drawn = (index: number, copy: number) => prints.draw({ composed, index }, id && copyId(id, copy));
  const pages: Pages =
    on === 'a4' ? onLarge({ count, page: drawn }) : { count, page: (index) => drawn(index, 0) };
  return pdfSteps(title, pages.count, pages.page, options, prints);
}

function* planned(
  recipe: Sheet,
  options: CourseOptions,
  words: WordList,
  own: readonly OwnLetter[],
): Generator<Step, Course> {
  const planning = planCourse(recipe, options, words, own);
  let step = planning.next();
  for (; !step.done; step = planning.next()) {
    yield { stage: 'planning', done: step.value.done, of: step.value.of, bytes: [] };
  }
  return step.value;
}

/**
 * A course pack, planned where it is not yet, laid and drawn.
 * @throws Problem at the first step where pages that were planned elsewhere do not fit.
 */
export function* courseSteps(
  recipe: Sheet,
  asked: CourseOptions | Course,
  words: WordList,
  own: readonly OwnLetter[],
  title: string,
  options: PdfOptions,
  id: string | undefined,
): Generator<Step, void> {
  const course = 'pages' in asked ? asked : yield* planned(recipe, asked, words, own);
  const pack = layPack(recipe, course, own);
  const prints = new Prints();
  const page = (index: number) => prints.draw(packPage(pack, index), id);
  yield* pdfSteps(title, coursePages(course), page, options, prints);
}
