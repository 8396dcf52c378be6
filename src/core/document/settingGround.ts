import { type Ground, groundOf } from '../practice/ground';
import type { OwnLetter } from '../setting/letterSet';
import type { Setting } from '../setting/setting';
import { freshRecipe } from './defaults';

/** Writing ground of a setting without a sheet: unspecified values are the hand's defaults. */
export const settingGround = (setting: Setting, own: readonly OwnLetter[] = []): Ground =>
  groundOf({ ...freshRecipe(setting.hand), ...setting }, { size: 1, held: false }, own);
