import type { Drawing, DrawingNode, Form } from '@/core/drawing/drawing';
import { pathData } from '@/render/pathData';

/**
 * A drawing as inline SVG elements: what the page shows is the same list of nodes that PDF and PNG draw. Text goes in
 * as text, never as markup. Without a label it is decoration, hidden from readers.
 */
export function DrawingView({
  drawing,
  className,
  label,
}: {
  drawing: Drawing;
  className?: string;
  label?: string;
}) {
  return (
    // biome-ignore lint/a11y/noSvgWithoutTitle: named by its label, or hidden as decoration
    <svg
      viewBox={`0 0 ${drawing.width} ${drawing.height}`}
      className={className}
      fill="none"
      fontFamily="'Alegreya Sans', sans-serif"
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
    >
      <Nodes nodes={drawing.nodes} />
    </svg>
  );
}

/** Nodes of a drawing never move among their siblings; a whole new drawing replaces them, so places are keys. */
const Nodes = ({ nodes }: { nodes: readonly DrawingNode[] }) =>
  // biome-ignore lint/suspicious/noArrayIndexKey: see above
  nodes.map((node, place) => <Node key={place} node={node} />);

function Node({ node }: { node: DrawingNode }) {
  switch (node.kind) {
    case 'group':
      return (
        <g data-role={node.role}>
          <Nodes nodes={node.children} />
        </g>
      );
    case 'path':
      return (
        <path
          d={pathData(node.commands)}
          fill={node.fill}
          stroke={node.stroke?.colour}
          strokeWidth={node.stroke?.width}
          strokeDasharray={node.stroke?.dash?.join(' ')}
          strokeLinecap={node.stroke?.cap}
        />
      );
    case 'form':
      return (
        <path
          d={dataOf(node.form)}
          transform={`translate(${node.x} ${node.y}) scale(${node.scale})`}
          {...('fill' in node.paint
            ? { fill: node.paint.fill }
            : {
                stroke: node.paint.stroke.colour,
                strokeWidth: node.paint.stroke.width / node.scale,
                strokeDasharray: node.paint.stroke.dash?.map((length) => length / node.scale).join(' '),
                strokeLinecap: node.paint.stroke.cap,
              })}
        />
      );
    case 'text':
      return (
        <text
          x={node.x}
          y={node.y}
          fontSize={node.size}
          textAnchor={node.anchor}
          fontWeight={node.style === 'bold' ? 700 : undefined}
          fill={node.colour}
        >
          {node.text}
        </text>
      );
  }
}

const formData = new WeakMap<Form, string>();

/** Path data of a form; the same letter is drawn many times. */
function dataOf(form: Form): string {
  let known = formData.get(form);
  if (known === undefined) {
    known = pathData(form.commands);
    formData.set(form, known);
  }
  return known;
}
