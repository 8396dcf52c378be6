import type { Mm } from '../measure/units';

/**
 * The neutral page. Everything printable in Elvane is a `Drawing`: paths and text in millimetres, origin at the
 * page's top left corner, y downwards. Renderers know formats, the core knows drawings, nobody knows both.
 */
export interface Drawing {
  readonly width: Mm;
  readonly height: Mm;
  readonly title: string;
  readonly nodes: readonly DrawingNode[];
}

export type DrawingNode = PathNode | TextNode | GroupNode | FormNode;

export type PathCommand =
  | readonly ['M', Mm, Mm]
  | readonly ['L', Mm, Mm]
  | readonly ['C', Mm, Mm, Mm, Mm, Mm, Mm]
  | readonly ['Z'];

export interface PathNode {
  readonly kind: 'path';
  readonly commands: readonly PathCommand[];
  /** Hex colour, or undefined for no fill. Fills use the nonzero rule. */
  readonly fill?: string;
  readonly stroke?: LineStyle;
}

export interface LineStyle {
  readonly colour: string;
  readonly width: Mm;
  /** On and off lengths. */
  readonly dash?: readonly Mm[];
  /** Round caps come with round joins. */
  readonly cap?: 'butt' | 'round';
}

export type FontStyle = 'regular' | 'bold';

export interface TextNode {
  readonly kind: 'text';
  /** Left end, centre or right end of the text, as `anchor` says; y is the baseline. */
  readonly x: Mm;
  readonly y: Mm;
  readonly text: string;
  /** Height of the em. */
  readonly size: Mm;
  readonly anchor: 'start' | 'middle' | 'end';
  readonly style: FontStyle;
  readonly colour: string;
}

export interface GroupNode {
  readonly kind: 'group';
  /** What the group is ("baseline", "ladder"): becomes a class in SVG and a handle for tests. */
  readonly role: string;
  readonly children: readonly DrawingNode[];
}

/**
 * A shape drawn many times on a page: files hold it once. Shared by identity: every node that draws the same letter
 * points to the same `Form`.
 */
export interface Form {
  /** In a unit of its own, y downwards like the page. */
  readonly commands: readonly PathCommand[];
  /** Forms it is made of, in order, where those stand on pages by themselves too: a file may refer to them. */
  readonly parts?: readonly Form[];
}

/** A form, its origin at (x, y) and its unit `scale` mm long, filled or stroked. Fills use the nonzero rule. */
export interface FormNode {
  readonly kind: 'form';
  readonly form: Form;
  readonly x: Mm;
  readonly y: Mm;
  readonly scale: Mm;
  readonly paint: FormPaint;
}

/** Line widths and dashes are mm on the page, whatever the form's scale. */
export type FormPaint = { readonly fill: string } | { readonly stroke: LineStyle };
