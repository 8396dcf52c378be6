'use client';

import { useId, useState } from 'react';
import { suggestHands, type Wish } from '@/core/hand/choose';
import type { ToolFamily } from '@/core/hand/hand';
import { LOOKS, PURPOSES } from '@/core/hand/portrait';
import { HANDS } from '@/core/hands/registry';
import { hasLetters } from '@/core/hands/scripts';
import { Link } from '@/ui/lib/Link';
import { Toggle } from '../fields/Choices';
import { Select } from './Select';

const TOOLS: Readonly<Record<ToolFamily, string>> = {
  broad: 'a broad edge',
  pointed: 'a pointed pen',
  brush: 'a brush pen',
  monoline: 'an everyday pen or pencil',
};

/** From purpose, tool and taste to two or three hands, with reasons. */
export function WhichHand({ owned }: { owned: ReadonlySet<ToolFamily> }) {
  const [wish, setWish] = useState<Wish>({});
  const id = useId();
  const asked = Object.values(wish).some(Boolean);
  const found = asked ? suggestHands(HANDS, wish, { owned, drawn: (hand) => hasLetters(hand.id) }) : [];
  const set = (part: Partial<Wish>) => setWish((now) => ({ ...now, ...part }));
  return (
    <section aria-labelledby={id} className="mb-4 rounded border border-base-300 bg-base-100 p-4">
      <div className="flex flex-wrap items-end gap-4 max-sm:grid max-sm:grid-cols-2 max-sm:gap-2">
        <h2 id={id} className="mr-2 font-bold text-xl max-lg:w-full max-sm:col-span-2">
          Which hand for me?
        </h2>
        <Select
          label="To write"
          value={wish.purpose ?? ''}
          choices={PURPOSES}
          onChoose={(purpose) => set({ purpose: purpose || undefined })}
        />
        <Select
          label="With"
          value={wish.tool ?? ''}
          choices={Object.keys(TOOLS) as ToolFamily[]}
          nameOf={(tool) => TOOLS[tool]}
          onChoose={(tool) => set({ tool: tool || undefined })}
        />
        <Select
          label="It should look"
          value={wish.look ?? ''}
          choices={LOOKS}
          onChoose={(look) => set({ look: look || undefined })}
        />
        <Toggle name="My first hand" on={wish.beginner ?? false} onSwitch={(beginner) => set({ beginner })} />
      </div>
      <ol aria-label="Suggested hands" className="grid gap-3 md:grid-cols-3">
        {found.map(({ hand, reasons, but }) => (
          <li key={hand.id} className="mt-3 rounded bg-base-200 p-3 text-sm">
            <a href={`#${hand.id}`} className="link font-bold text-base">
              {hand.name}
            </a>
            <p className="mt-1">{reasons.join(' ')}</p>
            {but.length > 0 && <p className="mt-1 opacity-80">But: {but.join(' ')}</p>}
            <Link href={`/rule?hand=${hand.id}`} className="btn btn-sm mt-2">
              Choose {hand.name}
            </Link>
          </li>
        ))}
      </ol>
    </section>
  );
}
