import { beforeAll, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { parseRecipe } from '@/core/document/recipe';
import { registerHand } from '@/core/hands/registry';
import { loadScript } from '@/core/hands/scripts';
import { bandOf } from '@/core/practice/bands/bandOf';
import { compose, drawPage } from '@/core/practice/compose';
import { planCourse, USUAL_COURSE } from '@/core/practice/course/course';
import { drawPackPage, layPack } from '@/core/practice/course/draw';
import { drillsFor } from '@/core/practice/drills';
import { groundOf } from '@/core/practice/ground';
import { lessonsOf } from '@/core/practice/lessons';
import { tenMinutePage } from '@/core/practice/tenMinutes';
import { coverWith } from '@/core/practice/words/cover';
import { writable } from '@/core/practice/words/wordList';
import { ruleSheet } from '@/core/sheet/rule';
import { readStroke } from '@/core/type/letterReadings';
import { setLine } from '@/core/type/setLine';
import { alphabetRows, specimen } from '../../scripts/specimenPage';
import { faceOf } from '../support/drawnHands';
import { madeUpHand, scriptOf, threeLetters } from '../support/madeUp';
import { WORDS } from '../support/practice';

/** A hand of three letters, and nothing else written for it: everything a hand has comes of its definition. */
beforeAll(async () => {
  registerHand(madeUpHand(scriptOf(threeLetters)));
  await loadScript('made-up');
});

const recipe = () => ({ ...freshRecipe('made-up'), exemplar: 'non ion' });
const KNOWN = new Set(['i', 'n', 'o']);

it('rules a sheet with its exemplar, and is read back from a file', () => {
  const drawing = ruleSheet(recipe());
  const roles = drawing.nodes.map((node) => (node.kind === 'group' ? node.role : ''));
  expect(roles).toEqual(expect.arrayContaining(['exemplar', 'ladder', 'gauge', 'baseline']));
  expect(parseRecipe(JSON.parse(JSON.stringify(recipe())))).toEqual(recipe());
});

it('is written, stroke by stroke', () => {
  const face = faceOf(recipe());
  expect([...face.shapes.keys()]).toEqual(['i', 'n', 'o']);
  const n = face.letters.get('n');
  expect(n?.letter.strokes.map(({ name }) => name)).toEqual(['stem', 'arch']);
  expect(readStroke(face.pen, (n as NonNullable<typeof n>).strokes[0] as never).middle).toBeGreaterThan(0.7);
  const set = setLine(face, 'nino q');
  expect(set.placed.map((item) => (item.kind === 'missing' ? item.text : item.cut.letter.text))).toEqual([
    ...'ninoq',
  ]);
  expect(set.missing).toEqual(['q']);
});

it('has words, lessons and drills', () => {
  const words = writable(['noon', 'onion', 'nine', 'iota'], KNOWN);
  expect(words).toEqual(['noon', 'onion']);
  expect(coverWith(words, { letters: ['n', 'o', 'i'], pairs: [], stressed: [] }).words).toEqual(['onion']);
  const ground = groundOf(recipe(), { size: 1, held: false });
  expect(lessonsOf(ground)).toEqual([
    { family: 'all', title: 'all', letters: ['i', 'n', 'o'], case: 'small', drill: 'arches' },
  ]);
  expect(drillsFor(recipe()).map(({ id }) => id)).toContain('zigzag');
});

it('fills a practice page, and a page of ten minutes', () => {
  const bands = [
    bandOf('a', 'family', 'all', { guided: true }),
    bandOf('b', 'word', 'onion', { trace: 2 }),
    bandOf('c', 'drill', 'arches'),
  ];
  const composed = compose({ ...recipe(), practice: { bands } });
  expect(composed.remarks).toEqual([]);
  expect(drawPage(composed, 0).nodes.length).toBeGreaterThan(5);
  const [first, second] = tenMinutePage(recipe(), new Set(), WORDS);
  expect(first?.what).toEqual({ kind: 'drill', of: 'zigzag' });
  expect(second?.what).toEqual({ kind: 'drill', of: 'arches' });
});

it('is taught by a course, with a model sheet of its letters', () => {
  const planning = planCourse(recipe(), USUAL_COURSE, WORDS);
  let step = planning.next();
  while (!step.done) step = planning.next();
  const taught = step.value.pages.flatMap(({ bands }) => bands).flatMap(({ what }) => what.of.split(' '));
  expect(taught).toEqual(expect.arrayContaining(['i', 'n', 'o']));
  const front = drawPackPage(layPack(recipe(), step.value), 0);
  expect(front.nodes.some((node) => node.kind === 'group' && node.role === 'model-sheet')).toBe(true);
});

it('has a specimen', () => {
  const drawing = specimen(recipe(), alphabetRows(faceOf(recipe())));
  expect(drawing.nodes.filter(({ kind }) => kind === 'form')).toHaveLength(3);
});

it('without letters is ruled, and writes no exemplar', () => {
  registerHand(madeUpHand(undefined, { id: 'not-drawn' }));
  const { nodes } = ruleSheet({ ...freshRecipe('not-drawn'), exemplar: 'noon' });
  const roles = nodes.map((node) => (node.kind === 'group' ? node.role : node.kind));
  expect(roles).toContain('baseline');
  expect(roles).not.toContain('exemplar');
});

it('of capitals only, finds its words in a list of small letters', async () => {
  const capitals = (m: Parameters<typeof threeLetters>[0]) => {
    const { i, n, o } = threeLetters(m);
    return { I: i as never, N: n as never, O: o as never };
  };
  registerHand(
    madeUpHand(scriptOf(capitals), {
      id: 'all-capitals',
      fold: 'upper',
      families: [{ name: 'all', case: 'capital', drill: 'stems' }],
    }),
  );
  await loadScript('all-capitals');
  const fresh = freshRecipe('all-capitals');
  const bands = tenMinutePage(fresh, new Set(['I']), ['noon', 'onion', 'moon']);
  expect(bands.filter(({ what }) => what.kind === 'word').map(({ what }) => what.of)).toContain('onion');
  const composed = compose({ ...fresh, practice: { bands: [bandOf('a', 'word', 'onion')] } });
  expect(composed.remarks).toEqual([]);
  expect(setLine(faceOf(fresh), 'onion').missing).toEqual([]);
});
