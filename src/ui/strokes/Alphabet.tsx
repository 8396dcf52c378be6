import { type KeyboardEvent, memo, useRef } from 'react';
import { USUAL } from '@/core/hand/letter';
import { lookUp } from '@/core/measure/lookUp';
import type { Cut } from '@/core/type/cut';
import type { Typeface } from '@/core/type/face';
import { LetterOnLine } from './LetterView';

/** Letters stepped over by each key; Home and End go to the ends. */
const STEPS: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -1, ArrowDown: 1 };

/** The alphabet by families, each letter in the shape it is written in: one stop of the Tab key, arrows go from letter to letter. */
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
  const keys = useRef(new Map<string, HTMLButtonElement>());
  const order = [...families.values()].flat().map(({ letter }) => letter.text);
  const stop = order.includes(chosen) ? chosen : order[0];
  const step = (event: KeyboardEvent, text: string) => {
    const at = order.indexOf(text);
    const by = lookUp(STEPS, event.key);
    const to = event.key === 'Home' ? 0 : event.key === 'End' ? order.length - 1 : by && at + by;
    const next = to === undefined ? undefined : order[Math.min(order.length - 1, Math.max(0, to))];
    if (next === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    keys.current.get(next)?.focus();
    onChoose(next);
  };
  return (
    <nav
      aria-label="Alphabet"
      className="flex shrink-0 gap-3 overflow-x-auto border-base-300 max-sm:max-h-32 max-sm:flex-wrap max-sm:gap-1 max-sm:overflow-x-hidden max-sm:overflow-y-auto border-b bg-base-100 p-2 lg:block lg:w-44 lg:overflow-x-visible lg:overflow-y-auto lg:border-r lg:border-b-0"
    >
      {[...families].map(([family, cuts]) => (
        <div key={family} className="shrink-0 max-sm:shrink lg:mb-2">
          <h2 className="text-sm">{family}</h2>
          <div className="flex items-baseline max-sm:flex-wrap lg:flex-wrap">
            {cuts.map((cut) => {
              const { text } = cut.letter;
              return (
                <button
                  key={text}
                  ref={(button) => {
                    if (button) keys.current.set(text, button);
                    else keys.current.delete(text);
                  }}
                  type="button"
                  tabIndex={text === stop ? 0 : -1}
                  onKeyDown={(event) => step(event, text)}
                  aria-label={`Letter ${text}`}
                  aria-pressed={text === chosen}
                  className={`flex min-w-6 justify-center rounded max-sm:p-1 ${text === chosen ? 'bg-base-300' : 'hover:bg-base-200'}`}
                  onClick={() => onChoose(text)}
                >
                  <LetterOnLine face={face} cut={cut} />
                </button>
              );
            })}
          </div>
        </div>
      ))}
    </nav>
  );
});
