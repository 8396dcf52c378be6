import { capital, counted, listed } from '../measure/words';
import { offWords } from '../practice/criteria';
import { drillById } from '../practice/drills';
import { GRADES } from './memory';
import { daysAway, type Memories, type Plan, type Step } from './plan';
import { keyOf, type Unit } from './unit';

/** A unit as it is called in a sentence. */
export function unitName({ kind, of }: Pick<Unit, 'kind' | 'of'>): string {
  switch (kind) {
    case 'stroke':
      return `the drill “${drillById(of)?.name ?? of}”`;
    case 'letter':
      return of;
    case 'join':
      return `the pair ${of}`;
    case 'rhythm':
      return `the rhythm ${of}`;
    case 'word':
      return `words of the family “${of}”`;
  }
}

/** A unit by itself, in a list. */
export const unitTitle = ({ kind, of }: Pick<Unit, 'kind' | 'of'>): string =>
  kind === 'stroke' ? (drillById(of)?.name ?? of) : kind === 'word' ? `words: ${of}` : of;

const MOST_NAMED = 3;
const isLetter = ({ unit }: Step) => unit.kind === 'letter';
const names = (steps: readonly Step[]) =>
  listed(steps.slice(0, MOST_NAMED).map(({ unit }) => unitName(unit)));
const verb = (steps: readonly Step[]) => (Math.min(steps.length, MOST_NAMED) === 1 ? 'is' : 'are');
const times = (count: number) => (count === 1 ? 'once' : count === 2 ? 'twice' : `${counted(count, 'time')}`);

/** Why a plan is as it is, in one or two sentences: what is due or was off, and what goes with it. */
export function whyOf(
  { steps, gentle }: Plan,
  curriculum: readonly Unit[],
  memories: Memories,
  now: Date,
): string {
  if (gentle) {
    const weeks = Math.round((daysAway(memories, now) ?? 0) / 7);
    return `You were away for ${counted(weeks, 'week')}: nothing new today, and first what is likeliest still there.`;
  }
  const letters = steps.filter(isLetter);
  const of = (reason: Step['reason']) => letters.filter((step) => step.reason === reason);
  const [off, late] = [of('wobbled'), of('due')];
  const told = off[0]?.unit.family === late[0]?.unit.family;
  const sentences = [
    wobbled(off, curriculum, memories),
    due(late, told ? [] : curriculum, memories),
    fresh(of('new'), steps),
  ].filter((sentence) => sentence !== '');
  if (sentences.length > 0) return sentences.slice(0, 2).join(' ');
  const others = steps.filter((step) => step.reason === 'due' || step.reason === 'wobbled');
  if (others.length > 0) return `${capital(names(others))} ${verb(others)} due.`;
  const started = steps.filter((step) => step.reason === 'new');
  if (started.length > 0)
    return `${capital(names(started))} ${verb(started)} new, and what comes next is made of ${started.length === 1 ? 'it' : 'them'}.`;
  if (steps.every(({ reason }) => reason === 'warm-up')) {
    return steps.length > 0 ? 'A warm-up: strokes alone, those not written for longest first.' : '';
  }
  return `Nothing is due: ${names(steps.filter(({ reason }) => reason === 'keep'))} would go next if nothing were written.`;
}

function wobbled(steps: readonly Step[], curriculum: readonly Unit[], memories: Memories): string {
  const [first] = steps;
  if (!first) return '';
  const theirs = steps.length === 1 ? 'its stroke comes' : 'their strokes come';
  return `Off last time: ${names(steps)}${blame(first, memories)}; ${theirs} first${sharing(first, curriculum)}.`;
}

function due(steps: readonly Step[], curriculum: readonly Unit[], memories: Memories): string {
  const [first] = steps;
  if (!first) return '';
  return `${names(steps)} ${verb(steps)} due${blame(first, memories)}${sharing(first, curriculum)}.`;
}

function fresh(steps: readonly Step[], all: readonly Step[]): string {
  if (steps.length === 0) return '';
  const first = all.some(({ unit }) => steps.some((step) => step.unit.needs.includes(unit.key)));
  const made = first
    ? `${steps.length === 1 ? 'its stroke comes' : 'their strokes come'} first`
    : `what ${steps.length === 1 ? 'it is' : 'they are'} made of is known`;
  return `${names(steps)} ${verb(steps)} new; ${made}.`;
}

/** " (n: stems changed weight, twice)": what was off most in the last ratings. */
function blame({ unit }: Step, memories: Memories): string {
  const off = memories.get(unit.key)?.off ?? [];
  if (off.length === 0 || memories.get(unit.key)?.grade === GRADES.right) return '';
  const counts = new Map<string, number>();
  for (const id of off) counts.set(id, (counts.get(id) ?? 0) + 1);
  const [worst, count] = [...counts].sort((a, b) => b[1] - a[1])[0] as [(typeof off)[number], number];
  return ` (${unitName(unit)}: ${offWords(worst)}, ${times(count)})`;
}

const strokeOf = (unit: Unit, curriculum: readonly Unit[]): Unit | undefined =>
  curriculum.find(({ key, kind }) => kind === 'stroke' && unit.needs.includes(key));

/** "; h and m share the stroke of n". */
function sharing({ unit }: Step, curriculum: readonly Unit[]): string {
  const stroke = strokeOf(unit, curriculum);
  const others = curriculum.filter(
    (other) =>
      other.kind === 'letter' &&
      other.key !== unit.key &&
      other.family === unit.family &&
      stroke !== undefined &&
      other.needs.includes(keyOf('stroke', stroke.of)),
  );
  if (others.length === 0) return '';
  const few = others.slice(0, MOST_NAMED).map(({ of }) => of);
  return `; ${listed(few)} ${few.length === 1 ? 'shares' : 'share'} the stroke of ${unit.of}`;
}
