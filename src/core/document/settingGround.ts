import { type Ground, groundOf } from '../practice/ground';
import type { OwnLetter } from '../setting/letterSet';
import type { Setting } from '../setting/setting';
import { freshRecipe } from './defaults';

/** What a setting by itself is written with, where there is no sheet: all that it does not say is as its hand usually has it. */
export const settingGround = (setting: Setting, own: readonly OwnLetter[] = []): Ground =>
  groundOf({ ...freshRecipe(setting.hand), ...setting }, { size: 1, held: false }, own);
