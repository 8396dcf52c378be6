import { line, only, type Run, type Shapes, stroke, to } from '../../../hand/notation';
import type { ItalicParts } from '../parts';
import { THROWN } from '../turns';

const FLOURISH = 'For the first line of a piece, where the ascender has room.';

/** n m h r b p k: each arch leaves its stem a third of the way up. */
export function branching({ A, B, D, T, X, d, turn, along, arch, branch, closing, entry, exit, flourishedHead, foot, kick, leftAt, stem, thrown }: ItalicParts): Shapes {
  const ear: Run = [branch(0), along];
  const kExit = (x: number) => leftAt(x + 0.9, B + 0.42);
  return {
    n: [stem([entry(0), foot(0)]), stroke('arch', [arch(0), exit(d)], 'Go back up inside the stem, branch a third of the way up, and spring over.')],
    m: [stem([entry(0), foot(0)]), stroke('first arch', [arch(0), foot(d)]), stroke('second arch', [arch(d), exit(2 * d)], 'Both arches alike.')],
    'n thrown out': only('line-end', [stem([entry(0), foot(0)]), stroke('arch', [arch(0), thrown(d)], THROWN)]),
    'm thrown out': only('line-end', [stem([entry(0), foot(0)]), stroke('first arch', [arch(0), foot(d)]), stroke('second arch', [arch(d), thrown(2 * d)], THROWN)]),
    h: [stem([entry(0, A), foot(0)]), stroke('arch', [arch(0), exit(d)], 'The arch of n.')],
    'h thrown out': only('line-end', [stem([entry(0, A), foot(0)]), stroke('arch', [arch(0), thrown(d)], THROWN)]),
    'h flourished': [stem([flourishedHead(0), foot(0)], FLOURISH), stroke('arch', [arch(0), exit(d)])],
    r: [stem([entry(0), foot(0)]), stroke('ear', [ear, to(1.28, T, 8), to(1.78, T - 0.2, -34)], 'An arch that stops at its top: short, or it takes the room of the next letter.')],
    'r long-eared': only('word-end', [
      stem([entry(0), foot(0)]),
      stroke('ear', [ear, to(1.2, T, 6), to(2.1, T - 0.12, -4, { turn: turn.ear }), to(3.1, T + 0.62, 52)], 'At the end of a word the ear may run on and up.'),
    ]),
    b: [stem([entry(0, A), foot(0)], 'Down to the corner.'), stroke('bowl', closing(0), 'The a-shape turned on its head: branch, over, and close along the baseline.')],
    'b flourished': [stem([flourishedHead(0), foot(0)], FLOURISH), stroke('bowl', closing(0))],
    p: [stem([entry(0), line(0, D)], 'Through the baseline to the descender line.'), stroke('bowl', closing(0.15), 'As in b.')],
    k: [
      stem([entry(0, A), foot(0)]),
      stroke('bowl', [branch(0, 0.6, 60), to(0.62 * d, T, 6), to(0.95 * d, T - 0.74, -90), to(0.3, 0.465 * X, 188, { turn: turn.bar })], 'A small closed bowl, high on the stem.'),
      stroke('leg', [to(0.46, 0.5 * X, -54), kick(1.06 * d), kExit(1.06 * d)], 'From under the bowl, out to the right.'),
    ],
    'k straight': [
      stem([entry(0, A), foot(0)]),
      stroke('arm', [to(0.98 * d, T - 0.06, undefined, { turn: turn.bar }), line(0.26, 0.5 * X)], 'Flatter pen, or it vanishes.'),
      stroke('leg', [to(0.42, 0.6 * X, -54), kick(0.96 * d), kExit(0.96 * d)]),
    ],
  };
}
