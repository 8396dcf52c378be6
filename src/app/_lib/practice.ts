import 'server-only';
import type { Recipe } from '@/core/document/recipe';
import type { Drawing } from '@/core/drawing/drawing';
import { type Composed, drawPage } from '@/core/practice/compose';
import { type Course, type CourseOptions, planCourse } from '@/core/practice/course/course';
import { coursePages, drawPackPage, layPack, type Pack } from '@/core/practice/course/draw';
import type { WordList } from '@/core/practice/words/wordList';
import type { OwnLetter } from '@/core/setting/letterSet';
import { type PdfOptions, renderPdfPages } from '@/render/pdf';
import type { Step } from './pages';

/** Pages as a PDF, a step a page; each is drawn only when its turn has come. */
function* pdfSteps(
  title: string,
  of: number,
  page: (index: number) => Drawing,
  options: PdfOptions,
): Generator<Step, void> {
  function* drawings() {
    for (let index = 0; index < of; index++) yield page(index);
  }
  for (const { pages, bytes } of renderPdfPages(title, drawings(), options)) {
    yield { stage: 'drawing', done: pages, of, bytes };
  }
}

/** A practice page, however many sheets it takes. */
export const practiceSteps = (composed: Composed, title: string, options: PdfOptions) =>
  pdfSteps(title, composed.pages.length, (index) => drawPage(composed, index), options);

function* planned(
  recipe: Recipe,
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

/** A course pack, planned and laid where it is not yet, and drawn. */
export function* courseSteps(
  recipe: Recipe,
  course: CourseOptions | Pack,
  words: WordList,
  own: readonly OwnLetter[],
  title: string,
  options: PdfOptions,
): Generator<Step, void> {
  const pack = 'pages' in course ? course : layPack(recipe, yield* planned(recipe, course, words, own), own);
  yield* pdfSteps(title, coursePages(pack.course), (index) => drawPackPage(pack, index), options);
}
