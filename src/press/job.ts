import type { Habits } from '@/core/camera/habits';
import type { Shot } from '@/core/camera/photograph';
import type { Handout } from '@/core/classroom/pages';
import type { Student } from '@/core/classroom/student';
import type { PenOptions } from '@/core/compare/pens';
import type { KeptPage } from '@/core/document/keptPage';
import type { Recipe } from '@/core/document/recipe';
import type { Item } from '@/core/kit/item';
import type { Nib } from '@/core/kit/nib';
import type { OnSheet } from '@/core/page/imposition';
import type { PageCode } from '@/core/page/pageCode';
import type { Print } from '@/core/piece/drawPiece';
import type { Own } from '@/core/piece/pen';
import type { Piece } from '@/core/piece/piece';
import type { Course, CourseOptions } from '@/core/practice/course/course';
import type { WordList } from '@/core/practice/words/wordList';
import type { MarkedPage } from '@/core/register/markedPage';
import type { SampleAsked } from '@/core/review/sampleAsked';
import type { OwnLetter } from '@/core/setting/letterSet';
import type { PdfOptions } from '@/render/pdf';

/** How a file is written. */
export interface FileAs {
  readonly format: 'pdf' | 'svg' | 'png' | 'json';
  /** Dots per inch of a raster picture. */
  readonly dpi: number;
  readonly pdf: PdfOptions;
  /** Of an SVG: it is shown small, so hairlines keep a width that shows. */
  readonly small?: boolean;
}

/** A ruled sheet with the words of its exemplar, or these words without the sheet. */
export interface SheetJob {
  readonly kind: 'sheet';
  readonly recipe: Recipe;
  readonly own: readonly OwnLetter[];
  readonly alone: boolean;
  readonly on: OnSheet;
  readonly as: FileAs;
  /** What its copies are kept under, where they are. */
  readonly id?: string;
}

/** A practice page; SVG and PNG are one of its sheets, counted from 1. */
export interface PracticeJob {
  readonly kind: 'practice';
  readonly recipe: Recipe;
  readonly own: readonly OwnLetter[];
  readonly page: number;
  readonly on: OnSheet;
  readonly as: FileAs;
  /** What its pages are kept under, where they are. */
  readonly id?: string;
}

/** A pack, planned or still to be planned. */
export interface CourseJob {
  readonly kind: 'course';
  readonly recipe: Recipe;
  readonly course: CourseOptions | Course;
  readonly own: readonly OwnLetter[];
  readonly words: WordList;
  readonly title: string;
  readonly pdf: PdfOptions;
  readonly id?: string;
}

/** How a piece is put on paper. */
export interface OnPaper {
  readonly print: Print;
  readonly mirrored: boolean;
  readonly on: OnSheet;
  /** Guides with review marks, where there is room for them. */
  readonly marked: boolean;
}

/** A piece, written for one row of its list where it has one. */
export interface PieceJob {
  readonly kind: 'piece';
  readonly piece: Piece;
  readonly row: number;
  readonly own: Own;
  readonly paper: OnPaper;
  readonly as: FileAs;
  /** What marked guides are kept under, where they are. */
  readonly id?: string;
}

/** A piece for every row that is still to be written, as one PDF. */
export interface BatchJob {
  readonly kind: 'batch';
  readonly piece: Piece;
  readonly own: Own;
  readonly drawer: readonly Nib[];
  readonly paper: OnPaper;
  readonly pdf: PdfOptions;
  readonly id?: string;
  /** Rows that cannot be written are left out; otherwise they are named and nothing is made. */
  readonly leaveOut: boolean;
}

/** Pages for all students of a class, with a number of copies each: one PDF, or a zip with one PDF each. */
export interface ClassJob {
  readonly kind: 'class';
  readonly students: readonly Student[];
  readonly handout: Handout;
  readonly copies: number;
  readonly as: 'pdf' | 'zip';
  readonly words: WordList;
  readonly pdf: PdfOptions;
  /** One for each copy of each student. */
  readonly ids: readonly string[];
}

/** One word with several pens: a PDF of all its pages, or JSON with what each pen makes of it. */
export interface PensJob {
  readonly kind: 'pens';
  readonly word: string;
  readonly pens: readonly Item[];
  readonly options: PenOptions;
  readonly as: FileAs;
}

/** A picture in which a printed page is to be found. */
export interface LookJob {
  readonly kind: 'look';
  readonly picture: Uint8Array;
}

/** A picture of a page that is known, to be measured: by its marks as they were found, or by corners somebody showed, as shares of the picture's sides. */
export interface ReviewJob {
  readonly kind: 'review';
  readonly picture: Uint8Array;
  readonly page: KeptPage;
  readonly code: PageCode;
  readonly marks: MarkedPage | undefined;
  readonly corners: readonly (readonly [number, number])[] | undefined;
}

/** Writing without marks, to be measured: the corners of a block of rows as shares of the picture's sides, and what it is. */
export interface SampleJob {
  readonly kind: 'sample';
  readonly picture: Uint8Array;
  readonly corners: readonly (readonly [number, number])[];
  readonly asked: SampleAsked;
}

/** A kept page, written by a made-up hand and photographed. */
export interface CameraJob {
  readonly kind: 'camera';
  readonly page: KeptPage;
  readonly code: PageCode;
  readonly habits: Habits;
  readonly shot: Shot;
}

/** What is asked of the press: plain data, which crosses to its thread. */
export type Job =
  | SheetJob
  | PracticeJob
  | CourseJob
  | PieceJob
  | BatchJob
  | PensJob
  | ClassJob
  | LookJob
  | ReviewJob
  | SampleJob
  | CameraJob;
