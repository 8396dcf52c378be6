import { expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { demoSheets } from '@/core/document/demoSheets';
import { checkDocument, type Document, isPiece, parseDocument } from '@/core/document/document';
import { recipeSchema } from '@/core/document/recipe';
import { HANDS } from '@/core/hands/registry';
import { numbersFrom } from '@/core/measure/seeded';
import { shownPiece } from '@/core/piece/batch';
import { demoPieces } from '@/core/piece/demoPieces';
import { drawPiece } from '@/core/piece/drawPiece';
import { layoutPiece } from '@/core/piece/layout';
import { pieceSchema } from '@/core/piece/piece';
import { compose, drawPage } from '@/core/practice/compose';
import { Problem } from '@/core/problem/problem';
import { ruleSheet } from '@/core/sheet/rule';
import { renderSvg } from '@/render/svg';
import { makerOf } from '../support/made';

const KNOWN = { hand: HANDS.map(({ id }) => id), id: ['a', 'b'] };
/** Documents tried; those that are refused at once cost next to nothing. */
const TRIED = 400;

/** A good document with up to two fields of one its schema made: allowed by itself, and wild. */
function crossed(good: object, wild: unknown, next: () => number): unknown {
  const fields = Object.entries(wild as object);
  const picked = Array.from({ length: 1 + Math.floor(next() * 2) }, () => Math.floor(next() * fields.length));
  return { ...structuredClone(good), ...Object.fromEntries(picked.map((i) => fields[i] ?? [])) };
}

/** What came of a document: drawn, or refused in plain words; anything else is thrown. */
function outcome(data: unknown): 'drawn' | 'refused' {
  let document: Document;
  try {
    document = parseDocument(data);
    checkDocument(document);
  } catch (error) {
    if (error instanceof Problem) return 'refused';
    throw error;
  }
  // What was kept must open: from here on nothing is refused but a page that its bands do not fit.
  if (isPiece(document)) {
    expect(renderSvg(drawPiece(layoutPiece(shownPiece(document)), 'model'))).not.toMatch(/NaN|Infinity/);
    return 'drawn';
  }
  expect(renderSvg(ruleSheet(document, []))).not.toMatch(/NaN|Infinity/);
  try {
    drawPage(compose(document, {}), 0);
  } catch (error) {
    if (!(error instanceof Problem)) throw error;
  }
  return 'drawn';
}

for (const [what, schema, good] of [
  [
    'sheet',
    recipeSchema,
    [...demoSheets().map(({ recipe }) => recipe), ...HANDS.map(({ id }) => freshRecipe(id))],
  ],
  ['piece', pieceSchema, demoPieces().map(({ piece }) => piece)],
] as const) {
  it(`whatever a schema allows of a ${what} is drawn, or refused in plain words`, () => {
    const next = numbersFrom(17);
    const make = makerOf(schema, next, KNOWN);
    const outcomes = Array.from({ length: TRIED }, () =>
      outcome(crossed(good[Math.floor(next() * good.length)] as object, make(), next)),
    );
    for (const seen of ['drawn', 'refused'] as const)
      expect(outcomes.filter((o) => o === seen).length).toBeGreaterThan(TRIED / 20);
  });
}
