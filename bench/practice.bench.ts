import { bench, describe } from 'vitest';
import { bundledWords } from '@/app/_lib/words';
import { freshRecipe } from '@/core/document/defaults';
import { demoPages } from '@/core/document/demoPages';
import { compose, drawPage } from '@/core/practice/compose';
import { planCourse } from '@/core/practice/course/course';
import { coursePages, drawPackPage, layPack } from '@/core/practice/course/draw';
import { tenMinutePage } from '@/core/practice/tenMinutes';
import { coverWith } from '@/core/practice/words/cover';
import { writable } from '@/core/practice/words/wordList';
import { renderPdfPages } from '@/render/pdf';

const words = bundledWords();

describe('a page', () => {
  for (const { name, recipe } of demoPages()) {
    bench(`${name}: bands → drawing (an edit on screen)`, () => {
      drawPage(compose(recipe), 0);
    });
  }
  bench('ten-minute page, made', () => {
    tenMinutePage(freshRecipe('italic'), new Set('iltjfnmhrbpk'), words);
  });
});

describe('a small set of words', () => {
  for (const letters of ['adgqunmh', 'iltjfnmhrbpkadgquyoce']) {
    const usable = writable(words, new Set(letters));
    bench(`${letters}, all joins, ${usable.length} words`, () => {
      coverWith(usable, { letters: [...letters], pairs: 'all', stressed: [] });
    });
  }
});

describe.each(['italic', 'copperplate'] as const)('a pack of 30 pages, %s', (hand) => {
  const recipe = freshRecipe(hand);
  const options = { sessions: 27, minutes: 10, largeFirst: false };
  const plan = () => {
    const planning = planCourse(recipe, options, words);
    let step = planning.next();
    while (!step.done) step = planning.next();
    return step.value;
  };
  const course = plan();
  bench('planned', () => void plan(), { iterations: 5 });
  bench(
    'drawn and written as PDF',
    () => {
      const pack = layPack(recipe, course);
      function* drawings() {
        for (let i = 0; i < coursePages(course); i++) yield drawPackPage(pack, i);
      }
      for (const _ of renderPdfPages('A pack', drawings()));
    },
    { iterations: 5 },
  );
});
