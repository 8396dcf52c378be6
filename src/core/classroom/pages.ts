import { type About, NOBODY } from '../about/about';
import { freshFor } from '../document/freshFor';
import type { Printable } from '../document/prints';
import { compose } from '../practice/compose';
import { type CourseOptions, planCourse } from '../practice/course/course';
import { coursePages, layPack, packPage } from '../practice/course/draw';
import { tenMinutePage } from '../practice/tenMinutes';
import type { WordList } from '../practice/words/wordList';
import type { Sheet } from '../sheet/sheet';
import type { Student } from './student';

/** What everybody of a class gets: the next page, or a pack. */
export type Handout = 'page' | CourseOptions;

const aboutOf = ({ side, paper }: Student): About => ({ ...NOBODY, side, paper });

/** Their own sheet: their hand, paper and side, their name at its head. */
function sheetOf(student: Student): Sheet {
  const recipe = freshFor(aboutOf(student), student.hand);
  // The hand stands in the headline already.
  return { ...recipe, title: student.name };
}

/** The pages one student gets, one after the other. The letters of their hand must have been fetched. */
export function* studentPages(
  student: Student,
  handout: Handout,
  words: WordList,
): Generator<Printable, void> {
  const sheet = sheetOf(student);
  if (handout === 'page') {
    const composed = compose(sheet, { bands: tenMinutePage(sheet, new Set(student.letters), words) });
    for (let page = 0; page < composed.pages.length; page++) yield { composed, index: page };
    return;
  }
  const planning = planCourse(sheet, handout, words);
  let step = planning.next();
  while (!step.done) step = planning.next();
  const pack = layPack(sheet, step.value, [], student.name);
  for (let page = 0; page < coursePages(step.value); page++) {
    yield packPage(pack, page);
  }
}
