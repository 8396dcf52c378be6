import { drawingBounds } from '@/core/drawing/bounds';
import type { Drawing, DrawingNode } from '@/core/drawing/drawing';

/** Roles whose words are listed. */
const READ = new Set(['header', 'headings', 'page']);

const tenths = (value: number): string => (Math.round(value * 10) / 10 + 0).toFixed(1);

/**
 * A drawing as lines that can be read beside its picture: the page, then each role with its number of nodes and the box they lie in (left,
 * top – right, bottom, in tenths of a mm), then the words that head it with the place of each.
 */
export function outlined({ width, height, nodes }: Drawing): string[] {
  const byRole = new Map<string, DrawingNode[]>();
  const collect = (list: readonly DrawingNode[], role: string) => {
    for (const node of list) {
      if (node.kind === 'group') collect(node.children, node.role);
      else byRole.set(role, [...(byRole.get(role) ?? []), node]);
    }
  };
  collect(nodes, 'page');
  return [
    `${width} × ${height}`,
    ...[...byRole].flatMap(([role, all]) => {
      const box = drawingBounds({ nodes: all });
      const lies = box
        ? `${tenths(box.left)}, ${tenths(box.top)} – ${tenths(box.right)}, ${tenths(box.bottom)}`
        : 'no ink';
      const words = READ.has(role) ? all.flatMap((node) => (node.kind === 'text' ? [node] : [])) : [];
      return [
        `  ${role} ${all.length}: ${lies}`,
        ...words.map(({ text, x, y }) => `    ${tenths(x)}, ${tenths(y)} ${text}`),
      ];
    }),
  ];
}
