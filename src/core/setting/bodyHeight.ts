import { clamp, type Mm, roundTo } from '../measure/units';
import { LIMITS, type LimitId, outOfRange } from '../problem/limits';
import { Problem } from '../problem/problem';
import { handOf } from './handOf';
import { moduleLength } from './lineSystem';
import type { Setting } from './setting';

/** Rounding of zones that scale with the body, in mm. */
const SCALED_STEP: Mm = 0.001;

type Zones = Setting['zones'];

/** Height of the body on paper. */
export const bodyHeight = (
  setting: Pick<Setting, 'hand' | 'school' | 'penAngle' | 'ratioUnit' | 'zones' | 'width'>,
): Mm => setting.zones.body * moduleLength(setting, setting.width);

/** @throws Problem naming the field and its nearest value when `value` is out of its range. */
export function inRange(id: LimitId, value: number): number {
  const limit = LIMITS[id];
  if (value >= limit.low && value <= limit.high) return value;
  throw new Problem(id, outOfRange(limit, value));
}

/** All zones in proportion to a body of `height`, as far as their ranges allow. */
function scaledZones(zones: Zones, height: Mm): Zones {
  const times = (id: Exclude<keyof Zones, 'body'>, value: number): number =>
    clamp(roundTo((value * height) / zones.body, SCALED_STEP), LIMITS[id].low, LIMITS[id].high);
  return {
    body: inRange('bodyMm', height),
    ascender: times('ascender', zones.ascender),
    descender: times('descender', zones.descender),
    capital: times('capital', zones.capital),
    gap: times('gap', zones.gap),
    branch: zones.branch === null ? null : times('branch', zones.branch),
    smallCapital: zones.smallCapital === null ? null : times('smallCapital', zones.smallCapital),
  };
}

/** Range of the body; where heights are counted in units, the range of the unit limits it as well. */
export function bodyRange(setting: Pick<Setting, 'hand' | 'school' | 'zones'>): {
  readonly low: Mm;
  readonly high: Mm;
} {
  const { low, high } = LIMITS.bodyMm;
  if (handOf(setting).basis !== 'ratio') return { low, high };
  const { body } = setting.zones;
  return {
    low: Math.max(low, LIMITS.ratioUnit.low * body),
    high: Math.min(high, LIMITS.ratioUnit.high * body),
  };
}

/**
 * The setting with a body of `height` mm: a longer unit, or taller zones, where heights do not hang on the pen; a wider pen
 * where they do.
 * @throws Problem naming the field when that is out of its range.
 */
export function withBodyHeight<S extends Setting>(setting: S, height: Mm): S {
  switch (handOf(setting).basis) {
    case 'ratio': {
      const { body } = setting.zones;
      const { low, high } = bodyRange(setting);
      if (height >= low && height <= high) return { ...setting, ratioUnit: height / body };
      throw new Problem('bodyMm', outOfRange({ ...LIMITS.bodyMm, low, high }, height));
    }
    case 'mm':
      return { ...setting, zones: scaledZones(setting.zones, height) };
    case 'nib':
    case 'dots':
      return { ...setting, width: inRange('width', (setting.width * height) / bodyHeight(setting)) };
  }
}
