import { asUsual } from './inks/asUsual';
import { inkOf } from './inks/registry';
import type { Kit } from './judgeKit';
import { toolOf } from './kinds/registry';
import type { Need } from './need';
import { isDipped, takesFilling, takesHolder, vesselOf } from './rules/traits';

/** Something that lies within reach while a kit is written with, and what for. */
export interface LaidOut {
  readonly what: string;
  readonly why: string;
}

/** What lies on the desk besides the kit itself, made from its facts (common teaching): everything that is fetched with inky fingers otherwise. */
export function besideKit(
  { side, purpose }: Pick<Need, 'side' | 'purpose'>,
  { tool, ink, paper }: Kit,
): LaidOut[] {
  const laid: LaidOut[] = [];
  const add = (when: boolean, what: string, why: string) => when && laid.push({ what, why });
  const kind = toolOf(tool.kind);
  const inkKind = inkOf(ink?.inkKind);
  const vessel = vesselOf(tool.kind);
  const dipped = isDipped(tool.kind);
  const wet = kind?.supply !== 'none';

  add(dipped, 'two pots of water', 'one to rinse in, one that stays clean');
  add(takesFilling(tool.kind), 'a pot of water', 'to start a dry feed and to flush it');
  add(wet, 'a rag that leaves no lint', 'to wipe the pen');
  add(
    inkKind?.mixed === true && dipped,
    'a small pot and a stirrer',
    'the ink is mixed, and stirred at every dip',
  );
  add(
    inkKind?.mixed !== true && (inkKind?.wantsGum === true || vessel === 'leaves'),
    'a small pot',
    'nothing is thinned or bound in the stock bottle',
  );
  add(vessel === 'leaves' || takesFilling(tool.kind), 'a dropper or an old brush', 'to fill it');
  add(inkKind?.sets === true, 'dish soap', 'this ink must be off the tool before it dries');
  add(takesHolder(tool.kind) || vessel === 'cane', 'a closed box', 'for sharp points and blades');
  add(vessel === 'cane', 'a sharp knife and a cut-proof board', 'to trim the edge; adults only');
  add(wet, 'scrap of the same paper', 'every dip and every new stroke is tried there');
  add(wet && purpose !== 'drills', 'blotting paper', 'its corner takes up a drop');
  add(
    side === 'left' || paper?.surface === 'very smooth',
    'a guard sheet',
    'the hand lies on it, not on wet ink',
  );
  add(paper?.tone === 'dark', 'a white pencil', 'for lines that show on dark paper');
  add(
    purpose === 'finished piece' || purpose === 'envelope',
    'a ruler, an HB pencil and a kneaded eraser',
    'lines are ruled lightly, and lifted when the ink is dry through',
  );
  add(
    ink !== undefined && asUsual(ink).waterproof === true && dipped,
    'something that holds the bottle',
    'what is waterproof stays where it is spilt',
  );
  return laid;
}
