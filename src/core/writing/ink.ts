import { circle, polygon } from '../drawing/build';
import type { DrawingNode, Form, FormPaint, PathCommand } from '../drawing/drawing';
import type { Vec } from '../geometry/vec';
import { clamp, cosDeg, type Mm, type NibWidths } from '../measure/units';
import { lastFor } from '../memo/memo';
import { markCentre, type Pen, type PenOfPoints } from '../pen/pen';
import type { Stroke } from '../pen/stroke';
import { trace } from '../pen/trace';
import { tracks } from '../pen/tracks';
import type { Cut } from '../type/cut';
import { dotChains, OFF, rhombi } from '../type/dotChains';
import { formOf } from '../type/writeLine';
import type { Figure } from './figure';
import type { InkStyle } from './inkStyle';

/** Forms of a model: fully written, with its dot measure, and its fading stages. */
export type Model = InkStyle | 'measured' | 'contour' | 'key points';

/** Fading stages of a model, from most to least; a model that starts with less fades from there. */
const FADES: Readonly<Record<InkStyle, readonly Model[]>> = {
  solid: ['contour', 'skeleton', 'key points'],
  outline: ['skeleton', 'key points'],
  doubled: ['skeleton', 'key points'],
  skeleton: ['key points'],
};

/** The models of `count` fading cells, evenly from the first to the last; a single one stands in the middle. */
export function fadesOf(count: number, ink: InkStyle = 'solid'): Model[] {
  const fades = FADES[ink];
  return Array.from({ length: count }, (_, i) => {
    const share = count === 1 ? 0.5 : i / (count - 1);
    return fades[Math.round(share * (fades.length - 1))] as Model;
  });
}

/** The steps a model is traced in: doubled writing is a first line, a second beside its downstrokes, and the filling. */
export function stagesOf(pen: Pen, ink: InkStyle): readonly Model[] {
  if (pen.kind !== 'doubled' || ink !== 'solid') return [ink];
  return pen.filled ? ['skeleton', 'doubled', 'solid'] : ['skeleton', 'solid'];
}

/** Lines of contours and skeletons: wide enough for a desktop printer, finer where the writing is small. */
const lineFor = (unit: Mm): Mm => clamp(0.08 * unit, 0.1, 0.22);
const PAPER = '#ffffff';
/** Radius of a key point; a start is half as large again. */
const keyPointFor = (unit: Mm): Mm => clamp(0.19 * unit, 0.24, 0.5);
const START = 1.5;

/** Gap of the second contour in doubled writing: the weight of the stem it stands for, under 45° as under a shade. */
function doubleGap(pen: Pen): NibWidths {
  if (pen.kind === 'doubled') return pen.gap;
  if (pen.kind === 'broad') return pen.width * cosDeg(pen.angle);
  return pen.kind === 'pointed' ? pen.spread : 1;
}

/** Reach of dot chains beyond the ink: their white and half a dot. */
const CHAINS: NibWidths = OFF + 0.5;

/** How far the marks of a model reach beyond the ink of the pen itself: on any side, and besides to the right. */
export const reachBeyond = (
  model: Model,
  pen: Pen,
  unit: Mm,
): { readonly around: Mm; readonly right: NibWidths } => ({
  around:
    model === 'key points' ? keyPointFor(unit) * START : model === 'measured' ? CHAINS * unit : lineFor(unit),
  right: model === 'doubled' && pen.kind !== 'doubled' ? doubleGap(pen) : 0,
});

/** Lines that stand for a cut, as forms, made once for the pen that draws them. */
const remembered = (make: (pen: Pen, cut: Cut) => Vec[][]) =>
  lastFor(
    (pen: Pen, cut: Cut): Form => ({
      commands: make(pen, cut).flatMap((chain) =>
        chain.map(([x, y], i): PathCommand => [i === 0 ? 'M' : 'L', x, -y]),
      ),
    }),
  );

const linesOf = (pen: PenOfPoints, cut: Cut): Vec[][] => cut.strokes.flatMap((stroke) => tracks(pen, stroke));

/** Step along the path of a pressed pen, in letter units. */
const PATH_STEP = 0.2;

/** The path of the pen's middle along a stroke. */
export const middleOf = (pen: Pen, stroke: Stroke): Vec[] =>
  trace(stroke, PATH_STEP, 1, 0.004).map((pose) => markCentre(pen, pose));

const skeleton = remembered((pen, cut) => cut.strokes.map((stroke) => middleOf(pen, stroke)));
const outline = remembered((pen, cut) =>
  pen.kind === 'broad'
    ? linesOf({ kind: 'two-point', width: pen.width, line: 0, angle: pen.angle, held: pen.held }, cut)
    : [],
);
const doubled = remembered((pen, cut) =>
  linesOf({ kind: 'doubled', line: 0, gap: doubleGap(pen), filled: false }, cut),
);

/** A figure written at (x, y) on the page, its unit `unit` mm long, in one colour. */
export function inkNodes(
  pen: Pen,
  figure: Figure,
  model: Model,
  [x, y]: Vec,
  unit: Mm,
  colour: string,
  /** Of the chains of dots of a measured model. */
  chain = colour,
): DrawingNode[] {
  const each = (form: (pen: Pen, cut: Cut) => Form, paint: FormPaint): DrawingNode[] =>
    figure.shapes.map((shape) => ({
      kind: 'form',
      form: form(pen, shape.cut),
      x: x + shape.x * unit,
      y: y - shape.y * unit,
      scale: unit,
      paint,
    }));
  const width = lineFor(unit);
  const thin = { colour, width, cap: 'round' } as const;
  switch (model) {
    case 'solid':
      // A hairline in a pale tint would not print: its path is drawn with it.
      return pen.kind === 'pointed'
        ? [...each(formOf, { fill: colour }), ...each(skeleton, { stroke: thin })]
        : each(formOf, { fill: colour });
    case 'measured':
      return [chainsOf(figure, [x, y], unit, chain), ...each(formOf, { fill: colour })];
    case 'contour':
      return contour();
    case 'outline':
      // Two points draw the edge's two ends; a pointed pen has no edge, so its outline stands in.
      return pen.kind === 'broad' ? each(outline, { stroke: thin }) : contour();
    case 'doubled':
      return each(doubled, { stroke: thin });
    case 'skeleton':
      return each(skeleton, { stroke: thin });
    case 'key points':
      return keyPoints(pen, figure, [x, y], unit, colour);
  }

  /** All of it outlined, then its inside taken out: lies under the ruling, so that no line is lost. */
  function contour() {
    return [...each(formOf, { stroke: { ...thin, width: 2 * width } }), ...each(formOf, { fill: PAPER })];
  }
}

/** The chains of dots a letter is measured by, on the page: they are written first, and the letter between them. */
export const chainsOf = ({ reach }: Figure, [x, y]: Vec, unit: Mm, colour: string): DrawingNode => ({
  kind: 'path',
  commands: dotChains(reach)
    .flatMap(rhombi)
    .flatMap((dot) => polygon(dot.map(([px, py]): Vec => [x + px * unit, y - py * unit]))),
  fill: colour,
});

/** Where strokes start, pass and end: a dot where the pen is set down, smaller ones on the way. */
function keyPoints(pen: Pen, figure: Figure, [x, y]: Vec, unit: Mm, colour: string): DrawingNode[] {
  const commands = figure.shapes
    .filter(({ joins }) => !joins)
    .flatMap((shape) =>
      shape.cut.strokes.flatMap((stroke) =>
        knotsOf(pen, stroke).flatMap(([px, py], i) =>
          circle(
            x + (shape.x + px) * unit,
            y - (shape.y + py) * unit,
            keyPointFor(unit) * (i === 0 ? START : 1),
          ),
        ),
      ),
    );
  return [{ kind: 'path', commands, fill: colour }];
}

/** Minimum distance along the path between knots that are marked. */
const APART: NibWidths = 0.9;

function knotsOf(pen: Pen, stroke: Stroke): Vec[] {
  const poses = trace(stroke, Number.POSITIVE_INFINITY);
  const end = (stroke.lengths.at(-1) as number) - APART;
  let last = Number.NEGATIVE_INFINITY;
  const kept = poses.filter(({ travelled }, i) => {
    const keep = i === 0 || i === poses.length - 1 || (travelled - last >= APART && travelled <= end);
    if (keep) last = travelled;
    return keep;
  });
  return kept.map((pose) => markCentre(pen, pose));
}

/** The outline of a triangle, for arrows. */
export const triangle = (a: Vec, b: Vec, c: Vec): PathCommand[] => polygon([a, b, c]);
