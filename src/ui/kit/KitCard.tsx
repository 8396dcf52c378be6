import { toolOf } from '@/core/kit/kinds/registry';
import type { RankedKit, Unknown } from '@/core/kit/match';
import { type Need, SCHOOLS } from '@/core/kit/need';
import { stillToDo } from '@/core/kit/prepare';
import type { Judgement } from '@/core/kit/verdict';
import { counted } from '@/core/measure/words';
import { Link } from '@/ui/lib/Link';
import type { WrittenSample } from '@/workers/gallery.worker';
import { Sample } from '../hand/Sample';
import { PartWords } from '../parts/PartWords';
import { VERDICTS } from './kitWords';

const TONES: Readonly<Record<RankedKit['verdict'], string>> = {
  fits: 'bg-primary text-primary-content',
  workable: 'bg-base-300',
  unsure: 'bg-base-300',
  poor: 'bg-warning text-warning-content',
  incomplete: 'bg-warning text-warning-content',
};

/** Most reasons that carry a verdict. */
const REASONS = 3;

/** A kit with its verdict, what carries it, and the one thing that would change it. */
export function KitCard({
  need,
  ranked,
  place,
  follows,
  chosen,
  sample,
  pxPerMm,
  compared,
  onChoose,
  onCompare,
  onOutlines,
}: {
  need: Need;
  ranked: RankedKit;
  place: number;
  /** What choosing it would rule; undefined where it has no width to rule for. */
  follows: string | undefined;
  chosen: boolean;
  /** What it writes, once that is drawn. */
  sample: WrittenSample | undefined;
  /** Pixels of a millimetre on this screen: what is shown is life size. */
  pxPerMm: number;
  compared: boolean;
  onChoose: () => void;
  onCompare: (on: boolean) => void;
  /** Lays a page of outlines on the desk, for two pencils. */
  onOutlines: () => void;
}) {
  const { kit, verdict, reasons, risks, unknown, folded, decided } = ranked;
  const toDo = stillToDo(need, kit);
  const [first, ...others] = risks;
  return (
    <li className={`rounded border bg-base-100 p-4 ${chosen ? 'border-primary' : 'border-base-300'}`}>
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h3 className="text-lg">
          {place}. {kit.tool.label}
        </h3>
        <span className={`rounded px-2 text-sm ${TONES[verdict]}`}>{VERDICTS[verdict]}</span>
      </div>
      <p className="text-sm">
        {[
          kit.holder && `in the ${kit.holder.label}`,
          kit.ink && `with ${kit.ink.label}`,
          kit.paper && `on ${kit.paper.label}`,
        ]
          .filter(Boolean)
          .join(', ')}
      </p>
      {sample && (
        <div className="mt-2 overflow-hidden">
          <Sample sample={sample} scale={pxPerMm} label={`What ${kit.tool.label} writes, life size`} />
        </div>
      )}
      <ul className="mt-2 list-disc pl-5 text-sm">
        {reasons.slice(0, REASONS).map((one) => (
          <li key={one.rule}>
            <PartWords>{one.reason}</PartWords>
            {one.school && (
              <span className="opacity-80"> (your school: {SCHOOLS[one.school].name.toLowerCase()})</span>
            )}
          </li>
        ))}
      </ul>
      {decided && <p className="mt-2 text-sm italic">{decided}</p>}
      {first && (
        <p className="remark remark-caution mt-2 text-sm">
          <PartWords>{first.reason}</PartWords> {first.cure && <span className="italic">{first.cure}</span>}
        </p>
      )}
      {others.length > 0 && <Others risks={others} />}
      {toDo.length > 0 && (
        <p className="mt-2 text-sm">
          <strong>Before it writes:</strong> {toDo.join(', ')}.
        </p>
      )}
      {unknown.length > 0 && <LookUp unknown={unknown} />}
      {folded.length > 0 && (
        <details className="mt-2 text-sm">
          <summary className="cursor-pointer">
            {folded.length === 1 ? 'One more pen, no better' : `${folded.length} more pens, none better`}
          </summary>
          {folded.map(({ label }) => label).join(', ')}
        </details>
      )}
      {follows && (
        <p className="mt-2 text-sm">
          <strong>Choosing it rules</strong> {follows}.
        </p>
      )}
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <button
          type="button"
          className={`btn btn-sm ${chosen ? '' : 'btn-primary'}`}
          aria-pressed={chosen}
          onClick={onChoose}
        >
          {chosen ? 'Chosen' : 'Choose this kit'}
        </button>
        {toolOf(kit.tool.kind)?.edge === 'gap' && (
          <button type="button" className="btn btn-sm" onClick={onOutlines}>
            Practise outlines with it
          </button>
        )}
        <label className="flex items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="checkbox checkbox-xs"
            checked={compared}
            onChange={(event) => onCompare(event.target.checked)}
          />
          side by side
        </label>
      </div>
    </li>
  );
}

const Others = ({ risks }: { risks: readonly Judgement[] }) => (
  <details className="mt-2 text-sm">
    <summary className="cursor-pointer">{counted(risks.length, 'more thing')} to mind</summary>
    <ul className="mt-1 list-disc pl-5">
      {risks.map(({ rule, reason, cure }) => (
        <li key={rule}>
          <PartWords>{reason}</PartWords> {cure && <span className="italic">{cure}</span>}
        </li>
      ))}
    </ul>
  </details>
);

/** Unknown facts, each with a link to its thing on the bench. */
function LookUp({ unknown }: { unknown: readonly Unknown[] }) {
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
