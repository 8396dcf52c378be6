import type { Item } from '@/core/kit/item';
import type { Kit, RankedKit } from '@/core/kit/match';
import { type Need, SCHOOLS } from '@/core/kit/need';
import { stillToDo } from '@/core/kit/prepare';
import { plain } from '@/core/measure/units';

export const partsOf = (kit: Kit): Item[] =>
  [kit.tool, kit.holder, kit.ink, kit.paper].filter((one) => one !== undefined);
export const nameOf = (kit: Kit): string =>
  partsOf(kit)
    .map(({ label }) => label)
    .join(', ');

const VERDICTS: Readonly<Record<RankedKit['verdict'], string>> = {
  fits: 'fits',
  workable: 'workable',
  poor: 'poor',
  incomplete: 'something is missing',
};
const TONES: Readonly<Record<RankedKit['verdict'], string>> = {
  fits: 'bg-primary text-primary-content',
  workable: 'bg-base-300',
  poor: 'bg-warning text-warning-content',
  incomplete: 'bg-warning text-warning-content',
};

/** A kit with its verdict, the reasons that matter, the risks and what would lower them. */
export function KitCard({
  need,
  ranked,
  place,
  chosen,
  compared,
  onChoose,
  onCompare,
}: {
  need: Need;
  ranked: RankedKit;
  place: number;
  chosen: boolean;
  compared: boolean;
  onChoose: () => void;
  onCompare: (on: boolean) => void;
}) {
  const { kit, verdict, reasons, risks, unknown, folded, score } = ranked;
  const toDo = stillToDo(need, kit);
  return (
    <li className={`rounded border bg-base-100 p-4 ${chosen ? 'border-primary' : 'border-base-300'}`}>
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h3 className="text-lg">
          {place}. {kit.tool.label}
        </h3>
        <span className={`rounded px-2 text-sm ${TONES[verdict]}`}>
          {VERDICTS[verdict]}, {plain(score, 0)} points
        </span>
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
      <ul className="mt-2 list-disc pl-5 text-sm">
        {reasons.map((one) => (
          <li key={one.rule}>
            {one.reason}
            {one.school && (
              <span className="opacity-80"> (your school: {SCHOOLS[one.school].name.toLowerCase()})</span>
            )}
          </li>
        ))}
      </ul>
      {risks.length > 0 && (
        <ul className="mt-2 space-y-1">
          {risks.slice(0, 4).map((one) => (
            <li key={one.rule} className="remark remark-caution text-sm">
              {one.reason} {one.cure && <span className="italic">{one.cure}</span>}
            </li>
          ))}
        </ul>
      )}
      {toDo.length > 0 && (
        <p className="mt-2 text-sm">
          <strong>Before it writes:</strong> {toDo.join(', ')}.
        </p>
      )}
      {unknown.length > 0 && (
        <p className="mt-2 text-sm">
          <strong>Not judged:</strong> {unknown.join(' ')}
        </p>
      )}
      {folded.length > 0 && (
        <details className="mt-2 text-sm">
          <summary className="cursor-pointer">{folded.length} more that are no better in any respect</summary>
          {folded.map(({ label }) => label).join(', ')}
        </details>
      )}
      <div className="mt-3 flex items-center gap-3">
        <button
          type="button"
          className={`btn btn-sm ${chosen ? '' : 'btn-primary'}`}
          aria-pressed={chosen}
          onClick={onChoose}
        >
          {chosen ? 'Chosen' : 'Choose this kit'}
        </button>
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
