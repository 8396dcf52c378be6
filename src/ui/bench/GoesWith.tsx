'use client';

import { useMemo } from 'react';
import { firstHandOf } from '@/core/kit/firstHand';
import { goesWith, partOf, type Together } from '@/core/kit/goesWith';
import type { Item } from '@/core/kit/item';
import { needFor } from '@/core/kit/need';
import type { TriedSeat } from '@/core/kit/seat';
import type { KitPart } from '@/core/kit/verdict';
import { useAbout } from '../frame/AboutMe';

const NAMES: Readonly<Record<KitPart, string>> = {
  tool: 'Tools',
  holder: 'Holders',
  ink: 'Inks',
  paper: 'Papers',
};
export const SIGNS: Readonly<Record<Together, string>> = { well: '✓', 'with care': '~', not: '✗' };
export const WORDS: Readonly<Record<Together, string>> = {
  well: 'goes well',
  'with care': 'with care',
  not: 'does not go',
};

/** What fits this? The holders, inks, papers or tools that go with a thing, and those that do not, and why. */
export function GoesWith({
  item,
  bench,
  tried,
}: {
  item: Item;
  bench: readonly Item[];
  tried: readonly TriedSeat[];
}) {
  const { about } = useAbout();
  const found = useMemo(() => {
    const { side, experience, schools, grip } = about;
    return goesWith(needFor(firstHandOf(item.kind), { side, experience, schools, grip, tried }), item, bench);
  }, [item, bench, about, tried]);
  if (!partOf(item) || found.size === 0) return null;
  return (
    <details>
      <summary className="cursor-pointer font-bold text-sm">What fits this?</summary>
      {[...found].map(([part, list]) => (
        <section key={part} aria-label={NAMES[part]} className="mt-2">
          <h3 className="text-sm underline decoration-dotted underline-offset-4">{NAMES[part]}</h3>
          <ul className="space-y-1 text-sm">
            {list.map(({ item: other, how, why }) => (
              <li key={other.id} className={how === 'not' ? 'opacity-80' : ''}>
                <span role="img" aria-label={WORDS[how]} className="mr-1 inline-block w-3 font-bold">
                  {SIGNS[how]}
                </span>
                <b>{other.label}</b>: {why}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </details>
  );
}
