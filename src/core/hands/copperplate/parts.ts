import type { Measures, Port } from '../../hand/letter';
import { leaves, line, meets, part, type Run, shadeAt, stroke, to } from '../../hand/notation';
import { dot } from '../../hand/pressed/dots';
import { loopEntry, loopExit, loops } from '../../hand/pressed/loops';
import { alongOval, OVAL_ANCHOR, onOval, ovalAt } from '../../hand/pressed/ovals';
import { hair, spreadOf, turningStrokes } from '../../hand/pressed/turns';
import type { NibWidths } from '../../measure/units';
import type { Knot } from '../../pen/stroke';

/** Copperplate's own figures, in fifths of the body. */
export const TURN = { leave: 1.95, full: 3.05, under: 0.76, over: 0.78 } as const;
const LOOP = { half: 0.33, width: 0.9, full: 0.22, ease: 0.34 } as const;

/** Outermost ink of b, v and w, from their last shade: a little past the dot, so that their joins are as long as o's. */
const TO_DOT: NibWidths = 2.2;

/** Half width of the oval of a, d, g, o, q. */
const OVAL_WIDTH = 1.42;

/** Tops of t, d and p, and of ascenders without a loop, over the waistline: shares of the ascender. */
export const TOPS = { t: 0.5, d: 0.67, p: 0.3, plain: 0.86 } as const;

/** Letters that leave near the waistline; e, r and s then begin higher. */
export const AFTER_HIGH = { after: 'bovw' } as const;

/** Where joins leave and meet that neither turn nor loop: none at all, and one of any kind. */
export const unjoined: Run = [meets({ kind: 'none', x: 0, y: 0, dir: 0 }), leaves({ kind: 'none', x: 0, y: 0, dir: 0 })];

/**
 * The strokes copperplate is made of, bound to its measures, in fifths of the body, upright; x is the middle of a
 * shade. Each knows where joins meet and leave it, and where its shade stands.
 */
export function copperplateParts(m: Measures) {
  const { X, T, B, A, D, d, half } = m;
  const spread = spreadOf(m);
  const turns = turningStrokes(m, TURN);
  const loop = loops(m, LOOP);
  const above = (share: number) => X + share * (A - X);

  const minim = (x: NibWidths): Port => ({ kind: 'minim', x: x - spread / 2, y: 3.3, dir: 86 });
  const lowExit = (x: NibWidths): Port => ({ kind: 'low', x, y: B, dir: 0 });
  /** Near the waistline; `side` is the outermost ink there, from which the white to the next letter counts. */
  const highExit = (x: NibWidths, y: NibWidths, side: NibWidths, dir = -40): Run => leaves({ kind: 'high', x, y, dir, side });
  const turnEntry = (x: NibWidths): Port => ({ kind: 'turn', x: x - TURN.over, y: T, dir: 0 });

  /** Square top, shade, turn: the stroke of i. */
  const under = (x: NibWidths, top = T): Run => part(turns.under(x, top), { meets: minim(x), leaves: lowExit(x + TURN.under), shade: x });
  /** Turn, shade, squared foot. */
  const over = (x: NibWidths): Run => part(turns.over(x), { meets: turnEntry(x), shade: x });
  /** Turn at the head and at the foot: the stroke that ends n. */
  const compound = (x: NibWidths): Run => part(turns.compound(x), { meets: turnEntry(x), leaves: lowExit(x + TURN.under), shade: x });
  /** Out of the turn of a shade that has begun otherwise. */
  const underTurn = (x: NibWidths): Run => part(turns.underTurn(x), { leaves: lowExit(x + TURN.under), shade: x });
  /** From the foot of a shade at x, up and over into the next. */
  const arch = (x: NibWidths): Run => [turns.rise(x), compound(x + d)];
  /** Hairline from the turn of a shade up to the next one's side. */
  const upTo = (x: NibWidths): Run => to(x - spread / 2, 3.3, 86, hair);
  /** Hairline from the turn of the last shade up to a dot under the waistline: the end of b, v, w. */
  const upToDot = (x: NibWidths): Run => [to(x + 1.86, 2.3, 84, hair), to(x + 1.72, 4.3, 108, hair), highExit(x + 1.7, 4.26, x + TO_DOT)];
  /** Endings of v and w at the end of a word: up over the waistline, and turned in on a loop. */
  const raised = (x: NibWidths): Run => [
    to(x + 1.86, 2.3, 84, hair),
    to(x + 2.05, X + 1.5, 100, hair),
    to(x + 1.35, X + 2.15, 195, hair),
    leaves({ kind: 'none', x: x + 1.35, y: X + 2.15, dir: 195 }),
  ];
  const turnedIn = (x: NibWidths): Run => [
    to(x + 1.86, 2.3, 84, hair),
    to(x + 1.5, 4.7, 160, hair),
    to(x + 0.95, 4.2, -90, hair),
    to(x + 1.5, 3.75, 5, hair),
    to(x + 2.7, 4.5, 48, hair),
    leaves({ kind: 'none', x: x + 2.7, y: 4.5, dir: 48 }),
  ];
  const highDot = (x: NibWidths) => dot(m, x + 1.74, 4.18, 0.8);

  /** The oval of the small letters, its shade's middle at x = 0. */
  const bodyOval = (q = OVAL_WIDTH) => ovalAt(m, q - OVAL_ANCHOR * spread, X / 2, X / 2 - half(), q);
  const ovalEntry: Run = meets(((ring) => ({ kind: 'oval', x: ring.x, y: ring.y, dir: 90 }))(onOval(bodyOval(), 84)));
  const { cx, reach } = bodyOval();
  /** Where the stem that closes an oval stands: its left edge runs into the oval's side. */
  const s = cx + reach + spread / 2 - 0.08;
  const oval = stroke('oval', [ovalEntry, shadeAt(0), alongOval(bodyOval(), -14, 346)], 'Up on the hairline, over, press down the left, and close.');

  /** Ascending loop into a shade at x. */
  const ascend = (x: NibWidths): Run => part(loop.ascend(x), { meets: loopEntry(m, x), shade: x });
  /** Down to a squared foot on the line. */
  const squareFoot = (x: NibWidths): Run => line(x - spread / 2, B, { press: 1 });
  /** Descending loop of a stem at x, squared at its top. */
  const descend = (x: NibWidths, top = T): Run => part([turns.squareTopRight(x, top), ...loop.descend(x)], { meets: minim(x), leaves: loopExit(x), shade: x });
  const closedLoop = (x: NibWidths): Run => part(loop.descendRight(x), { leaves: { kind: 'low', x: x + 0.3, y: 0.14, dir: -10 }, shade: x });
  const squareTop = (x: NibWidths, top = T): Run => part([turns.squareTop(x, top)], { meets: minim(x), shade: x });

  /** An ascender without a loop. */
  const plainTop: Run = squareTop(0, above(TOPS.plain));
  /** A descender without a loop; the next letter then begins afresh, from the side of the stem. */
  const plainTail = (x: NibWidths): Run => [
    squareTop(x),
    line(x - spread / 2, D * TOPS.plain, { press: 1, anchor: 0 }),
    leaves({ kind: 'loop', x: x + spread / 2 - 0.04, y: 0.7, dir: 58 }),
  ];
  /** Half the pressure: where two shades meet, one of them gives way. */
  const lighter = (knots: readonly Knot[]): Knot[] => knots.map((knot) => ({ ...knot, press: 0.5 * (knot.press ?? 0) }));
  const iDot = dot(m, 0.1, X + 2.1);

  return {
    ...m,
    ...{ above, arch, ascend, bodyOval, closedLoop, compound, descend, highDot, highExit, iDot, lighter, loop, lowExit, oval },
    ...{ ovalEntry, over, plainTail, plainTop, raised, s, spread, squareFoot, squareTop, turnEntry, turnedIn, turns, under, underTurn, upTo, upToDot },
  };
}

export type CopperplateParts = ReturnType<typeof copperplateParts>;
