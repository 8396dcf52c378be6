import { line, type Run, type Shapes, stroke, to } from '../../../hand/notation';
import { hair } from '../../../hand/pressed/turns';
import { type CopperplateParts, TOPS, TURN } from '../parts';

/** Where the leg of k stands, as a share of the distance of shades. */
const LEG = 0.9;

/** l b h k f j: loops over or under the body, and the same letters with squared stems. */
export function looped(m: CopperplateParts): Shapes {
  const { B, D, T, d, arch, ascend, closedLoop, descend, highDot, highExit, iDot, lowExit, plainTail, plainTop, spread, squareFoot, turns, underTurn, upToDot } = m;
  const k = LEG * d;
  /** The small bowl of k, closing on the stem, and its leg. */
  const kBowl: Run = [turns.rise(0), to(k - 0.55, T, 0, { press: 0, anchor: 0.5 }), to(k + 0.06, T - 0.72, -90, { press: 0.25 }), to(0.28, 2.6, 190, hair)];
  const kLeg: Run = [
    to(0.28, 2.6, 10, { press: 0, anchor: 1 }),
    to(k - 0.35, 2.72, -6),
    to(k + spread / 2, 1.75, -90, { press: 0.95 }),
    line(k - spread / 2 + 0.08, 1.45, { press: 0.95, anchor: 0, dir: -88 }),
    to(k + TURN.under, B, 0, hair),
    { knots: [], leaves: lowExit(k + TURN.under), shade: k },
  ];
  return {
    l: [stroke('loop', [ascend(0), underTurn(0)], 'Press only when the top has been turned.')],
    'l plain stem': [stroke('stem', [plainTop, underTurn(0)], 'A squared stem in place of the loop.')],
    b: [stroke('loop', [ascend(0), underTurn(0), upToDot(0)]), highDot(0)],
    'b plain stem': [stroke('stem', [plainTop, underTurn(0), upToDot(0)]), highDot(0)],
    h: [stroke('loop', [ascend(0), squareFoot(0)], 'Down to a squared foot.'), stroke('compound curve', arch(0))],
    'h plain stem': [stroke('stem', [plainTop, squareFoot(0)]), stroke('compound curve', arch(0))],
    k: [stroke('loop', [ascend(0), squareFoot(0)]), stroke('bowl', kBowl, 'Small, and high on the stem.'), stroke('leg', kLeg)],
    'k plain stem': [stroke('stem', [plainTop, squareFoot(0)]), stroke('bowl', kBowl), stroke('leg', kLeg)],
    f: [stroke('loops', [ascend(0), closedLoop(0)], 'One stem through all three zones; the lower loop closes on the baseline.')],
    'f plain stem': [stroke('stem', [plainTop, line(-spread / 2, D * TOPS.plain)]), stroke('bar', [to(-0.7, 1.9, 30, hair), to(0.7, 2.9, 30), highExit(0.7, 2.9, 1.1, 30)])],
    j: [stroke('descending loop', descend(0)), iDot],
    'j plain stem': [stroke('stem', plainTail(0)), iDot],
  };
}
