'use client';

import { useEffect, useId, useRef, useState } from 'react';
import type { Recipe } from '@/core/document/recipe';
import { type Band, LONGEST_TEXT, MODEL_TINTS, type ModelTint } from '@/core/practice/band';
import { kindOf, kindsFor } from '@/core/practice/bands/registry';
import { changeHow, changeKind, changeText } from '@/core/practice/edit';
import type { Ground } from '@/core/practice/ground';
import { LIMITS } from '@/core/problem/limits';
import { handOf } from '@/core/setting/handOf';
import { INKS, type InkStyle } from '@/core/writing/inkStyle';
import { Toggle } from '../fields/Choices';
import { NumberField } from '../fields/NumberField';
import { OneOf } from '../fields/OneOf';
import { type HowChange, INK_NAMES, TINT_NAMES } from './bandWords';

/** What and how of one band. */
export function BandForm({
  band,
  ground,
  edit,
}: {
  band: Band;
  ground: Ground;
  edit: (change: (recipe: Recipe) => Recipe) => void;
}) {
  const { id, what, how } = band;
  const set = (change: HowChange) => edit((r) => changeHow(r, id, change));
  const broad = handOf(ground.recipe).tool === 'broad';
  const {
    cells = true,
    rows = true,
    guidedAs = 'Guided cell: numbered strokes, arrows, angles',
  } = kindOf(what.kind);
  return (
    <div className="space-y-2 border-base-300 border-t px-2 pt-2 pb-3">
      <div className="grid grid-cols-2 gap-2">
        <Select<string>
          name="Practise"
          value={what.kind}
          options={kindsFor(ground.face !== undefined).map((kind) => ({
            value: kind,
            name: kindOf(kind).name,
          }))}
          onChoose={(kind) => edit((r) => changeKind(r, id, kind, kindOf(kind).usual(ground)))}
        />
        <WhatField band={band} ground={ground} onChange={(of) => edit((r) => changeText(r, id, of))} />
      </div>
      {cells && (
        <>
          <Toggle name={guidedAs} on={how.guided} onSwitch={(guided) => set({ guided })} />
          <div className="grid grid-cols-3 gap-1">
            <Count name="Trace" value={how.trace} onChange={(trace) => set({ trace })} />
            <Count name="Fading" value={how.fading} onChange={(fading) => set({ fading })} />
            <Count name="Free" value={how.free} onChange={(free) => set({ free })} />
          </div>
        </>
      )}
      {!cells && <Toggle name="To the foot of the page" on={how.fill} onSwitch={(fill) => set({ fill })} />}
      {rows && (cells || !how.fill) && (
        <div className="grid grid-cols-3 items-end gap-1">
          <NumberField
            compact
            limit={LIMITS.bandLines}
            label="Lines at least"
            value={how.lines}
            onCommit={(lines) => set({ lines: Math.round(lines) })}
          />
          {cells && (
            <div className="col-span-2 pl-2">
              <Toggle name="Repeat along them" on={how.repeat} onSwitch={(repeat) => set({ repeat })} />
            </div>
          )}
        </div>
      )}
      <NumberField
        limit={LIMITS.size}
        label="Size, against the sheet"
        value={how.size}
        onCommit={(size) => set({ size })}
      />
      {cells && (
        <>
          {rows && (
            <Toggle
              name="Rows only as tall as what is written"
              on={how.snug}
              onSwitch={(snug) => set({ snug })}
            />
          )}
          {broad && (
            <Toggle name="One pen angle throughout" on={how.held} onSwitch={(held) => set({ held })} />
          )}
          <div className="grid grid-cols-2 gap-2">
            <Select<InkStyle>
              name="Model"
              value={how.ink}
              options={INKS.map((ink) => ({ value: ink, name: INK_NAMES[ink] }))}
              onChoose={(ink) => set({ ink })}
            />
            <Select<ModelTint>
              name="Tint of the model"
              value={how.tint}
              options={MODEL_TINTS.map((tint) => ({ value: tint, name: TINT_NAMES[tint] }))}
              onChoose={(tint) => set({ tint })}
            />
          </div>
        </>
      )}
    </div>
  );
}

/** The drill, family or picture to choose, or the text to type. */
function WhatField({
  band: {
    what: { kind, of },
  },
  ground,
  onChange,
}: {
  band: Band;
  ground: Ground;
  onChange: (of: string) => void;
}) {
  const { name, asks = name, choices, typed = true } = kindOf(kind);
  if (choices) return <Select name={asks} value={of} options={choices(ground)} onChoose={onChange} />;
  return typed ? <TextField name={name} value={of} onChange={onChange} /> : null;
}

/** Debounce of edits after the last key, in ms, so that a word is one step of undo. */
const SETTLE = 350;

/** Text that is kept as it is typed, a pause at a time. */
export function TextField({
  name,
  value,
  longest = LONGEST_TEXT,
  onChange,
}: {
  name: string;
  value: string;
  longest?: number;
  onChange: (value: string) => void;
}) {
  const [text, setText] = useState(value);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const latest = useRef(onChange);
  latest.current = onChange;
  useEffect(() => setText(value), [value]);
  useEffect(() => () => clearTimeout(timer.current), []);
  const settle = (next: string) => {
    clearTimeout(timer.current);
    if (next !== value) latest.current(next);
  };
  return (
    <label className="block text-sm">
      {name}
      <input
        dir="auto"
        className="input input-sm block w-full"
        value={text}
        maxLength={longest}
        onChange={({ target }) => {
          setText(target.value);
          clearTimeout(timer.current);
          timer.current = setTimeout(() => settle(target.value), SETTLE);
        }}
        onBlur={({ target }) => settle(target.value)}
        onKeyDown={(event) => event.key === 'Enter' && settle(event.currentTarget.value)}
      />
    </label>
  );
}

/** One of some options under its name; a value that is not among them stays listed. */
export function Select<T extends string>({
  name,
  value,
  options,
  onChoose,
}: {
  name: string;
  value: T;
  options: readonly { readonly value: T; readonly name: string }[];
  onChoose: (value: T) => void;
}) {
  const id = useId();
  const values = options.map((option) => option.value);
  return (
    <div className="text-sm">
      <label htmlFor={id} className="block">
        {name}
      </label>
      <OneOf
        id={id}
        className="select select-sm w-full"
        choices={options.some((option) => option.value === value) ? values : [value, ...values]}
        nameOf={(one) => options.find((option) => option.value === one)?.name ?? one}
        value={value}
        onChoose={onChoose}
      />
    </div>
  );
}

const Count = ({
  name,
  value,
  onChange,
}: {
  name: string;
  value: number;
  onChange: (value: number) => void;
}) => (
  <NumberField
    compact
    limit={LIMITS.cells}
    label={name}
    value={value}
    onCommit={(next) => onChange(Math.round(next))}
  />
);
