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
}

/** The name and the number of a printed page. */
export const printName = ({
  title,
  page,
  of,
  print,
}: Pick<PrintShown, 'title' | 'page' | 'of' | 'print'>): string =>
  `${title || 'Practice page'}${of > 1 ? `, page ${page} of ${of}` : ''} (${print})`;
