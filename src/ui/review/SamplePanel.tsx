'use client';

import { useRef, useState } from 'react';
import { upperLine } from '@/core/hand/upperLine';
import { HANDS, type HandId, handById } from '@/core/hands/registry';
import { hasLetters } from '@/core/hands/scripts';
import { LIMITS } from '@/core/problem/limits';
import { bodyOfWeight, MOST_SAMPLE_ROWS, usualSample } from '@/core/review/sampleAsked';
import { NumberField } from '../fields/NumberField';
import { OneOf } from '../fields/OneOf';
import { type Corner, CornerHandles, sentCorners } from './CornerHandles';

const DRAWN = HANDS.map(({ id }) => id).filter(hasLetters);
/** Where the handles stand at first: a block of rows in the middle. */
const START: readonly Corner[] = [
  [0.15, 0.3],
  [0.85, 0.3],
  [0.85, 0.7],
  [0.15, 0.7],
];
const ROWS = { label: 'Rows marked', unit: '', low: 1, high: MOST_SAMPLE_ROWS, step: 1 } as const;
const PITCH = { label: 'From baseline to baseline', unit: 'mm', low: 2, high: 200, step: 1 } as const;

/** Writing that was not printed here: the user says what it is, and marks where its rows lie in the picture. */
export function SamplePanel({
  hand: deskHand,
  busy,
  onMeasure,
}: {
  /** The desk's hand: what is shown first. */
  hand: HandId;
  busy: boolean;
  onMeasure: (file: Blob, query: string) => void;
}) {
  const [file, setFile] = useState<Blob | null>(null);
  const [corners, setCorners] = useState(START);
  const [hand, setHand] = useState(deskHand);
  const [own, setOwn] = useState<{ nib?: number; weight?: number; body?: number; pitch?: number }>({});
  const [rows, setRows] = useState(3);
  const [text, setText] = useState('');
  const input = useRef<HTMLInputElement>(null);
  const usual = usualSample(hand);
  const line = upperLine(handById(hand));
  const nib = own.nib ?? usual.nib;
  const weight = own.weight ?? usual.weight;
  const pitch = own.pitch ?? usual.pitch;
  const body = weight === undefined ? (own.body ?? usual.body) : bodyOfWeight(hand, nib, weight);
  const set = (part: typeof own) => setOwn((now) => ({ ...now, ...part }));
  const measure = () => {
    if (!file) return;
    const query = new URLSearchParams({
      hand,
      nib: String(nib),
      body: String(body),
      rows: String(rows),
      pitch: String(pitch),
      text: text.trim(),
      corners: sentCorners(corners),
    });
    onMeasure(file, `/sample?${query}`);
  };
  return (
    <div className="space-y-3 pt-3">
      <p className="max-w-prose text-sm">
        Any writing on paper can be measured if you say what it is: its pen angle, slope and nib, and how
        heavy and even its stems are. Photograph it from above and mark a block of rows as long as possible.
      </p>
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <span className="flex flex-col text-sm">
          Hand
          <OneOf
            label="Hand"
            className="select select-sm w-48"
            value={hand}
            choices={DRAWN}
            nameOf={(id) => handById(id).name}
            onChoose={(id) => {
              setHand(id);
              setOwn({});
            }}
          />
        </span>
        {usual.weight !== undefined && (
          <NumberField limit={LIMITS.width} value={nib} onCommit={(next) => set({ nib: next })} />
        )}
        {weight === undefined ? (
          <NumberField limit={LIMITS.bodyMm} value={body} onCommit={(next) => set({ body: next })} />
        ) : (
          <NumberField
            limit={{
              ...LIMITS.body,
              label: `${handById(hand).capitalsOnly ? 'Capitals' : 'Body'}, in nib widths`,
            }}
            value={weight}
            onCommit={(next) => set({ weight: next })}
          />
        )}
        <NumberField limit={ROWS} value={rows} onCommit={(next) => setRows(Math.round(next))} />
        {rows > 1 && <NumberField limit={PITCH} value={pitch} onCommit={(next) => set({ pitch: next })} />}
        <label className="flex flex-col text-sm">
          The words, if you like
          <input
            className="input input-sm w-56"
            value={text}
            maxLength={200}
            onChange={(event) => setText(event.target.value)}
          />
        </label>
      </div>
      <input
        ref={input}
        type="file"
        accept="image/*"
        className="hidden"
        aria-label="Picture of the writing"
        onChange={({ target }) => {
          setFile(target.files?.[0] ?? null);
          target.value = '';
        }}
      />
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-sm" onClick={() => input.current?.click()}>
          {file ? 'Another picture' : 'Choose the picture'}
        </button>
        {file && (
          <button type="button" className="btn btn-primary btn-sm" disabled={busy} onClick={measure}>
            Measure this writing
          </button>
        )}
      </div>
      {file && (
        <>
          <p className="max-w-prose text-sm">
            {rows > 1
              ? `Put the upper handles on the ${line} of the first row, the lower ones on the baseline of the last, where the rows begin and end.`
              : `Put the upper handles on the ${line} and the lower ones on the baseline, where the row begins and ends.`}{' '}
            The arrow keys move them too.
          </p>
          <CornerHandles file={file} corners={corners} onMove={setCorners} />
        </>
      )}
    </div>
  );
}
