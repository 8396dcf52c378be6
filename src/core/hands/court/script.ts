import { marks } from '../../hand/broad/marks';
import type { Letter, Mark, Measures } from '../../hand/letter';
import { family, planOf, type Shapes } from '../../hand/notation';
import type { Script } from '../../hand/script';
import { lookUp } from '../../measure/lookUp';
import { FIGURES } from './figures';
import { courtLetters } from './letters';
import { strokesFrom } from './notation';
import { figures } from './numbers';

/** Punctuation is drawn for a body of five of its units: in dots it is smaller. */
const SMALL = 0.6;

/** Punctuation of the hand: the marks of the edge, the comma and the question turned to the right. */
function courtMarks(m: Measures): Shapes {
  const all = marks({ ...m, X: m.X / SMALL, A: m.A / SMALL, C: m.A / SMALL }, { dash: 0, bracket: 0 });
  const scaled = Object.entries(all).map(([text, shape]) => {
    const strokes = 'strokes' in shape ? shape.strokes : shape;
    return [text, strokes.map((one) => ({ ...one, knots: one.knots.map((knot) => ({ ...knot, x: knot.x * SMALL, y: knot.y * SMALL })) }))] as const;
  });
  const plain = Object.fromEntries(scaled);
  const turned = (text: string) =>
    (lookUp(plain, text) ?? []).map((one) => ({ ...one, knots: one.knots.map((knot) => ({ ...knot, x: -knot.x, ...(knot.dir !== undefined && { dir: 180 - knot.dir }) })) }));
  return {
    '.': plain['.'] ?? [],
    ':': plain[':'] ?? [],
    '!': plain['!'] ?? [],
    '(': plain['('] ?? [],
    ')': plain[')'] ?? [],
    '-': plain['-'] ?? [],
    '،': turned(','),
    '؛': turned(';'),
    '؟': turned('?'),
  };
}

const letters = (m: Measures): Letter[] => [...courtLetters(), ...family('figures', figures), ...family('marks', courtMarks(m))];

/** Hamza over and under its seat, madda: small, with the third pen. */
function courtAccents(): Mark[] {
  const hamza = strokesFrom(FIGURES.hamza.isolated.strokes).map((one) => planOf({ ...one, knots: one.knots.map((knot) => ({ ...knot, x: knot.x + 0.3, y: knot.y - 0.4 })) }));
  const hanging = hamza.map((one) => ({ ...one, knots: one.knots.map((knot) => ({ ...knot, y: knot.y - 1.25 })) }));
  const madda = strokesFrom('⅓ .9,.1,150 | .3,.5,190 | -.3,.25,170 | -.9,.45,140').map(planOf);
  return [
    { mark: '\u0654', seat: 'over', strokes: hamza },
    { mark: '\u0655', seat: 'under', strokes: hanging },
    { mark: '\u0653', seat: 'over', strokes: madda },
  ];
}

export const script: Script = {
  letters,
  marks: courtAccents,
  spacing: { white: 0.4, capitalWhite: 0.4, depth: 1.2, leastGap: 0.3, clear: 0.3, wordSpace: 0.6 },
  kerning: [],
  // Letters join at their ports; their ways out and in are strokes of their own.
  join: () => undefined,
  // They are told from their dotted fellows by themselves, small (common teaching; teachers differ in which they sign).
  ornament: { signs: ['ح', 'س', 'ص', 'ط', 'ع'] },
  byPorts: { groupGap: 0.5, wordGap: 1.8, overlap: 2.2, wordOverlap: 0.2 },
};
