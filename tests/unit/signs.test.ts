import { describe, expect, it } from 'vitest';
import { HANDS, handById } from '@/core/hands/registry';
import { layRow } from '@/core/piece/batch';
import { freshBlock, freshPiece, settingOf } from '@/core/piece/freshPiece';
import { setLine } from '@/core/type/setLine';
import { lineReach } from '@/core/writing/figure';
import { DRAWN, usualFace } from '../support/drawnHands';

/** Hands of the Latin alphabet. */
const LATIN = DRAWN.filter((hand) => !handById(hand).rightToLeft);

/** Letters and signs of Latin-1, Latin Extended-A and plain typing. */
const WANTED = [
  ...Array.from({ length: 0x7f - 0x21 }, (_, i) => String.fromCodePoint(0x21 + i)),
  ...Array.from({ length: 0x180 - 0xa1 }, (_, i) => String.fromCodePoint(0xa1 + i)).filter(
    (text) => text !== '\u00ad',
  ),
  ...'–—‘’‚“”„•…‰‹›€−',
];

/** Letters no hand has yet: they are letters of their own, to be drawn, and are said to be missing. */
const NOT_DRAWN = new Set('¤©®¶ÞðþĸŉŊŋ');
const NOT_IN: Readonly<Partial<Record<string, string>>> = {
  uncial: 'Ðſ',
  // Its capital is a Greek letter.
  roman: 'µ',
  copperplate: 'ſ',
  'light-line': 'ſ',
  brush: 'ſ',
  monoline: 'ſ',
};

describe.each(LATIN)('the signs of %s', (hand) => {
  const face = usualFace(hand);
  const missing = WANTED.filter((text) => setLine(face, text).missing.length > 0);

  it('are all of Latin-1 and Latin Extended-A but those that are named here', () => {
    const allowed = new Set([...NOT_DRAWN, ...(NOT_IN[hand] ?? '')]);
    expect(missing.filter((text) => !allowed.has(text))).toEqual([]);
  });

  it('are inked, between the tallest and the deepest of the hand’s own letters', () => {
    const reach = lineReach(face.pen, setLine(face, 'Ålfgjpy(/'));
    if (!reach) throw new Error('nothing was inked');
    for (const text of '·•°×÷±−—½¼¾%¹²³|\\_[]{}<>«»$¢¥#') {
      const ink = lineReach(face.pen, setLine(face, text));
      expect(ink, text).toBeDefined();
      expect((ink?.right ?? 0) - (ink?.left ?? 0), text).toBeGreaterThan(0.04);
      expect(ink?.top ?? 0, text).toBeLessThanOrEqual(reach.top + 1.2);
      expect(ink?.bottom ?? 0, text).toBeGreaterThanOrEqual(reach.bottom - 1.2);
    }
  });

  it('stand between words: a name with a raised dot, a price, a part', () => {
    for (const text of ['Asta·Brell', '5 %', '6°', '1½', '2×3', '{name}', 'Sarı']) {
      const { missing: lacking } = setLine(face, face.fold(text));
      expect(lacking, text).toEqual([]);
    }
  });
});

describe('a list with a letter that no hand has', () => {
  it('says so of its row', () => {
    for (const { id } of HANDS.filter(({ id }) => LATIN.includes(id))) {
      const piece = {
        ...freshPiece('card-5x7', [freshBlock('1', 'name', '{name}', settingOf(id, 1.2))]),
        rows: [{ values: { name: 'Þór' }, state: 'to write' as const }],
      };
      expect(layRow(piece, 0, []).wrong, id).toMatch(/no letter for .*draw the letter/);
    }
  });
});
