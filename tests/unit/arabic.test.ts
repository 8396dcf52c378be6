import { beforeAll, describe, expect, it } from 'vitest';
import { loadScript } from '@/core/hands/scripts';
import { inkOf } from '@/core/type/cut';
import type { Typeface } from '@/core/type/face';
import type { PlacedInk } from '@/core/type/placed';
import { setLine } from '@/core/type/setLine';
import { usualFace } from '../support/drawnHands';

/**
 * Words of sky and optics with the forms their letters take, in the order they are read: i initial, m medial, f final,
 * o by itself; `^` before a letter entered from above, `~` before one that is reached over a hill; `+` is the one letter lam-alif.
 */
const WORDS: readonly (readonly [word: string, forms: string])[] = [
  ['نجم', 'i^ m~ f'],
  ['قمر', 'i~ m f'],
  ['هلال', 'i f+ o'],
  ['شمس', 'i~ m f'],
  ['فلك', 'i m f'],
  ['نور', 'i f o'],
  ['برج', 'i f o'],
  ['بحر', 'i^ m f'],
  ['فجر', 'i^ m f'],
  ['ليل', 'i m f'],
  ['كوكب', 'i f i f'],
  ['سحب', 'i^ m f'],
  ['برق', 'i f o'],
  ['ثلج', 'i m f'],
  ['رعد', 'o i f'],
  ['ريح', 'o i^ f'],
  ['جو', 'i f'],
  ['مدار', 'i f o o'],
  ['موج', 'i f o'],
  ['زحل', 'o i f'],
  ['سديم', 'i f i~ f'],
  ['شفق', 'i m f'],
  ['غيم', 'i m~ f'],
  ['نجوم', 'i^ m f o'],
  ['لمع', 'i~ m f'],
  ['بقعة', 'i m m f'],
  ['سماك', 'i~ m f o'],
  ['عدسة', 'i f i f'],
  ['كسوف', 'i m f o'],
  ['قوس', 'i f o'],
  ['سماء', 'i~ m f o'],
  ['أرض', 'o o o'],
  ['ماء', 'i f o'],
  ['ضوء', 'i f o'],
  ['ظل', 'i f'],
  ['ضباب', 'i m f o'],
  ['مطر', 'i m f'],
  ['صباح', 'i m f o'],
  ['مساء', 'i m f o'],
  ['شرق', 'i f o'],
  ['غرب', 'i f o'],
  ['شمال', 'i~ m f o'],
  ['جنوب', 'i m f o'],
  ['مرآة', 'i f o o'],
  ['طيف', 'i m f'],
  ['لون', 'i f o'],
  ['أزرق', 'o o o o'],
  ['أحمر', 'o i~ m f'],
  ['زجاج', 'o i f o'],
  ['شعاع', 'i m f o'],
  ['مرصد', 'i f i f'],
  ['قبة', 'i m f'],
  ['فضاء', 'i m f o'],
  ['كون', 'i f o'],
  ['مذنب', 'i f i f'],
  ['شهاب', 'i m f o'],
  ['خسوف', 'i m f o'],
  ['مشتري', 'i m m f o'],
  ['عطارد', 'i m f o o'],
  ['مجرة', 'i^ m f o'],
];

const SHORT: Readonly<Record<string, string>> = {
  usual: 'o',
  initial: 'i',
  medial: 'm',
  final: 'f',
  'initial to a roof': 'i^',
  'initial to a hill': 'i~',
  'medial to a hill': 'm~',
  isolated: 'o',
};

let face: Typeface;
beforeAll(async () => {
  await loadScript('court');
  face = usualFace('court', true);
});

const lettersOf = (text: string): PlacedInk[] =>
  setLine(face, text).placed.filter((item): item is PlacedInk => item.kind === 'letter');

describe('Arabic words', () => {
  it('has sixty of them', () => {
    expect(WORDS).toHaveLength(60);
    expect(new Set(WORDS.map(([word]) => word)).size).toBe(60);
  });

  it.each(WORDS)('%s takes the shapes a reader expects', (word, forms) => {
    const spelt = lettersOf(word).map(
      ({ cut: { letter } }) =>
        `${SHORT[letter.variant] ?? letter.variant}${[...letter.text.normalize('NFC')].length > 1 ? '+' : ''}`,
    );
    expect(spelt.join(' ')).toBe(forms);
    expect(setLine(face, word).missing).toEqual([]);
  });

  it('joins every pair tangent, in one direction and with one nib', () => {
    const joining = 'بتثنيجحخسشصضطظعغفقكلمه';
    const any = `${joining}اأدذرزولىة`;
    const broken: string[] = [];
    for (const a of joining) {
      for (const b of any) {
        const [first, second] = lettersOf(a + b);
        const [exit, entry] = [first?.cut.letter.exit, second?.cut.letter.entry];
        if (!exit || !entry || !first || !second) {
          // Lam and alif are one letter.
          if (a === 'ل' && 'اأ'.includes(b)) continue;
          broken.push(`${a}${b}: no ports`);
          continue;
        }
        const apart = Math.hypot(
          first.x + exit.x - second.x - entry.x,
          first.y + exit.y - second.y - entry.y,
        );
        if (apart > 1e-9) broken.push(`${a}${b}: ${apart.toFixed(3)} apart`);
        // A head without a shape of its own before it retraces the foot it comes from.
        if (exit.kind === entry.kind && exit.dir !== entry.dir)
          broken.push(`${a}${b}: ${exit.dir}° into ${entry.dir}°`);
      }
    }
    expect(broken).toEqual([]);
  });

  it('places every dot clear of ink and of the other dots', () => {
    for (const [word] of WORDS) {
      const { placed } = setLine(face, word);
      const dots = placed.filter((item) => item.kind === 'mark' && item.cut.letter.variant === 'dot');
      const letters = placed.filter((item): item is PlacedInk => item.kind === 'letter');
      for (const [i, dot] of dots.entries()) {
        for (const other of dots.slice(i + 1))
          expect(
            Math.abs(dot.x - other.x) + Math.abs((dot as PlacedInk).y - (other as PlacedInk).y),
            word,
          ).toBeGreaterThan(0.9);
        for (const { cut, x, y } of letters) {
          for (const [px, py] of inkOf(face.pen, cut).flat()) {
            expect(Math.abs(px + x - dot.x) + Math.abs(py + y - (dot as PlacedInk).y), word).toBeGreaterThan(
              0.6,
            );
          }
        }
      }
    }
  });

  it('names a letter the hand has not', () => {
    expect(setLine(face, 'پنجم').missing).toEqual(['پ']);
  });
});
