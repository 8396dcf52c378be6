'use client';

import {
  AlignCenter,
  AlignJustify,
  AlignLeft,
  AlignRight,
  ArrowDown,
  ArrowUp,
  Slash,
  Trash2,
} from 'lucide-react';
import { useEffect, useState } from 'react';
import { countsByPen } from '@/core/hand/hand';
import { heightUnit } from '@/core/hand/heightUnit';
import { HANDS, type HandId } from '@/core/hands/registry';
import { hasLetters } from '@/core/hands/scripts';
import { type Nib, nibsFor } from '@/core/kit/nib';
import { plain, roundTo } from '@/core/measure/units';
import { capital } from '@/core/measure/words';
import { withBlockNib, withHand, withText } from '@/core/piece/edit';
import type { Block } from '@/core/piece/piece';
import {
  ALIGNMENTS,
  type Alignment,
  FINISHES,
  FLOURISHES,
  PIECE_LIMITS,
  ROLES,
} from '@/core/piece/pieceFormat';
import { LIMITS } from '@/core/problem/limits';
import { bodyHeight, withBodyHeight } from '@/core/setting/bodyHeight';
import { handOf } from '@/core/setting/handOf';
import { ENDINGS } from '@/core/type/endings';
import { Toggle } from '../fields/Choices';
import { NumberField } from '../fields/NumberField';
import { ColourField, Pick } from './fields';

const ICONS: Readonly<Record<Alignment, typeof AlignLeft>> = {
  left: AlignLeft,
  centre: AlignCenter,
  right: AlignRight,
  justified: AlignJustify,
  slant: Slash,
};
const ALIGN_WORDS: Readonly<Record<Alignment, string>> = {
  left: 'from the left',
  centre: 'centred by what is inked',
  right: 'to the right',
  justified: 'justified by white',
  slant: 'along a slant',
};

/** Rows a text is shown in. */
const MOST_ROWS = 8;

/** One block: its text and how it is written. */
export function BlockForm({
  block,
  drawer,
  first,
  last,
  onChange,
  onMove,
  onRemove,
}: {
  block: Block;
  drawer: readonly Nib[];
  first: boolean;
  last: boolean;
  onChange: (change: (block: Block) => Block) => void;
  onMove: (by: 1 | -1) => void;
  onRemove: () => void;
}) {
  const { setting } = block;
  const hand = handOf(setting);
  const byPen = countsByPen(hand);
  const nibs = nibsFor(hand.tool, drawer);
  const owned =
    nibs.find(({ id }) => id === setting.nib) ?? nibs.find(({ width }) => width === setting.width);
  const set = (next: Partial<Block>) => onChange((b) => ({ ...b, ...next }));
  return (
    <div className="space-y-2 rounded border border-base-300 p-3">
      <TextArea block={block} onChange={(text) => onChange((b) => withText(b, text))} />
      <div className="grid grid-cols-2 gap-2">
        <Pick
          name="Role"
          value={block.role}
          choices={ROLES.map((role) => [role, role])}
          onPick={(role) => set({ role })}
        />
        <Pick
          name="Hand"
          value={setting.hand}
          choices={HANDS.filter(({ id }) => hasLetters(id)).map(({ id, name }) => [id as HandId, name])}
          onPick={(id) => onChange((b) => withHand(b, id))}
        />
        {hand.schools.length > 1 && (
          <Pick
            name="School"
            value={setting.school}
            choices={hand.schools.map(({ id, name }) => [id, name])}
            onPick={(school) => onChange((b) => withHand(b, setting.hand, school))}
          />
        )}
        <Pick
          name={hand.tool === 'broad' ? 'Nib' : 'Pen'}
          value={owned?.id ?? ''}
          choices={[
            ...nibs.map(({ id, label }) => [id, label] as const),
            ['', `any, ${plain(setting.width)} mm`] as const,
          ]}
          onPick={(id) => {
            const nib = nibs.find((one) => one.id === id);
            if (nib) onChange((b) => withBlockNib(b, nib));
          }}
        />
      </div>
      <div className="flex flex-wrap gap-x-4 gap-y-2">
        <NumberField
          limit={LIMITS.width}
          label={hand.tool === 'broad' ? 'Nib width' : hand.tool === 'monoline' ? 'Line' : 'Shade, across'}
          value={setting.width}
          step={0.1}
          onCommit={(width) => onChange((b) => withBlockNib(b, { width }))}
        />
        {byPen ? (
          <NumberField
            limit={hand.capitalsOnly ? LIMITS.capital : LIMITS.body}
            label={hand.capitalsOnly ? 'Capital height' : 'Body height'}
            unit={heightUnit(hand)}
            value={hand.capitalsOnly ? setting.zones.capital : setting.zones.body}
            onCommit={(height) =>
              onChange((b) => ({
                ...b,
                setting: {
                  ...b.setting,
                  zones: {
                    ...b.setting.zones,
                    body: height,
                    ...(hand.capitalsOnly && { capital: height }),
                  },
                },
              }))
            }
          />
        ) : (
          <NumberField
            limit={LIMITS.bodyMm}
            label="Body height"
            unit="mm"
            value={roundTo(bodyHeight(setting), 0.01)}
            onCommit={(height) => onChange((b) => ({ ...b, setting: withBodyHeight(b.setting, height) }))}
          />
        )}
      </div>
      <fieldset className="flex flex-wrap items-center gap-1">
        <legend className="sr-only">Alignment</legend>
        {ALIGNMENTS.map((align) => {
          const Icon = ICONS[align];
          return (
            <button
              key={align}
              type="button"
              className={`btn btn-xs ${block.align === align ? 'btn-primary' : ''}`}
              aria-pressed={block.align === align}
              aria-label={capital(ALIGN_WORDS[align])}
              title={capital(ALIGN_WORDS[align])}
              onClick={() => set({ align })}
            >
              <Icon size={14} aria-hidden />
            </button>
          );
        })}
        <span className="ml-1 text-sm">{ALIGN_WORDS[block.align]}</span>
      </fieldset>
      {!hand.capitalsOnly && hand.capitals && (
        <Toggle name="All in capitals" on={block.capitals} onSwitch={(capitals) => set({ capitals })} />
      )}
      <ColourField name="Ink" value={block.colour} onPick={(colour) => set({ colour })} />
      <details>
        <summary className="cursor-pointer text-sm">White, initial, finish, flourish</summary>
        <div className="mt-2 space-y-2">
          <div className="flex flex-wrap gap-x-4 gap-y-2">
            <NumberField
              limit={LIMITS.leading}
              unit={heightUnit(hand)}
              value={block.leading}
              onCommit={(leading) => set({ leading })}
            />
            <NumberField limit={LIMITS.before} value={block.before} onCommit={(before) => set({ before })} />
            {handOf(block.setting).basis !== 'dots' && (
              <NumberField
                limit={LIMITS.letterSpace}
                value={block.setting.writing.letterSpace}
                onCommit={(letterSpace) =>
                  set({
                    setting: {
                      ...block.setting,
                      writing: { ...block.setting.writing, letterSpace },
                    },
                  })
                }
              />
            )}
            <NumberField
              limit={LIMITS.wordSpace}
              value={block.wordSpace}
              onCommit={(wordSpace) => set({ wordSpace })}
            />
            <NumberField
              limit={LIMITS.initialLines}
              label="Large initial, in lines"
              value={block.initial}
              onCommit={(initial) => set({ initial: Math.round(initial) })}
            />
          </div>
          <div className="grid grid-cols-2 gap-2">
            <Pick
              name="Endings"
              value={setting.writing.endings}
              choices={ENDINGS.map((endings) => [endings, endings])}
              onPick={(endings) => set({ setting: { ...setting, writing: { ...setting.writing, endings } } })}
            />
            <Pick
              name="Along the letters"
              value={block.finish.kind}
              choices={FINISHES.map((kind) => [kind, kind === 'none' ? 'nothing' : `${kind}`])}
              onPick={(kind) => set({ finish: { ...block.finish, kind } })}
            />
            <Pick
              name="Flourish"
              value={block.flourish}
              choices={FLOURISHES.map((kind) => [
                kind,
                {
                  none: 'none',
                  underline: 'under the last line',
                  entry: 'before the first',
                  exit: 'after the last',
                }[kind],
              ])}
              onPick={(flourish) => set({ flourish })}
            />
          </div>
          {block.finish.kind !== 'none' && (
            <div className="flex flex-wrap items-end gap-3">
              <ColourField
                name={`Colour of the ${block.finish.kind}`}
                value={block.finish.colour}
                onPick={(colour) => set({ finish: { ...block.finish, colour } })}
              />
              <NumberField
                limit={LIMITS.finishOff}
                value={block.finish.off}
                onCommit={(off) => set({ finish: { ...block.finish, off } })}
              />
            </div>
          )}
        </div>
      </details>
      <div className="flex justify-end gap-1">
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          disabled={first}
          aria-label="Move the block up"
          onClick={() => onMove(-1)}
        >
          <ArrowUp size={14} aria-hidden />
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          disabled={last}
          aria-label="Move the block down"
          onClick={() => onMove(1)}
        >
          <ArrowDown size={14} aria-hidden />
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          disabled={first && last}
          aria-label="Remove the block"
          onClick={onRemove}
        >
          <Trash2 size={14} aria-hidden />
        </button>
      </div>
    </div>
  );
}

/** The text as typed; one that is too long is reported, kept in the field, and not applied. */
function TextArea({ block, onChange }: { block: Block; onChange: (text: string) => void }) {
  const [text, setText] = useState(block.text);
  useEffect(() => setText(block.text), [block.text]);
  const over = text.length - PIECE_LIMITS.text;
  return (
    <label className="block text-sm">
      Text of the {block.role}
      <textarea
        className="textarea textarea-sm mt-1 w-full font-serif text-base"
        dir="auto"
        rows={Math.min(MOST_ROWS, Math.max(2, text.split('\n').length))}
        value={text}
        placeholder="What it says; {name} for a column of a list"
        onChange={({ target: { value } }) => {
          setText(value);
          if (value.length <= PIECE_LIMITS.text) onChange(value);
        }}
      />
      {over > 0 && (
        <span role="alert" className="remark remark-warning mt-1 block">
          {over} characters too many: a block holds {PIECE_LIMITS.text}. The piece still has the text before.
        </span>
      )}
    </label>
  );
}
