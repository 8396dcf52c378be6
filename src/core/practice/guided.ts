import { circle, group, segments, text } from '../drawing/build';
import type { DrawingNode, PathCommand } from '../drawing/drawing';
import { textWidth } from '../drawing/textWidth';
import { add, distance, heading, mix, scale, subtract, type Vec } from '../geometry/vec';
import { type Degrees, type Mm, plain } from '../measure/units';
import type { Box } from '../page/boxes';
import type { LineLanguage } from '../page/lineLanguage';
import { edgeAngle, markCentre, type Pen, penFor, pressedWidth } from '../pen/pen';
import type { Stroke } from '../pen/stroke';
import { numbersOf } from '../pen/taught';
import { type PenPose, trace } from '../pen/trace';
import { formOfStroke } from '../type/writeLine';
import type { Figure } from '../writing/figure';
import { inkNodes, middleOf, triangle } from '../writing/ink';
import type { InkStyle } from '../writing/inkStyle';
import { placeLabels, type Wanted } from './labels';

/** What a guided cell shows, in two layers: ink lies under the ruling, what guides the eye over it. */
export interface Guided {
  readonly under: DrawingNode[];
  readonly over: DrawingNode[];
}

const PATH_LINE: Mm = 0.2;
const EDGE_LINE: Mm = 0.5;
const DOT: Mm = 0.62;
const ARROW = { length: 1.7, half: 0.62 } as const;
/** Minimum length of a stroke that has an arrow along its path as well as at its end. */
const LONG: Mm = 14;
const NUMBER: Mm = 3;
const ANGLE: Mm = 2.1;
/** Reach of lettering above its centre, as a fraction of its size. */
const HALF_HEIGHT = 0.34;
/** Tolerance, in degrees, within which turns and angles count as equal. */
const SAME: Degrees = 1.5;

/** Minimum distance of lettering from the edge of its cell: room for descending figures. */
const LETTERING_ROOM: Mm = 0.8;

const insetBy = ({ x, y, width, height }: Box, by: Mm): Box => ({
  x: x + by,
  y: y + by,
  width: width - 2 * by,
  height: height - 2 * by,
});

/** Room around a guided figure for its numbers. */
export const AROUND: Mm = 4.5;

const drawn = new WeakMap<Figure, Map<string, Guided>>();
/** Cache size per figure: a page has it once or twice, and its place changes rarely. */
const MOST_DRAWN = 6;

/** Cached `newGuide`: an edit leaves most guided cells of a page where they are. */
export function guide(
  pen: Pen,
  figure: Figure,
  ink: InkStyle,
  at: Vec,
  unit: Mm,
  box: Box,
  colours: LineLanguage['guide'],
  numberedBefore = 0,
): Guided {
  const places = drawn.get(figure) ?? new Map<string, Guided>();
  drawn.set(figure, places);
  const key = [ink, ...at, unit, box.x, box.y, box.width, box.height, colours.way, numberedBefore].join();
  const known = places.get(key);
  if (known) return known;
  if (places.size >= MOST_DRAWN) places.delete(places.keys().next().value as string);
  const made = newGuide(pen, figure, ink, at, unit, box, colours, numberedBefore);
  places.set(key, made);
  return made;
}

/** The figure at (x, y), `unit` mm to its unit, with every stroke numbered, dotted, arrowed and its edge laid down. */
function newGuide(
  pen: Pen,
  figure: Figure,
  ink: InkStyle,
  [x, y]: Vec,
  unit: Mm,
  box: Box,
  { way, edge, tones }: LineLanguage['guide'],
  numberedBefore: number,
): Guided {
  let counted = numberedBefore;
  const strokes = figure.shapes.flatMap((shape) => {
    const place = ([px, py]: Vec): Vec => [x + (shape.x + px) * unit, y - (shape.y + py) * unit];
    const numbers = numbersOf(shape.cut.strokes);
    const before = shape.marks ? counted : numberedBefore;
    if (!shape.joins) counted = before + (numbers.at(-1) ?? 0);
    return shape.cut.strokes.map((stroke, i) => {
      const unnumbered = shape.joins || stroke.finishes === true;
      const taught = shape.joins ? 1 : before + (numbers[i] as number);
      return {
        stroke,
        shape,
        tone: tones[(taught - 1) % 2] as string,
        number: unnumbered ? undefined : taught,
        ...guideOf(penFor(pen, stroke), stroke, place, unit, unnumbered),
      };
    });
  });
  const under: DrawingNode[] =
    ink === 'solid'
      ? strokes.map(({ stroke, shape, tone }) => ({
          kind: 'form',
          form: formOfStroke(pen, stroke),
          x: x + shape.x * unit,
          y: y - shape.y * unit,
          scale: unit,
          paint: { fill: tone },
        }))
      : inkNodes(pen, figure, ink, [x, y], unit, tones[1]);

  const numbered = strokes.filter(({ number }) => number !== undefined);
  let last: Degrees | undefined;
  const letterings = numbered.flatMap((one) => {
    const { start, travel, number } = one;
    const wanted = (content: string, size: Mm): Wanted & { content: string; size: Mm; of: number } => ({
      near: start,
      towards: travel + 180,
      width: textWidth(content, size),
      height: size * 2 * HALF_HEIGHT,
      content,
      size,
      of: number as number,
    });
    const angle = one.edges[0]?.angle;
    const tells = angle !== undefined && (last === undefined || Math.abs(angle - last) > SAME);
    last = angle ?? last;
    return [
      wanted(String(number), NUMBER),
      ...(tells ? [wanted(`${plain(angle as number, 0)}°`, ANGLE)] : []),
    ];
  });
  const lines = strokes.flatMap(({ path, edges }) => [
    ...path.slice(1).flatMap((p, i) => between(path[i] as Vec, p)),
    ...edges.flatMap(({ from, to }) => between(from, to)),
  ]);
  const spots = placeLabels(letterings, lines, insetBy(box, LETTERING_ROOM));

  const over = strokes.map(({ number, path, start, arrows, edges }) =>
    group(number === undefined ? 'guide-join' : `guide-${number}`, [
      segments(
        path.slice(1).map((p, i) => [...(path[i] as Vec), ...p] as const),
        { colour: way, width: PATH_LINE, cap: 'round' },
      ),
      segments(
        edges.map(({ from, to }) => [...from, ...to] as const),
        { colour: edge, width: EDGE_LINE, cap: 'round' },
      ),
      { kind: 'path', commands: arrows, fill: way },
      ...(number === undefined
        ? []
        : [{ kind: 'path', commands: circle(...start, DOT), fill: way } as const]),
    ]),
  );
  const words = letterings.map(({ content, size }, i) => {
    const [lx, ly] = spots[i] as Vec;
    const isNumber = size === NUMBER;
    return text(lx, ly + size * HALF_HEIGHT, content, {
      size,
      colour: isNumber ? way : edge,
      anchor: 'middle',
      style: isNumber ? 'bold' : 'regular',
    });
  });
  return { under, over: [...over, group('guide-numbers', words)] };
}

/** Points along a straight line, close enough that no lettering falls between them. */
function between(from: Vec, to: Vec): Vec[] {
  const count = Math.max(1, Math.ceil(distance(from, to)));
  return Array.from({ length: count + 1 }, (_, i) => mix(from, to, i / count));
}

/** Guide lines along one stroke, in page coordinates. */
function guideOf(pen: Pen, stroke: Stroke, place: (p: Vec) => Vec, unit: Mm, joins: boolean) {
  const path = middleOf(pen, stroke).map(place);
  const whole = stroke.lengths.at(-1) as number;
  const at = (share: number) => trace(stroke, 0.1, Math.max(share, 1e-4)).at(-1) as PenPose;
  const arrow = (share: number): PathCommand[] => {
    const pose = at(share);
    const tip = place(markCentre(pen, pose));
    // The page counts y downwards: directions turn over.
    const back = add(tip, scale(heading(-pose.direction), -ARROW.length));
    const side = scale(heading(-pose.direction + 90), ARROW.half);
    return triangle(tip, add(back, side), subtract(back, side));
  };
  return {
    path,
    start: path[0] as Vec,
    travel: -at(0).direction,
    // A join ends at the dot of the next stroke, so its direction is shown at its middle.
    arrows: [...(joins ? [] : arrow(1)), ...(joins || whole * unit > LONG ? arrow(0.5) : [])],
    edges: edgesOf(pen, stroke, place),
  };
}

/**
 * The edge as it touches the paper: where a stroke begins and wherever the pen has been turned to (not on its way there); of a pressed pen its
 * spread where it is pressed most.
 */
function edgesOf(pen: Pen, stroke: Stroke, place: (p: Vec) => Vec) {
  const poses = trace(stroke, Number.POSITIVE_INFINITY);
  if (pen.kind === 'broad') {
    const turned = poses.filter(
      (pose, i) =>
        i === 0 || (!stroke.passing?.[i] && Math.abs(pose.turn - (poses[i - 1] as PenPose).turn) > SAME),
    );
    return (pen.held ? turned.slice(0, 1) : turned).map((pose) => {
      const angle = edgeAngle(pen, pose);
      const half = scale(heading(angle), pen.width / 2);
      return { from: place(subtract(pose.at, half)), to: place(add(pose.at, half)), angle };
    });
  }
  if (pen.kind !== 'pointed') return [];
  const most = poses.reduce((a, b) => (b.press > a.press ? b : a));
  const half: Vec = [pressedWidth(pen, most.press) / 2, 0];
  if (pressedWidth(pen, most.press) <= pen.hairline) return [];
  const centre = markCentre(pen, most);
  return [{ from: place(subtract(centre, half)), to: place(add(centre, half)), angle: undefined }];
}
