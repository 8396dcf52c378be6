import { beforeAll, describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { HANDS } from '@/core/hands/registry';
import { loadAllScripts } from '@/core/hands/scripts';
import { filledIn, layRow } from '@/core/piece/batch';
import { drawPiece } from '@/core/piece/drawPiece';
import { freshBlock, freshPiece, settingOf } from '@/core/piece/freshPiece';
import { layoutPiece } from '@/core/piece/layout';
import { bandOf } from '@/core/practice/bands/bandOf';
import { bandKindIds } from '@/core/practice/bands/registry';
import { compose, drawPage } from '@/core/practice/compose';
import { setLine } from '@/core/type/setLine';
import { DRAWN, usualFace } from '../support/drawnHands';

/** Words that every object of the language knows: as keys they find functions where nothing was kept. */
const NAMES = [
  'constructor',
  '__proto__',
  'valueOf',
  'toString',
  'hasOwnProperty',
  '__defineGetter__',
] as const;

beforeAll(loadAllScripts);

describe.each(NAMES)('“%s” as a text', (name) => {
  it.each(DRAWN)('is written in %s, as a line and as a letter asked for', (hand) => {
    const face = usualFace(hand);
    expect(() => setLine(face, name)).not.toThrow();
    expect(face.has(name)).toBe(false);
    expect(face.shapesOf(name)).toEqual([]);
  });

  it('is practised in every kind of band, or said to be none', () => {
    for (const { id } of HANDS) {
      for (const kind of bandKindIds()) {
        const recipe = freshRecipe(id);
        const composed = compose(recipe, { bands: [bandOf('a', kind, name, {})] });
        expect(() => composed.pages.map((_, i) => drawPage(composed, i)), `${id} ${kind}`).not.toThrow();
      }
    }
  });

  it('is a column of a list like another: empty where a row has none', () => {
    const piece = freshPiece('card-5x7', [freshBlock('1', 'name', `To {${name}}`, settingOf('italic', 1.5))]);
    const [block] = filledIn(piece, { values: {} }).blocks;
    expect(block?.text).toBe('To ');
    const rows = [{ values: Object.fromEntries([[name, 'Asta']]), state: 'to write' as const }];
    expect(layRow({ ...piece, rows }, 0, []).laid.lines.length).toBeGreaterThan(0);
    expect(() => drawPiece(layoutPiece(piece))).not.toThrow();
  });
});
