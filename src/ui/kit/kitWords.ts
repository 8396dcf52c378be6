import type { Item } from '@/core/kit/item';
import type { Kit } from '@/core/kit/judgeKit';
import type { KitVerdict } from '@/core/kit/match';
import { lookUp } from '@/core/measure/lookUp';
import { capital } from '@/core/measure/words';

export const partsOf = (kit: Kit): Item[] =>
  [kit.tool, kit.holder, kit.ink, kit.paper].filter((one) => one !== undefined);
export const nameOf = (kit: Kit): string =>
  partsOf(kit)
    .map(({ label }) => label)
    .join(', ');

export const VERDICTS: Readonly<Record<KitVerdict, string>> = {
  fits: 'fits',
  workable: 'works',
  unsure: 'cannot be judged yet',
  poor: 'poor',
  incomplete: 'something is missing',
};

/** What each rule looks at, as a scribe would call it. */
const RULE_NAMES: Readonly<Record<string, string>> = {
  family: 'Strokes it makes',
  size: 'Size of the letters',
  learning: 'For learning',
  flexibility: 'Flexibility of the tines',
  wear: 'Wear',
  handedness: 'Writing hand',
  purpose: 'Tool and purpose',
  socket: 'Seat in the holder',
  slant: 'Reaching the slant',
  grip: 'Grip',
  harm: 'Ink in this tool',
  fitting: 'Cartridge',
  load: 'How far a dip goes',
  ease: 'Handling of the ink',
  supply: 'Ink left',
  lasting: 'Light and water',
  surface: 'Surface of the paper',
  drying: 'Drying',
  made: 'What is written on',
  worth: 'Paper and purpose',
  feathering: 'Feathering',
  cover: 'Ink on this colour',
};
export const ruleName = (rule: string): string => lookUp(RULE_NAMES, rule) ?? capital(rule);
