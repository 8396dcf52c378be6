import { describe, expect, it } from 'vitest';
import { handById } from '@/core/hands/registry';
import { lackingLetters, writable } from '@/core/practice/words/wordList';
import { lettersOf, MARKED } from '@/core/type/compose';
import type { Cut } from '@/core/type/cut';
import type { Typeface } from '@/core/type/face';
import { topOf } from '@/core/type/profile';
import { setLine } from '@/core/type/setLine';
import { DRAWN, usualFace } from '../support/drawnHands';

/** Everyday words with the letters of their languages. */
const GERMAN =
  'der die und nicht für über schön grün Straße weiß heißt Mädchen Äpfel Öl Übung Nächte früh spät größer müde Himmel Sterne Mond Dämmerung Nebel Wolke Licht Schatten Finsternis Größe Höhe Öffnung Prüfung zwölf fünf dreißig schließen wählen zählen Bücher Tür Füße süß Käse Löffel'.split(
    ' ',
  );
const POLISH =
  'nie tak jest się być może który także jeszcze już też więc żeby gdzieś źródło łódź wąż gęś ćma śnieg świt księżyc gwiazda zaćmienie chmura światło cień mgła obłok niebo północ wschód zachód słońce zorza dążyć pięć dziewięć święto życie żółty źle mąż kość cześć dłoń koń'.split(
    ' ',
  );

describe.each(DRAWN.filter((id) => !handById(id).rightToLeft))('the languages of Europe in %s', (hand) => {
  const face = usualFace(hand, true);

  it('writes names, prices and marks without a letter missing', () => {
    const text = 'Łódź, Zürich, façade, Ærø, señor, €5 @ £ § * / + = „a“ ‘b’ … ¿qué? ¡sí!';
    expect(setLine(face, text).missing).toEqual([]);
  });

  it('has every letter of Latin-1 and Latin Extended-A that is a letter with marks', () => {
    const letters = new Set(lettersOf(face));
    expect(
      [...MARKED.keys()].filter((text) => !letters.has(text) && face.letters.has(MARKED.get(text) ?? '')),
    ).toEqual([]);
    // A hand of one case has half of them.
    expect(letters.size).toBeGreaterThan(face.letters.size + (handById(hand).fold ? 70 : 150));
  });

  it.each([
    ['German', GERMAN],
    ['Polish', POLISH],
  ])('keeps nearly all words of a list in %s', (_, typed) => {
    const words = typed.map(face.fold);
    const letters = new Set(lettersOf(face));
    const lost = new Set(
      lackingLetters(words, letters).flatMap(({ letter }) => words.filter((word) => word.includes(letter))),
    );
    expect(1 - lost.size / words.length).toBeGreaterThan(0.99);
    expect(writable(words, letters).length / words.length).toBeGreaterThan(0.99);
  });

  it('seats every mark clear of its letter and inside the room of the line', () => {
    const wrong = [...MARKED].flatMap(([text, base]) => {
      if (!face.letters.has(base)) return [];
      const [cut, plain] = [face.shapesOf(text)[0] as Cut, face.shapesOf(base)[0] as Cut];
      const grows = topOf(cut.profile) - topOf(plain.profile);
      return grows > 2.2 || grows < -2.2 ? [`${text} grows by ${grows.toFixed(2)}`] : [];
    });
    expect(wrong).toEqual([]);
  });
});

it('a letter with marks is spaced by its own ink and joined as its letter', () => {
  const face = usualFace('italic', true) as Typeface;
  const [n, a, ae] = ['n', 'a', 'ä'].map((text) => face.shapesOf(text)[0] as Cut) as [Cut, Cut, Cut];
  expect(face.pair(n, ae)).toBeCloseTo(face.pair(n, a), 6);
  expect(face.join(n, ae)?.letter.strokes[0]?.knots).toEqual(face.join(n, a)?.letter.strokes[0]?.knots);
});
