import type { ReviewFigure } from '@/core/review/review';

/** A page that was printed with marks. */
export interface PrintShown {
  readonly print: string;
  readonly page: number;
  readonly of: number;
  readonly title: string;
  readonly at: string;
  readonly reviewed: boolean;
}

/** A reviewed page in the list. */
export interface ReviewShown {
  readonly id: string;
  readonly at: string;
  readonly title: string;
  readonly hand: string;
  readonly picture: string;
  readonly page: number;
  readonly figures: readonly ReviewFigure[];
  readonly nib: number;
  readonly remark: string;
  readonly faults: number;
  /** Of the page's paper, in mm. */
  readonly width: number;
  readonly height: number;
  /** The first letters, or words, of each row of single ones, in tenths of a mm. */
  readonly letters: readonly {
    readonly text: string;
    readonly boxes: readonly (readonly [number, number, number, number])[];
  }[];
}

/** Room for a title in a list, in characters, and the number of characters of the print's id that distinguish two of one title. */
const TITLE = 22;
const TAIL = 4;

/** A printed page in a list: its title, its number, the end of its print's id. */
export const printName = ({
  title,
  page,
  of,
  print,
}: Pick<PrintShown, 'title' | 'page' | 'of' | 'print'>): string =>
  [
    title.length > TITLE ? `${title.slice(0, TITLE).trim()}…` : title || 'Practice page',
    ...(of > 1 ? [`${page} of ${of}`] : []),
    print.slice(-TAIL),
  ].join(' · ');

/** What tells printed pages apart. */
export const printKey = ({ print, page }: Pick<PrintShown, 'print' | 'page'>): string => `${print}-${page}`;
