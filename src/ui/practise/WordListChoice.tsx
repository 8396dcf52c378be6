'use client';

import { BUNDLED } from '@/core/practice/words/wordList';
import { OneOf } from '../fields/OneOf';
import type { KeptList } from './useWordLists';

/** Which list words come from: the bundled one, or one that is kept. A list that is gone is said to be. */
export function WordListChoice({
  label,
  lists,
  list,
  onList,
}: {
  label: string;
  lists: readonly KeptList[];
  list: string;
  onList: (id: string) => void;
}) {
  const known = [BUNDLED, ...lists.map(({ id }) => id)];
  const gone = known.includes(list) ? [] : [list];
  return (
    <OneOf
      label={label}
      className="select select-sm w-full"
      value={list}
      choices={[...known, ...gone]}
      nameOf={(id) =>
        id === BUNDLED
          ? 'Bundled English list'
          : (lists.find((one) => one.id === id)?.name ?? 'A list that is no longer kept')
      }
      onChoose={onList}
    />
  );
}
