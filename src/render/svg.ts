import type { Drawing, DrawingNode, Form, LineStyle } from '@/core/drawing/drawing';
import { lookUp } from '@/core/measure/lookUp';
import { number, pathData, SMALL_INK_EDGE } from './pathData';

const ENTITIES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};
/** Characters XML 1.0 does not allow at all. */
// biome-ignore lint/suspicious/noControlCharactersInRegex: these are exactly the characters to drop
const FORBIDDEN = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]/g;

const escaped = (text: string): string =>
  text.replace(FORBIDDEN, '').replace(/[&<>"']/g, (character) => lookUp(ENTITIES, character) as string);

/** The face a sheet is lettered in; the file names it and falls back to any sans-serif. */
export const SHEET_FONT = 'Alegreya Sans';

/** A drawing as a free-standing SVG file, one user unit a millimetre; as a small picture its ink keeps its hairlines. */
export function renderSvg(drawing: Drawing, { small = false }: { readonly small?: boolean } = {}): string {
  const size = `width="${number(drawing.width)}mm" height="${number(drawing.height)}mm"`;
  const box = `viewBox="0 0 ${number(drawing.width)} ${number(drawing.height)}"`;
  const forms = formIds(drawing.nodes);
  const shapes = [...forms].map(([form, id]) => `<path id="${id}" d="${pathData(form.commands)}"/>`);
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" ${size} ${box} font-family="'${SHEET_FONT}', sans-serif" fill="none">`,
    `<title>${escaped(drawing.title)}</title>`,
    ...(shapes.length > 0 ? ['<defs>', ...shapes, '</defs>'] : []),
    ...drawing.nodes.map((node) => element(node, forms, small)),
    '</svg>\n',
  ].join('\n');
}

type Forms = ReadonlyMap<Form, string>;

/** A name for every form the drawing uses; shapes stand once in the file and are used by name. */
function formIds(nodes: readonly DrawingNode[]): Forms {
  const ids = new Map<Form, string>();
  const visit = (node: DrawingNode): void => {
    if (node.kind === 'group') node.children.forEach(visit);
    else if (node.kind === 'form' && !ids.has(node.form)) ids.set(node.form, `f${ids.size + 1}`);
  };
  nodes.forEach(visit);
  return ids;
}

function element(node: DrawingNode, forms: Forms, small: boolean): string {
  switch (node.kind) {
    case 'group':
      return `<g class="${escaped(node.role)}">\n${node.children.map((child) => element(child, forms, small)).join('\n')}\n</g>`;
    case 'path':
      return `<path d="${pathData(node.commands)}"${paint(node)}/>`;
    case 'form': {
      const { form, x, y, scale, paint: colours } = node;
      const place = `translate(${number(x)} ${number(y)}) scale(${number(scale)})`;
      return `<use href="#${forms.get(form)}" transform="${place}"${'fill' in colours ? `${paint(colours)}${small ? edge(colours.fill) : ''}` : paint({ stroke: inUnits(colours.stroke, scale) })}/>`;
    }
    case 'text': {
      const anchor = node.anchor === 'start' ? '' : ` text-anchor="${node.anchor}"`;
      const weight = node.style === 'bold' ? ' font-weight="700"' : '';
      return `<text x="${number(node.x)}" y="${number(node.y)}" font-size="${number(node.size)}"${anchor}${weight} fill="${node.colour}">${escaped(node.text)}</text>`;
    }
  }
}

const edge = (colour: string): string =>
  ` stroke="${colour}" stroke-width="${SMALL_INK_EDGE}" vector-effect="non-scaling-stroke"`;

/** A line given in mm, in the unit of a form. */
const inUnits = ({ width, dash, ...stroke }: LineStyle, scale: number): LineStyle => ({
  ...stroke,
  width: width / scale,
  ...(dash && { dash: dash.map((length) => length / scale) }),
});

function paint({ fill, stroke }: { fill?: string; stroke?: LineStyle }): string {
  const parts: string[] = [];
  if (fill) parts.push(` fill="${fill}"`);
  if (stroke) {
    parts.push(` stroke="${stroke.colour}" stroke-width="${number(stroke.width)}"`);
    if (stroke.dash) parts.push(` stroke-dasharray="${stroke.dash.map(number).join(' ')}"`);
    if (stroke.cap === 'round') parts.push(' stroke-linecap="round" stroke-linejoin="round"');
  }
  return parts.join('');
}
