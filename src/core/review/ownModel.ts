import { z } from 'zod';
import { handIdSchema } from '../hands/handId';
import { shortText } from '../problem/schema';

const share = z.int().min(0).max(100_000);
/** Characters of a letter, a ligature, or a letter with its marks; words and drills have more. */
const LONGEST = 3;

/** The best letter of one's own, kept as a model beside the hand's: a place on a page that was reviewed. */
export const ownModelSchema = z.strictObject({
  hand: handIdSchema,
  text: shortText('The letter of a model', LONGEST),
  /** The page's picture, which is kept as long as the model is, and its size in mm. */
  picture: shortText('A picture', 60),
  width: z.number().positive().max(2000),
  height: z.number().positive().max(2000),
  /** Where the letter lies on it, in tenths of a mm: left, top, width, height. */
  box: z.tuple([share, share, share, share]),
});
export type OwnModel = z.infer<typeof ownModelSchema>;

/** Can such a text be kept as a model: is it one letter? */
export const isOneLetter = (text: string): boolean => text.length <= LONGEST && !/\s/.test(text);

/** The id of a letter's model: there is one of each. */
export const ownModelId = (hand: string, text: string): string =>
  `own-${hand}-${[...text].map((one) => (one.codePointAt(0) ?? 0).toString(16)).join('-')}`;
