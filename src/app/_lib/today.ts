import 'server-only';
import { withChosenNib } from '@/core/document/chosenNib';
import { freshFor } from '@/core/document/freshFor';
import type { Recipe } from '@/core/document/recipe';
import { HANDS, type HandId, handById, isHand } from '@/core/hands/registry';
import { loadScript } from '@/core/hands/scripts';
import { attentionTo } from '@/core/kit/attention';
import { asNib, type Item } from '@/core/kit/item';
import { besideKit } from '@/core/kit/layOut';
import { needFor } from '@/core/kit/need';
import { preparation, stepWords } from '@/core/kit/prepare';
import { entriesOf } from '@/core/log/entriesOf';
import type { Entry } from '@/core/log/entry';
import { recordId } from '@/core/log/recordId';
import type { Session } from '@/core/log/session';
import { criterionSaid } from '@/core/practice/criteria';
import { groundOf } from '@/core/practice/ground';
import { type Lesson, lessonsOf } from '@/core/practice/lessons';
import { BUNDLED } from '@/core/practice/words/wordList';
import { Problem } from '@/core/problem/problem';
import { unitTitle, whyOf } from '@/core/study/explain';
import { dayHere, standingOf } from '@/core/study/goal';
import { offOf } from '@/core/study/grade';
import { withKnown } from '@/core/study/known';
import { criteriaOf, withTexts } from '@/core/study/page';
import { type Memories, planSession } from '@/core/study/plan';
import type { DuePiece, Taken, Today } from '@/core/study/today';
import { curriculumOf, type Unit } from '@/core/study/unit';
import { listItems } from '@/store/items';
import { listRecords } from '@/store/records';
import { listSheetHeads } from '@/store/sheets';
import { memoriesOf } from '@/store/study';
import { chosenKit, deskFacts, latestSessions, latestSheet, whoWrites } from './desk';
import { chosenWords } from './words';

/** What there is to learn in a hand. */
export interface Course {
  readonly recipe: Recipe;
  readonly lessons: readonly Lesson[];
  readonly curriculum: readonly Unit[];
}

/** Cache of curricula: a hand's letters do not change while the application runs. */
const curricula = new Map<string, Pick<Course, 'lessons' | 'curriculum'>>();

/** A hand on the scribe's own paper, ruled for a nib where there is one, with what there is to learn in it. */
export async function courseIn(hand: HandId, tool?: Item): Promise<Course> {
  await loadScript(hand);
  const about = await whoWrites();
  const fresh = freshFor(about, hand);
  const nib = tool && asNib(tool);
  const recipe = nib ? ruledFor(fresh, nib) : fresh;
  const known = curricula.get(`${hand} ${recipe.school}`);
  if (known) return { recipe, ...known };
  const lessons = lessonsOf(groundOf(recipe, { size: 1, held: false }));
  const made = { lessons, curriculum: curriculumOf(lessons) };
  curricula.set(`${hand} ${recipe.school}`, made);
  return { recipe, ...made };
}

function ruledFor(recipe: Recipe, nib: NonNullable<ReturnType<typeof asNib>>): Recipe {
  try {
    return withChosenNib(recipe, nib, null);
  } catch (error) {
    if (!(error instanceof Problem)) throw error;
    return recipe;
  }
}

/** Memories of a hand, with the letters said to be known. */
export async function allMemoriesOf(hand: HandId, lessons: readonly Lesson[]): Promise<Memories> {
  const [memories, records] = await Promise.all([memoriesOf(hand), listRecords({ kinds: ['known'] })]);
  const said = records.find(({ id }) => id === `known-${hand}`);
  const [known] = entriesOf('known', said ? [said] : []);
  return known && said ? withKnown(memories, lessons, known.letters, new Date(said.at)) : memories;
}

const MINUTES = [10, 20, 40] as const;
const WARM_UP = 5;
/** Remarks worth keeping in mind: two. */
const IN_MIND = 2;

export interface AskedToday {
  readonly hand?: string;
  readonly minutes?: string;
}

/** What to write now, with what, and why; whether one is in time; what wants looking after. */
export async function todayOf({ hand: asked, minutes: time }: AskedToday, now: Date): Promise<Today> {
  const [latest, others, bench, sheets, about, sheet] = await Promise.all([
    latestSessions(),
    listRecords({ kinds: ['kit', 'prepared', 'goal', 'due', 'cleaned', 'known'] }),
    listItems(),
    listSheetHeads(),
    whoWrites(),
    latestSheet(),
  ]);
  const sessions = entriesOf('session', latest).reverse();
  const desk = deskFacts(sessions, others, about.hand, sheet);
  const { hands } = desk;
  const hand = asked !== undefined && isHand(asked) ? asked : desk.hand;
  const last = sessions.find((session) => session.hand === hand);
  const kit = kitOf(hand, last, others, bench);
  const { recipe, lessons, curriculum } = await courseIn(
    hand,
    bench.find(({ id }) => id === kit.tool?.id),
  );
  const memories = await allMemoriesOf(hand, lessons);
  const warmUp = time === 'warm-up';
  const minutes = warmUp ? WARM_UP : (MINUTES.find((one) => String(one) === time) ?? MINUTES[0]);
  const plan = planSession(curriculum, memories, { minutes, warmUp, now });
  const { words } = await chosenWords(BUNDLED);
  const steps = withTexts(recipe, plan.steps, memories, lessons, words);
  const goal = entriesOf('goal', others).find((one) => one.hand === hand);
  return {
    hand,
    handName: handById(hand).name,
    hands: [...hands, ...HANDS.map(({ id }) => id).filter((id) => !hands.includes(id))].map((id) => ({
      id,
      name: handById(id).name,
    })),
    minutes,
    warmUp,
    steps: steps.map(({ unit, text, minutes: takes, reason }) => ({
      unit: unit.key,
      kind: unit.kind,
      name: unit.kind === 'word' ? text : unitTitle(unit),
      text,
      minutes: takes,
      reason,
    })),
    why: whyOf({ ...plan, steps }, curriculum, memories, now),
    criteria: criteriaOf(recipe, steps),
    kit,
    inMind: last ? offOf(last.checks).slice(0, IN_MIND).map(criterionSaid) : [],
    lastNote: last?.note ?? '',
    trouble: last?.trouble,
    goal: goal && { kept: withoutId(goal), standing: standingOf(goal, lessons, memories, dayHere(now)) },
    pieces: duePieces(others, sheets, now),
    attention: attentionTo(bench, lastWritten(sessions, others)),
  };
}

const withoutId = <T extends { readonly entryId: string }>({ entryId: _, ...rest }: T) => rest;

/** The kit to take out: the one chosen in Kit for the hand, else that of the last session; and what it still needs. */
function kitOf(
  hand: HandId,
  last: Session | undefined,
  others: readonly Entry[],
  bench: readonly Item[],
): Today['kit'] {
  const chosen = chosenKit(hand, others);
  const at = (id: string | undefined): Item | undefined => bench.find((item) => item.id === id);
  const [tool, ink, paper, holder] = [
    at(chosen?.parts.tool) ?? at(last?.kit.tool?.id),
    at(chosen?.parts.ink) ?? at(last?.kit.ink?.id),
    at(chosen?.parts.paper) ?? at(last?.kit.paper?.id),
    at(chosen?.parts.holder),
  ];
  const taken = (item: Item | undefined): Taken | undefined => item && { id: item.id, label: item.label };
  const prepared = entriesOf('prepared', others).find(
    ({ entryId }) => tool && entryId === recordId('prepared', tool.id),
  );
  const steps = chosen && tool ? preparation(chosen.need, { tool, holder, ink, paper }) : [];
  const toDo = steps
    .filter(({ id }) => !prepared?.done.includes(id))
    .flatMap(({ id }) => stepWords(id) ?? []);
  const beside = tool
    ? besideKit(chosen?.need ?? needFor(hand), { tool, holder, ink, paper }).map(({ what }) => what)
    : [];
  return {
    tool: taken(tool),
    holder: taken(holder),
    ink: taken(ink),
    paper: taken(paper),
    beside,
    toDo,
  };
}

function lastWritten(sessions: readonly Session[], others: readonly Entry[]) {
  const last = sessions.find(({ kit }) => kit.tool !== undefined && kit.ink !== undefined);
  if (!last) return undefined;
  const tool = last.kit.tool?.id;
  const since = new Date(last.ended).toISOString();
  const cleaned = others.some(
    (entry) => entriesOf('cleaned', [entry]).some((one) => one.tool === tool) && entry.at >= since,
  );
  return { tool, ink: last.kit.ink?.id, cleaned };
}

const MINUTE = 60_000;

function duePieces(
  others: readonly Entry[],
  sheets: readonly { readonly id: string; readonly name: string }[],
  now: Date,
): DuePiece[] {
  return entriesOf('due', others)
    .flatMap(({ sheet, at, minutes, next }): DuePiece[] => {
      const found = sheets.find(({ id }) => id === sheet);
      if (!found) return [];
      // Local times, as on the wall clock; on a personal desk the server has the same clock.
      const begin = new Date(new Date(at).getTime() - minutes * MINUTE);
      return [
        {
          sheet,
          name: found.name,
          next,
          readyBy: new Date(at).toISOString(),
          beginBy: begin.toISOString(),
          late: begin < now,
        },
      ];
    })
    .sort((a, b) => a.beginBy.localeCompare(b.beginBy));
}
