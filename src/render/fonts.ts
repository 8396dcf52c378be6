import { join } from 'node:path';
import type { FontStyle } from '@/core/drawing/drawing';

const FONTS = join(/* turbopackIgnore: true */ process.cwd(), 'node_modules', '@expo-google-fonts');

/** TrueType files of the sheet's face: PDF embeds a subset of them, PNG draws with them. */
export const FONT_FILES: Readonly<Record<FontStyle, string>> = {
  regular: join(FONTS, 'alegreya-sans', '400Regular', 'AlegreyaSans_400Regular.ttf'),
  bold: join(FONTS, 'alegreya-sans', '700Bold', 'AlegreyaSans_700Bold.ttf'),
};

/** The same for lettering in Arabic, which the sheet's face has not. */
export const ARABIC_FILES: Readonly<Record<FontStyle, string>> = {
  regular: join(FONTS, 'amiri', '400Regular', 'Amiri_400Regular.ttf'),
  bold: join(FONTS, 'amiri', '700Bold', 'Amiri_700Bold.ttf'),
};

/** Has this lettering Arabic letters in it? */
export const isArabic = (text: string): boolean => /\p{Script=Arabic}/u.test(text);
