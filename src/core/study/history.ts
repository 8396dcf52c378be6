import { type CriterionId, isOf, type Theme } from '../practice/criteria';
import { type Checked, gradesOf, offOf } from './grade';
import { afterRating, type Grade, type Memory } from './memory';
import { ofKey, type UnitKind } from './unit';

/** A stored rating of a unit, with its session. */
export interface KeptRating {
  readonly session: string;
  /** ISO 8601 in UTC. */
  readonly at: string;
  readonly grade: Grade;
  readonly off: readonly CriterionId[];
}

/** How a page was judged, by eye or by measuring. */
interface Judged {
  readonly checks: readonly Checked[];
  readonly wobbled: readonly string[];
}

/** What a session says of each of its units. */
export function ratingsOf(
  session: string,
  {
    ended,
    units,
    measured,
    ...judged
  }: Judged & {
    readonly ended: string;
    readonly units: readonly string[];
    /** Ratings from a photograph take precedence over those by eye. */
    readonly measured?: Judged;
  },
): ReadonlyMap<string, KeptRating> {
  const { checks, wobbled } = measured ?? judged;
  const at = new Date(ended).toISOString();
  const off = offOf(checks);
  return new Map(
    [...gradesOf(units, checks, wobbled)].map(([key, grade]) => [
      key,
      // A fault is attributed to the units in which it can be seen, and to those that wobbled where the scribe named them.
      {
        session,
        at,
        grade,
        off: wobbled.length === 0 || wobbled.includes(key) ? off.filter((id) => seenIn(key, id)) : [],
      },
    ]),
  );
}

/** Can this be seen in such a unit? Spacing cannot be off in one letter, nor a capital line in a drill. */
function seenIn(key: string, criterion: CriterionId): boolean {
  const unit = ofKey(key);
  if (unit === undefined) return false;
  const capital = unit.kind !== 'letter' || /\p{Lu}/u.test(unit.of);
  return THEMES[unit.kind].some((theme) => (capital || theme !== 'capitals') && isOf(criterion, theme));
}

const THEMES: Readonly<Record<UnitKind, readonly Theme[]>> = {
  stroke: ['strokes'],
  letter: ['letters', 'capitals', 'strokes'],
  join: ['words'],
  rhythm: ['words', 'letters'],
  word: ['words', 'sentences'],
};

/** A unit's ratings with one session's put in, changed or taken out: in the order of time. */
export const withRating = (
  ratings: readonly KeptRating[],
  session: string,
  rating: KeptRating | undefined,
): KeptRating[] =>
  inOrder([...ratings.filter((one) => one.session !== session), ...(rating ? [rating] : [])]);

/** Ratings by their time, the earliest first; of one time by their sessions. */
export const inOrder = (ratings: Iterable<KeptRating>): KeptRating[] =>
  [...ratings].sort((a, b) => a.at.localeCompare(b.at) || a.session.localeCompare(b.session));

/** Memory state after all ratings; undefined without ratings. */
export const memoryOf = (ratings: readonly KeptRating[]): Memory | undefined =>
  ratings.reduce<Memory | undefined>(
    (memory, { at, grade, off }) => afterRating(memory, { at: new Date(at), grade, off }),
    undefined,
  );
