import { expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { changeHand, changeSchool } from '@/core/document/edit';
import { parseRecipe, type Recipe } from '@/core/document/recipe';
import { HANDS } from '@/core/hands/registry';
import { practicePrinter } from '@/core/page/practicePrinter';
import { printerCorrection } from '@/core/page/printer';
import { LIMITS, notANumber, outOfRange } from '@/core/problem/limits';
import { Problem } from '@/core/problem/problem';
import { parseLetterSet } from '@/core/setting/letterSet';
import { nearestNib } from '@/core/sheet/nearestNib';
import { readings } from '@/core/sheet/readings';
import { remarks } from '@/core/sheet/remarks';
import {
  largestForLines,
  pin,
  pinHere,
  type Quantity,
  roomForLines,
  settle,
  unpin,
} from '@/core/sheet/solve';
import { outline } from '../support/outline';

/** What comes of it, or the sentence and the offers it is refused with. */
const told = (work: () => unknown): unknown => {
  try {
    return work();
  } catch (error) {
    if (!(error instanceof Problem)) throw error;
    return { field: error.field, message: error.message, offers: error.offers };
  }
};
const inShort = ({ hand, school, width, zones, given, ratioUnit }: Recipe) => ({
  sheet: `${hand} ${school}`,
  width,
  ratioUnit,
  zones: JSON.stringify(zones),
  given: JSON.stringify(given),
});
const QUANTITIES: readonly Quantity[] = ['width', 'bodyMm', 'body', 'lines'];

it('what sheets answer to edits, and the words they do it in, are as was approved', async () => {
  const sheets = HANDS.map(({ id }) => freshRecipe(id));
  const italic = freshRecipe('italic');
  const edits = sheets.flatMap((recipe) =>
    QUANTITIES.flatMap((quantity) =>
      [0.4, 3, 12, 40, 900].map((value) => ({
        of: `${recipe.hand} ${quantity} ${value}`,
        is: told(() => inShort(pin(recipe, quantity, value))),
      })),
    ),
  );
  const extremes: readonly Partial<Recipe>[] = [
    { penAngle: 5 },
    { penAngle: 88 },
    { slope: 40 },
    { capitalsOnly: true },
    { shareZones: true },
    { width: 0.5 },
    { zones: { ...italic.zones, body: 3.2 } },
    { zones: { ...italic.zones, body: 9 } },
    { zones: { ...italic.zones, capital: 12 } },
    { zones: { ...italic.zones, capital: 9 } },
  ];
  const broken: readonly unknown[] = [
    null,
    {},
    { ...italic, version: 0 },
    { ...italic, version: 9 },
    { ...italic, hand: 'none' },
    { ...italic, school: 'none' },
    { ...italic, colour: 'red' },
    { ...italic, width: 'wide' },
    { ...italic, width: 99 },
    { ...italic, tint: 'red' },
    { ...italic, title: 'x'.repeat(99) },
    { ...italic, nibs: [1] },
    { ...italic, zones: { ...italic.zones, gap: -1 } },
    { ...italic, show: { ...italic.show, slope: 1 } },
  ];
  await expect(
    `${outline({
      edits,
      limits: Object.values(LIMITS).flatMap((limit) => [
        outOfRange(limit, 1e6),
        outOfRange(limit, -1e6),
        notANumber(limit),
      ]),
      readings: sheets.map((recipe) => ({ of: recipe.hand, ...readings(recipe) })),
      remarks: sheets.flatMap((recipe) =>
        extremes.map((change) => ({
          of: `${recipe.hand} ${JSON.stringify(change)}`,
          said: told(() => remarks(settle({ ...recipe, ...change }))),
        })),
      ),
      broken: broken.map((data) => told(() => inShort(parseRecipe(data)))),
      sets: [
        null,
        { format: 'elvane-letters', version: 2 },
        {
          format: 'elvane-letters',
          version: 1,
          name: 'a',
          hand: 'italic',
          variants: {},
          letters: [{ text: 'a', variant: 'x', strokes: [] }],
        },
      ].map((data) => told(() => parseLetterSet(data))),
      changes: HANDS.flatMap(({ id, schools }) => [
        inShort(changeHand(pin(italic, 'lines', 6), id)),
        ...schools.map((school) => inShort(changeSchool(freshRecipe(id), school.id))),
      ]),
      lines: sheets.map((recipe) => ({
        of: recipe.hand,
        room: roomForLines(recipe),
        largest: told(() => largestForLines(recipe, 8)),
        unpinned: told(() => inShort(unpin(pin(recipe, 'lines', 5), 'lines'))),
        here: told(() => inShort(pinHere(recipe, 'lines'))),
      })),
      nibs: [
        [],
        [
          { id: 'a', label: 'fine', width: 1 },
          { id: 'b', label: 'wide', width: 2.6 },
        ],
        [{ id: 'c', label: 'huge', width: 9 }],
      ].map((drawer) => nearestNib(italic, drawer)),
      printers: [
        told(() => printerCorrection(98.2, 97.7)),
        told(() => printerCorrection(80, 100)),
        practicePrinter(),
      ],
    })}\n`,
  ).toMatchFileSnapshot('./values/sentences.txt');
});
