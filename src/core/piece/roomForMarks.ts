import { crosses, meets } from '../drawing/crossing';
import { plain } from '../measure/units';
import { CODE_FOOT, CODE_ROOM, LEAST_MARKED, MARKED_EDGE, markRooms } from '../page/marks';
import { drawPiece } from './drawPiece';
import type { Laid } from './layout';

/** Why a guide has no room for review marks, in a sentence that says what would give it; undefined where it has. */
export function noRoomForMarks(laid: Laid): string | undefined {
  const { page, lines, postage } = laid;
  if (Math.min(page.width, page.height) < LEAST_MARKED) {
    return `Review marks need a paper of ${LEAST_MARKED} mm at least either way; this one is ${plain(Math.min(page.width, page.height), 0)}.`;
  }
  const rooms = markRooms(page);
  const boxes = rooms.map(({ x, y, width, height }) => ({
    left: x,
    top: y,
    right: x + width,
    bottom: y + height,
  }));
  if (postage && boxes.some((box) => meets(box, postage)))
    return 'Review marks would stand in the corner for postage.';
  const touching = drawPiece(laid, 'guide').nodes.find((node) => crosses(node, rooms));
  const role = touching?.kind === 'group' ? touching.role : undefined;
  if (role === 'border' || role === 'scatter') {
    return `The ${role === 'border' ? 'border' : 'motifs'} would run through the review marks, which take the outer ${plain(MARKED_EDGE, 0)} mm and the upper right corner.`;
  }
  if (touching || lines.some(({ ink }) => rooms.some((room) => meets(ink, room)))) {
    return `The lines reach to where review marks stand: margins of ${plain(MARKED_EDGE, 0)} mm all round, and above ${plain(Math.ceil(CODE_FOOT), 0)} mm (or at the right ${plain(Math.ceil(CODE_ROOM), 0)}), leave room.`;
  }
  return undefined;
}
