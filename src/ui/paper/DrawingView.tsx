import { memo } from 'react';
import type { Drawing, DrawingNode, Form } from '@/core/drawing/drawing';
import { lookUp } from '@/core/measure/lookUp';
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

/** Nodes of a drawing never move among their siblings, so indices serve as keys. */
const Nodes = ({ nodes }: { nodes: readonly DrawingNode[] }) =>
  // biome-ignore lint/suspicious/noArrayIndexKey: see above
  nodes.map((node, place) => <Node key={place} node={node} />);

/** Memoised by deep equality: an edit changes few nodes, and equal groups are skipped as a whole. */
const Node = memo(NodeView, (before, now) => alike(before.node, now.node));

/** Deep equality of plain data without cycles; shared parts compare by identity first. */
function alike(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a)) {
    return Array.isArray(b) && a.length === b.length && a.every((item, i) => alike(item, b[i]));
  }
  const [one, other] = [a as Record<string, unknown>, b as Record<string, unknown>];
  const keys = Object.keys(one);
  return (
    keys.length === Object.keys(other).length &&
    keys.every((key) => alike(lookUp(one, key), lookUp(other, key)))
  );
}

function NodeView({ node }: { node: DrawingNode }) {
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
          strokeLinejoin={node.stroke?.cap === 'round' ? 'round' : undefined}
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
                strokeLinejoin: node.paint.stroke.cap === 'round' ? 'round' : undefined,
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
