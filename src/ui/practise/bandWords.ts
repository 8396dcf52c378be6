import { plain } from '@/core/measure/units';
import type { Band, How, ModelTint, WhatKind } from '@/core/practice/band';
import { drillById } from '@/core/practice/drills';
import { pictureById } from '@/core/practice/pictures';
import type { InkStyle } from '@/core/writing/inkStyle';

/** What each kind of band is called, in the order they are offered. */
export const KIND_NAMES: Readonly<Record<WhatKind, string>> = {
  drill: 'Stroke drill',
  letter: 'Letter',
  letters: 'Letters',
  family: 'Family',
  shapes: 'Shapes of a letter',
  pair: 'Pair or join',
  doubled: 'Doubled letter',
  word: 'Word',
  line: 'Line of text',
  picture: 'Picture',
  ruling: 'Empty ruling',
};

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
export function whatOf({ what: { kind, of } }: Band): string {
  switch (kind) {
    case 'drill':
      return drillById(of)?.name ?? of;
    case 'picture':
      return pictureById(of)?.name ?? of;
    case 'ruling':
      return KIND_NAMES.ruling;
    case 'doubled':
      return `${of}${of} doubled`;
    default:
      return `${KIND_NAMES[kind]} ${of || '…'}`;
  }
}

/** How it is practised, in a few words. */
export function howOf({ what: { kind }, how }: Band): string {
  const { guided, trace, fading, free, repeat, lines, fill, size, held, ink } = how;
  const parts: (string | false)[] =
    kind === 'ruling'
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

/** Which of the settings mean anything for a kind of band. */
export const usesCells = (kind: WhatKind): boolean => kind !== 'ruling';
export const usesRows = (kind: WhatKind): boolean => kind !== 'picture';

export type HowChange = Partial<How>;
