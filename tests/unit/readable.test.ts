import { describe, expect, it } from 'vitest';
import type { DrawingNode } from '@/core/drawing/drawing';
import { derivativeAt, pointAt } from '@/core/geometry/cubic';
import { directionOf, type Vec } from '@/core/geometry/vec';
import { handById } from '@/core/hands/registry';
import type { Stroke } from '@/core/pen/stroke';
import type { Typeface } from '@/core/type/face';
import { setLine } from '@/core/type/setLine';
import { writeLine } from '@/core/type/writeLine';
import { renderSvg } from '@/render/svg';
import { DRAWN, usualFace } from '../support/drawnHands';
import { rastered } from '../support/rastered';

/** Hands whose small letters are joined: there an x must hold its own among hairlines. */
const JOINED = DRAWN.filter((hand) => ['pointed', 'brush', 'monoline'].includes(handById(hand).tool));

/** Steps along a cubic at which strokes are compared. */
const STEPS = 60;

/** Angle, in degrees, at which two strokes cross nearest to each other's middle; undefined where they do not meet. */
function crossing(one: Stroke, other: Stroke): number | undefined {
  const along = ({ path }: Stroke) =>
    path.flatMap((cubic) =>
      Array.from({ length: STEPS }, (_, i) => ({
        at: pointAt(cubic, i / STEPS),
        dir: directionOf(derivativeAt(cubic, i / STEPS)),
      })),
    );
  const [a, b] = [along(one), along(other)];
  let [least, angle] = [Number.POSITIVE_INFINITY, 0];
  for (const p of a)
    for (const q of b) {
      const off = Math.hypot(p.at[0] - q.at[0], p.at[1] - q.at[1]);
      if (off < least) [least, angle] = [off, Math.abs(((p.dir - q.dir + 270) % 180) - 90)];
    }
  return least < 0.3 ? angle : undefined;
}

describe.each(JOINED)('%s: x among its neighbours', (hand) => {
  const face = usualFace(hand, true);

  it('has a cross that opens: its strokes cross as strokes of no other letter do', () => {
    const strokes = face.letters.get('x')?.strokes ?? [];
    expect(strokes).toHaveLength(2);
    // A hairline that runs along the slant (13° in an earlier x) reads as a join.
    expect(crossing(strokes[0] as Stroke, strokes[1] as Stroke)).toBeGreaterThan(40);
  });

  it.each(['a', 'n', 'v', 'r', 'u', 'c', 'e'])('is no %s, whatever it joins', (other) => {
    for (const [before, after] of [
      ['e', ''],
      ['a', 'i'],
      ['o', 'e'],
    ] as const)
      expect(
        unlike(face, `${before}x${after}`, `${before}${other}${after}`),
        `${before}x${after}`,
      ).toBeGreaterThan(UNLIKE);
  });
});

/** Least share of their common ink in which two words differ at the letter in question. */
const UNLIKE = 0.5;

/** How unlike two words of the same beginning are: ink of only one of them over ink of either, at the shift that makes them most alike. */
function unlike(face: Typeface, one: string, other: string): number {
  const [a, b] = [inkOf(face, one), inkOf(face, other)];
  let least = 1;
  for (let shift = -SHIFT; shift <= SHIFT; shift++) {
    let [either, both] = [0, 0];
    for (let y = 0; y < TALL; y++)
      for (let x = SHIFT; x < WIDE - SHIFT; x++) {
        const [p, q] = [a[y * WIDE + x], b[y * WIDE + x + shift]];
        if (p || q) either++;
        if (p && q) both++;
      }
    least = Math.min(least, 1 - both / Math.max(1, either));
  }
  return least;
}
const [WIDE, TALL, SHIFT] = [360, 200, 12];
/** Size of a picture in letter units across. */
const ACROSS = 18;

/** The ink of a word that begins after its first letter. */
function inkOf(face: Typeface, word: string): Uint8Array {
  const set = setLine(face, word);
  const first = set.placed.find((item) => item.kind === 'letter' && item.at === 1) ?? set.placed[0];
  const at: Vec = [first?.x ?? 0, 0];
  const nodes: DrawingNode[] = writeLine(face, set, 3 - at[0], 7, 1, '#000000');
  const svg = renderSvg({ width: ACROSS, height: (ACROSS * TALL) / WIDE, title: '', nodes });
  const { pixels } = rastered(svg, WIDE);
  return Uint8Array.from({ length: WIDE * TALL }, (_, i) => ((pixels[4 * i + 3] as number) > 100 ? 1 : 0));
}
