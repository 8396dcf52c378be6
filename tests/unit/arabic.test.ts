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
  'medial to a roof': 'm',
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

describe('dots', () => {
  const DOTTED = [...'بتثنيجخذزشضظغفقة'];
  const JOINS_ON = [...'بتثنيجخشضظغفق'];
  const BARE = [...'حسصعمهلك'];

  /** The dots of each letter of a word: where they would like to be, and the middle of where they are. */
  function dotsIn(word: string) {
    const { placed } = setLine(face, word);
    const marks = placed.filter((item): item is PlacedInk => item.kind === 'mark');
    return placed.flatMap((item) => {
      const [dots] = (item.kind === 'letter' && item.cut.letter.dots) || [];
      if (!dots || item.kind !== 'letter') return [];
      const own = marks.splice(0, dots.count);
      const middle = (of: (dot: PlacedInk) => number) =>
        own.reduce((sum, dot) => sum + of(dot), 0) / own.length;
      return [
        {
          side: dots.side,
          wished: [item.x + dots.x, item.y + dots.y] as const,
          at: [middle(({ x }) => x), middle(({ y }) => y)] as const,
        },
      ];
    });
  }
  const apart = ([ax, ay]: readonly [number, number], [bx, by]: readonly [number, number]) =>
    Math.hypot(ax - bx, ay - by);

  /** Words in which a dot lies nearer to the place of another letter's dots than to its own. */
  const strays = (words: readonly string[]) =>
    words.filter((word) => {
      const all = dotsIn(word);
      return all.some((one) =>
        all.some(
          (other) =>
            other !== one &&
            other.side === one.side &&
            apart(one.at, other.wished) <= apart(one.at, one.wished),
        ),
      );
    });

  it('of every pair of letters lie nearest to their own letter', () => {
    expect(strays(JOINS_ON.flatMap((a) => DOTTED.map((b) => a + b)))).toEqual([]);
  });

  it('of triples of letters lie nearest to their own letter, also about letters without dots', () => {
    const teeth = [...'بتنيج'];
    // Two hooked letters stand one under the other: whose a dot between them is only the word says, as in حجج.
    const hooked = /[جح][جح]/;
    const words = teeth
      .flatMap((a) => [...teeth, ...BARE].flatMap((b) => teeth.map((c) => a + b + c)))
      .filter((word) => !hooked.test(word));
    expect(strays(words)).toEqual([]);
  });

  it('of ب and ي before a roof stand beside its belly, where ج has its own', () => {
    for (const tooth of 'بي')
      for (const rest of ['ر', 'ب', 'م']) {
        const [beside] = dotsIn(`${tooth}ح${rest}`);
        const [, below] = dotsIn(`${tooth}ج${rest}`);
        if (!beside || !below) throw new Error('A letter has lost its dots.');
        // A dot is about 1.4 letter units wide.
        expect(beside.at[0] - below.at[0]).toBeGreaterThan(1.4);
      }
  });
});

describe('the white between words', () => {
  const SENTENCES = [
    'نور القمر على البحر',
    'هذا كتاب النجوم',
    'مرصد على جبل عال',
    'ورد أزرق وزهر أحمر',
    'درس في رسم دائرة',
  ];

  /** Boxes of the joined groups of a text, from the right, each with whether a word begins with it. */
  function groupsIn(text: string) {
    const letters = lettersOf(text);
    const groups: { ink: [number, number][]; begins: boolean }[] = [];
    let word = -1;
    for (const letter of letters) {
      const at = letter.kind === 'letter' ? (letter.at ?? 0) : 0;
      const now = text.slice(0, at).split(' ').length - 1;
      const ink = inkOf(face.pen, letter.cut).flatMap((polygon) =>
        polygon.map(([x, y]): [number, number] => [x + letter.x, y + letter.y]),
      );
      const last = groups.at(-1);
      const touches = last?.ink.some(([x, y]) => ink.some(([px, py]) => Math.hypot(x - px, y - py) < 0.12));
      if (last && now === word && touches) last.ink.push(...ink);
      else groups.push({ ink, begins: now !== word });
      word = now;
    }
    return groups;
  }

  it.each(SENTENCES)('is at least two and a half times the widest inside a word: %s', (text) => {
    const groups = groupsIn(text);
    /** White between two groups where they come nearest, level by level as words are spaced. */
    const white = (right: [number, number][], left: [number, number][]) => {
      let least = Number.POSITIVE_INFINITY;
      for (const [x, y] of right)
        for (const [px, py] of left) if (Math.abs(y - py) < 0.25) least = Math.min(least, x - px);
      return least;
    };
    const inside: number[] = [];
    const between: number[] = [];
    for (const [i, { ink, begins }] of groups.entries()) {
      const before = groups[i - 1];
      if (before) (begins ? between : inside).push(white(before.ink, ink));
    }
    expect(between.length).toBe(text.split(' ').length - 1);
    const seen = inside.filter(Number.isFinite);
    if (seen.length > 0) for (const gap of between) expect(gap).toBeGreaterThan(2.5 * Math.max(...seen));
  });
});
