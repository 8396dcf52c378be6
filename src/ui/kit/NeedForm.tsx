'use client';

import { type ItemKind, KIND_NAMES } from '@/core/kit/item';
import { EXPERIENCES, type Need, PURPOSES, SCHOOLS, type SchoolId, SIDES } from '@/core/kit/need';
import { Toggle } from '../fields/Choices';

/** Kinds that may be bought to better a kit. */
export const BUYABLE = [
  'broad-nib',
  'pointed-nib',
  'felt-marker',
  'cartridge-pen',
  'holder',
  'ink',
  'paper',
] as const satisfies readonly ItemKind[];

/** What the kit is wanted for. */
export function NeedForm({
  need,
  onChange,
  buy,
  onBuy,
}: {
  need: Need;
  onChange: (need: Need) => void;
  buy: readonly ItemKind[];
  onBuy: (kinds: readonly ItemKind[]) => void;
}) {
  const pick = <K extends 'purpose' | 'experience' | 'side'>(
    key: K,
    name: string,
    values: readonly string[],
  ) => (
    <label className="flex items-center justify-between gap-2 text-sm">
      {name}
      <select
        className="select select-sm w-36"
        value={need[key]}
        onChange={(event) => onChange({ ...need, [key]: event.target.value })}
      >
        {values.map((value) => (
          <option key={value}>{value}</option>
        ))}
      </select>
    </label>
  );
  return (
    <section aria-labelledby="need" className="space-y-2">
      <h2 id="need" className="margin-heading">
        What for?
      </h2>
      {pick('purpose', 'Purpose', PURPOSES)}
      {pick('experience', 'Experience', EXPERIENCES)}
      {pick('side', 'Writing hand', SIDES)}
      <label className="flex items-center justify-between gap-2 text-sm">
        Body wanted, mm
        <input
          className="input input-sm w-24"
          inputMode="decimal"
          placeholder="any"
          key={String(need.bodyMm)}
          defaultValue={need.bodyMm ?? ''}
          onBlur={(event) => {
            const entered = event.target.value.trim().replace(',', '.');
            const value = Number(entered);
            if (entered === '') onChange({ ...need, bodyMm: null });
            else if (value >= 1 && value <= 200) onChange({ ...need, bodyMm: value });
            else event.target.value = String(need.bodyMm ?? '');
          }}
          onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
        />
      </label>
      <details>
        <summary className="cursor-pointer text-sm">Schools</summary>
        <div className="mt-1 space-y-2">
          {(Object.keys(SCHOOLS) as SchoolId[]).map((id) => {
            const { name, choices } = SCHOOLS[id];
            const mine = need.schools[id];
            const other = Object.entries(choices).filter(([key]) => key !== mine);
            return (
              <label key={id} className="block text-sm">
                {name}
                <select
                  className="select select-sm w-full"
                  value={mine}
                  onChange={(event) =>
                    onChange({ ...need, schools: { ...need.schools, [id]: event.target.value } })
                  }
                >
                  {Object.entries(choices).map(([key, sentence]) => (
                    <option key={key} value={key}>
                      {sentence}
                    </option>
                  ))}
                </select>
                <span className="opacity-80">
                  Others: {other.map(([, sentence]) => sentence).join('; ')}.
                </span>
              </label>
            );
          })}
        </div>
      </details>
      <details>
        <summary className="cursor-pointer text-sm">What may be bought</summary>
        {BUYABLE.map((kind) => (
          <Toggle
            key={kind}
            name={KIND_NAMES[kind]}
            on={buy.includes(kind)}
            onSwitch={(on) => onBuy(on ? [...buy, kind] : buy.filter((one) => one !== kind))}
          />
        ))}
      </details>
    </section>
  );
}
