import type { Item } from './item';
import type { Kit } from './match';
import { isDipped } from './rules';

/** Ink used in a minute of steady writing, in ml: a dip of about 0.05 ml a minute and a half (estimate, to be corrected by eye). */
const DIPPED_ML = 0.03;
const FILLED_ML = 0.01;

/** What a kit's things have become after some minutes of writing: hours grow, ink goes. Minutes below 0 give both back. */
export function afterWriting({ tool, ink }: Pick<Kit, 'tool' | 'ink'>, minutes: number): Item[] {
  const used: Item[] = [{ ...tool, hours: Math.max(0, Math.round((tool.hours + minutes / 60) * 100) / 100) }];
  if (ink && ink.millilitres !== null) {
    const rate = isDipped(tool.kind) ? DIPPED_ML * Math.max(0.5, tool.width ?? 1) : FILLED_ML;
    const left = Math.max(0, ink.millilitres - rate * minutes);
    used.push({ ...ink, millilitres: Math.round(left * 100) / 100 });
  }
  return used;
}
