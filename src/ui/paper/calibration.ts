import { useSyncExternalStore } from 'react';
import { MM_PER_INCH } from '@/core/measure/units';

/** CSS defines 96 px per inch; assumed for a screen that is not calibrated. */
export const NOMINAL_PX_PER_MM = 96 / MM_PER_INCH;
/** Range of plausible calibrations, in CSS pixels per mm. */
export const PX_PER_MM_RANGE = { low: 1.5, high: 20 };

const KEY = 'elvane-px-per-mm';
const CHANGED = 'elvane-calibrated';

function read(): number {
  const value = Number(localStorage.getItem(KEY));
  return value >= PX_PER_MM_RANGE.low && value <= PX_PER_MM_RANGE.high ? value : NOMINAL_PX_PER_MM;
}

function subscribe(listener: () => void): () => void {
  window.addEventListener('storage', listener);
  window.addEventListener(CHANGED, listener);
  return () => {
    window.removeEventListener('storage', listener);
    window.removeEventListener(CHANGED, listener);
  };
}

/** CSS pixels to a millimetre on this screen. Kept in this browser: it belongs to the screen, not to the work. */
export const usePxPerMm = (): number => useSyncExternalStore(subscribe, read, () => NOMINAL_PX_PER_MM);

/** Has this screen been calibrated? */
export const useCalibrated = (): boolean =>
  useSyncExternalStore(
    subscribe,
    () => localStorage.getItem(KEY) !== null,
    () => false,
  );

export function saveCalibration(pxPerMm: number): void {
  localStorage.setItem(KEY, String(pxPerMm));
  window.dispatchEvent(new Event(CHANGED));
}
