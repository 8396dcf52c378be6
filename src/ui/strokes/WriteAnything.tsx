'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import { plain } from '@/core/measure/units';
import type { WritingPen } from '@/core/pen/pen';
import { samplesFor } from '@/core/practice/words/samples';
import { leftOut } from '@/core/sheet/draw/exemplar';
import { layoutSheet } from '@/core/sheet/layout';
import type { OwnLetter } from '@/core/sheet/letterSet';
import { type Recipe, recipeHand } from '@/core/sheet/recipe';
import { inkOf } from '@/core/type/cut';
import type { Typeface } from '@/core/type/face';
import type { SetLine } from '@/core/type/placed';
import { setLine } from '@/core/type/setLine';
import { useNotice } from '../frame/notices';
import { call, download, sentenceOf } from '../lib/api';
import { COLOURS, flat, Ink } from './ink';

const FORMATS = ['pdf', 'svg', 'png'] as const;

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
  const hand = recipeHand(recipe);
  const [typed, setText] = useState(recipe.exemplar || samplesFor(hand).phrase);
  // Another hand on the desk may be written in other letters.
  const text =
    typed === samplesFor({ ...hand, rightToLeft: !hand.rightToLeft }).phrase
      ? samplesFor(hand).phrase
      : typed;
  const face = useDeferredValue(shown);
  const set = useMemo(() => setLine(face, text), [face, text]);
  const noRoom = useMemo(() => {
    try {
      return leftOut({ ...recipe, exemplar: text }, layoutSheet(recipe), own);
    } catch {
      return '';
    }
  }, [recipe, text, own]);
  const notice = useNotice();
  const save = async (format: (typeof FORMATS)[number]) => {
    try {
      const response = await call(`/api/render?format=${format}&dpi=300`, {
        method: 'POST',
        json: { ...recipe, exemplar: text },
      });
      download(await response.blob(), `written.${format}`);
    } catch (error) {
      notice({ tone: 'problem', text: sentenceOf(error) });
    }
  };
  return (
    <section aria-label="Write anything" className="border-base-300 border-t bg-base-100">
      <div className="h-28 bg-white px-2">
        <WrittenLine face={face} pen={pen} set={set} />
      </div>
      <div className="flex flex-wrap items-center gap-2 px-3 py-1 text-sm">
        <input
          dir="auto"
          className="input input-sm w-56 max-w-full"
          aria-label="Text to write"
          value={text}
          maxLength={120}
          onChange={(event) => setText(event.target.value)}
        />
        <span className="tabular-nums">{plain(set.width * unit.mm, 1)} mm long</span>
        {set.missing.length > 0 && (
          <span role="status" className="remark remark-caution">
            No letter yet for {set.missing.join(' ')}
          </span>
        )}
        {noRoom && (
          <span role="status" className="remark remark-caution">
            No room on this sheet’s line for “{noRoom}”
          </span>
        )}
        <span className="ml-auto flex gap-1">
          {FORMATS.map((format) => (
            <button key={format} type="button" className="btn btn-xs" onClick={() => void save(format)}>
              {format.toUpperCase()}
            </button>
          ))}
          <button
            type="button"
            className="btn btn-xs"
            disabled={text === recipe.exemplar}
            onClick={() => edit((r) => ({ ...r, exemplar: text }))}
          >
            Keep on the sheet
          </button>
        </span>
      </div>
    </section>
  );
}

/** White at either end of the line, in letter units. */
const END = 1.5;
/** A short text is not blown up beyond this much line. */
const SHORTEST = 20;

/** A set line as it is written, on its guidelines. */
function WrittenLine({ face, pen, set }: { face: Typeface; pen: WritingPen; set: SetLine }) {
  const { zones } = face;
  const above = Math.max(zones.body + zones.ascender, zones.capital);
  const top = above + 0.5;
  const height = top + zones.descender + 0.5;
  const lean = Math.tan((face.slope * Math.PI) / 180);
  const [back, forward] = [Math.max(0, lean * zones.descender), Math.max(0, lean * above)];
  const from = -set.left - back - END;
  const width = Math.max(set.width + set.left + back + forward + 2 * END, SHORTEST);
  return (
    <svg
      viewBox={`${flat(from)} ${flat(-top)} ${flat(width)} ${flat(height)}`}
      className="h-full max-w-full"
      preserveAspectRatio="xMinYMid meet"
      role="img"
      aria-label="The line as the hand writes it"
    >
      <g stroke={COLOURS.rule} strokeWidth="0.04">
        {[0, zones.body].map((y) => (
          <line key={y} x1={from} x2={from + width} y1={-y} y2={-y} />
        ))}
      </g>
      <g transform="scale(1 -1)">
        {set.placed.map((item, i) =>
          item.kind === 'missing' ? (
            <path
              // biome-ignore lint/suspicious/noArrayIndexKey: a line's letters are its order
              key={i}
              d={`M${item.x} 0h${item.width}l${lean * zones.body} ${zones.body}h${-item.width}z`}
              fill="none"
              stroke={COLOURS.ink}
              strokeWidth="0.1"
            />
          ) : (
            <g
              // biome-ignore lint/suspicious/noArrayIndexKey: a line's letters are its order
              key={i}
              transform={`translate(${flat(item.x)} ${flat(item.y)})`}
            >
              <Ink polygons={inkOf(pen, item.cut)} fill={COLOURS.ink} />
            </g>
          ),
        )}
      </g>
    </svg>
  );
}
