import { circle, group, text } from '../drawing/build';
import type { Drawing, DrawingNode } from '../drawing/drawing';
import { PALEST, paler } from '../drawing/paler';
import { SMALL } from '../page/lettering';
import { lineLanguage } from '../page/lineLanguage';
import { formOfStroke } from '../type/writeLine';
import { borderNodes } from './border';
import { strokesOf } from './inkArea';
import type { Laid } from './layout';
import type { PenWork } from './written';

/** Fraction of a load that is left when a pressed point opens rails, and the thickness of such strokes as a multiple of the hairline. */
const RAILS = 0.08;
const SHADE = 3;
/** Radius of the dot that says "dip here", and how far it stands over the line, in bodies. */
const DOT = 0.9;
const OVER = 0.25;

/**
 * The piece as its dips will write it: every stroke as pale as the ink left for it, a numbered dot where the pen is dipped,
 * and a ring where rails would open.
 */
export function drawDips(laid: Laid, works: readonly PenWork[]): Drawing {
  const { page, piece } = laid;
  const { way } = lineLanguage('faint').guide;
  const nodes: DrawingNode[] = [group('border', borderNodes(piece, page))];
  let count = 0;
  for (const { strokes, dips } of works) {
    const dipped = new Set(dips?.dips ?? []);
    const marks: DrawingNode[] = [];
    const ink: DrawingNode[] = [];
    for (const [i, { line, item, stroke: number }] of strokes.entries()) {
      const { pen, baseline, block } = line;
      const stroke = item.cut.strokes[number];
      if (!stroke) continue;
      const before = i === 0 || dipped.has(i) ? 1 : (dips?.left[i - 1] ?? 1);
      const after = dips?.left[i] ?? 1;
      const [x, y] = [line.x + item.x * pen.unit, baseline - item.y * pen.unit];
      ink.push({
        kind: 'form',
        form: formOfStroke(pen.face.pen, stroke),
        x,
        y,
        scale: pen.unit,
        paint: { fill: paler(block.colour, dips ? PALEST * (1 - (before + after) / 2) : 0) },
      });
      const [sx, sy] = stroke.path[0]?.[0] ?? [0, 0];
      const [px, py] = [x + sx * pen.unit, y - sy * pen.unit];
      if (dipped.has(i)) {
        count += 1;
        const top = py - OVER * pen.body;
        marks.push({ kind: 'path', commands: circle(px, top, DOT), fill: way });
        marks.push(text(px + DOT * 1.4, top + SMALL * 0.35, String(count), { size: SMALL, colour: way }));
      }
      const { thickest } = strokesOf(pen.face.pen, item.cut)[number] ?? { thickest: 0 };
      const isShade = pen.face.pen.kind === 'pointed' && thickest > SHADE * pen.face.pen.hairline;
      if (dips && isShade && after < RAILS)
        marks.push({
          kind: 'path',
          commands: circle(px, py, 2.4 * DOT),
          stroke: { colour: way, width: 0.25 },
        });
    }
    nodes.push(group('dipped', ink), group('dips', marks));
  }
  return { ...page, title: piece.title || 'Piece', nodes };
}
