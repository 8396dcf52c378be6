import { shortText } from '../../problem/schema';

/** Schema of the id of a word list. Apart from `wordList.ts`, which stations use without the schemas' library. */
export const wordListId = shortText('Word list', 40);
