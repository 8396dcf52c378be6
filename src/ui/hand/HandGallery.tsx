'use client';

import { type ReactNode, useEffect, useMemo, useState } from 'react';
import { withNib } from '@/core/document/chosenNib';
import { freshRecipe } from '@/core/document/defaults';
import type { ToolFamily } from '@/core/hand/hand';
import { LOOKS, PURPOSES, STAGES } from '@/core/hand/portrait';
import { HANDS, type HandId } from '@/core/hands/registry';
import type { Nib } from '@/core/kit/nib';
import { lookUp } from '@/core/measure/lookUp';
import { Toggle } from '../fields/Choices';
import { Compared } from './Compared';
import { filtered, isOwned, NO_FILTERS } from './filters';
import { HandCard } from './HandCard';
import { Select } from './Select';
import { useSamples } from './useSamples';
import { WhichHand } from './WhichHand';

const OPENING_TEXT = 'Open night at dusk';
const TEXT_KEY = 'elvane-gallery-text';
const LONGEST_TEXT = 40;
/** Maximum number of hands that can be compared side by side. */
const MOST_COMPARED = 4;

const CASES = ['both', 'one'] as const;
const STAGE_NAMES = { first: 'a first hand', second: 'a second hand', later: 'for later' } as const;

/** Hand first, pen second: every hand writes the scribe's own text with the scribe's own nib, true to weight. */
export function HandGallery({
  title,
  drawer,
  best,
}: {
  title: ReactNode;
  drawer: readonly Nib[];
  /** The nib each hand is written with first, as Kit ranks them. */
  best: Readonly<Partial<Record<HandId, Nib>>>;
}) {
  const [text, setText] = useState(OPENING_TEXT);
  const [filters, setFilters] = useState(NO_FILTERS);
  const [schools, setSchools] = useState<Readonly<Record<HandId, string>>>({});
  const [compared, setCompared] = useState<readonly HandId[]>([]);
  useEffect(() => setText(localStorage.getItem(TEXT_KEY) ?? OPENING_TEXT), []);

  const recipes = useMemo(
    () =>
      HANDS.map((hand) => {
        const nib = lookUp(best, hand.id);
        const fresh = freshRecipe(hand.id, lookUp(schools, hand.id));
        return nib ? withNib(fresh, nib) : fresh;
      }),
    [best, schools],
  );
  const samples = useSamples(
    recipes.map((recipe) => ({ key: recipe.hand, recipe })),
    text.trim() || OPENING_TEXT,
  );
  const shown = filtered(HANDS, filters, drawer);
  const owned = new Set<ToolFamily>(HANDS.filter((hand) => isOwned(hand, drawer)).map(({ tool }) => tool));
  const narrow = (part: Partial<typeof filters>) => setFilters((now) => ({ ...now, ...part }));

  return (
    <div className="mx-auto max-w-6xl px-6 py-6 max-sm:px-3">
      <h1>{title}</h1>
      <p className="mb-4 max-w-prose">
        Choose the hand first and the pen second. Each writes your words, true to the weight of the nib of
        your drawer that suits it best; those you compare stand under one another at one scale.
      </p>
      <WhichHand owned={owned} />
      <div className="mb-4 flex flex-wrap items-end gap-4 max-sm:grid max-sm:grid-cols-2 max-sm:gap-2">
        <label className="grow text-sm max-sm:col-span-2">
          Your words
          <input
            dir="auto"
            className="input input-sm mt-1 block w-full min-w-56"
            value={text}
            maxLength={LONGEST_TEXT}
            onChange={(event) => {
              setText(event.target.value);
              localStorage.setItem(TEXT_KEY, event.target.value);
            }}
          />
        </label>
        <Select label="Look" value={filters.look} choices={LOOKS} onChoose={(look) => narrow({ look })} />
        <Select
          label="For"
          value={filters.purpose}
          choices={PURPOSES}
          onChoose={(purpose) => narrow({ purpose })}
        />
        <Select
          label="Case"
          value={filters.letterCase}
          choices={CASES}
          nameOf={(choice) => (choice === 'both' ? 'small and capitals' : 'one case')}
          onChoose={(letterCase) => narrow({ letterCase })}
        />
        <Select
          label="Experience"
          value={filters.stage}
          choices={STAGES}
          nameOf={(stage) => STAGE_NAMES[stage]}
          onChoose={(stage) => narrow({ stage })}
        />
        <Toggle name="My drawer can write it" on={filters.owned} onSwitch={(on) => narrow({ owned: on })} />
      </div>
      {shown.length === 0 && (
        <p role="status">
          No hand meets all of these wishes.{' '}
          <button type="button" className="link" onClick={() => setFilters(NO_FILTERS)}>
            Show all of them
          </button>
        </p>
      )}
      <ul className="grid gap-5 lg:grid-cols-2">
        {shown.map((hand) => {
          const recipe = recipes.find((candidate) => candidate.hand === hand.id);
          return (
            recipe && (
              <HandCard
                key={hand.id}
                base={hand}
                recipe={recipe}
                nib={lookUp(best, hand.id)}
                sample={samples.get(hand.id)}
                compared={compared.includes(hand.id)}
                full={compared.length >= MOST_COMPARED}
                onSchool={(school) => setSchools((now) => ({ ...now, [hand.id]: school }))}
                onCompare={(on) =>
                  setCompared((now) => (on ? [...now, hand.id] : now.filter((id) => id !== hand.id)))
                }
              />
            )
          );
        })}
      </ul>
      <Compared
        hands={compared}
        samples={samples}
        onRemove={(id) => setCompared((now) => now.filter((other) => other !== id))}
      />
    </div>
  );
}
