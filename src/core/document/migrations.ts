import { handById, isHand } from '../hands/registry';
import { clamp } from '../measure/units';
import { shadeAcross } from '../pen/thickness';
import { LIMITS } from '../problem/limits';

/** A recipe of an earlier version: nothing about it is known yet. */
type Old = Readonly<Record<string, unknown>>;

const isObject = (value: unknown): value is Old =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const isNumber = (value: unknown): value is number => typeof value === 'number' && Number.isFinite(value);

/** Contrast of a pointed pen where the earliest recipes named none. */
const USUAL_THEN = 9;

/** Rounding of shades, in mm, and of contrasts. */
const SHADE_STEP = 0.01;
const CONTRAST_STEP = 0.1;
const rounded = (value: number, step: number) => Number((Math.round(value / step) * step).toFixed(2));

/**
 * Until version 2 the shade of a pointed pen was measured along the line, where it is longer than across. The sheet
 * stays as it was drawn, and its shade and contrast are told as they come out; one ruled for a nib of the bench keeps
 * the shade of that nib, which had been drawn too thin.
 */
function acrossTheStroke(old: Old): Old {
  const { hand, width, slope, nib, writing, given } = old;
  const { contrast, ...rest } = isObject(writing) ? writing : {};
  const known = typeof hand === 'string' && isHand(hand) ? handById(hand) : undefined;
  const before = contrast ?? USUAL_THEN;
  const named = typeof nib === 'string' && nib !== '';
  if (known?.tool !== 'pointed' || named || !isNumber(width) || !isNumber(slope) || !isNumber(before))
    return old;
  const hairline = width / before;
  const shade = shadeAcross(width, hairline, slope);
  return {
    ...old,
    width: rounded(shade, SHADE_STEP),
    ...(isObject(given) &&
      given.width !== undefined && { given: { ...given, width: rounded(shade, SHADE_STEP) } }),
    writing: {
      ...rest,
      contrast: clamp(rounded(shade / hairline, CONTRAST_STEP), LIMITS.contrast.low, LIMITS.contrast.high),
    },
  };
}

/** Steps that lift a recipe of version n to n + 1. */
export const MIGRATIONS: Readonly<Record<number, (old: Old) => Old>> = {
  // The nibs of a comparison sheet were called bands, as the bands of a practice page are.
  1: ({ bands, ...rest }) => ({ ...rest, version: 2, ...(bands !== undefined && { nibs: bands }) }),
  2: (old) => ({ ...acrossTheStroke(old), version: 3 }),
};
