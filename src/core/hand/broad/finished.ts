import type { Degrees, NibWidths } from '../../measure/units';
import type { Measures } from '../letter';
import { type Drawn, line, type Run, stroke, to } from '../notation';
import type { CapitalTurns, Serif } from './capitalTurns';
import { footCusp, headCusp } from './cusps';
import { hookIn, hookOut } from './round';

/** Finish of a stroke end: a whole serif, one side of it where an arm or bowl takes the other, none, or a bar over it. */
export type Ending = 'serif' | 'left' | 'right' | 'cut' | 'bar';

/** An end of a straight stroke: where the pen's middle is, how it leans (to the right, per unit up), and its turn. */
export interface At {
  readonly x: NibWidths;
  readonly lean?: number;
  readonly by?: Degrees;
  readonly ending?: Ending;
}

/** An end as written: in the stroke itself, and with the touches that finish it. */
export interface Finish {
  readonly run: Run;
  readonly touches: readonly Drawn[];
}

/** Teaching remark on a straight stroke with cusps: which ends have one, and which corners are added by a touch. */
function cuspedRemark(above: Ending, below: Ending): string | undefined {
  const [head, foot] = [above === 'serif' || above === 'left', below === 'serif' || below === 'right'];
  const way = head ? `Flat for a head, turned up into the stroke${foot ? ', and flat again for a foot' : ''}` : foot ? 'Straight down, and flat for a foot' : undefined;
  const touched = ['serif', 'right'].includes(above) || ['serif', 'left'].includes(below);
  return way && `${way}${touched ? '; the other corners afterwards' : ''}.`;
}
/** Fixed part of a cusp's size; the rest grows with the height. Second value: the height for which the sizes were drawn. */
const CUSP = 0.45;
const DRAWN_AT: NibWidths = 8;
/** Distance from a bar at which a stem that begins or ends in it has its own pen angle. */
const BAR: NibWidths = 0.9;

/** Straight strokes between the baseline and a height H, their heads and feet finished as the hand finishes them. */
export function finished(m: Measures, H: NibWidths, turn: CapitalTurns, serif: Serif) {
  const top = (by: Degrees = 0) => H - m.half(by);
  const base = (by: Degrees = 0) => m.half(by);
  const size = CUSP + ((1 - CUSP) * H) / DRAWN_AT;
  const cusped = serif === 'cusped';
  const touch = (name: string, run: Run): Drawn => stroke(name, run, undefined, { finishes: true });

  const head = ({ x, lean = 0, by = 0, ending = 'serif' }: At): Finish => {
    const bare = to(x, top(by), lean === 0 ? -90 : undefined, { turn: by });
    if (ending === 'bar') return { run: [to(x, top(turn.bar), -90, { turn: turn.bar }), line(x, top() - BAR, { turn: 0 })], touches: [] };
    if (!cusped) return { run: serif === 'hooked' && ending === 'serif' && by === 0 && lean === 0 ? hookIn(m, x, top()) : bare, touches: [] };
    const end = { x, line: H, lean, held: m.angle + by, angle: m.angle, size };
    return {
      run: ending === 'serif' || ending === 'left' ? headCusp(end, 'left') : bare,
      touches: ending === 'serif' || ending === 'right' ? [touch('right of the head', headCusp(end, 'right'))] : [],
    };
  };

  const foot = ({ x, lean = 0, by = 0, ending = 'serif' }: At): Finish => {
    const bare = line(x, base(by));
    if (ending === 'bar') return { run: [line(x, base() + BAR), line(x, base(turn.bar), { turn: turn.bar })], touches: [] };
    if (!cusped) return { run: serif === 'hooked' && ending === 'serif' && by === 0 && lean === 0 ? hookOut(m, x, base()) : bare, touches: [] };
    const end = { x, line: 0, lean, held: m.angle + by, angle: m.angle, size };
    const [first, ...rest] = footCusp(end, 'right');
    return {
      run: (ending === 'serif' || ending === 'right') && first ? [{ ...first, line: true }, rest] : bare,
      touches: ending === 'serif' || ending === 'left' ? [touch('left of the foot', footCusp(end, 'left'))] : [],
    };
  };

  /** A straight stroke from a place under the height to one over the baseline, held at one turn. */
  const straight = (name: string, from: NibWidths, until: NibWidths, by: Degrees, above: Ending, below: Ending, remark?: string): Drawn[] => {
    const lean = (from - until) / (top(by) - base(by));
    const [begin, end] = [head({ x: from, lean, by, ending: above }), foot({ x: until, lean, by, ending: below })];
    return [stroke(name, [begin.run, end.run], remark ?? (cusped ? cuspedRemark(above, below) : undefined)), ...begin.touches, ...end.touches];
  };

  /** A stem at x. */
  const upright = (x: NibWidths, name = 'stem', { above = 'serif', below = 'serif', remark }: { above?: Ending; below?: Ending; remark?: string } = {}): Drawn[] =>
    straight(name, x, x, 0, above, below, remark);

  return { head, foot, straight, upright };
}
