import type { NibWidths } from '../../measure/units';
import type { Measures } from '../letter';
import { type Drawn, stroke, to } from '../notation';

/** The round & of a hand of the edge; h is its height, ink to ink; k widens it. */
export const ampersand = ({ B }: Pick<Measures, 'B'>, h: NibWidths, k = 1): readonly Drawn[] => [
  stroke('cross', [to(1.15 * k, h - B, 180), to(0.35 * k, h - 1.35, -86), to(1.4 * k, 0.5 * h, -50), to(4.0 * k, B + 0.02, -28)], 'The long diagonal first.'),
  stroke('bowls', [to(1.1 * k, h - B, 0), to(1.9 * k, h - 1.1, -90), to(0.95 * k, 0.55 * h, 214), to(-0.15 * k, 0.25 * h, -90), to(1.35 * k, B, 2), to(3.45 * k, 0.46 * h, 64)]),
];
