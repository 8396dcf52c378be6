import type { Item } from './item';
import type { Kit } from './judgeKit';
import { isDipped } from './rules/traits';

/** Ink used in a minute of steady writing, in ml: a dip of about 0.05 ml a minute and a half (estimate, to be corrected by eye). */
const DIPPED_ML = 0.03;
const FILLED_ML = 0.01;

/** Change of a thing's fact by some minutes of writing; negative where it is used up. */
export interface Used {
  readonly item: Item;
  readonly fact: 'hours' | 'millilitres';
  readonly by: number;
}

/** What some minutes of writing do to a kit: hours grow, ink goes. Minutes below 0 give both back. */
export function usedBy({ tool, ink }: Pick<Kit, 'tool' | 'ink'>, minutes: number): Used[] {
  const used: Used[] = [{ item: tool, fact: 'hours', by: minutes / 60 }];
  if (ink && ink.millilitres !== null) {
    const rate = isDipped(tool.kind) ? DIPPED_ML * Math.max(0.5, tool.width ?? 1) : FILLED_ML;
    used.push({ item: ink, fact: 'millilitres', by: -rate * minutes });
  }
  return used;
}
