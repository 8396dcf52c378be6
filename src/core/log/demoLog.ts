import { numbersFrom } from '../measure/seeded';
import type { Lesson } from '../practice/lessons';
import type { Sheet } from '../sheet/sheet';
import { RATINGS } from '../study/grade';
import { type KeptRating, memoryOf, ratingsOf, withRating } from '../study/history';
import { madeUpLearner } from '../study/learner';
import { GRADES, type Memory } from '../study/memory';
import { criteriaOf } from '../study/page';
import { planSession } from '../study/plan';
import { curriculumOf } from '../study/unit';
import type { Session } from './session';

/** Ten weeks at the observatory: a studio member practises toward the winter open night, on most of the evenings meant for it. */
const WEEKS = 10;
const SEED = 1712;
/** Monday, Wednesday, Friday and Saturday; of them some are missed. */
const EVENINGS: readonly number[] = [1, 3, 5, 6];
const MISSED = 0.18;
/** A cold: nothing for nine days, and slow days after it. */
const COLD = { from: 33, to: 42 } as const;
/** Minutes of an evening; ten on a tired one. */
const LENGTHS = [20, 20, 10, 20, 40] as const;
/** Days that go better or worse than the skill is. */
const MOOD = 0.15;

const NOTES: readonly { readonly note: string; readonly when: 'good' | 'bad' | 'any' }[] = [
  { note: 'Cloud all evening, no observing: time to write.', when: 'any' },
  { note: 'Arm instead of fingers: the arches spring at last.', when: 'good' },
  { note: 'Cold dome, stiff fingers. Warm the hands first.', when: 'bad' },
  { note: 'Held the pen too tightly again.', when: 'bad' },
  { note: 'Captions for the comet case look like captions.', when: 'good' },
  { note: 'Aurora until two; wrote with half an eye open.', when: 'bad' },
  { note: 'Turned the page a little more; slope steadier.', when: 'good' },
];
const NOTED = 0.3;

const DAY = 86_400_000;
const HOUR = 3_600_000;

/** Sessions of the ten weeks before `now`, the earliest first; the same for ever from the same day. */
export function demoLog(
  recipe: Sheet,
  lessons: readonly Lesson[],
  now: Date,
  kit: Session['kit'],
): { readonly id: string; readonly session: Session }[] {
  const random = numbersFrom(SEED);
  const learner = madeUpLearner(SEED);
  const curriculum = curriculumOf(lessons);
  const ratings = new Map<string, KeptRating[]>();
  const memories = new Map<string, Memory>();
  const done: { id: string; session: Session }[] = [];
  const midnight = Date.UTC(now.getUTCFullYear(), now.getUTCMonth(), now.getUTCDate());
  for (let ago = WEEKS * 7; ago > 0; ago--) {
    const start = new Date(midnight - ago * DAY + 18 * HOUR + Math.floor(random() * 150) * 60_000);
    const missed = random() < MISSED || (ago >= COLD.from && ago <= COLD.to);
    if (!EVENINGS.includes(start.getUTCDay()) || missed) continue;
    const minutes = LENGTHS[Math.floor(random() * LENGTHS.length)] ?? 20;
    const plan = planSession(curriculum, memories, { minutes, now: start });
    const steps = plan.steps.map(({ unit }) => unit);
    if (steps.length === 0) continue;
    const day = WEEKS * 7 - ago;
    const graded = steps.map((unit) => ({ unit, grade: learner.practise(unit, day) }));
    const mean = graded.reduce((sum, { grade }) => sum + grade, 0) / graded.length;
    const mood = (random() - 0.5) * 2 * MOOD;
    const checks = criteriaOf(recipe, plan.steps).map(({ id }) => {
      const share = (mean - GRADES.off) / (GRADES.right - GRADES.off) + mood + (random() - 0.5) * 0.7;
      return { criterion: id, rating: RATINGS[share < 0.25 ? 0 : share < 0.6 ? 1 : 2] ?? 'near' };
    });
    const rights = checks.filter(({ rating }) => rating === 'right').length;
    const when = rights * 2 >= checks.length ? 'good' : 'bad';
    const fitting = NOTES.filter((one) => one.when === when || one.when === 'any');
    const note = random() < NOTED ? (fitting[Math.floor(random() * fitting.length)]?.note ?? '') : '';
    const took = minutes * (0.85 + random() * 0.25);
    const session: Session = {
      hand: recipe.hand,
      began: start.toISOString(),
      ended: new Date(start.getTime() + took * 60_000).toISOString(),
      minutes: Math.round(took * 10) / 10,
      units: steps.map(({ key }) => key),
      checks,
      // Two at most are said to have wobbled: nobody names more.
      wobbled: graded
        .filter(({ unit, grade }) => grade === GRADES.off && unit.kind === 'letter')
        .slice(0, 2)
        .map(({ unit }) => unit.key),
      note,
      kit,
      // The bench of the demo has these hours already.
      elsewhere: true,
    };
    const id = `session-demo-${String(WEEKS * 7 - ago).padStart(2, '0')}`;
    for (const [key, rating] of ratingsOf(id, session)) {
      ratings.set(key, withRating(ratings.get(key) ?? [], id, rating));
      const memory = memoryOf(ratings.get(key) ?? []);
      if (memory) memories.set(key, memory);
    }
    done.push({ id, session });
  }
  return done;
}
