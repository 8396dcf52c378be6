import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { drawingBounds } from '@/core/drawing/bounds';
import type { DrawingNode, GroupNode, PathCommand, PathNode } from '@/core/drawing/drawing';
import { derivativeAt } from '@/core/geometry/cubic';
import { directionOf, distance, mix, subtract, type Vec } from '@/core/geometry/vec';
import { handById } from '@/core/hands/registry';
import { lineLanguage } from '@/core/page/lineLanguage';
import type { Stroke } from '@/core/pen/stroke';
import { bandOf } from '@/core/practice/bands/bandOf';
import { compose } from '@/core/practice/compose';
import { familiesOf } from '@/core/practice/families';
import { groundOf } from '@/core/practice/ground';
import { guide } from '@/core/practice/guided';
import { samplesFor } from '@/core/practice/words/samples';
import type { Figure } from '@/core/writing/figure';
import { letterFigure, textFigure } from '@/core/writing/figure';
import { DRAWN } from '../../support/drawnHands';
import { recipeOn } from '../../support/practice';

/** Letter units are drawn this large, in mm. */
const UNIT = 6;

const strokesOf = (figure: Figure): { stroke: Stroke; x: number; y: number }[] =>
  figure.shapes
    .filter(({ joins }) => !joins)
    // Touches that finish a stroke share its number.
    .flatMap(({ cut, x, y }) =>
      cut.strokes.filter(({ finishes }) => !finishes).map((stroke) => ({ stroke, x, y })),
    );

const isGroup = (node: DrawingNode): node is GroupNode => node.kind === 'group';
const pathsOf = (group: GroupNode): PathNode[] =>
  group.children.filter((node): node is PathNode => node.kind === 'path');

const pointsOf = (commands: readonly PathCommand[]): Vec[] =>
  commands.flatMap((command) => (command[0] === 'Z' ? [] : [[command.at(-2), command.at(-1)] as Vec]));

const middleOf = (node: PathNode): Vec => {
  const { left, right, top, bottom } = drawingBounds({ nodes: [node] }) as NonNullable<
    ReturnType<typeof drawingBounds>
  >;
  return [(left + right) / 2, (top + bottom) / 2];
};

/** Difference of two directions, within half a turn, in degrees. */
const turnBetween = (a: number, b: number) => Math.abs(((a - b + 540) % 360) - 180);

const GREEN = '#2f6f66';

describe.each(DRAWN)('guided cells: %s', (hand) => {
  const recipe = freshRecipe(hand);
  const ground = groundOf(recipe, { size: 1, held: false });
  const { face, pen } = ground;
  const letters = [...(face?.letters.keys() ?? [])];

  const guided = (text: string) => {
    const figure = letterFigure(face as NonNullable<typeof face>, text) as Figure;
    const box = { x: -100, y: -100, width: 200, height: 200 };
    const { over, under } = guide(pen, figure, 'solid', [0, 0], UNIT, box, lineLanguage('faint').guide);
    const groups = over.filter(isGroup).filter(({ role }) => /^guide-\d+$/.test(role));
    const words = over.filter(isGroup).find(({ role }) => role === 'guide-numbers')?.children ?? [];
    return { figure, groups, words, under, strokes: strokesOf(figure) };
  };

  it.each(letters)('%s: every stroke, in order, with direction and angle', (text) => {
    const { groups, words, under, strokes, figure } = guided(text);
    expect(groups.map(({ role }) => role)).toEqual(strokes.map((_, i) => `guide-${i + 1}`));
    const numbers = words.flatMap((node) =>
      node.kind === 'text' && node.style === 'bold' ? [node.text] : [],
    );
    expect(numbers).toEqual(strokes.map((_, i) => String(i + 1)));
    // The ink of each stroke lies under its guides, joins and all.
    expect(under.filter(({ kind }) => kind === 'form').length).toBe(
      figure.shapes.flatMap(({ cut }) => cut.strokes).length,
    );
    for (const [i, { stroke, x, y }] of strokes.entries()) {
      const [way, edges, arrows, dot] = pathsOf(groups[i] as GroupNode);
      const place = ([px, py]: Vec): Vec => [(px + x) * UNIT, -(py + y) * UNIT];
      const [first, last] = [stroke.path[0], stroke.path.at(-1)] as [Stroke['path'][0], Stroke['path'][0]];
      // A pressed pen's middle stands off its path by half its spread at most.
      // That of an edge lifted onto a corner stands off it by as much of the edge as is in the air.
      const lifted = (share: number | undefined) =>
        pen.kind === 'broad' ? ((1 - (share ?? 1)) / 2) * pen.width : 0;
      const spread = pen.kind === 'pointed' ? pen.spread / 2 : lifted(Math.min(...stroke.presses));
      const off = spread * UNIT + 0.05;
      const start = middleOf(dot as PathNode);
      expect(distance(start, place(first[0]))).toBeLessThan(off);
      expect(distance(start, pointsOf((way as PathNode).commands)[0] as Vec)).toBeLessThan(0.01);
      const [tip, one, other] = pointsOf((arrows as PathNode).commands) as [Vec, Vec, Vec];
      expect(distance(tip, place(last[3]))).toBeLessThan(off);
      const points = directionOf(subtract(tip, mix(one, other, 0.5)));
      const goes = directionOf(derivativeAt(last, 1));
      expect(turnBetween(points, -goes)).toBeLessThan(2);
      if (pen.kind === 'broad') {
        const [from, to] = pointsOf((edges as PathNode).commands) as [Vec, Vec];
        const lies = directionOf(subtract(to, from));
        const asked = pen.angle + (stroke.turns[0] ?? 0);
        expect(turnBetween(lies, -asked) % 180).toBeLessThan(0.5);
        expect(distance(from, to)).toBeCloseTo(pen.width * (stroke.nib ?? 1) * UNIT, 3);
        expect(distance(mix(from, to, 0.5), place(first[0]))).toBeLessThan(off);
      }
    }
  });

  if (handById(hand).tool === 'broad') {
    it('says each angle in degrees where it is new', () => {
      const { words, strokes } = guided(samplesFor(handById(hand)).letter);
      const told = words.flatMap((node) =>
        node.kind === 'text' && node.colour === GREEN ? [node.text] : [],
      );
      const angle = (stroke: Stroke) => Math.round(recipe.penAngle + (stroke.turns[0] ?? 0));
      expect(told[0]).toBe(`${angle(strokes[0]?.stroke as Stroke)}°`);
      expect(new Set(told).size).toBe(new Set(strokes.map(({ stroke }) => angle(stroke))).size);
    });

    it('one held angle lays every edge alike', () => {
      const held = groundOf(recipe, { size: 1, held: true });
      const figure = textFigure(
        held.face as NonNullable<typeof face>,
        handById(hand).rightToLeft ? 'ب' : 'f',
      ) as Figure;
      const box = { x: -100, y: -100, width: 200, height: 200 };
      const { over } = guide(held.pen, figure, 'solid', [0, 0], UNIT, box, lineLanguage('faint').guide);
      const angles = over
        .filter(isGroup)
        .filter(({ role }) => /^guide-\d+$/.test(role))
        .map((group) => {
          const [from, to] = pointsOf((pathsOf(group)[1] as PathNode).commands) as [Vec, Vec];
          return Math.round(-directionOf(subtract(to, from)));
        });
      expect(new Set(angles)).toEqual(new Set([recipe.penAngle]));
    });
  }

  it('a band for each family shows every letter of the hand once', () => {
    const large = recipeOn(hand, hand === 'copperplate' ? 1 : 2, { format: 'a3' });
    const families = familiesOf(ground);
    const bands = [...families.keys()].map((family, i) =>
      bandOf(`f${i}`, 'family', family, { trace: 0, fading: 0, free: 0 }),
    );
    const { pages, remarks } = compose(large, { bands });
    expect(remarks).toEqual([]);
    const cells = pages.flatMap(({ laid }) => laid.flatMap((part) => part.cells));
    const shown = cells.filter(({ kind }) => kind === 'guided').map(({ what }) => what);
    expect([...shown].sort()).toEqual([...families.values()].flat().sort());
    expect([...shown].sort()).toEqual([...letters].sort());
  });
});
