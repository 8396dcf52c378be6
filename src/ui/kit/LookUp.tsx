import type { Unknown } from '@/core/kit/match';
import { Link } from '@/ui/lib/Link';

/** Unknown facts, each with a link to its thing on the bench. */
export function LookUp({ unknown }: { unknown: readonly Unknown[] }) {
  return (
    <div className="mt-2 text-sm">
      <strong>To look up:</strong>
      <ul className="list-disc pl-5">
        {unknown.map(({ what, of }) => (
          <li key={what}>
            {what}{' '}
            <Link className="link" href={`/bench?item=${encodeURIComponent(of)}`}>
              {/^Measure/.test(what) ? 'Measure it on the bench' : 'Note it on the bench'}
            </Link>
          </li>
        ))}
      </ul>
    </div>
  );
}
