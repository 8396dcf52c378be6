import { type Mm, plain } from '@/core/measure/units';
import { amount } from '@/core/measure/words';

/** What letters are counted in: its length on paper, and how it is said. */
export interface LetterUnit {
  readonly mm: Mm;
  readonly said: keyof typeof SAID;
}

/** Nobody measures in fifths of the body: those are said as a share of it. */
const SAID = {
  nib: { one: 'nib width', many: 'nib widths', times: 1 },
  fifth: { one: 'of the body', many: 'of the body', times: 1 / 5 },
  dot: { one: 'dot', many: 'dots', times: 1 },
} as const;

/** "2.1 nib widths", "0.18 of the body". */
export function inUnit({ said }: Pick<LetterUnit, 'said'>, value: number): string {
  const { one, many, times } = SAID[said];
  return amount(value * times, one, 2, many);
}

/** The same on paper: "5.04 mm". */
export const onPaper = ({ mm }: Pick<LetterUnit, 'mm'>, value: number): string => `${plain(value * mm)} mm`;
