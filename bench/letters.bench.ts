import { getStroke } from 'perfect-freehand';
import polygonClipping, { type Polygon as ClipPolygon } from 'polygon-clipping';
import { bench, describe } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { HANDS, handById } from '@/core/hands/registry';
import { exactOutlines } from '@/core/pen/exact';
import { sweep } from '@/core/pen/pen';
import { trace } from '@/core/pen/trace';
import { samplesFor } from '@/core/practice/words/samples';
import { recipeTypeface } from '@/core/setting/settingFace';
import { ruleSheet } from '@/core/sheet/rule';
import { inkOf } from '@/core/type/cut';
import type { Typeface } from '@/core/type/face';
import { setLine } from '@/core/type/setLine';
import { writeLine } from '@/core/type/writeLine';
import { renderPdf } from '@/render/pdf';

/** About 1,500 letters: a full A4 page of small writing. */
const LINES = [
  'the quick brown fox jumps over the lazy dog at dusk now',
  'sphinx of black quartz judge my vow beneath a waxing sky',
  'pack my box with five dozen jugs of liquid amber glass ok',
];
const PAGE = Array.from({ length: 30 }, (_, i) => LINES[i % LINES.length] as string);
let turn = 0;

const recipeOf = (hand: 'italic' | 'copperplate') => {
  const recipe = freshRecipe(hand);
  return { ...recipe, writing: { ...recipe.writing, joined: true } };
};
/** A face nobody has asked for before: nothing of it is worked out yet. */
const freshFace = (hand: 'italic' | 'copperplate') =>
  recipeTypeface({
    ...recipeOf(hand),
    slope: (hand === 'italic' ? 5 : 34) + (turn++ % 5000) * 1e-4,
  }) as Typeface;

const outline = (face: Typeface) => {
  for (const line of PAGE)
    for (const item of setLine(face, line).placed) if (item.kind !== 'missing') inkOf(face.pen, item.cut);
};

describe.each(['italic', 'copperplate'] as const)('%s', (hand) => {
  const face = recipeTypeface(recipeOf(hand)) as Typeface;
  const cuts = [...face.letters.values()];
  bench('screen outline of one letter', () => {
    const cut = cuts[turn++ % cuts.length];
    if (cut) for (const stroke of cut.strokes) sweep(face.pen, stroke);
  });
  bench('exact outline of one letter', () => {
    const cut = cuts[turn++ % cuts.length];
    if (cut) for (const stroke of cut.strokes) exactOutlines(face.pen, stroke);
  });
  bench('a page of 1,500 letters set and outlined, nothing known before', () => outline(freshFace(hand)));
  bench('a page of 1,500 letters set, warm', () => {
    for (const line of PAGE) setLine(face, line);
  });
  bench('a page of 1,500 letters set and outlined, warm', () => outline(face));
  bench('the page as PDF', async () => {
    const nodes = PAGE.flatMap((line, i) =>
      writeLine(face, setLine(face, line), 10, 10 + i * 9, 0.6, '#000000'),
    );
    await renderPdf({ width: 210, height: 297, title: 'page', nodes });
  });
  bench('recipe → drawing with an exemplar line', () => {
    ruleSheet({ ...recipeOf(hand), exemplar: 'aurora at dusk' });
  });
});

/** The same alphabet outlined by general means: what a drawing program would do with the pen's positions. */
describe('the italic alphabet outlined', () => {
  const face = recipeTypeface(recipeOf('italic')) as Typeface;
  const cuts = [...face.letters.values()];
  const points = cuts.map(({ strokes }) =>
    strokes.map((stroke) => trace(stroke, 0.06).map(({ at, press }) => [at[0], at[1], press])),
  );
  const hulls = cuts.map(({ strokes }) =>
    strokes
      .flatMap((stroke) => sweep(face.pen, stroke))
      .map((polygon): ClipPolygon => [polygon.map(([x, y]) => [x, y] as [number, number])]),
  );
  bench('by our own sweep', () => {
    for (const { strokes } of cuts) for (const stroke of strokes) sweep(face.pen, stroke);
  });
  bench('by a general stroke-outline library (a round pen, which is not the edge)', () => {
    for (const strokes of points) for (const stroke of strokes) getStroke(stroke, { size: 1 });
  });
  bench(
    'by a polygon-union library on the same hulls',
    () => {
      for (const polygons of hulls) {
        const [first, ...rest] = polygons;
        try {
          if (first) polygonClipping.union(first, ...rest);
        } catch {
          // It gives up on some letters (docs/performance.md); the time until then counts.
        }
      }
    },
    { iterations: 3, warmupIterations: 1, time: 100 },
  );
});

/** Wanted: under 1 ms median for a letter of every hand, on screen and for files. */
describe.each(HANDS.map(({ id }) => id))('letters of %s', (id) => {
  const face = recipeTypeface(freshRecipe(id)) as Typeface;
  const cuts = [...face.letters.values()];
  bench('screen outline of one letter', () => {
    for (const stroke of cuts[turn++ % cuts.length]?.strokes ?? []) sweep(face.pen, stroke);
  });
  bench('exact outline of one letter', () => {
    for (const stroke of cuts[turn++ % cuts.length]?.strokes ?? []) exactOutlines(face.pen, stroke);
  });
});

describe('a word of the court hand', () => {
  const face = recipeTypeface(freshRecipe('court')) as Typeface;
  const words = samplesFor(handById('court')).line.split(' ');
  bench('set and dotted', () => {
    setLine(face, words[turn++ % words.length] as string);
  });
});
