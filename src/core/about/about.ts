import type { HandId } from '../hands/registry';
import { type EXPERIENCES, type GripWish, type Schools, type SIDES, USUAL_SCHOOLS } from '../kit/need';
import type { LengthUnit } from '../measure/length';
import { type PaperFormatId, paperFormat } from '../measure/paper';
import type { Mm } from '../measure/units';

/** Units lengths are shown and typed in; nibs are millimetres everywhere. */
export const UNITS = ['mm', 'inch'] as const satisfies readonly LengthUnit[];

/** Papers a desk can usually print on. */
export const DESK_PAPERS = [
  'a4',
  'a3',
  'a5',
  'letter',
  'legal',
  'tabloid',
] as const satisfies readonly Exclude<PaperFormatId, 'custom'>[];

/** What is asked of a scribe once, and holds at every station. */
export interface About {
  readonly side: (typeof SIDES)[number];
  readonly units: LengthUnit;
  readonly paper: (typeof DESK_PAPERS)[number];
  readonly experience: (typeof EXPERIENCES)[number];
  readonly schools: Schools;
  readonly grip: GripWish;
  /** The hand that is being learned, as the first visit chose it; null where none was. */
  readonly hand: HandId | null;
}

/** Of a scribe who has not been asked. */
export const NOBODY: About = {
  side: 'right',
  units: 'mm',
  paper: 'a4',
  experience: 'some',
  schools: USUAL_SCHOOLS,
  grip: 'any',
  hand: null,
};

/** Under this id it is kept. */
export const ABOUT_ID = 'about-me';

/** The paper of the desk, in mm, upright. */
export function deskPaper({ paper }: Pick<About, 'paper'>): {
  readonly format: About['paper'];
  readonly width: Mm;
  readonly height: Mm;
} {
  const { width, height } = paperFormat(paper) ?? { width: 210, height: 297 };
  return { format: paper, width, height };
}
