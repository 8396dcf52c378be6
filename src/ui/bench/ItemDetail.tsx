'use client';

import { useEffect, useRef, useState } from 'react';
import { colourName } from '@/core/drawing/colourName';
import { type AnyFact, factsOf } from '@/core/kit/facts';
import { type Item, nibKindOf } from '@/core/kit/item';
import { takesHolder } from '@/core/kit/rules/traits';
import { OneOrNone } from '../fields/OneOf';
import { Link } from '../lib/Link';
import { keepPhoto } from '../lib/photo';
import { PartWords } from '../parts/PartWords';
import { enteredNumber } from './facts';
import { MeasureNib } from './MeasureNib';
import { NibDrawing } from './NibDrawing';
import { ShankDrawing } from './ShankDrawing';

/** All facts of a thing, and a drawing of its edge; facts are saved as soon as they are entered. */
export function ItemDetail({
  item,
  onSave,
  onProblem,
}: {
  item: Item;
  onSave: (item: Item) => void;
  onProblem: (error: unknown) => void;
}) {
  const [measuring, setMeasuring] = useState(false);
  const nibKind = nibKindOf(item.kind);
  const change = (facts: Partial<Item>) => onSave({ ...item, ...facts });
  return (
    <section aria-labelledby="detail" className="space-y-3">
      <h2 id="detail" className="margin-heading">
        {item.label}
      </h2>
      {item.width !== null && <NibDrawing item={item} />}
      {nibKind && (
        <button
          type="button"
          className="btn btn-sm"
          onClick={() => setMeasuring((now) => !now)}
          aria-expanded={measuring}
        >
          {item.width === null ? 'Measure: its width is not known' : 'Measure'}
        </button>
      )}
      {nibKind && measuring && (
        <MeasureNib
          kind={nibKind}
          before={item.width}
          onKeep={(width, uncertainty) => {
            change({ width, uncertainty, measuredAt: new Date().toISOString() });
            setMeasuring(false);
          }}
        />
      )}
      {nibKind && nibKind !== 'two-point' && (
        <p className="text-sm">
          <Link className="link" href={`/practise?strip=${encodeURIComponent(item.id)}`}>
            Print a strip for it
          </Link>
          : written and photographed in Review, it tells the finest line, the full stroke and how far one load
          goes.
        </p>
      )}
      {takesHolder(item.kind) && <ShankDrawing />}
      <div className="grid grid-cols-1 gap-2">
        <label className="block text-sm">
          Name
          <input
            dir="auto"
            className="input input-sm w-full"
            maxLength={80}
            defaultValue={item.label}
            key={`label ${item.id} ${item.label}`}
            onBlur={(event) => {
              const label = event.target.value.trim();
              if (label && label !== item.label) change({ label });
              else event.target.value = item.label;
            }}
            onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
          />
        </label>
        {factsOf(item.kind).map((fact) => (
          <FactField key={fact.key} fact={fact} item={item} onChange={change} />
        ))}
        <label className="block text-sm">
          Note
          <textarea
            className="textarea textarea-sm w-full"
            maxLength={400}
            defaultValue={item.note}
            key={`note ${item.id}`}
            onBlur={(event) => event.target.value !== item.note && change({ note: event.target.value })}
          />
        </label>
        {item.photo ? (
          <figure>
            {/* biome-ignore lint/performance/noImgElement: a photo of the user's own, made small when it was kept */}
            <img src={`/api/pictures/${item.photo}`} alt={item.label} className="max-h-40 rounded" />
            <button type="button" className="btn btn-xs mt-1" onClick={() => change({ photo: null })}>
              Remove the photo
            </button>
          </figure>
        ) : (
          <label className="block text-sm">
            Photo
            <input
              type="file"
              accept="image/png,image/jpeg,image/webp"
              className="file-input file-input-sm w-full"
              onChange={(event) => {
                const file = event.target.files?.[0];
                if (file) keepPhoto(file).then((photo) => change({ photo }), onProblem);
              }}
            />
          </label>
        )}
      </div>
    </section>
  );
}

/** A colour by its name, with its swatch. It is saved when the picker closes, not while the pointer moves over it. */
function ColourField({
  name,
  colour,
  onChange,
}: {
  name: string;
  colour: string | null;
  onChange: (colour: string | null) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const element = input.current;
    const keep = () => element && onChange(element.value);
    element?.addEventListener('change', keep);
    return () => element?.removeEventListener('change', keep);
  });
  return (
    <div className="flex items-center justify-between gap-2 text-sm">
      <label className="flex flex-1 items-center justify-between gap-2">
        <PartWords>{name}</PartWords>
        <span className="flex items-center gap-2">
          {colour === null ? 'not known' : colourName(colour)}
          <input
            ref={input}
            key={colour}
            type="color"
            className="h-9 w-12"
            defaultValue={colour ?? UNKNOWN_COLOUR}
          />
        </span>
      </label>
      {colour !== null && (
        <button type="button" className="btn btn-xs" onClick={() => onChange(null)}>
          Not known
        </button>
      )}
    </div>
  );
}

/** Neutral grey that the field shows while the colour is unknown. */
const UNKNOWN_COLOUR = '#808080';

/** One fact; empty is “not known”. */
function FactField({
  fact: { key, name, asked, blank },
  item,
  onChange,
}: {
  fact: AnyFact;
  item: Item;
  onChange: (facts: Partial<Item>) => void;
}) {
  const value = item[key];
  const set = (next: unknown) => onChange({ [key]: next } as Partial<Item>);
  if (asked.kind === 'choice' || asked.kind === 'flag') {
    const shown = value === null ? '' : asked.kind === 'flag' ? (value ? 'yes' : 'no') : String(value);
    return (
      <label className="flex items-center justify-between gap-2 text-sm">
        <PartWords>{name}</PartWords>
        <OneOrNone
          className="select select-sm w-39"
          none="not known"
          choices={asked.kind === 'choice' ? asked.choices : ['yes', 'no']}
          value={shown}
          onChoose={(next) => set(next === '' ? null : asked.kind === 'flag' ? next === 'yes' : next)}
        />
      </label>
    );
  }
  if (asked.kind === 'day')
    return (
      <label className="flex items-center justify-between gap-2 text-sm">
        <PartWords>{name}</PartWords>
        <input
          key={`${item.id} ${String(value)}`}
          type="date"
          className="input input-sm w-39"
          defaultValue={value === null ? '' : String(value)}
          onBlur={(event) => {
            const entered = event.target.value;
            if (entered !== (value ?? '')) set(entered === '' ? blank : entered);
          }}
        />
      </label>
    );
  if (asked.kind === 'colour')
    return <ColourField name={name} colour={value === null ? null : String(value)} onChange={set} />;
  return (
    <label className="flex items-center justify-between gap-2 text-sm">
      {name}
      <span className="flex items-center gap-1">
        <input
          key={`${item.id} ${String(value)}`}
          className={`input input-sm ${asked.kind === 'number' ? 'w-24' : 'w-39'}`}
          inputMode={asked.kind === 'number' ? 'decimal' : 'text'}
          defaultValue={value === null ? '' : String(value)}
          placeholder="not known"
          onBlur={(event) => {
            const entered = event.target.value.trim();
            const before = value === null ? '' : String(value);
            if (entered === before) return;
            if (asked.kind === 'text') return set(entered === '' ? blank : entered);
            set(entered === '' ? blank : enteredNumber(entered));
          }}
          onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
        />
        {asked.kind === 'number' && <span className="w-14">{asked.unit}</span>}
      </span>
    </label>
  );
}
