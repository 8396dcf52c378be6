import { plain } from '@/core/measure/units';
import type { Band, How, ModelTint } from '@/core/practice/band';
import { kindOf } from '@/core/practice/bands/registry';
import type { InkStyle } from '@/core/writing/inkStyle';

export const INK_NAMES: Readonly<Record<InkStyle, string>> = {
  solid: 'written whole',
  outline: 'outlines, for two bound pencils',
  doubled: 'doubled monoline',
  skeleton: 'skeleton, for pencil',
};

export const TINT_NAMES: Readonly<Record<ModelTint, string>> = {
  pale: 'pale, to write over',
  middle: 'middle grey',
  full: 'full ink',
};

/** What a band practises, as its heading says it. */
export const whatOf = ({ what: { kind, of } }: Band): string => kindOf(kind).inWords(of);

/** How it is practised, in a few words. */
export function howOf({ what: { kind }, how }: Band): string {
  const { guided, trace, fading, free, repeat, lines, fill, size, held, ink } = how;
  const parts: (string | false)[] =
    kindOf(kind).cells === false
      ? [fill ? 'to the foot of the page' : `${lines} ${lines === 1 ? 'line' : 'lines'}`]
      : [
          guided && 'guided',
          trace > 0 && `${trace} to trace`,
          fading > 0 && `${fading} fading`,
          free > 0 && `${free} free`,
          repeat && `${lines} ${lines === 1 ? 'line' : 'lines'}`,
        ];
  return [
    ...parts,
    size !== 1 && `${plain(size)} × the size`,
    held && 'one held angle',
    ink !== 'solid' && (ink === 'outline' ? 'outlines' : INK_NAMES[ink]),
  ]
    .filter(Boolean)
    .join(', ');
}

export type HowChange = Partial<How>;
