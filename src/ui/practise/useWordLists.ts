'use client';

import { useCallback, useEffect, useState } from 'react';
import { call } from '../lib/api';

export interface KeptList {
  readonly id: string;
  readonly name: string;
}

/** The lists of words kept at this desk; `read` asks again. */
export function useWordLists() {
  const [lists, setLists] = useState<readonly KeptList[]>([]);
  const read = useCallback(async () => {
    const answer = await call('/api/words/lists');
    setLists(((await answer.json()) as { lists: readonly KeptList[] }).lists);
  }, []);
  useEffect(() => {
    read().catch(() => undefined);
  }, [read]);
  return { lists, read };
}
