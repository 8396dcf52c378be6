import { beforeAll, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { parseRecipe } from '@/core/document/recipe';
import { loadScript } from '@/core/hands/scripts';
import { PLAIN } from '@/core/practice/band';
import type { BandKind } from '@/core/practice/bands/kind';
import { BAND_KINDS, type BandKindId, kindsFor } from '@/core/practice/bands/registry';
import { compose } from '@/core/practice/compose';
import { dueRows } from '@/core/practice/dueRows';
import { newBand, withBands } from '@/core/practice/edit';
import { lettersOn } from '@/core/practice/newLetters';
import { textWritten } from '@/core/practice/subject';
import { whatOf } from '@/ui/practise/bandWords';

// A kind nobody has, declared as a file of `core/practice/bands` would: whatever is asked of kinds must follow from this alone.
const ECHO: BandKind = {
  name: 'Echo',
  how: { ...PLAIN, guided: false, trace: 1, fading: 0, free: 2, lines: 1 },
  whenNew: { lines: 3 },
  needsLetters: true,
  ofLetters: true,
  oneLetter: true,
  usual: () => 'n o',
  inWords: (of) => `Echo of ${of}`,
  subjects: (ground, of) =>
    textWritten({ ground, heading: `Echo: ${of}`, texts: of.split(' ').map((one) => one + one) }),
};
const KIND = 'echo' as BandKindId;

beforeAll(async () => {
  Object.assign(BAND_KINDS, { [KIND]: ECHO });
  await loadScript('italic');
});

const page = () => withBands(freshRecipe('italic'), [newBand(KIND, 'n o', [])]);

it('a kind of band that is only declared is offered, read, named and made as it says', () => {
  expect(kindsFor(true)).toContain(KIND);
  expect(kindsFor(false)).not.toContain(KIND);
  expect(parseRecipe(JSON.parse(JSON.stringify(page())))).toEqual(page());
  const [band] = page().practice.bands;
  expect(band && whatOf(band)).toBe('Echo of n o');
  expect(band?.how).toMatchObject({ free: 2, lines: 3 });
});

it('its page has its rows, and knows the letters it is for', () => {
  const composed = compose(page());
  // Two subjects, on as many lines each as a new band has; a row holds one thing again and again.
  expect(dueRows(composed, 0).map(({ due }) => [due.figure.shapes.length, due.running])).toEqual(
    Array.from({ length: 6 }, () => [2, false]),
  );
  expect(lettersOn(page().practice.bands)).toEqual(['n', 'o']);
});
