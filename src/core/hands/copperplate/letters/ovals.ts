import { byItself, leaves, meets, type Shapes, shadeAt, stroke, to } from '../../../hand/notation';
import { dot } from '../../../hand/pressed/dots';
import { alongOval, onOval } from '../../../hand/pressed/ovals';
import { hair } from '../../../hand/pressed/turns';
import { AFTER_HIGH, type CopperplateParts, TOPS } from '../parts';

/** Into the eye of e. */
const EYE = { kind: 'eye', x: 0.1, y: 1.75, dir: 30 };
/** The same where the join comes down from the waistline. */
const HIGH_EYE = { kind: 'high eye', x: 0.35, y: 3.0, dir: 16 };

/** The eye of e stands beside its shade: the next letter keeps its distance from both, in fifths of the body. */
const BESIDE_EYE = 0.32;

/** o a d g q c e: the oval, and what stands beside it. */
export function ovals(m: CopperplateParts): Shapes {
  const { above, ascend, bodyOval, closedLoop, descend, highExit, lowExit, oval, ovalEntry, plainTail, s, squareTop, under, underTurn } = m;
  const [ring, c, e] = [bodyOval(), bodyOval(1.3), bodyOval(1.2)];
  // Down along its own side, so that the join grows out of the oval.
  const leave = onOval(ring, 318, 'none', true);
  const head = onOval(c, -38);
  return {
    o: [
      stroke(
        'oval',
        [ovalEntry, shadeAt(0), alongOval(ring, 0, 360), highExit(leave.x, leave.y, ring.cx + ring.reach, leave.dir)],
        'One closed stroke, shaded on the left; it leaves near its top.',
      ),
    ],
    a: [oval, stroke('stem', under(s), 'Touches the oval all along its side.')],
    d: [oval, stroke('stem', under(s, above(TOPS.d)), 'Two thirds up the ascender.')],
    'd looped': [oval, stroke('looped stem', [ascend(s), underTurn(s)], 'An ascending loop in place of the squared stem.')],
    g: [oval, stroke('descending loop', descend(s))],
    'g plain stem': [oval, stroke('stem', plainTail(s))],
    q: [oval, stroke('stem and return', [squareTop(s), closedLoop(s)], 'The loop of f: it turns to the right and closes on the baseline.')],
    'q plain stem': [oval, stroke('stem', plainTail(s))],
    c: [
      stroke('back', [ovalEntry, shadeAt(0), alongOval(c, -38, 180), leaves(lowExit(onOval(c, 180).x))], 'From a dot at the head, over, and down.'),
      dot(m, head.x - 0.13, head.y - 0.1),
    ],
    e: [
      stroke(
        'eye and back',
        [meets(EYE), shadeAt(0), shadeAt(BESIDE_EYE), to(EYE.x, EYE.y, EYE.dir, hair), alongOval(e, -45, 180), leaves(lowExit(onOval(e, 180).x))],
        'The eye rises on the hairline and turns over; it stays open.',
      ),
    ],
    'e from above': byItself(AFTER_HIGH, [
      stroke(
        'eye and back',
        [meets(HIGH_EYE), shadeAt(0), shadeAt(BESIDE_EYE), to(HIGH_EYE.x, HIGH_EYE.y, HIGH_EYE.dir, hair), alongOval(e, -62, 180), leaves(lowExit(onOval(e, 180).x))],
        'After o, b, v and w the join comes from above: the eye begins higher.',
      ),
    ]),
  };
}
