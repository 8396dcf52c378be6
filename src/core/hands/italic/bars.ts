import type { StrokePlan } from '../../pen/stroke';
import { line, type Measures, stroke, to } from '../letter';

/** Off the hand's 45°: the bars of f and t are written at about 25°. */
export const BAR_TURN = -20;
/** The eye of a two-stroke e closes at about 37°. */
export const BASE_TURN = -8;
/** The thin sides of v, w and y: steepened to about 54°, light without becoming a hairline. */
export const THIN_TURN = 9;

/** A bar hanging from the waistline. */
export const barStroke = (m: Measures, from: number, length: number): StrokePlan =>
  stroke(
    'bar',
    [to(from, m.X - m.half(BAR_TURN), 0, { turn: BAR_TURN }), line(from + length, m.X - m.half(BAR_TURN))],
    'Flatten the pen to about 25°: the bar hangs from the waistline, thinner than the stem.',
  );
