'use client';

import { recordId } from '@/core/log/recordId';
import { listed } from '@/core/measure/words';
import type { Today } from '@/core/study/today';
import { Link } from '@/ui/lib/Link';
import { useNotice } from '../frame/notices';
import { deadline } from '../lib/dates';
import { callUntilKept } from '../lib/patience';

/** What to take out and what it needs, what to keep in mind, pieces to be ready, and what wants looking after. */
export function Desk({ today, onCleaned }: { today: Today; onCleaned: () => void }) {
  const notice = useNotice();
  const { kit, inMind, lastNote, trouble, pieces, attention } = today;
  const cleaned = async (tool: string) => {
    try {
      await callUntilKept(`/api/records/${recordId('cleaned', tool)}`, {
        method: 'PUT',
        json: { kind: 'cleaned', data: { tool } },
      });
      onCleaned();
    } catch (error) {
      notice.failed(error);
    }
  };
  const taken = [kit.tool, kit.holder, kit.ink, kit.paper].flatMap((one) => one ?? []);
  return (
    <>
      <section aria-labelledby="take">
        <h2 id="take" className="margin-heading">
          Take out
        </h2>
        {taken.length > 0 ? (
          <ul className="text-sm">
            {taken.map(({ id, label }) => (
              <li key={id}>{label}</li>
            ))}
          </ul>
        ) : (
          <p className="text-sm">
            No kit is chosen for {today.handName}.{' '}
            <Link className="link" href={`/kit?hand=${today.hand}`}>
              Choose one
            </Link>
          </p>
        )}
        {kit.beside.length > 0 && <p className="text-sm">Beside it: {listed(kit.beside)}.</p>}
        {kit.toDo.length > 0 && <p className="text-sm">First: {kit.toDo.join(', ')}.</p>}
      </section>
      {(inMind.length > 0 || lastNote || trouble) && (
        <section aria-labelledby="mind">
          <h2 id="mind" className="margin-heading">
            Keep in mind
          </h2>
          <ul className="list-disc pl-4 text-sm">
            {inMind.map((remark) => (
              <li key={remark}>{remark}</li>
            ))}
            {trouble && (
              <li>
                The pen: {trouble}.{' '}
                <Link className="link" href={`/kit?hand=${today.hand}#trouble`}>
                  Find out why
                </Link>
              </li>
            )}
            {lastNote && (
              <li>
                You noted: <span dir="auto">“{lastNote}”</span>
              </li>
            )}
          </ul>
        </section>
      )}
      {pieces.length > 0 && (
        <section aria-labelledby="pieces">
          <h2 id="pieces" className="margin-heading">
            Pieces
          </h2>
          <ul className="space-y-1 text-sm">
            {pieces.map(({ sheet, name, next, beginBy, late }) => (
              <li key={sheet} className={late ? 'remark remark-warning' : ''}>
                <Link className="link" href={`/piece?sheet=${sheet}`}>
                  {name}
                </Link>
                : begin by {deadline(beginBy)}
                {late && ', which has passed'}. Next: {next}
              </li>
            ))}
          </ul>
        </section>
      )}
      {attention.length > 0 && (
        <section aria-labelledby="attention">
          <h2 id="attention" className="margin-heading">
            Look after
          </h2>
          <ul className="space-y-2 text-sm">
            {attention.map((one) => (
              <li key={`${one.id} ${one.item}`}>
                <Link className="link" href={`/bench?item=${one.item}`}>
                  {one.say}
                </Link>{' '}
                {one.do}
                {one.id === 'clean' && (
                  <button
                    type="button"
                    className="btn btn-xs ml-1 min-h-6"
                    onClick={() => void cleaned(one.item)}
                  >
                    It is clean
                  </button>
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
