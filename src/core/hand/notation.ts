import type { Degrees, NibWidths } from '../measure/units';
import type { Knot, StrokePlan } from '../pen/stroke';
import type { Turn } from './hand';
import { type Context, type Letter, type Measures, type Port, USUAL } from './letter';

/**
 * How letters are written down. A letter is a list of strokes, a stroke a run of knots and parts, a part a run of
 * knots that hands share and that knows where joins meet and leave it and where its shade stands. Parts are bound to a
 * hand's measures once (`italicParts(m)`), so that a letter reads as it is taught:
 *
 *     n: [stem(entry(0), foot(0)), stroke('arch', [arch(0), exit(d)], 'Go back up inside the stem …')]
 */
export interface Part {
  readonly knots: readonly Knot[];
  readonly meets?: Port;
  readonly leaves?: Port;
  /** Middle of a full shade. */
  readonly shade?: NibWidths;
}

/** An element of a stroke. */
export type Run = Knot | Part | readonly Run[];

/** A knot: place and direction of travel. */
export const to = (x: number, y: number, dir?: Degrees, more: Partial<Knot> = {}): Knot => ({
  x,
  y,
  dir,
  ...more,
});

/** A knot reached by a straight line. */
export const line = (x: number, y: number, more: Partial<Knot> = {}): Knot => ({ x, y, line: true, ...more });

/** A run of knots as a part. */
export const part = (knots: readonly Knot[], more: Omit<Part, 'knots'> = {}): Part => ({ knots, ...more });

/** Where joins meet or leave a letter, or its shade stands, written among the knots. */
export const meets = (port: Port): Part => ({ knots: [], meets: port });
export const leaves = (port: Port): Part => ({ knots: [], leaves: port });
export const shadeAt = (x: NibWidths): Part => ({ knots: [], shade: x });

/** A stroke put together, with what its parts know. */
export interface Drawn extends StrokePlan {
  readonly parts: readonly Part[];
}

const isPart = (run: Knot | Part): run is Part => 'knots' in run;

const flat = (run: Run): readonly (Knot | Part)[] => ('length' in run ? run.flatMap(flat) : [run]);

/** A stroke: knots and parts in the order of writing, and what a teacher says of it. */
export function stroke(
  name: string,
  run: Run,
  remark?: string,
  more: Pick<StrokePlan, 'nib' | 'finishes'> = {},
): Drawn {
  const items = flat(run);
  const knots = items.flatMap((item) => (isPart(item) ? item.knots : [item]));
  return { name, remark, knots, parts: items.filter(isPart), ...more };
}

/** A shape with what its strokes alone do not say. */
export interface Shape {
  readonly strokes: readonly Drawn[];
  readonly context?: Context;
  readonly byItself?: boolean;
}

/** A shape for its place: offered there, or (`byItself`) taken there by the text of itself. */
export const only = (context: Context, strokes: readonly Drawn[]): Shape => ({ strokes, context });
export const byItself = (context: Context, strokes: readonly Drawn[]): Shape => ({
  strokes,
  context,
  byItself: true,
});

/** Shapes by name: a letter by its text, its variants by text and name, such as `'g closed tail'`. */
export type Shapes = Readonly<Record<string, readonly Drawn[] | Shape>>;

/** The strokes of a shape, in order. */
export const strokesOf = (shape: readonly Drawn[] | Shape): readonly Drawn[] =>
  'strokes' in shape ? shape.strokes : shape;

/** A stroke without what its parts know: what is stored, written and shown. */
export const planOf = ({ parts: _, ...plan }: Drawn): StrokePlan => plan;

/** The letters of one family, their ports and shades taken from the parts they are made of. */
export const family = (name: string, shapes: Shapes): Letter[] =>
  Object.entries(shapes).map(([key, value]): Letter => {
    const shape: Partial<Shape> = 'strokes' in value ? value : {};
    const strokes = strokesOf(value);
    const space = key.indexOf(' ');
    const parts = strokes.flatMap((drawn) => drawn.parts);
    const shades = parts.flatMap(({ shade }) => (shade === undefined ? [] : [shade]));
    const [first, last] = [shades[0], shades.at(-1)];
    const entry = parts.find((part) => part.meets)?.meets;
    const exit = parts.findLast((part) => part.leaves)?.leaves;
    return {
      text: space < 0 ? key : key.slice(0, space),
      variant: space < 0 ? USUAL : key.slice(space + 1),
      family: name,
      strokes: strokes.map(planOf),
      ...(shape.context && { context: shape.context }),
      ...(shape.byItself && { byItself: true }),
      ...(entry && { entry }),
      ...(exit && { exit }),
      ...(first !== undefined && last !== undefined && { shades: [first, last] as const }),
    };
  });

/** A hand's turns as letters need them: off the angle the pen is held at, by name. */
export const turnsOff = <Name extends string>(
  turns: Readonly<Record<Name, Turn>>,
  { angle }: Pick<Measures, 'angle'>,
): Readonly<Record<Name, Degrees>> => {
  const off = (name: Name): [Name, Degrees] => [name, turns[name].angle - angle];
  return Object.fromEntries((Object.keys(turns) as Name[]).map(off)) as Record<Name, Degrees>;
};
