'use client';

import { WEARS } from '@/core/kit/choices';
import type { Item } from '@/core/kit/item';
import { OneOrNone } from '../fields/OneOf';
import { newId } from '../lib/api';

/** What can be done with all chosen things at once. */
export function ChosenThings({
  chosen,
  onSet,
  onAdd,
  onDelete,
}: {
  chosen: readonly Item[];
  /** Facts that all of them take, and the sentence that says so. */
  onSet: (facts: Partial<Item>, said: string) => void;
  onAdd: (items: readonly Item[], said: string) => void;
  onDelete: () => void;
}) {
  const archived = chosen.some((item) => !item.archived);
  return (
    <fieldset
      className="mb-2 flex flex-wrap items-center gap-2 rounded bg-base-300 px-3 py-1 text-sm"
      aria-label="Chosen things"
    >
      <span>{chosen.length} chosen:</span>
      <label className="flex items-center gap-1">
        wear
        <OneOrNone
          className="select select-xs w-28"
          none="choose"
          choices={WEARS}
          value=""
          onChoose={(wear) => wear && onSet({ wear }, `Set the wear of ${chosen.length} things.`)}
        />
      </label>
      <button
        type="button"
        className="btn btn-xs"
        onClick={() => onSet({ archived }, archived ? 'Archived.' : 'Back on the bench.')}
      >
        {archived ? 'Archive' : 'Restore'}
      </button>
      <button
        type="button"
        className="btn btn-xs"
        onClick={() =>
          onAdd(
            chosen.map((item) => ({
              ...item,
              id: newId(),
              label: `${item.label.slice(0, 73)}, again`,
            })),
            'Duplicated.',
          )
        }
      >
        Duplicate
      </button>
      <button type="button" className="btn btn-xs" onClick={onDelete}>
        Delete
      </button>
    </fieldset>
  );
}
