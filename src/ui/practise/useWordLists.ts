'use client';

import { useCallback, useEffect, useState } from 'react';
import { askServer } from '../lib/api';

export interface KeptList {
  readonly id: string;
  readonly name: string;
}

/** The lists of words kept at this desk; `read` asks again. */
export function useWordLists() {
  const [lists, setLists] = useState<readonly KeptList[]>([]);
  const read = useCallback(async () => {
    setLists((await askServer('GET /api/words/lists', {})).lists);
  }, []);
  useEffect(() => {
    read().catch(() => undefined);
  }, [read]);
  return { lists, read };
}
