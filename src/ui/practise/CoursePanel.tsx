'use client';

import { BookOpen, Printer } from 'lucide-react';
import { useEffect, useState } from 'react';
import type { Recipe } from '@/core/document/recipe';
import { counted } from '@/core/measure/words';
import type { Band } from '@/core/practice/band';
import { type Course, FRONT_PAGES, PACK_PAGES, pagesOf, USUAL_COURSE } from '@/core/practice/course/course';
import { LIMITS } from '@/core/problem/limits';
import { handOf } from '@/core/setting/handOf';
import type { OwnLetter } from '@/core/setting/letterSet';
import { settle } from '@/core/sheet/solve';
import type { AskProgress } from '@/workers/practise.worker';
import { Toggle } from '../fields/Choices';
import { NumberField } from '../fields/NumberField';
import { useNotice } from '../frame/notices';
import { sentenceOf } from '../lib/api';
import { useHandOver } from '../paper/useHandOver';
import { usePack } from './usePack';
import { type PractiseWorker, Stopped } from './usePractiseWorker';
import { Working } from './Working';

/** Debounce between a change of options and planning, in ms. */
const SETTLE = 250;

const STAGES = { planning: 'Planning the pack', drawing: 'Drawing the pack' } as const;

/** "Teach me this hand": options, the outline, and the pack as one PDF. */
export function CoursePanel({
  recipe,
  own,
  worker: { ask, stop },
  edit,
  onLay,
}: {
  recipe: Recipe;
  own: readonly OwnLetter[];
  worker: PractiseWorker;
  edit: (change: (recipe: Recipe) => Recipe) => void;
  /** Lays a page of the course on the desk. */
  onLay: (title: string, bands: readonly Band[]) => void;
}) {
  const [options, setOptions] = useState(USUAL_COURSE);
  const [course, setCourse] = useState<Course | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [planning, setPlanning] = useState<AskProgress | null>(null);
  const { progress, make, cancel } = usePack();
  const notice = useNotice();
  const hand = handOf(recipe).name;

  useEffect(() => {
    let asked = false;
    setCourse(null);
    const timer = setTimeout(() => {
      asked = true;
      setPlanning({ done: 0, of: 1 });
      ask('course', { recipe, options, own }, setPlanning)
        .then((planned) => {
          setCourse(planned);
          setProblem(null);
        })
        .catch((error: unknown) => {
          if (error instanceof Stopped) return;
          setCourse(null);
          setProblem(sentenceOf(error));
        })
        .finally(() => {
          asked = false;
          setPlanning(null);
        });
    }, SETTLE);
    return () => {
      clearTimeout(timer);
      // A plan that is no longer needed is cancelled, so that the worker is free for the next.
      if (asked) stop();
    };
  }, [ask, stop, recipe, options, own]);

  const handOver = useHandOver();
  const makePack = async (out: 'paper' | 'pdf') => {
    try {
      // The outline shown is what is printed; the server plans only missing pages.
      const pack = await make(recipe, course ?? options, own);
      if (!pack) return notice({ tone: 'done', text: 'The pack was cancelled.' });
      await handOver(pack, `${hand.toLowerCase().replace(/\W+/g, '-')}-course.pdf`, out);
      if (out === 'pdf') notice({ tone: 'done', text: 'The pack is in your downloads.' });
    } catch (error) {
      notice.failed(error);
    }
  };

  return (
    <div className="space-y-3">
      <section aria-labelledby="course" className="space-y-2">
        <h2 id="course" className="margin-heading">
          Teach me {hand}
        </h2>
        <div className="grid grid-cols-2 gap-2">
          <NumberField
            compact
            limit={LIMITS.sessions}
            value={options.sessions}
            onCommit={(sessions) => setOptions({ ...options, sessions: Math.round(sessions) })}
          />
          <NumberField
            compact
            limit={LIMITS.minutes}
            label="Minutes each"
            value={options.minutes}
            onCommit={(minutes) => setOptions({ ...options, minutes: Math.round(minutes) })}
          />
        </div>
        <Toggle
          name="Large first"
          on={options.largeFirst}
          onSwitch={(largeFirst) => setOptions({ ...options, largeFirst })}
        />
        <Toggle
          name="For a left hand"
          on={recipe.paper.mirrored}
          onSwitch={(mirrored) => edit((r) => settle({ ...r, paper: { ...r.paper, mirrored } }))}
        />
        {problem && (
          <p role="alert" className="remark remark-warning text-sm">
            {problem}
          </p>
        )}
        {progress ? (
          <Working what={STAGES[progress.stage]} progress={progress} onCancel={cancel} patience={0} />
        ) : (
          <div className="flex flex-wrap gap-1">
            <button
              type="button"
              className="btn btn-primary btn-sm"
              disabled={problem !== null}
              onClick={() => void makePack('pdf')}
            >
              <BookOpen size={15} aria-hidden /> Make the pack
            </button>
            <button
              type="button"
              className="btn btn-sm"
              disabled={problem !== null}
              onClick={() => void makePack('paper')}
            >
              <Printer size={15} aria-hidden /> Print it
            </button>
          </div>
        )}
      </section>
      {planning && !progress && <Working what="Planning the course" progress={planning} onCancel={stop} />}
      {course && !problem && (
        <Thin course={course} onSessions={(sessions) => setOptions({ ...options, sessions })} />
      )}
      {course && !problem && <Outline course={course} onLay={onLay} />}
    </div>
  );
}

/** Says which letters of the hand found no page, and what would be enough. */
function Thin({
  course: { options, left, enough },
  onSessions,
}: {
  course: Course;
  onSessions: (sessions: number) => void;
}) {
  if (enough === undefined) return null;
  const fits = pagesOf({ ...options, sessions: enough }).all <= PACK_PAGES.most;
  return (
    <p className="remark remark-warning text-sm">
      Every letter has rows of its own here, so {counted(left.length, 'letter')} of the hand{' '}
      {left.length === 1 ? 'has' : 'have'} no room in this pack:{' '}
      <span className="tracking-wide">{left.join(' ')}</span>.{' '}
      {fits ? (
        <button type="button" className="btn btn-xs" onClick={() => onSessions(enough)}>
          Plan {enough} sessions, for the whole hand
        </button>
      ) : (
        `The whole hand takes ${enough} sessions, more than one pack holds: take a smaller nib, or make two packs.`
      )}
    </p>
  );
}

function Outline({
  course: { pages },
  onLay,
}: {
  course: Course;
  onLay: (title: string, bands: readonly Band[]) => void;
}) {
  return (
    <section aria-labelledby="outline">
      <h2 id="outline" className="margin-heading">
        {FRONT_PAGES + pages.length} pages
      </h2>
      <ol className="text-sm" data-testid="outline">
        <li className="py-0.5 opacity-80">1–{FRONT_PAGES} Contents, kit, ruling, preparation, cautions</li>
        {pages.map(({ title, session, bands }, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: pages of a plan never move
          <li key={i} className="flex items-baseline gap-1 py-0.5">
            <span className="w-6 shrink-0 text-right tabular-nums opacity-80">{FRONT_PAGES + i + 1}</span>
            <span className="min-w-0 flex-1">
              {title}
              {session !== undefined && <span className="opacity-80"> · session {session}</span>}
            </span>
            <button
              type="button"
              className="btn btn-xs shrink-0"
              aria-label={`Lay “${title}” on the desk`}
              onClick={() => onLay(title, bands)}
            >
              Lay out
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}
