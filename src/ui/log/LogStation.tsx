'use client';

import { type ReactNode, useState } from 'react';
import type { HandId } from '@/core/hands/registry';
import type { Entry } from '@/core/log/entry';
import { OneOf } from '../fields/OneOf';
import { Tabs } from '../fields/Tabs';
import { later } from '../frame/later';
import { Entries } from './Entries';
import { LetterMap } from './LetterMap';
import { LogFiles } from './LogFiles';
import { Students } from './Students';

const Charts = later(async () => (await import('./Charts')).default);

const TABS = ['Days', 'Letters', 'Charts', 'Files', 'Class'] as const;
type Tab = (typeof TABS)[number];

/** The logbook: what was done by day, where every letter stands, and how it went on the whole. */
export function LogStation({
  title,
  first,
  hands,
  hand: opened,
}: {
  title: ReactNode;
  first: readonly Entry[];
  hands: readonly { readonly id: HandId; readonly name: string }[];
  hand: HandId;
}) {
  const [tab, setTab] = useState<Tab>('Days');
  const [hand, setHand] = useState(opened);
  const nameOf = (id: HandId) => hands.find((one) => one.id === id)?.name ?? id;
  return (
    <div className="mx-auto max-w-5xl space-y-4 px-6 py-5 max-sm:px-3">
      <header className="flex flex-wrap items-end gap-4">
        <h1>{title}</h1>
        {tab === 'Letters' && (
          <OneOf
            label="Hand"
            className="select select-sm w-44"
            value={hand}
            choices={hands.map(({ id }) => id)}
            nameOf={nameOf}
            onChoose={setHand}
          />
        )}
      </header>
      <Tabs name="The logbook" tabs={TABS} value={tab} onChoose={setTab}>
        {tab === 'Days' && <Entries first={first} />}
        {tab === 'Letters' && <LetterMap key={hand} hand={hand} />}
        {tab === 'Charts' && <Charts />}
        {tab === 'Files' && <LogFiles />}
        {tab === 'Class' && <Students />}
      </Tabs>
    </div>
  );
}
