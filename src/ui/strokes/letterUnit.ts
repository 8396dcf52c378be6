import { type Mm, plain } from '@/core/measure/units';

/** What letters are counted in: its length on paper, and how it is said. */
export interface LetterUnit {
  readonly mm: Mm;
  readonly said: keyof typeof SAID;
}

/** Nobody measures in fifths of the body: those are said as a share of it. */
const SAID = {
  nib: { name: 'nib widths', times: 1 },
  fifth: { name: 'of the body', times: 1 / 5 },
  dot: { name: 'dots', times: 1 },
} as const;

/** "2.1 nib widths", "0.18 of the body". */
export function inUnit({ said }: Pick<LetterUnit, 'said'>, value: number): string {
  const { name, times } = SAID[said];
  return `${plain(value * times)} ${name}`;
}

/** The same on paper: "5.04 mm". */
export const onPaper = ({ mm }: Pick<LetterUnit, 'mm'>, value: number): string => `${plain(value * mm)} mm`;
