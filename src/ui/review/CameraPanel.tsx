'use client';

import { Camera } from 'lucide-react';
import { useState } from 'react';
import { type CameraSettings, USUAL_CAMERA, VIEWS } from '@/core/camera/settings';
import { FAULT_IDS } from '@/core/faults/faults';
import { signed } from '@/core/measure/units';
import { Toggle } from '../fields/Choices';
import { OneOf } from '../fields/OneOf';
import { Slider } from '../fields/Slider';
import { useGuarded } from '../frame/useGuarded';
import { call } from '../lib/api';
import { measuring } from './measuring';
import { PrintChoice } from './PrintChoice';
import { type PrintShown, printKey } from './shown';

const SLIDERS = [
  ['angle', 'Pen angle off by', -15, 15, 1, (value: number) => `${signed(value, 0)}°`],
  ['slope', 'Leans more by', -8, 8, 1, (value: number) => `${signed(value, 0)}°`],
  ['nib', 'Nib', 0.85, 1.2, 0.01, (value: number) => `${signed(100 * value, 0)} %`],
  ['body', 'Body', 0.88, 1.12, 0.01, (value: number) => `${signed(100 * value, 0)} %`],
  ['unsteady', 'Unsteadiness', 0, 1, 0.1, (value: number) => signed(value, 1)],
  ['sinking', 'Sinks along the line', -1.5, 1.5, 0.1, (value: number) => `${signed(value, 1)} mm`],
  ['splay', 'Stems out of parallel by', -8, 8, 1, (value: number) => `${signed(value, 0)}°`],
  ['hairline', 'Pointed pen: hairlines', 0.5, 2.5, 0.1, (value: number) => `${signed(100 * value, 0)} %`],
  ['tops', 'Pointed pen: pressed late', 0, 1.5, 0.1, (value: number) => signed(value, 1)],
  ['rails', 'Pointed pen: shades run dry', 0, 0.6, 0.05, (value: number) => `${signed(100 * value, 0)} %`],
] as const;

/** The simulated hand and camera: any printed page, written and photographed without a pen. */
export function CameraPanel({
  prints,
  written,
  busy,
  onPicture,
}: {
  prints: readonly PrintShown[];
  /** Number of pages reviewed: it seeds the simulated hand, so that the next page differs. */
  written: number;
  busy: boolean;
  onPicture: (picture: Blob) => void;
}) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [camera, setCamera] = useState<CameraSettings>(USUAL_CAMERA);
  const { busy: taking, guarded } = useGuarded();
  const set = (part: Partial<CameraSettings>) => setCamera((now) => ({ ...now, ...part }));
  const page = prints.find((one) => printKey(one) === chosen) ?? prints[0];
  const take = () =>
    guarded(async () => {
      if (!page) return;
      const json = { print: page.print, page: page.page, camera: { ...camera, seed: camera.seed + written } };
      const signal = measuring.begin('Writing and photographing it …');
      try {
        const photo = await call('/api/review/camera', { method: 'POST', json, signal });
        onPicture(await photo.blob());
      } catch (error) {
        if (signal.aborted) return;
        measuring.giveUp();
        throw error;
      }
    });
  return (
    <aside
      aria-label="Simulated hand and camera"
      className="min-w-0 space-y-3 rounded border border-base-300 p-4 self-start"
    >
      <h2 className="margin-heading">Simulated hand and camera</h2>
      <p className="text-sm">
        A simulated scribe writes on a page that was printed here, and a simulated camera photographs it: try
        the review without a pen.
      </p>
      {page ? (
        <>
          <PrintChoice label="Page" prints={prints} value={page} onChoose={setChosen} />
          {SLIDERS.map(([key, name, low, high, step, shown]) => (
            <Slider
              key={key}
              name={name}
              shown={shown}
              value={camera[key]}
              low={low}
              high={high}
              step={step}
              onDrag={() => undefined}
              onLetGo={(value) => set({ [key]: value })}
            />
          ))}
          <span className="block overflow-x-clip text-sm">
            A fault in rows
            <OneOf
              label="A fault in rows"
              className="select select-sm w-full"
              value={camera.fault}
              choices={['none', ...FAULT_IDS]}
              onChoose={(fault) => set({ fault })}
            />
          </span>
          <label className="block text-sm">
            of the letters (all where empty)
            <input
              className="input input-sm w-full"
              value={camera.of}
              maxLength={20}
              onChange={(event) => set({ of: event.target.value })}
            />
          </label>
          <span className="block overflow-x-clip text-sm">
            Taken as
            <OneOf
              label="Taken as"
              className="select select-sm w-full"
              value={camera.view}
              choices={VIEWS}
              onChoose={(view) => set({ view })}
            />
          </span>
          <Toggle name="A corner is covered" on={camera.covered} onSwitch={(covered) => set({ covered })} />
          <Toggle name="Upside down" on={camera.upsideDown} onSwitch={(upsideDown) => set({ upsideDown })} />
          <button
            type="button"
            className="btn btn-sm w-full"
            disabled={busy || taking}
            onClick={() => void take()}
          >
            {taking ? (
              <span className="loading loading-spinner loading-xs" />
            ) : (
              <Camera size={16} aria-hidden />
            )}
            Write and photograph it
          </button>
        </>
      ) : (
        <p className="text-sm">
          No page with marks was printed yet. Print one from Today or Practise: it is kept here, and can be
          photographed.
        </p>
      )}
    </aside>
  );
}
