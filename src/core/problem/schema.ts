import { z } from 'zod';

/** Text up to a length; refusals name the field. */
export const shortText = (label: string, longest: number) =>
  z
    .string({ error: () => `${label} must be text.` })
    .max(longest, { error: () => `${label} is longer than ${longest} characters; please shorten it.` });

/** Yes or no. */
export const flag = (label: string) => z.boolean({ error: () => `${label} must be true or false.` });

/** One of a few words. */
export const choice = <const T extends readonly [string, ...string[]]>(label: string, values: T) =>
  z.enum(values, { error: () => `${label} must be one of: ${values.join(', ')}.` });
