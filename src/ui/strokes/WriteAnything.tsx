'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import type { Recipe } from '@/core/document/recipe';
import { lengthIn } from '@/core/measure/length';
import { roundTo } from '@/core/measure/units';
import { counted } from '@/core/measure/words';
import type { WritingPen } from '@/core/pen/pen';
import { samplesFor } from '@/core/practice/words/samples';
import { handOf } from '@/core/setting/handOf';
import { letterMark } from '@/core/setting/letterMark';
import type { OwnLetter } from '@/core/setting/letterSet';
import { leftOut } from '@/core/sheet/draw/exemplar';
import { exemplarLine } from '@/core/sheet/exemplarLine';
import { layoutSheet } from '@/core/sheet/layout';
import type { Typeface } from '@/core/type/face';
import { carriedOver, type Touch } from '@/core/type/touch';
import { inkedLength } from '@/core/writing/figure';
import { liftsOf } from '@/core/writing/lifts';
import { whiteFor } from '@/core/writing/openedTo';
import { Toggle } from '../fields/Choices';
import { NumberField } from '../fields/NumberField';
import { useAbout } from '../frame/AboutMe';
import { useNotice } from '../frame/notices';
import { call } from '../lib/api';
import { FormatButtons } from '../paper/FormatButtons';
import { formatFor, type Out, useHandOver } from '../paper/useHandOver';
import { TouchBar } from './TouchBar';
import { WrittenLine } from './WrittenLine';

const same = (a: readonly Touch[], b: readonly Touch[]) => JSON.stringify(a) === JSON.stringify(b);

/** A length that a text is opened or closed to, by the white between its letters. */
const OPEN_TO = { label: 'Open it to', unit: 'mm', low: 1, high: 1000, step: 1 };

/** Any text in the hand, on the sheet's own ruling. */
export function WriteAnything({
  face: shown,
  pen,
  recipe,
  edit,
  unit,
  own,
}: {
  face: Typeface;
  pen: WritingPen;
  recipe: Recipe;
  edit: (change: (recipe: Recipe) => Recipe) => void;
  unit: { mm: number };
  own: readonly OwnLetter[];
}) {
  const hand = handOf(recipe);
  const [typed, setText] = useState(recipe.exemplar || samplesFor(hand).phrase);
  // Another hand on the desk may be written in other letters.
  const text =
    typed === samplesFor({ ...hand, rightToLeft: !hand.rightToLeft }).phrase
      ? samplesFor(hand).phrase
      : typed;
  const face = useDeferredValue(shown);
  const [touches, setTouches] = useState<readonly Touch[]>(recipe.touches);
  const [chosen, setChosen] = useState<number>();
  const written = useMemo(
    () => ({ ...recipe, exemplar: text, touches: [...touches] }),
    [recipe, text, touches],
  );
  const set = useMemo(() => exemplarLine(written, face), [written, face]);
  const noRoom = useMemo(() => {
    try {
      return leftOut(written, layoutSheet(written), own);
    } catch {
      return '';
    }
  }, [written, own]);
  const notice = useNotice();
  const { about } = useAbout();
  const [alone, setAlone] = useState(false);
  const [lifting, setLifting] = useState(false);
  const shownLifts = useMemo(
    () => (lifting ? liftsOf(face, set, text) : undefined),
    [lifting, face, set, text],
  );
  const handOver = useHandOver();
  const save = async (out: Out) => {
    const format = formatFor(out);
    try {
      const query = `format=${format}&dpi=300&letters=${letterMark(own)}${alone ? '&alone=1' : ''}`;
      const response = await call(`/api/render?${query}`, {
        method: 'POST',
        json: written,
      });
      await handOver(await response.blob(), `written.${format}`, out);
    } catch (error) {
      notice.failed(error);
    }
  };
  const length = roundTo(inkedLength(pen, set) * unit.mm, 0.1);
  const openTo = (wanted: number) => {
    try {
      const letterSpace = whiteFor(recipe, recipe.capitalsOnly ? text.toUpperCase() : text, wanted, own);
      edit((r) => ({ ...r, writing: { ...r.writing, letterSpace } }));
    } catch (error) {
      notice.failed(error);
    }
  };
  return (
    <section aria-label="Write anything" className="border-base-300 border-t bg-base-100">
      <div className={`bg-white px-2 ${lifting ? 'h-56' : 'h-28'}`}>
        <WrittenLine
          face={face}
          pen={pen}
          set={set}
          chosen={chosen}
          lifts={shownLifts}
          onChoose={setChosen}
        />
      </div>
      <div className="flex flex-wrap items-center gap-2 px-3 py-1 text-sm">
        <input
          dir="auto"
          className="input input-sm w-56 max-w-full"
          aria-label="Text to write"
          value={text}
          maxLength={120}
          onChange={(event) => {
            setTouches(carriedOver(touches, text, event.target.value));
            setText(event.target.value);
          }}
        />
        <span className="tabular-nums">{lengthIn(length, about.units)} long</span>
        {hand.basis !== 'dots' && <NumberField limit={OPEN_TO} value={length} onCommit={openTo} />}
        {set.missing.length > 0 && (
          <span role="status" className="remark remark-caution">
            No letter yet for {set.missing.join(' ')}
          </span>
        )}
        {noRoom && !alone && (
          <span role="status" className="remark remark-caution">
            No room on this sheet for “{noRoom}”
          </span>
        )}
        <Toggle name="Lifts of the pen" on={lifting} onSwitch={setLifting} />
        {shownLifts && (
          <span className="text-sm">
            {counted(shownLifts.length, 'time')} set down (ring) and lifted (dot); arrows where it runs on
          </span>
        )}
        <span className="ml-auto flex flex-wrap items-center gap-1">
          <label className="mr-1 flex items-center gap-1">
            <input
              type="checkbox"
              className="checkbox checkbox-xs"
              checked={alone}
              onChange={(event) => setAlone(event.target.checked)}
            />
            without the ruling
          </label>
          <FormatButtons onSave={(out) => void save(out)} />
          <button
            type="button"
            className="btn btn-xs"
            disabled={text === recipe.exemplar && same(touches, recipe.touches)}
            onClick={() => edit((r) => ({ ...r, exemplar: text, touches: [...touches] }))}
          >
            Keep on the sheet
          </button>
        </span>
        <div className="w-full">
          <TouchBar
            face={face}
            text={text}
            set={set}
            touches={touches}
            chosen={chosen}
            onChoose={setChosen}
            onTouch={setTouches}
          />
        </div>
      </div>
    </section>
  );
}
