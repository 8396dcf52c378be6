import type { Mm } from '../../measure/units';
import type { Band, How } from '../band';
import type { Ground } from '../ground';
import type { BandParts, PageRoom, RowsOf } from '../parts/part';
import type { Subjects } from '../subject';

/** Something to choose among. */
export interface Choice {
  readonly value: string;
  readonly name: string;
}

/** A kind of band: one file, named in the registry. */
export interface BandKind extends RowsOf {
  /** What it is called where bands are offered. */
  readonly name: string;
  /** Default way of practising it. */
  readonly how: How;
  /** What a new band of this kind changes in that default. */
  readonly whenNew?: Partial<How>;
  /** Its text is the letters themselves, with spaces between them. */
  readonly ofLetters?: true;
  /** It writes letters: a hand whose letters are not drawn cannot have it. */
  readonly needsLetters: boolean;
  /** Initial content of a new band. */
  readonly usual: (ground: Ground) => string;
  /** Label of its content field, where it differs from the kind's name. */
  readonly asks?: string;
  /** Choices for its content; without them the text is typed, or there is none (`typed: false`). */
  readonly choices?: (ground: Ground) => readonly Choice[];
  readonly typed?: boolean;
  /** A band of it in a few words. */
  readonly inWords: (of: string) => string;
  /** Whether it has cells to trace and to fill, and rows of ruling; both by default. */
  readonly cells?: boolean;
  readonly rows?: boolean;
  /** Subjects written in its cells, within the width `room`, for kinds that write something. */
  readonly subjects?: (ground: Ground, of: string, room: Mm) => Subjects;
  /** Meaning of “guided”, where that is not a cell with numbered strokes. */
  readonly guidedAs?: string;
  /** Its subjects are shown together before they are practised one by one. */
  readonly together?: boolean;
  /** A band of it in parts that each stay together; kinds with subjects are laid out by those. */
  readonly parts?: (band: Band, ground: Ground, place: PageRoom) => BandParts;
}
