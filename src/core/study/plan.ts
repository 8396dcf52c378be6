import { chanceOf, GRADES, isDue, isKnown, type Memory } from './memory';
import { keyOf, type Unit, type UnitKind } from './unit';

/** Memory states by unit key. */
export type Memories = ReadonlyMap<string, Memory>;

/** Minutes per unit: a row or two written slowly and compared (common teaching: ten minutes hold two new letters). */
export const MINUTES: Readonly<Record<UnitKind, number>> = {
  stroke: 1,
  letter: 2,
  join: 1.5,
  rhythm: 1.5,
  word: 2,
};
/** A letter that is new is looked at first, and written more often. */
export const NEW_LETTER_MINUTES = 3;

/** Value of a retained unit by kind; letters are worth most. */
const WORTH: Readonly<Record<UnitKind, number>> = {
  stroke: 0.5,
  letter: 1,
  join: 0.4,
  rhythm: 0.4,
  word: 0.5,
};
/** Bonus for each unit that depends on this one. */
const FOLLOWING = 0.08;
/** Maximum number of dependent units that count. */
const MOST_FOLLOWING = 8;
/** Fraction of a unit's value that its first practice brings. */
const FIRST_TIME = 0.5;
/** New letters of a session: two in ten minutes, and one more for every ten after them (common teaching). */
const newLettersIn = (minutes: number): number => (minutes < 8 ? 0 : 1 + Math.floor(minutes / 10));
/** New strokes of a session: those the next letters are made of, and no stock of them. */
const NEW_STROKES = 2;
/** Maximum fraction of the time that due units may take for anything new to be introduced. */
const MOST_DUE = 0.5;
/** Days overdue after which a unit precedes everything else, so that nothing is forgotten for good. */
const PATIENCE_DAYS = 21;
/** Maximum fraction of a session for one family where there is anything else, so that letters alternate. */
const OF_A_FAMILY = 0.6;
/** Days without writing after which a session begins gently. */
export const AWAY_DAYS = 21;

/** What a session may be for. */
export interface Asked {
  readonly minutes: number;
  /** Strokes alone. */
  readonly warmUp?: boolean;
  readonly now: Date;
}

export const REASONS = ['warm-up', 'wobbled', 'due', 'new', 'stroke-of', 'keep'] as const;
export type Reason = (typeof REASONS)[number];

export interface Step {
  readonly unit: Unit;
  readonly minutes: number;
  readonly reason: Reason;
}

export interface Plan {
  readonly steps: readonly Step[];
  /** After weeks away: nothing new, what is likeliest there first. */
  readonly gentle: boolean;
}

interface Candidate extends Step {
  readonly value: number;
  /** Overdue beyond the limit. */
  readonly overdue?: boolean;
}

const DAY = 86_400_000;

/** Days since anything was written; none where nothing was. */
export function daysAway(memories: Memories, now: Date): number | undefined {
  const last = Math.max(...[...memories.values()].map((memory) => Date.parse(memory.last)));
  return Number.isFinite(last) ? Math.max(0, (now.getTime() - last) / DAY) : undefined;
}

/**
 * What to practise next. The rule: everything that is due, or new and ready, is worth its kind, times what practising it
 * saves or brings (1 − the chance that it is still there), times how late it is; the most value a minute is taken first, within the
 * minutes, with no more than so many new letters, nothing new while much is due, and no family for more than its share. A letter that was
 * off brings its stroke before it. Time that is left goes to what is likeliest to go next. docs/scheduling.md.
 */
export function planSession(curriculum: readonly Unit[], memories: Memories, asked: Asked): Plan {
  const { minutes, now } = asked;
  const away = daysAway(memories, now);
  const gentle = away !== undefined && away >= AWAY_DAYS;
  if (asked.warmUp) return { steps: ordered(warmUp(curriculum, memories, asked)), gentle };
  const worth = worthIn(curriculum);
  const due = curriculum.flatMap((unit) => {
    const memory = memories.get(unit.key);
    return memory && isDue(memory, now) ? [dueStep(unit, memory, worth, now, gentle)] : [];
  });
  const load = due.reduce((sum, step) => sum + step.minutes, 0);
  const waiting = due.some(({ overdue }) => overdue);
  const full = gentle || waiting || load > minutes * MOST_DUE;
  const newIn = (taken: ReadonlySet<string>) =>
    full ? [] : newSteps(curriculum, memories, worth, now, taken);
  const fresh = newIn(new Set());
  const draft = new Draft(curriculum, memories, minutes);
  // A session begins with a stroke, whatever comes.
  draft.takeAll(warmUp(curriculum, memories, { ...asked, minutes: MINUTES.stroke }));
  const byValue = [...due, ...fresh].sort(
    (a, b) =>
      Number(b.overdue ?? false) - Number(a.overdue ?? false) || b.value / b.minutes - a.value / a.minutes,
  );
  draft.takeAll(byValue, newLettersIn(minutes));
  // What is new today readies what is made of it: a beginner's first strokes, and the letters that follow from them.
  draft.takeAll(
    newIn(draft.keys()).filter(({ unit }) => unit.kind !== 'stroke'),
    newLettersIn(minutes),
  );
  draft.takeAll(keeping(curriculum, memories, worth, now));
  return { steps: ordered(draft.steps), gentle };
}

function worthIn(curriculum: readonly Unit[]): (unit: Unit) => number {
  const following = new Map<string, number>();
  for (const { needs } of curriculum)
    for (const key of needs) following.set(key, (following.get(key) ?? 0) + 1);
  return ({ key, kind }) => WORTH[kind] * (1 + FOLLOWING * Math.min(MOST_FOLLOWING, following.get(key) ?? 0));
}

function dueStep(
  unit: Unit,
  memory: Memory,
  worth: (unit: Unit) => number,
  now: Date,
  gentle: boolean,
): Candidate {
  const chance = chanceOf(memory, now);
  const days = (now.getTime() - Date.parse(memory.due)) / DAY;
  const late = days / Math.max(1, memory.stability);
  // After weeks away everything is overdue: the units most likely retained come first, to regain the hand and confidence.
  const gain = gentle ? chance : (1 - chance) * (1 + late);
  const reason = memory.grade === GRADES.off ? 'wobbled' : 'due';
  return {
    unit,
    minutes: MINUTES[unit.kind],
    reason,
    value: worth(unit) * gain,
    overdue: !gentle && days > PATIENCE_DAYS,
  };
}

/** New units whose prerequisites are known or taken earlier today, in the order they are taught. */
function newSteps(
  curriculum: readonly Unit[],
  memories: Memories,
  worth: (unit: Unit) => number,
  now: Date,
  taken: ReadonlySet<string>,
): Candidate[] {
  const ready = curriculum.filter(
    ({ key, needs }) =>
      !memories.has(key) &&
      !taken.has(key) &&
      needs.every((need) => {
        const memory = memories.get(need);
        return taken.has(need) || (memory && isKnown(memory) && now >= new Date(memory.last));
      }),
  );
  const strokes = ready.filter(({ kind }) => kind === 'stroke').slice(NEW_STROKES);
  return ready
    .filter((unit) => !strokes.includes(unit))
    .map((unit, i) => {
      // Later letters wait for earlier ones, though not for ever: by a little, in the order of the hand.
      const turn = 1 / (1 + i / ready.length);
      const minutes = unit.kind === 'letter' ? NEW_LETTER_MINUTES : MINUTES[unit.kind];
      return { unit, minutes, reason: 'new', value: worth(unit) * FIRST_TIME * turn };
    });
}

/** Units not due yet, the least certain first, for time that is left. */
const keeping = (
  curriculum: readonly Unit[],
  memories: Memories,
  worth: (unit: Unit) => number,
  now: Date,
): Candidate[] =>
  curriculum
    .flatMap((unit): Candidate[] => {
      const memory = memories.get(unit.key);
      if (!memory || isDue(memory, now)) return [];
      const value = worth(unit) * (1 - chanceOf(memory, now));
      return [{ unit, minutes: MINUTES[unit.kind], reason: 'keep', value }];
    })
    .filter(({ value }) => value > 0)
    .sort((a, b) => b.value / b.minutes - a.value / a.minutes);

/** Strokes, those due first, then those not written for longest, then those of letters to come. */
function warmUp(curriculum: readonly Unit[], memories: Memories, { minutes, now }: Asked): Candidate[] {
  const strokes = curriculum.filter(({ kind }) => kind === 'stroke');
  const known = strokes.filter(({ key }) => memories.has(key));
  const lastOf = (unit: Unit) => Date.parse(memories.get(unit.key)?.last ?? now.toISOString());
  const byAge = [...known].sort((a, b) => lastOf(a) - lastOf(b));
  const first = strokes.filter(({ key }) => !memories.has(key));
  return [...byAge, ...first].slice(0, Math.floor(minutes / MINUTES.stroke)).map((unit) => ({
    unit,
    minutes: MINUTES.stroke,
    reason: 'warm-up',
    value: 0,
  }));
}

/** A session being planned: the units taken, and the time left. */
class Draft {
  readonly steps: Step[] = [];
  private left: number;
  private fresh = 0;

  constructor(
    private readonly curriculum: readonly Unit[],
    private readonly memories: Memories,
    private readonly minutes: number,
  ) {
    this.left = minutes;
  }

  /** Takes these units in order while time is left, with at most `most` new letters in all. */
  takeAll(candidates: readonly Candidate[], most = 0): void {
    // Units beyond a family's limit are considered again after the other families.
    const crowded: Candidate[] = [];
    for (const candidate of candidates) {
      if (this.isCrowded(candidate)) crowded.push(candidate);
      else this.take(candidate, most);
    }
    for (const candidate of crowded) this.take(candidate, most);
  }

  keys = (): ReadonlySet<string> => new Set(this.steps.map(({ unit }) => unit.key));

  private has = ({ key }: Unit): boolean => this.steps.some(({ unit }) => unit.key === key);

  private isCrowded({ unit, minutes }: Candidate): boolean {
    const own = this.steps.filter((step) => step.unit.family === unit.family);
    const spent = own.reduce((sum, step) => sum + step.minutes, 0);
    return spent > 0 && spent + minutes > this.minutes * OF_A_FAMILY;
  }

  private take({ unit, minutes, reason }: Candidate, most: number): void {
    if (this.has(unit)) return;
    if (reason === 'new' && unit.kind === 'letter' && this.fresh >= most) return;
    const before = reason === 'wobbled' ? this.strokeOf(unit) : undefined;
    const needed = minutes + (before?.minutes ?? 0);
    if (needed > this.left) return;
    if (before) this.steps.push(before);
    this.steps.push({ unit, minutes, reason });
    this.left -= needed;
    if (reason === 'new' && unit.kind === 'letter') this.fresh += 1;
  }

  /** The stroke of a letter that was off, where it is not in the session already. */
  private strokeOf(unit: Unit): Step | undefined {
    const key = unit.needs.find((need) => need.startsWith(keyOf('stroke', '')));
    const stroke = this.curriculum.find((one) => one.key === key);
    if (!stroke || this.has(stroke) || !this.memories.has(stroke.key)) return undefined;
    return { unit: stroke, minutes: MINUTES.stroke, reason: 'stroke-of' };
  }
}

const ORDER: readonly UnitKind[] = ['stroke', 'letter', 'rhythm', 'join', 'word'];

/** In the order of work: strokes, letters, rhythm, joins, words; of a kind no two of one family after another where it can be helped. */
function ordered(steps: readonly Step[]): Step[] {
  return ORDER.flatMap((kind) => interleaved(steps.filter(({ unit }) => unit.kind === kind)));
}

function interleaved(steps: readonly Step[]): Step[] {
  const left = [...steps];
  const done: Step[] = [];
  while (left.length > 0) {
    const last = done.at(-1)?.unit.family;
    const other = left.findIndex(({ unit }) => unit.family !== last);
    done.push(...left.splice(Math.max(0, other), 1));
  }
  return done;
}
