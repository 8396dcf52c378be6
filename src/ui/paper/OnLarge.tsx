'use client';

import { largeFor, type Sheet } from '@/core/page/imposition';
import { Toggle } from '../fields/Choices';

/** Small sheets together on A4: offered where the sheet is one that stands there with its cut marks. */
export function OnLarge({
  sheet,
  on,
  onSwitch,
}: {
  sheet: Sheet;
  on: boolean;
  onSwitch: (on: boolean) => void;
}) {
  if (!largeFor(sheet)) return null;
  return <Toggle name="As many as fit on A4, with cut marks" on={on} onSwitch={onSwitch} />;
}
