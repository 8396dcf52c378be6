import { memo } from 'react';
import { USUAL } from '@/core/hand/letter';
import type { Cut } from '@/core/type/cut';
import type { Typeface } from '@/core/type/face';
import { LetterKey } from './LetterView';

/** The alphabet by families, each letter in the shape it is written in. */
export const Alphabet = memo(function Alphabet({
  face,
  chosen,
  onChoose,
}: {
  face: Typeface;
  chosen: string;
  onChoose: (character: string) => void;
}) {
  const families = new Map<string, Cut[]>();
  for (const cut of face.letters.values()) {
    // A letter stays in its family whatever shape is chosen for it.
    const usual = face.shapesOf(cut.letter.text).find(({ letter }) => letter.variant === USUAL) ?? cut;
    const { family } = usual.letter;
    families.set(family, [...(families.get(family) ?? []), cut]);
  }
  return (
    <nav
      aria-label="Alphabet"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling region must be reachable by keyboard
      tabIndex={0}
      className="flex shrink-0 gap-3 overflow-x-auto border-base-300 max-sm:max-h-32 max-sm:flex-wrap max-sm:gap-1 max-sm:overflow-x-hidden max-sm:overflow-y-auto border-b bg-base-100 p-2 lg:block lg:w-44 lg:overflow-x-visible lg:overflow-y-auto lg:border-r lg:border-b-0"
    >
      {[...families].map(([family, cuts]) => (
        <div key={family} className="shrink-0 max-sm:shrink lg:mb-2">
          <h2 className="text-sm">{family}</h2>
          <div className="flex max-sm:flex-wrap lg:flex-wrap">
            {cuts.map((cut) => {
              const { text } = cut.letter;
              return (
                <button
                  key={text}
                  type="button"
                  aria-label={`Letter ${text}`}
                  aria-pressed={text === chosen}
                  className={`rounded max-sm:p-1 ${text === chosen ? 'bg-base-300' : 'hover:bg-base-200'}`}
                  onClick={() => onChoose(text)}
                >
                  <LetterKey face={face} cut={cut} />
                </button>
              );
            })}
          </div>
        </div>
      ))}
    </nav>
  );
});
