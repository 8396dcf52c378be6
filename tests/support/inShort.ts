import type { Drawing, DrawingNode } from '@/core/drawing/drawing';
import { digest } from './digest';

/** A drawing in a line: how many nodes of each role, and a digest of all their numbers. */
export function inShort({ width, height, nodes }: Drawing): string {
  const counts = new Map<string, number>();
  const count = (list: readonly DrawingNode[], role: string) => {
    for (const node of list) {
      if (node.kind === 'group') count(node.children, node.role);
      else counts.set(role, (counts.get(role) ?? 0) + 1);
    }
  };
  count(nodes, 'page');
  const roles = [...counts].map(([role, number]) => `${role} ${number}`).join(', ');
  return `${width} × ${height}: ${digest(nodes)}  ${roles}`;
}
