import type { NibWidths } from '../measure/units';
import type { Knot, StrokePlan } from '../pen/stroke';
import { centred, type Drawn, extentOf, lines, markOf, moved, type Strokes, strokesOf } from './signParts';

/** Letters of a few languages that are put together from parts of the hand's own letters: thorn, eth, eng, kra. */

/** Of a stem's touch: how the pen is turned and pressed along it. */
const touchOf = ({ turn, press, anchor }: Knot) => ({
  ...(turn !== undefined && { turn }),
  ...(press !== undefined && { press }),
  ...(anchor !== undefined && { anchor }),
});

const isStem = ({ name }: StrokePlan) => /stem/.test(name);
const heightOf = (stroke: StrokePlan): NibWidths => {
  const { top, bottom } = extentOf([stroke]);
  return top - bottom;
};

/** þ: the stem and bowl of p, its stem drawn from the ascender line; with the head of b where b has a plain stem. */
export function thorn(drawn: Drawn): Strokes | undefined {
  const [p, b] = [strokesOf(drawn, 'p'), strokesOf(drawn, 'b')];
  const at = p?.findIndex(isStem) ?? -1;
  const stem = p?.[at];
  const foot = stem?.knots.at(-1);
  if (!p || !stem || !foot) return undefined;
  const { A, X } = drawn.measures;
  const tail = stem.knots.filter(({ y }) => y < X / 2);
  const tall = b?.findIndex(isStem) ?? -1;
  const high = b?.[tall]?.knots.filter(({ y }) => y > X) ?? [];
  const touch = touchOf(tail[0] ?? foot);
  const knots: readonly Knot[] =
    high.length > 0 ? [...high, ...tail] : [{ x: foot.x, y: A, dir: -90, ...touch }, ...tail];
  return [
    ...(high.length > 0 ? (b?.slice(0, tall) ?? []) : []),
    {
      ...stem,
      knots: knots.map((knot, i) => (i === knots.length - tail.length ? { ...knot, line: true } : knot)),
    },
    ...p.slice(at + 1),
  ];
}

/** The bowl of capital thorn stands this fraction of its height lower than that of P. */
const LOWER = 0.2;

/** Þ: a P whose bowl has come down to the middle of its stem. */
export function capitalThorn(drawn: Drawn): Strokes | undefined {
  const p = strokesOf(drawn, 'P');
  if (!p) return undefined;
  const { top } = extentOf(p);
  return p.map((stroke) =>
    /bowl|bow|thorn/.test(stroke.name) ? (moved([stroke], 0, -LOWER * top)[0] ?? stroke) : stroke,
  );
}

/** ð: an o whose right side comes down from the ascender, and a bar across that. Uncial has it in its d. */
export function eth(drawn: Drawn): Strokes | undefined {
  const { A, X } = drawn.measures;
  const o = strokesOf(drawn, 'o');
  if (!o) return undefined;
  const { left, right } = extentOf(o);
  const wide = right - left;
  const high = Math.min(A, X + 0.62 * (A - X) + 0.6);
  const tail = lines(drawn, [
    [left + 0.18 * wide, high],
    [right, 0.52 * X],
  ]);
  const bar = lines(drawn, [
    [left + 0.3 * wide, X + 0.18 * (high - X)],
    [left + 0.85 * wide, X + 0.72 * (high - X)],
  ]);
  if (!tail || !bar) return undefined;
  const bent = tail.map((stroke) => ({
    ...stroke,
    knots: stroke.knots.map(({ line: _, ...knot }, i): Knot => ({ ...knot, dir: i === 0 ? -28 : -88 })),
  }));
  return [...o, ...bent, ...bar];
}

/** A stroke down to the middle of the body, and from there on as the tail of j. */
function withTail(stroke: StrokePlan, drawn: Drawn): StrokePlan | undefined {
  const { X } = drawn.measures;
  const tailed = strokesOf(drawn, 'j')?.find(
    ({ name, knots }) => name !== 'dot' && knots.some(({ y }) => y < 0),
  );
  const apex = stroke.knots.reduce((best, { y }, i) => (y >= (stroke.knots[best]?.y ?? 0) ? i : best), 0);
  const low = stroke.knots.findIndex(({ y }, i) => i > apex && y < X / 2);
  const upper = low < 0 ? stroke.knots : stroke.knots.slice(0, low);
  const from = tailed?.knots.findIndex(({ y }) => y < X / 2) ?? -1;
  const tail = tailed?.knots.slice(Math.max(0, from)) ?? [];
  const [end, begin] = [upper.at(-1), tail[0]];
  if (!end || !begin) return undefined;
  const dx = end.x - begin.x;
  const moved = tail.map((knot, i) => ({ ...knot, x: knot.x + dx, ...(i === 0 && { line: true }) }));
  return { ...stroke, knots: [...upper, ...moved] };
}

/** ŋ: an n whose last stem goes on into the tail of j. */
export function eng(drawn: Drawn): Strokes | undefined {
  const n = strokesOf(drawn, 'n');
  const last =
    n?.reduce((found, stroke, i) => (heightOf(stroke) > drawn.measures.X / 2 ? i : found), -1) ?? -1;
  const stroke = n?.[last];
  const tailed = stroke && withTail(stroke, drawn);
  return tailed && n && [...n.slice(0, last), tailed];
}

/** A stem that is narrower than this, in letter units, has no hook at its head. */
const NO_HOOK: NibWidths = 0.5;

/**
 * ſ: a hooked f without its bar; where the hand's f is all loops, its upper loop with the tail of j. A hand of capitals
 * has none: there the long s is the s.
 */
export function longS(drawn: Drawn): Strokes | undefined {
  const shapes = (drawn.shapes.get('f') ?? []).map(({ letter }) => letter.strokes);
  const unbarred = shapes
    .filter((strokes) => strokes.some(({ name }) => name === 'bar'))
    .map((strokes) => strokes.filter(({ name }) => name !== 'bar'))
    .filter((strokes) => strokes.length > 0 && extentOf(strokes).right - extentOf(strokes).left > NO_HOOK);
  // Of several the last is the one whose hook and stem are one stroke.
  const hooked = unbarred.at(-1);
  if (hooked) return hooked;
  const loops = shapes[0]?.[0];
  const tailed = loops && withTail(loops, drawn);
  return tailed && [tailed];
}

/** A larger eng would take its tail into the next line. */
const MOST_ENLARGED = 1.5;

/** Ŋ: an ŋ as tall as a capital, or nearly; in a hand of capitals an N with a tail. */
export function capitalEng(drawn: Drawn): Strokes | undefined {
  const { X, C } = drawn.measures;
  const small = eng(drawn);
  if (small) return moved(small, 0, 0, Math.min(MOST_ENLARGED, Math.max(1, C / X)));
  const n = strokesOf(drawn, 'N');
  if (!n) return undefined;
  const { right } = extentOf(n);
  const tail = lines(drawn, [
    [right, 0.4],
    [right, -1],
    [right - 1.3, -2],
  ]);
  return tail && [...n, ...tail];
}

/** ĸ: a capital K as tall as the small letters. */
export function kra(drawn: Drawn): Strokes | undefined {
  const k = strokesOf(drawn, 'K') ?? strokesOf(drawn, 'k');
  if (!k) return undefined;
  return moved(k, 0, 0, drawn.measures.X / extentOf(k).top);
}

/**
 * Width of the ring around a sign and height of the sign in it, as fractions of the capital height, and width of its pen as a fraction
 * of the main one.
 */
const ROUND = 0.98;
const WITHIN = 0.44;
const FINE = 0.45;
/** The ring over å. */
const RING = '\u030a';

/** A capital in a ring: © and ®. */
export const ringed =
  (capital: string) =>
  (drawn: Drawn): Strokes | undefined => {
    const o = markOf(drawn, RING);
    const letter = strokesOf(drawn, capital) ?? strokesOf(drawn, capital.toLowerCase());
    if (!o || !letter) return undefined;
    const { A } = drawn.measures;
    const [ring, sign] = [extentOf(o), extentOf(letter)];
    return [
      ...centred(o, 0, A / 2, (ROUND * A) / (ring.top - ring.bottom), FINE),
      ...centred(letter, 0, A / 2, (WITHIN * A) / (sign.top - sign.bottom), FINE),
    ];
  };

/** ¶: two stems under one roof, a bow to their left. */
export function pilcrow(drawn: Drawn): Strokes | undefined {
  const { A } = drawn.measures;
  const [x, far] = [1.5, 3.3];
  const drawnLines = lines(
    drawn,
    [
      [x, A],
      [x, -1],
    ],
    [
      [far, A],
      [far, -1],
    ],
    [
      [far + 0.3, A],
      [x, A],
      [0, 0.76 * A],
      [x, 0.52 * A],
    ],
  );
  return drawnLines?.map((stroke, i) =>
    i < 2
      ? stroke
      : {
          ...stroke,
          knots: stroke.knots.map(({ line, ...knot }, k): Knot => {
            const dir = [180, 180, -90, 0][k];
            return { ...knot, ...(dir !== undefined && { dir }), ...(k === 1 && line && { line }) };
          }),
        },
  );
}

/** ¤: a small ring with four rays. */
export function currency(drawn: Drawn): Strokes | undefined {
  const o = strokesOf(drawn, 'o') ?? strokesOf(drawn, 'O');
  const middle = 0.55 * drawn.measures.X;
  const [inner, outer] = [1.05, 1.9];
  const rays = lines(
    drawn,
    ...([45, 135, 225, 315] as const).map((turn) => {
      const [x, y] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
      return [[inner * x, middle + inner * y] as const, [outer * x, middle + outer * y] as const];
    }),
  );
  if (!o || !rays) return undefined;
  const { top, bottom } = extentOf(o);
  return [...centred(o, 0, middle, (2 * inner) / (top - bottom), 0.6), ...rays];
}
