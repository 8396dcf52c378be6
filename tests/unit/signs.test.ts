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

describe.each(LATIN)('the signs of %s', (hand) => {
  const face = usualFace(hand);
  const missing = WANTED.filter((text) => setLine(face, text).missing.length > 0);

  it('are all of Latin-1 and Latin Extended-A', () => {
    expect(missing).toEqual([]);
  });

  it('of other alphabets’ letters keep their own parts: thorn has an ascender and a descender, eng a tail', () => {
    const reach = (text: string) => {
      const found = lineReach(face.pen, setLine(face, face.fold(text)));
      if (!found) throw new Error(`${text} was not inked`);
      return found;
    };
    const X = face.zones.body;
    if (face.fold('ð') === 'ð') expect(reach('ð').top).toBeGreaterThan(1.15 * X);
    expect(reach('ŋ').bottom).toBeLessThan(reach('n').bottom - 0.6);
    // A hand of capitals writes its own thorn, between base and cap.
    if (face.fold('þ') === 'þ' && handById(hand).zones.descender > 0) {
      expect(reach('þ').top).toBeGreaterThan(1.2 * X);
      expect(reach('þ').bottom).toBeLessThan(-0.6);
    }
    for (const text of 'ĸ¤') expect(reach(text).top).toBeLessThan(reach('l').top + 0.1);
    for (const [ring, letter] of [
      ['©', 'C'],
      ['®', 'R'],
    ] as const) {
      expect(reach(ring).top, ring).toBeGreaterThan(0.8 * reach('l').top);
      expect(reach(ring).right - reach(ring).left, ring).toBeGreaterThan(
        0.5 * (reach(letter).right - reach(letter).left),
      );
    }
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
        rows: [{ values: { name: 'Жук' }, state: 'to write' as const }],
      };
      expect(layRow(piece, 0, []).wrong, id).toMatch(/no letter for .*draw the letter/);
    }
  });
});
