'use client';

import { useState } from 'react';
import { asNib, type Item, PHOTO_BYTES, parseItem } from '@/core/kit/item';
import { Problem } from '@/core/problem/problem';
import { type Fact, factsOf } from './facts';
import { MeasureNib } from './MeasureNib';
import { NibDrawing } from './NibDrawing';

/** Widest and highest a kept photo is, in pixels. */
const PHOTO_SIDE = 640;
const PHOTO_QUALITY = 0.8;
/** Largest picture file looked at, in bytes. */
const LARGEST_PHOTO = 20 * 1024 * 1024;

/** A picture made small enough to be kept. */
async function shrink(file: File): Promise<string> {
  if (file.size > LARGEST_PHOTO) {
    throw new Problem(
      'photo',
      `“${file.name}” is larger than ${LARGEST_PHOTO / 1024 / 1024} MB; choose a smaller picture.`,
    );
  }
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file);
  } catch {
    throw new Problem(
      'photo',
      `“${file.name}” is not a picture this browser can read; choose a PNG, JPEG or WebP.`,
    );
  }
  const scale = Math.min(1, PHOTO_SIDE / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  const data = canvas.toDataURL('image/jpeg', PHOTO_QUALITY);
  if (data.length > PHOTO_BYTES)
    throw new Problem('photo', 'The photo is too large; choose a smaller picture.');
  return data;
}

/** All that is known of a thing, and a drawing of its edge; facts are kept as soon as they are entered. */
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
  const nib = asNib(item);
  const change = (facts: Partial<Item>) => {
    try {
      onSave(parseItem({ ...item, ...facts }));
    } catch (error) {
      onProblem(error);
    }
  };
  return (
    <section aria-labelledby="detail" className="space-y-3">
      <h2 id="detail" className="margin-heading">
        {item.label}
      </h2>
      {(nib || item.width !== null) && <NibDrawing item={item} />}
      {nib && (
        <button
          type="button"
          className="btn btn-sm"
          onClick={() => setMeasuring((now) => !now)}
          aria-expanded={measuring}
        >
          Measure
        </button>
      )}
      {nib && measuring && (
        <MeasureNib
          nib={nib}
          onKeep={(width, uncertainty) => {
            change({ width, uncertainty, measuredAt: new Date().toISOString() });
            setMeasuring(false);
          }}
        />
      )}
      <div className="grid grid-cols-1 gap-2">
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
            {/* biome-ignore lint/performance/noImgElement: a photo of the user's own, kept as data */}
            <img src={item.photo} alt={item.label} className="max-h-40 rounded" />
            <button type="button" className="btn btn-xs mt-1" onClick={() => change({ photo: null })}>
              Take the photo away
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
                if (file) shrink(file).then((photo) => change({ photo }), onProblem);
              }}
            />
          </label>
        )}
      </div>
    </section>
  );
}

/** One fact; empty is “not known”. */
function FactField({
  fact,
  item,
  onChange,
}: {
  fact: Fact;
  item: Item;
  onChange: (facts: Partial<Item>) => void;
}) {
  const value = item[fact.key];
  const set = (next: unknown) => onChange({ [fact.key]: next } as Partial<Item>);
  if (fact.kind === 'choice' || fact.kind === 'flag') {
    const shown = value === null ? '' : fact.kind === 'flag' ? (value ? 'yes' : 'no') : String(value);
    return (
      <label className="flex items-center justify-between gap-2 text-sm">
        {fact.name}
        <select
          className="select select-sm w-36"
          value={shown}
          onChange={(event) => {
            const next = event.target.value;
            set(next === '' ? null : fact.kind === 'flag' ? next === 'yes' : next);
          }}
        >
          <option value="">not known</option>
          {(fact.kind === 'flag' ? ['yes', 'no'] : fact.choices).map((option) => (
            <option key={option} value={option}>
              {option}
            </option>
          ))}
        </select>
      </label>
    );
  }
  return (
    <label className="flex items-center justify-between gap-2 text-sm">
      {fact.name}
      <span className="flex items-center gap-1">
        <input
          key={`${item.id} ${String(value)}`}
          className="input input-sm w-24"
          inputMode={fact.kind === 'number' ? 'decimal' : 'text'}
          defaultValue={value === null ? '' : String(value)}
          placeholder="not known"
          onBlur={(event) => {
            const entered = event.target.value.trim();
            const before = value === null ? '' : String(value);
            if (entered === before) return;
            if (fact.kind === 'text') return set(entered === '' ? null : entered);
            if (entered === '') return set(fact.key === 'hours' ? 0 : null);
            const number = Number(entered.replace(',', '.'));
            set(Number.isNaN(number) ? entered : number);
          }}
          onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
        />
        {fact.kind === 'number' && <span className="w-14">{fact.unit}</span>}
      </span>
    </label>
  );
}
