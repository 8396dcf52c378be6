'use client';

import { useCallback, useState } from 'react';
import type { Answered } from '@/core/desk/routes';
import { blankItem, type Item } from '@/core/kit/item';
import type { ItemKind } from '@/core/kit/itemKinds';
import { useRead } from '../frame/useRead';
import { askServer, Stale } from '../lib/api';
import { callUntilKept } from '../lib/patience';

/** Unknown facts are left out of the answer; here they become null again. */
const whole = (facts: Partial<Item> & { id: string; kind: ItemKind; label: string }): Item => ({
  ...blankItem(facts.id, facts.kind, facts.label),
  ...facts,
});

/** Facts of a thing that are changed, and the thing as it was. */
export interface FactChange {
  readonly item: Item;
  readonly facts: Partial<Item>;
}

/** The bench, read once from the server and kept in step with what is saved. */
export function useBench() {
  const [items, setItems] = useState<readonly Item[] | null>(null);
  const load = useCallback(async () => {
    const rows = await askServer('GET /api/items', {});
    const blanks = new Map<ItemKind, Item>();
    setItems(
      rows.map((row) => {
        const blank = blanks.get(row.kind) ?? whole({ id: row.id, kind: row.kind, label: row.label });
        blanks.set(row.kind, blank);
        return { ...blank, note: '', photo: null, archived: false, hours: 0, ...row };
      }),
    );
  }, []);
  useRead(load, [load]);

  const save = useCallback(async (changed: readonly Item[]) => {
    await callUntilKept('/api/items', { method: 'PUT', json: changed });
    const byId = new Map(changed.map((item) => [item.id, item]));
    setItems((list) => {
      const kept = (list ?? []).map((item) => byId.get(item.id) ?? item);
      const known = new Set(kept.map(({ id }) => id));
      return [...kept, ...changed.filter(({ id }) => !known.has(id))];
    });
  }, []);
  /** Changes some facts of things; the server keeps all other facts, and its answer is shown. */
  const change = useCallback(
    async (changes: readonly FactChange[]) => {
      const json = changes.map(({ item, facts }) => ({
        id: item.id,
        now: facts,
        was: Object.fromEntries(Object.keys(facts).map((key) => [key, item[key as keyof Item]])),
      }));
      try {
        const answer = await callUntilKept('/api/items', { method: 'PATCH', json });
        const answered: Answered['PATCH /api/items'] = await answer.json();
        const kept = new Map(answered.map((item) => [item.id, item]));
        setItems((list) => (list ?? []).map((item) => kept.get(item.id) ?? item));
      } catch (error) {
        // On a conflict the other version is shown beside the message.
        if (error instanceof Stale) await load();
        throw error;
      }
    },
    [load],
  );
  const remove = useCallback(async (ids: readonly string[]) => {
    await callUntilKept('/api/items', { method: 'DELETE', json: ids });
    const gone = new Set(ids);
    setItems((list) => (list ?? []).filter(({ id }) => !gone.has(id)));
  }, []);
  return { items, load, save, change, remove };
}
