'use client';

import { type ReactNode, useMemo, useState } from 'react';
import { JUDGEMENTS, type Judgement, KINDS, questionOf } from '@/core/eye/judgement';
import { type EyeRow, rowsOf } from '@/core/eye/rows';
import { answered, begin, isDone, progressOf, type Staircase, thresholdOf } from '@/core/eye/staircase';
import type { EntryData } from '@/core/log/entry';
import type { Setting } from '@/core/setting/setting';
import { pathData } from '@/render/pathData';
import { Link } from '@/ui/lib/Link';
import { useNotice } from '../frame/notices';
import { newId } from '../lib/api';
import { shortDate } from '../lib/dates';
import { keepAt } from '../lib/patience';
import { useKeys } from '../sheet/keys';

type Kept = EntryData<'eye'>;

interface Round {
  readonly kind: Judgement;
  readonly stairs: Staircase;
  /** Questions are drawn anew for each answer. */
  readonly number: number;
}

const start = (kind: Judgement): Round => {
  const { first, least, most } = KINDS[kind];
  return { kind, stairs: begin(first, least, most), number: 0 };
};

/** Two rows, one question: the difference shrinks with right answers; the threshold reached is saved. */
export function EyeStation({
  title,
  setting,
  before,
}: {
  title: ReactNode;
  setting: Setting;
  before: readonly (Kept & { readonly entryId: string })[];
}) {
  const [round, setRound] = useState<Round | null>(null);
  const [said, setSaid] = useState<{ readonly right: boolean; readonly row: 0 | 1 } | null>(null);
  const [results, setResults] = useState<readonly Kept[]>(before);
  const notice = useNotice();
  const question = useMemo(() => round && questionOf(round.kind, round.stairs.level, Math.random), [round]);
  const rows = useMemo(() => question && rowsOf(question, setting), [question, setting]);

  const keep = async (kind: Judgement, stairs: Staircase) => {
    const result: Kept = { judgement: kind, threshold: thresholdOf(stairs), trials: stairs.trials };
    setResults((now) => [...now, result]);
    try {
      await keepAt('PUT /api/records/{}', `eye-${newId()}`, { kind: 'eye', data: result });
    } catch (error) {
      notice.failed(error);
    }
  };
  const answer = (row: 0 | 1) => {
    if (!round || !question || isDone(round.stairs)) return;
    const right = row === question.answer;
    const stairs = answered(round.stairs, right);
    setSaid({ right, row: question.answer });
    setRound({ ...round, stairs, number: round.number + 1 });
    if (isDone(stairs)) void keep(round.kind, stairs);
  };
  const going = round && !isDone(round.stairs);
  useKeys(
    going
      ? [
          {
            shown: '↑ or 1',
            does: 'the upper row',
            actions: { arrowup: () => answer(0), '1': () => answer(0) },
          },
          {
            shown: '↓ or 2',
            does: 'the lower row',
            actions: { arrowdown: () => answer(1), '2': () => answer(1) },
          },
        ]
      : [],
  );
  const done = round && isDone(round.stairs) ? round : null;
  const earlier = (kind: Judgement, skip = 0) =>
    results.filter(({ judgement }) => judgement === kind).at(-1 - skip);

  return (
    <div className="mx-auto max-w-4xl space-y-5 px-6 py-5 max-sm:px-3">
      <header className="space-y-1">
        <h1>{title}</h1>
        <p className="max-w-prose">
          What the eye cannot tell the hand cannot mend. Two rows, one question, about forty times; the
          difference shrinks while you are right.
        </p>
      </header>
      <fieldset className="flex flex-wrap gap-2">
        <legend className="sr-only">What to look for</legend>
        {JUDGEMENTS.map((kind) => (
          <button
            key={kind}
            type="button"
            className={`btn btn-sm ${round?.kind === kind ? 'border-accent font-bold text-accent' : ''}`}
            onClick={() => {
              setSaid(null);
              setRound(start(kind));
            }}
          >
            {KINDS[kind].name}
          </button>
        ))}
        <Link href="/today" className="btn btn-ghost btn-sm">
          Back to Today
        </Link>
      </fieldset>
      {going && rows && (
        <section aria-label={KINDS[round.kind].question} className="space-y-3">
          <h2 className="font-serif text-2xl">{KINDS[round.kind].question}</h2>
          {([0, 1] as const).map((row) => (
            <button
              key={row}
              type="button"
              aria-label={row === 0 ? 'The upper row' : 'The lower row'}
              className="block w-full cursor-pointer rounded border border-base-300 bg-white p-3 hover:border-primary"
              onClick={() => answer(row)}
            >
              <Row row={rows[row]} width={Math.max(rows[0].width, rows[1].width)} />
            </button>
          ))}
          <p aria-live="polite" className="min-h-6">
            {said && (said.right ? 'Right.' : `No: it was the ${said.row === 0 ? 'upper' : 'lower'} one.`)}
          </p>
          <progress
            className="progress progress-primary w-full"
            aria-label="How far"
            value={progressOf(round.stairs)}
            max={1}
          />
        </section>
      )}
      {done && (
        <section aria-label="Result" className="space-y-2" data-testid="eye-result">
          <h2 className="font-serif text-2xl">
            You tell {KINDS[done.kind].inWords(thresholdOf(done.stairs))}.
          </h2>
          <p>
            {earlier(done.kind, 1)
              ? `Last time it was ${KINDS[done.kind].inWords(earlier(done.kind, 1)?.threshold ?? 0)}.`
              : 'The next round shows whether it becomes finer.'}
          </p>
        </section>
      )}
      {!round && results.length > 0 && (
        <section aria-label="What your eye tells">
          <h2 className="margin-heading">What your eye tells</h2>
          <ul>
            {JUDGEMENTS.flatMap((kind) => {
              const last = earlier(kind);
              return last ? [<li key={kind}>{KINDS[kind].inWords(last.threshold)}</li>] : [];
            })}
          </ul>
          <p className="text-sm opacity-80">
            As of {shortDate(new Date())}, of {results.length} rounds.
          </p>
        </section>
      )}
    </div>
  );
}

/** White round a row, and over it for what stands above the body, as shares of the body. */
const AROUND = 0.3;
const ABOVE = 0.75;

/** A row of ink; both rows of a question have one width, so that neither looks larger. */
function Row({ row: { nodes, body }, width }: { row: EyeRow; width: number }) {
  const [side, top] = [body * AROUND, body * (1 + ABOVE)];
  const box = [-side, -top, width + 3 * side, top + side];
  return (
    <svg viewBox={box.join(' ')} className="max-h-44 w-full" aria-hidden>
      {nodes.map(
        (node) =>
          node.kind === 'form' && (
            <path
              key={node.x}
              d={pathData(node.form.commands)}
              transform={`translate(${node.x} ${node.y}) scale(${node.scale})`}
              fill={COLOUR}
            />
          ),
      )}
    </svg>
  );
}

/** Ink on paper that is white in both themes. */
const COLOUR = '#1F2430';
