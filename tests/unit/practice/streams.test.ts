import { describe, expect, it } from 'vitest';
import { filePages, reportedPages } from '@/app/_lib/pages';
import { freshRecipe } from '@/core/document/defaults';
import { bandOf } from '@/core/practice/bands/bandOf';
import { compose } from '@/core/practice/compose';
import { planCourse, USUAL_COURSE } from '@/core/practice/course/course';
import { Problem } from '@/core/problem/problem';
import { courseSteps, practiceSteps } from '@/press/packSteps';
import type { Step } from '@/press/step';
import { WORDS } from '../../support/practice';

/** A page so large that few are held ahead of their reader. */
const LARGE = Buffer.alloc(2 * 1024 * 1024);

/** Steps that note how far they were taken, and whether they were given up. */
function counted(of: number, page?: Buffer) {
  const seen = { taken: 0, ended: false };
  async function* steps(): AsyncGenerator<Step, void> {
    try {
      for (let done = 1; done <= of; done++) {
        seen.taken = done;
        yield { stage: 'drawing', done, of, bytes: [page ?? Buffer.from(`page ${done};`)] };
      }
    } finally {
      seen.ended = true;
    }
  }
  return { seen, steps: steps() };
}

const textOf = async (stream: ReadableStream<Uint8Array>) => new Response(stream).text();
const later = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

describe('files of many pages', () => {
  it('go out whole and in order', async () => {
    const { steps } = counted(4);
    expect(await textOf(filePages(steps))).toBe('page 1;page 2;page 3;page 4;');
  });

  it('report their progress, a line a step, with the file in parts', async () => {
    const { steps } = counted(2);
    const lines = (await textOf(reportedPages(steps))).trim().split('\n');
    expect(lines.map((line) => JSON.parse(line))).toEqual([
      { stage: 'drawing', done: 1, of: 2 },
      { chunk: Buffer.from('page 1;').toString('base64') },
      { stage: 'drawing', done: 2, of: 2 },
      { chunk: Buffer.from('page 2;').toString('base64') },
    ]);
  });

  it('are made no faster than they are read', async () => {
    const { seen, steps } = counted(100, LARGE);
    const reader = filePages(steps).getReader();
    await reader.read();
    await later(30);
    expect(seen.taken).toBeLessThan(5);
    await reader.cancel();
  });

  it('stop being made when their reader goes away', async () => {
    for (const make of [filePages, reportedPages]) {
      const { seen, steps } = counted(100, LARGE);
      const reader = make(steps).getReader();
      await reader.read();
      await reader.cancel();
      const { taken } = seen;
      await later(30);
      expect(seen).toEqual({ taken, ended: true });
      expect(taken).toBeLessThan(5);
    }
  });

  it('that cannot be begun say so at the first step', () => {
    const steps = courseSteps(
      freshRecipe('italic'),
      { ...USUAL_COURSE, sessions: 1 },
      WORDS,
      [],
      'x',
      {},
      undefined,
    );
    expect(() => steps.next()).toThrow(Problem);
  });

  it('that break off half way break the stream, not the server', async () => {
    async function* broken(): AsyncGenerator<Step, void> {
      yield { stage: 'drawing', done: 1, of: 2, bytes: [Buffer.from('a')] };
      throw new Error('no more');
    }
    await expect(textOf(filePages(broken()))).rejects.toThrow();
  });
});

describe('steps of a pack', () => {
  const recipe = freshRecipe('italic');

  it('are every page planned, then every page drawn', () => {
    const steps = [
      ...courseSteps(recipe, { ...USUAL_COURSE, sessions: 5 }, WORDS, [], 'A pack', {}, undefined),
    ];
    const done = (stage: Step['stage']) =>
      steps.filter((step) => step.stage === stage).map((step) => step.done);
    expect(done('planning')).toEqual([3, 4, 5, 6, 7, 8]);
    expect(done('drawing')).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 8]);
    expect(steps.every(({ of }) => of === 8)).toBe(true);
  });

  it('of one planned already are its pages alone, and print the same', () => {
    const planning = planCourse(recipe, { ...USUAL_COURSE, sessions: 5 }, WORDS);
    let step = planning.next();
    while (!step.done) step = planning.next();
    const options = { created: new Date(0) };
    const fileOf = (course: Parameters<typeof courseSteps>[1]) =>
      Buffer.concat(
        [...courseSteps(recipe, course, WORDS, [], 'A pack', options, undefined)].flatMap(
          ({ bytes }) => bytes,
        ),
      );
    expect(fileOf(step.value).equals(fileOf(step.value.options))).toBe(true);
  });

  it('of a practice page are its sheets', () => {
    const bands = ['branching', 'oval', 'a-shape'].map((family, i) => bandOf(`b${i}`, 'family', family));
    const composed = compose(recipe, { bands });
    const steps = [...practiceSteps(composed, 'A page', 'own', {}, 'AAAAAAAAA1')];
    expect(composed.pages.length).toBeGreaterThan(1);
    expect(steps.at(-1)?.done).toBe(composed.pages.length);
    const kept = steps.flatMap((step) => step.kept ?? []);
    expect(kept.map(({ code }) => [code.id, code.page, code.of])).toEqual(
      composed.pages.map((_, i) => ['AAAAAAAAA1', i + 1, composed.pages.length]),
    );
  });
});
