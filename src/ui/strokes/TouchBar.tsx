import { ArrowDown, ArrowLeft, ArrowRight, ArrowUp, ChevronLeft, ChevronRight } from 'lucide-react';
import { useState } from 'react';
import { clamp, roundTo } from '@/core/measure/units';
import { LIMITS } from '@/core/problem/limits';
import type { Typeface } from '@/core/type/face';
import { lettersOf, type SetLine } from '@/core/type/placed';
import { shapesInPlaceOf } from '@/core/type/shapes';
import { type Touch, touched, wordAt } from '@/core/type/touch';
import { OneOrNone } from '../fields/OneOf';

/** Step by which one key moves a letter, as a fraction of the body; less is not visible. */
const PUSH = 0.04;

const within = (value: number, { low, high }: { low: number; high: number }) =>
  roundTo(clamp(value, low, high), 0.01);

/** One letter of a line at a time: moved by hand, or given another shape here or in its word. */
export function TouchBar({
  face,
  text,
  set,
  touches,
  chosen,
  onChoose,
  onTouch,
}: {
  face: Typeface;
  text: string;
  set: SetLine;
  touches: readonly Touch[];
  chosen: number | undefined;
  onChoose: (at: number | undefined) => void;
  onTouch: (touches: Touch[]) => void;
}) {
  const [wholeWord, setWholeWord] = useState(false);
  const letters = lettersOf(set);
  const number = letters.findIndex(({ at }) => at === chosen);
  const letter = letters[number];
  if (!letter) {
    return (
      <button
        type="button"
        className="btn btn-xs"
        disabled={letters.length === 0}
        onClick={() => onChoose(letters[0]?.at)}
      >
        Change a letter by hand
      </button>
    );
  }
  const { at } = letter;
  const own = letter.cut.letter.text;
  const touch = touches.find((one) => one.at === at);
  const push = (along: number, rise: number) =>
    onTouch(
      touched(touches, {
        at,
        along: within((touch?.along ?? 0) + along, LIMITS.touchAlong),
        rise: within((touch?.rise ?? 0) + rise, LIMITS.touchRise),
      }),
    );
  /** The same letter wherever the change is asked for. */
  const places = () => {
    const [from, until] = wholeWord ? wordAt(text, at) : [at, at + 1];
    return letters.filter((one) => one.cut.letter.text === own && one.at >= from && one.at < until);
  };
  const reshape = (shape: string | undefined) =>
    onTouch(places().reduce<Touch[]>((all, one) => touched(all, { at: one.at, shape }), [...touches]));
  const step = (by: number) => onChoose(letters[(number + by + letters.length) % letters.length]?.at);
  const shapes = shapesInPlaceOf(face, letter.cut);
  const pushes = [
    { name: 'left', icon: ArrowLeft, along: -PUSH, rise: 0 },
    { name: 'right', icon: ArrowRight, along: PUSH, rise: 0 },
    { name: 'up', icon: ArrowUp, along: 0, rise: PUSH },
    { name: 'down', icon: ArrowDown, along: 0, rise: -PUSH },
  ];
  const onward = face.rightToLeft ? -1 : 1;
  return (
    <fieldset className="flex flex-wrap items-center gap-1">
      <legend className="sr-only">Change a letter by hand</legend>
      <button type="button" className="btn btn-xs" aria-label="Previous letter" onClick={() => step(-onward)}>
        <ChevronLeft size={14} aria-hidden />
      </button>
      <output className="min-w-20 text-center">
        <b dir="auto">{own}</b>, letter {number + 1}
      </output>
      <button type="button" className="btn btn-xs" aria-label="Next letter" onClick={() => step(onward)}>
        <ChevronRight size={14} aria-hidden />
      </button>
      {pushes.map(({ name, icon: Icon, along, rise }) => (
        <button
          key={name}
          type="button"
          className="btn btn-xs"
          aria-label={`Move ${own} ${name}`}
          onClick={() => push(along * onward, rise)}
        >
          <Icon size={14} aria-hidden />
        </button>
      ))}
      {shapes.length > 1 && (
        <>
          <OneOrNone
            className="select select-xs w-28"
            label={`Shape of ${own} here`}
            none="shape as chosen"
            choices={shapes.map(({ letter: { variant } }) => variant)}
            value={touch?.shape ?? ''}
            onChoose={(shape) => reshape(shape || undefined)}
          />
          <label className="flex items-center gap-1">
            <input
              type="checkbox"
              className="checkbox checkbox-xs"
              checked={wholeWord}
              onChange={(event) => setWholeWord(event.target.checked)}
            />
            whole word
          </label>
        </>
      )}
      <button
        type="button"
        className="btn btn-xs"
        disabled={!touch}
        onClick={() => onTouch(touches.filter((one) => one.at !== at))}
      >
        Put back
      </button>
      <button type="button" className="btn btn-xs" onClick={() => onChoose(undefined)}>
        Done
      </button>
    </fieldset>
  );
}
