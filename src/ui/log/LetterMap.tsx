'use client';

import { useState } from 'react';
import type { UnitHistory, UnitStanding } from '@/core/desk/routes';
import type { HandId } from '@/core/hands/registry';
import { type CriterionId, criterionSaid } from '@/core/practice/criteria';
import { GRADES, type Stand } from '@/core/study/memory';
import { useRead } from '../frame/useRead';
import { WrittenMark } from '../frame/WrittenMark';
import { askServer } from '../lib/api';
import { shortDate } from '../lib/dates';

/** Each state differs in shape as well as in colour. */
const LOOKS: Readonly<Record<Stand, { readonly name: string; readonly look: string }>> = {
  held: { name: 'held', look: 'bg-primary text-primary-content' },
  due: { name: 'due', look: 'border-2 border-primary' },
  wobbling: { name: 'wobbled', look: 'border-2 border-accent border-dashed font-bold text-accent' },
  new: { name: 'new', look: 'border border-base-300 opacity-80' },
};
const STANDS: readonly Stand[] = ['held', 'due', 'wobbling', 'new'];

/** Where everything stands, family by family; a letter opens its own page. */
export function LetterMap({ hand }: { hand: HandId }) {
  const [units, setUnits] = useState<readonly UnitStanding[]>([]);
  const [chosen, setChosen] = useState<UnitStanding | null>(null);
  useRead(
    async (signal) => {
      const found = await askServer('GET /api/log/letters', { query: { hand }, signal });
      setUnits(found.units);
    },
    [hand],
  );
  const families = [...new Set(units.map(({ family }) => family))];
  return (
    <div className="grid gap-6 pt-4 lg:grid-cols-[1fr_20rem]">
      <section aria-label="Letters by family" className="space-y-3">
        <p className="flex flex-wrap gap-2 text-sm">
          {STANDS.map((stand) => (
            <span key={stand} className={`rounded px-2 ${LOOKS[stand].look}`}>
              {LOOKS[stand].name}: {units.filter((unit) => unit.stand === stand).length}
            </span>
          ))}
        </p>
        {families.map((family) => (
          <div key={family}>
            <h2 className="text-sm opacity-80">{family}</h2>
            <div className="flex flex-wrap gap-1" data-testid={`family-${family}`}>
              {units
                .filter((unit) => unit.family === family)
                .map((unit) => (
                  <button
                    key={unit.key}
                    type="button"
                    dir="auto"
                    aria-pressed={chosen?.key === unit.key}
                    aria-label={`${unit.name}, ${LOOKS[unit.stand].name}`}
                    className={`grid min-h-11 min-w-11 cursor-pointer place-items-center rounded px-2 text-sm ${
                      LOOKS[unit.stand].look
                    }`}
                    onClick={() => setChosen(unit)}
                  >
                    <Unit unit={unit} height={IN_LIST} />
                  </button>
                ))}
            </div>
          </div>
        ))}
      </section>
      <aside>{chosen && <LetterPage key={chosen.key} hand={hand} unit={chosen} />}</aside>
    </div>
  );
}

/** Heights of a line of writing in the map, and of the letter on its own page, in pixels. */
const IN_LIST = 44;
const ON_PAGE = 120;

/** What is practised, as the hand writes it where it is writing. */
const Unit = ({ unit: { name, mark }, height }: { unit: UnitStanding; height: number }) =>
  mark ? <WrittenMark text={name} mark={mark} height={height} /> : name;

const GRADE_WORDS: Readonly<Record<number, string>> = {
  [GRADES.off]: 'off',
  [GRADES.near]: 'near',
  [GRADES.right]: 'right',
  [GRADES.easy]: 'easy',
};
const RATINGS_SHOWN = 20;
const PERCENT = 100;
const DAY = 86_400_000;

/** A letter's own page: its state, its next date, how it was rated, what was off, its pictures. */
function LetterPage({ hand, unit }: { hand: HandId; unit: UnitStanding }) {
  const [found, setFound] = useState<UnitHistory | null>(null);
  useRead(
    async (signal) => {
      setFound(await askServer('GET /api/log/unit', { query: { hand, unit: unit.key }, signal }));
    },
    [hand, unit.key],
  );
  const pictures = found?.ratings.filter((rating) => rating.picture) ?? [];
  const counts = new Map<CriterionId, number>();
  for (const { off } of found?.ratings ?? []) for (const id of off) counts.set(id, (counts.get(id) ?? 0) + 1);
  const worst = [...counts].sort((a, b) => b[1] - a[1]).slice(0, 3);
  return (
    <section aria-label={unit.name} className="space-y-2 text-sm" data-testid="letter-page">
      <h2 className="text-lg" dir="auto">
        <Unit unit={unit} height={ON_PAGE} />
      </h2>
      <p>
        {LOOKS[unit.stand].name}
        {found?.memory && (
          <>
            , written {found.memory.times} {found.memory.times === 1 ? 'time' : 'times'}, last on{' '}
            {shortDate(found.memory.last)}; comes again on {shortDate(found.memory.due)}.
          </>
        )}
        {found && !found.memory && '. Nothing is logged for it yet.'}
      </p>
      {worst.length > 0 && (
        <>
          <h3 className="margin-heading">Checks not passed</h3>
          <ul>
            {worst.map(([id, count]) => (
              <li key={id}>
                {count} × {criterionSaid(id)}
              </li>
            ))}
          </ul>
        </>
      )}
      {found && found.ratings.length > 0 && (
        <>
          <h3 className="margin-heading">Ratings</h3>
          <RatingLine ratings={found.ratings} />
          <ol>
            {[...found.ratings]
              .reverse()
              .slice(0, RATINGS_SHOWN)
              .map((rating) => (
                <li key={rating.session}>
                  {shortDate(rating.at)}: <b>{GRADE_WORDS[rating.grade]}</b>
                  {rating.note && <span dir="auto"> · {rating.note}</span>}
                </li>
              ))}
          </ol>
        </>
      )}
      {pictures.length > 0 && (
        <div className="flex gap-2 overflow-x-auto">
          {pictures.map(({ picture, at }) => (
            // biome-ignore lint/performance/noImgElement: bytes of this desk
            <img key={at} src={`/api/pictures/${picture}`} alt={shortDate(at)} className="h-24 rounded" />
          ))}
        </div>
      )}
    </section>
  );
}

/** Ratings over time, as a line of steps: off at the foot, right at the head. */
function RatingLine({ ratings }: { ratings: readonly UnitHistory['ratings'][number][] }) {
  const times = ratings.map(({ at }) => Date.parse(at));
  const [from, to] = [Math.min(...times), Math.max(...times)];
  const span = Math.max(DAY, to - from);
  return (
    <svg
      viewBox="-3 -6 106 42"
      className="w-full"
      role="img"
      aria-label={`Ratings from ${shortDate(ratings[0]?.at ?? '')} to ${shortDate(ratings.at(-1)?.at ?? '')}`}
    >
      {ratings.map(({ at, grade, session }, i) => (
        <circle
          key={session}
          cx={((times[i] as number) - from) * (PERCENT / span)}
          cy={(GRADES.right - Math.min(grade, GRADES.right)) * 15}
          r="2"
          className={grade === GRADES.off ? 'fill-accent' : 'fill-primary'}
        >
          <title>{`${shortDate(at)}: ${GRADE_WORDS[grade]}`}</title>
        </circle>
      ))}
    </svg>
  );
}
