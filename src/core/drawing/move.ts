import type { Mm } from '../measure/units';
import type { Drawing, DrawingNode, PathCommand } from './drawing';

const ANCHORS = { start: 'end', middle: 'middle', end: 'start' } as const;

/** Every place of a path through a map; the order of its commands stays. */
function mapped(commands: readonly PathCommand[], x: (x: Mm) => Mm, y: (y: Mm) => Mm): PathCommand[] {
  return commands.map((command): PathCommand => {
    switch (command[0]) {
      case 'Z':
        return command;
      case 'C':
        return [
          'C',
          x(command[1]),
          y(command[2]),
          x(command[3]),
          y(command[4]),
          x(command[5]),
          y(command[6]),
        ];
      default:
        return [command[0], x(command[1]), y(command[2])];
    }
  });
}

/** A node moved on the page. Forms stay the forms they are: a file still holds each once. */
export function movedBy(node: DrawingNode, dx: Mm, dy: Mm): DrawingNode {
  switch (node.kind) {
    case 'group':
      return { ...node, children: node.children.map((child) => movedBy(child, dx, dy)) };
    case 'path':
      return {
        ...node,
        commands: mapped(
          node.commands,
          (x) => x + dx,
          (y) => y + dy,
        ),
      };
    default:
      return { ...node, x: node.x + dx, y: node.y + dy };
  }
}

/** A drawing as it is seen from behind, for tracing through: lettering keeps its place and stays readable. */
export function mirrored(drawing: Drawing): Drawing {
  const flip = (x: Mm) => drawing.width - x;
  const node = (one: DrawingNode): DrawingNode => {
    switch (one.kind) {
      case 'group':
        return { ...one, children: one.children.map(node) };
      case 'path':
        return { ...one, commands: mapped(one.commands, flip, (y) => y) };
      case 'text':
        return { ...one, x: flip(one.x), anchor: ANCHORS[one.anchor] };
      case 'form': {
        const commands = mapped(
          one.form.commands,
          (x) => flip(one.x + x * one.scale),
          (y) => one.y + y * one.scale,
        );
        return { kind: 'path', commands, ...one.paint };
      }
    }
  };
  return { ...drawing, nodes: drawing.nodes.map(node) };
}
