import fc from 'fast-check';
import { freshRecipe } from '@/core/document/defaults';
import type { Recipe } from '@/core/document/recipe';
import { type Bounds, drawingBounds } from '@/core/drawing/bounds';
import type { DrawingNode, PathCommand } from '@/core/drawing/drawing';
import { pointAt } from '@/core/geometry/cubic';
import type { Vec } from '@/core/geometry/vec';
import { type Band, MODEL_TINTS } from '@/core/practice/band';
import { bandOf } from '@/core/practice/bands/bandOf';
import { bandKindIds } from '@/core/practice/bands/registry';
import type { Composed } from '@/core/practice/compose';
import { DRILLS } from '@/core/practice/drills';
import { PICTURES } from '@/core/practice/pictures';
import { handOf } from '@/core/setting/handOf';
import { pin, settle } from '@/core/sheet/solve';
import { INKS } from '@/core/writing/inkStyle';

/** A short list of common words, for tests that need real ones. */
export const WORDS =
  'the and you that was for are with his they this have from one had word but not what all were when your can said there use each which she how their will other about out many then them these some her would make like him into time has look two more write see number way could people than first water been call who oil its now find long down day did get come made may part over new sound take only little work know place year live back give most very after thing our just name good sentence man think say great where help through much before line right too mean old any same tell boy follow came want show also around form three small set put end does another well large must big even such because turn here why ask went men read need land different home move try kind hand picture again change off play spell air away animal house point page letter mother answer found study still learn should world high every near add food between own below country plant last school father keep tree never start city earth eye light thought head under story saw left few while along might close something seem next hard open example begin life always those both paper together got group often run important until children side feet car mile night walk white sea began grow took river four carry state once book hear stop without second later miss idea enough eat face watch far really almost let above girl sometimes mountain cut young talk soon list song being leave family moon dome mist dusk gaze quiz jump vex waltz box'.split(
    ' ',
  );

const TEXTS = ['n', 'Wm', 'no', 'moon', 'Quiet aurora over Merrowdown', 'łöß', 'л', 'i l t', ''] as const;

/** Any band a page recipe may hold, of any hand; some of them cannot be written by some hands. */
export const anyBand: fc.Arbitrary<Band> = fc
  .record({
    kind: fc.constantFrom(...bandKindIds()),
    drill: fc.constantFrom(...DRILLS.map(({ id }) => id)),
    picture: fc.constantFrom(...PICTURES.map(({ id }) => id)),
    family: fc.constantFrom('branching', 'oval', 'loop', 'wide', 'none such'),
    text: fc.constantFrom(...TEXTS),
    how: fc.record({
      guided: fc.boolean(),
      trace: fc.nat(4),
      fading: fc.nat(4),
      free: fc.nat(4),
      repeat: fc.boolean(),
      lines: fc.integer({ min: 1, max: 3 }),
      fill: fc.boolean(),
      snug: fc.boolean(),
      size: fc.constantFrom(0.5, 1, 1.5, 2),
      held: fc.boolean(),
      ink: fc.constantFrom(...INKS),
      tint: fc.constantFrom(...MODEL_TINTS),
    }),
  })
  .map(({ kind, drill, picture, family, text, how }) => {
    const of = { drill, picture, family, ruling: '' }[kind as string] ?? text;
    return bandOf('b', kind, of, how);
  });

/** Bands of a page, each with an id of its own. */
export const anyBands = (maxLength: number): fc.Arbitrary<Band[]> =>
  fc
    .array(anyBand, { minLength: 1, maxLength })
    .map((bands) => bands.map((band, i) => ({ ...band, id: `b${i + 1}` })));

/** A hand's own recipe with a nib of so many mm (of hands in mm: a body six times as tall), on a paper. */
export function recipeOn(
  hand: Recipe['hand'],
  nib: number,
  paper: Partial<Recipe['paper']>,
  school?: string,
): Recipe {
  const fresh = freshRecipe(hand, school);
  const byNib = ['nib', 'dots'].includes(handOf(fresh).basis);
  const pinned = byNib ? pin(fresh, 'width', nib) : pin(fresh, 'bodyMm', nib * 6);
  return settle({ ...pinned, paper: { ...pinned.paper, ...paper } });
}

/** Half the line of a frame, which is drawn along the box of its cell. */
const FRAME = 0.08;

/** Steps along a curve whose extremes are looked for. */
const STEPS = 24;

/** The nodes with every curve as a chain of points on it: their bounds are those of the ink, not of its controls. */
const flattened = (nodes: readonly DrawingNode[]): DrawingNode[] =>
  nodes.map((node) => {
    if (node.kind === 'group') return { ...node, children: flattened(node.children) };
    if (node.kind === 'path') return { ...node, commands: chained(node.commands) };
    if (node.kind === 'form') return { ...node, form: { commands: chained(node.form.commands) } };
    return node;
  });

function chained(commands: readonly PathCommand[]): PathCommand[] {
  let at: Vec = [0, 0];
  return commands.flatMap((command): PathCommand[] => {
    if (command[0] === 'Z') return [command];
    const [, ...numbers] = command;
    const end: Vec = [numbers.at(-2) as number, numbers.at(-1) as number];
    const from = at;
    at = end;
    if (command[0] !== 'C') return [command];
    const [, a, b, c, d] = command;
    return Array.from({ length: STEPS }, (_, i) => [
      'L',
      ...pointAt([from, [a, b], [c, d], end], (i + 1) / STEPS),
    ]);
  });
}

const beyond = (a: Bounds, b: Bounds) =>
  Math.max(b.left - a.left, a.right - b.right, b.top - a.top, a.bottom - b.bottom);

/** What is wrong with a composed page: cells that overlap, or ink outside its cell or the page; in words. */
export function misplaced({ pages, boxes: { block } }: Composed): string[] {
  const dust = 1e-6;
  const inside = (a: Bounds, b: Bounds, by = dust) =>
    a.left >= b.left - by && a.right <= b.right + by && a.top >= b.top - by && a.bottom <= b.bottom + by;
  const boundsOf = ({ x, y, width, height }: { x: number; y: number; width: number; height: number }) => ({
    left: x,
    top: y,
    right: x + width,
    bottom: y + height,
  });
  const apart = (a: Bounds, b: Bounds) =>
    a.right <= b.left + dust ||
    b.right <= a.left + dust ||
    a.bottom <= b.top + dust ||
    b.bottom <= a.top + dust;
  return pages.flatMap(({ laid }, number) => {
    const cells = laid.flatMap((piece) => piece.cells).map((cell) => ({ ...cell, at: boundsOf(cell.box) }));
    const name = (cell: (typeof cells)[number]) => `${cell.kind} “${cell.what}” on page ${number + 1}`;
    return [
      ...cells.flatMap((cell, i) =>
        cells
          .slice(i + 1)
          .filter((other) => !apart(cell.at, other.at))
          .map((other) => `${name(cell)} overlaps ${name(other)}`),
      ),
      ...cells
        .filter((cell) => !inside(cell.at, boundsOf(block)))
        .map((cell) => `${name(cell)} leaves the block`),
      ...cells.flatMap((cell) => {
        const nodes = [...cell.under(), ...cell.over()];
        // The controls of a curve bound it: only where they leave the cell is the curve itself asked.
        const controls = drawingBounds({ nodes });
        if (!controls || inside(controls, cell.at, FRAME)) return [];
        const drawn = drawingBounds({ nodes: flattened(nodes) });
        return drawn && !inside(drawn, cell.at, FRAME)
          ? [`${name(cell)}: ink leaves the cell by ${beyond(drawn, cell.at).toFixed(2)} mm`]
          : [];
      }),
      ...laid
        .flatMap(({ rows }) => rows)
        .filter(
          ({ x, width, line }) =>
            !inside(boundsOf({ x, y: line.top, width, height: line.bottom - line.top }), boundsOf(block)),
        )
        .map(() => `a row leaves the block on page ${number + 1}`),
    ];
  });
}
